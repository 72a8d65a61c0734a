import { type PlannedHistogram } from '@/model';

/** Height of a histogram as it is drawn, in its own units; it is 100 wide. */
export const HEIGHT = 96;

/** A histogram of the two sides, on the width of a camera's own. */
export function Humps({ planned, className }: { planned: PlannedHistogram; className: string }) {
  return (
    <svg viewBox={`0 0 100 ${HEIGHT}`} preserveAspectRatio="none" aria-hidden className={className}>
      <HumpPaths planned={planned} />
    </svg>
  );
}

/** Its drawing alone: quarters of the width, the sky before all below it. */
export function HumpPaths({ planned }: { planned: PlannedHistogram }) {
  const path = (heights: readonly number[]) =>
    `M0 ${HEIGHT}${heights.map((h, i) => `L${((i + 0.5) / heights.length) * 100} ${HEIGHT - h * (HEIGHT - 6)}`).join('')}L100 ${HEIGHT}Z`;
  return (
    <>
      {[0.25, 0.5, 0.75].map((x) => (
        <line
          key={x}
          x1={100 * x}
          x2={100 * x}
          y1={0}
          y2={HEIGHT}
          stroke="var(--rule)"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      <path d={path(planned.ground)} fill="var(--land)" fillOpacity={0.45} />
      <path d={path(planned.sky)} fill="var(--sky)" fillOpacity={0.45} />
    </>
  );
}
