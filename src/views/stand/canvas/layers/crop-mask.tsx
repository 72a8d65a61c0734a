import { cropBox, frameOf } from '@/model';
import { type DrawnSize } from '../parts/frame-path';
import { useStand } from '../../session';

/** What the crop leaves out, veiled. */
export function CropMask({ width, height }: DrawnSize) {
  const stand = useStand();
  const box = cropBox(stand.crop, frameOf(stand.camera));
  if (!box) return null;
  const [x, y] = [box.left * width, box.top * height];
  const [w, h] = [(box.right - box.left) * width, (box.bottom - box.top) * height];
  return (
    <g pointerEvents="none" data-testid="crop">
      <path
        d={`M0 0H${width}V${height}H0ZM${x} ${y}v${h}h${w}v${-h}Z`}
        fill="var(--ground)"
        fillOpacity={0.82}
        fillRule="evenodd"
      />
      <rect x={x} y={y} width={w} height={h} fill="none" stroke="var(--ink)" strokeWidth={1} />
    </g>
  );
}
