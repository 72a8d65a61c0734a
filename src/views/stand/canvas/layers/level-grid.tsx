import { CANVAS_TEXT } from '@/words';
import { angleLines, gridStepDeg } from '@/core/optics';
import { frameOf } from '@/model';
import { MarginNote } from '@/render';
import { type DrawnSize } from '../parts/frame-path';
import { useSession, useStand } from '../../session';

/** Level and upright lines over the frame, at equal angles from the lens axis; the axis itself is drawn stronger. */
export function LevelGrid({ width, height }: DrawnSize) {
  const stand = useStand();
  const showsGrid = useSession((s) => s.showsGrid);
  if (!showsGrid) return null;
  const { focalLengthMm } = stand.lens;
  const frame = frameOf(stand.camera);
  const step = gridStepDeg(focalLengthMm, frame);
  const lines = (sideMm: number) => angleLines(focalLengthMm, sideMm, step);
  const paths = [
    ...lines(frame.widthMm).map(({ deg, at }) => ({ deg, d: `M${at * width} 0V${height}`, key: `u${deg}` })),
    ...lines(frame.heightMm).map(({ deg, at }) => ({ deg, d: `M0 ${at * height}H${width}`, key: `v${deg}` })),
  ];
  return (
    <g pointerEvents="none" data-testid="level-grid">
      {paths.map(({ deg, d, key }) => (
        <g key={key} opacity={deg === 0 ? 1 : 0.55}>
          <path d={d} stroke="var(--note-casing)" strokeWidth={deg === 0 ? 3 : 2} opacity={0.5} />
          <path d={d} stroke="var(--note)" strokeWidth={deg === 0 ? 1.25 : 0.75} />
        </g>
      ))}
      <MarginNote x={8} y={height / 2 - 7}>
        {CANVAS_TEXT.levelThroughAxisLine(step)}
      </MarginNote>
    </g>
  );
}
