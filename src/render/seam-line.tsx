import { RENDER_TEXT } from '@/words';
import { MarginNote } from './margin-note';
import { type SeamAt } from '@/core/optics';
import { outside, seamEnds } from './geometry';

export interface SeamLineProps {
  at: SeamAt;
  /** Size of the picture in the units of the drawing. */
  width: number;
  height: number;
  /** How far the line runs on beyond the right edge, to the scale beside the frame. */
  overrun?: number;
}

/** The seam of the picture: pale straw at its true slope, cased by ink hairlines so that it reads on any ground. */
export function SeamLine({ at, width, height, overrun = 0 }: SeamLineProps) {
  const [x1, y1, x2, y2] = seamEnds(at, width, height);
  const away = outside(at);
  if (away) return <SeamAway {...away} width={width} height={height} />;
  // beyond the picture the line runs level, to the figure on the scale
  const d = `M${x1} ${y1}L${x2} ${y2}${overrun && 'left' in at ? `L${width + overrun} ${y2}` : ''}`;
  return (
    <g fill="none" pointerEvents="none" data-testid="seam">
      <path d={d} stroke="var(--seam-ink)" strokeWidth={4.5} />
      <path d={d} stroke="var(--seam)" strokeWidth={2.5} />
    </g>
  );
}

/** An arrow at the edge: the seam is out of the picture by so much. */
function SeamAway({
  side,
  parts,
  width,
  height,
}: {
  side: 'above' | 'below';
  parts: number;
  width: number;
  height: number;
}) {
  const y = side === 'above' ? 8 : height - 8;
  const tip = side === 'above' ? -6 : 6;
  return (
    <g pointerEvents="none" data-testid="seam">
      <path
        d={`M${width / 2 - 8} ${y - tip / 2}L${width / 2} ${y + tip / 2}L${width / 2 + 8} ${y - tip / 2}`}
        fill="none"
        stroke="var(--seam-ink)"
        strokeWidth={5}
      />
      <path
        d={`M${width / 2 - 8} ${y - tip / 2}L${width / 2} ${y + tip / 2}L${width / 2 + 8} ${y - tip / 2}`}
        fill="none"
        stroke="var(--seam)"
        strokeWidth={2.5}
      />
      <MarginNote x={width / 2} y={side === 'above' ? 32 : height - 20} anchor="middle">
        {RENDER_TEXT.seamOutside(parts, side)}
      </MarginNote>
    </g>
  );
}
