import { line } from 'd3-shape';
import { skylineAt } from '@/core/field';
import { type DrawnSize } from '../parts/frame-path';
import { useProposal } from '../../session';

/** Dots along the width at which the proposal is drawn, px. */
const SPACING = 9;

/** A skyline that was found, over the one that holds: dotted, since it is not used yet, and in hollow dots where it is unsure. */
export function ProposedSkyline({ width, height }: DrawnSize) {
  const proposal = useProposal();
  if (!proposal?.hasSky) return null;
  const at = skylineAt(proposal.points);
  const isUnsure = (u: number) => proposal.unsure.some(({ from, to }) => u >= from && u <= to);
  const dots = Array.from({ length: Math.ceil(width / SPACING) }, (_, i) => (i * SPACING) / width);
  const path = line<number>(
    (u) => u * width,
    (u) => at(u) * height,
  );
  return (
    <g pointerEvents="none" data-testid="proposed-skyline">
      <path d={path(dots) ?? ''} fill="none" stroke="var(--note-casing)" strokeWidth={5} opacity={0.4} />
      {dots.map((u) => (
        <circle
          key={u}
          cx={u * width}
          cy={at(u) * height}
          r={isUnsure(u) ? 2.6 : 2.2}
          fill={isUnsure(u) ? 'var(--note-casing)' : 'var(--note)'}
          stroke={isUnsure(u) ? 'var(--note)' : 'none'}
          strokeWidth={1.2}
        />
      ))}
    </g>
  );
}
