import { mix } from '@/core/numerics';
import { isUpsideDown, tableDimmingAt } from '@/core/optics';
import { SheetScale } from '@/render';
import { useDerived, useSession } from '../session';
import { useShownGlass } from './parts/shown-glass';
import { useDimming } from './parts/use-picture';

/** Width of the scale beside the frame, px. */
export const SCALE_WIDTH = 76;

/** The sheet's millimetres beside the frame, as much of them as of the frame. */
export function FrameScale({ height }: { height: number }) {
  const prepared = useDerived((d) => d.prepared);
  const glass = useShownGlass();
  const dimming = useDimming();
  const zoom = useSession((s) => s.zoom);
  if (!prepared || !dimming || !glass?.outcome.seam) return null;
  const { sticksOutMm } = glass;
  const { seat, tables } = dimming;
  const { at, halfDimmingMm } = glass.outcome.seam;
  const whole = height * zoom.times;
  const label =
    sticksOutMm === null ? 'mm from axis' : `mm ${isUpsideDown(seat.turnDeg) ? 'below' : 'above'} rail`;
  return (
    <div className="relative ml-2.5">
      <div className="absolute -top-[20px] right-0 text-[13px] whitespace-nowrap text-quiet">{label}</div>
      <div className={zoom.times === 1 ? '' : 'overflow-hidden'} style={{ height }}>
        <div style={{ marginTop: -zoom.top * whole }}>
          <SheetScale
            height={whole}
            width={SCALE_WIDTH - 12}
            frame={prepared.input.frame}
            lens={prepared.input.lens}
            seat={seat}
            dimmingAt={(y) => tableDimmingAt(tables.square, y)}
            halfDimmingMm={halfDimmingMm}
            sticksOutMm={sticksOutMm}
            seamV={'left' in at ? mix(at.left, at.right, zoom.left + 1 / zoom.times) : -1}
            label={label}
          />
        </div>
      </div>
    </div>
  );
}
