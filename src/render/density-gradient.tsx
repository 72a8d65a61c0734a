import { densityAt } from '@/core/glass';
import { profileOf, type SheetFilter } from '@/model';
import { drawnLength, seenDarkness } from './geometry';

const STEPS = 32;
/** How dark a sheet is along its length, from its dark end at the top to its clear end, as a gradient to fill with. */
export function DensityGradient({ id, filter }: { id: string; filter: SheetFilter }) {
  const { lengthMm, seamMm } = drawnLength(filter);
  const profile = profileOf(filter);
  return (
    <linearGradient id={id} x1="0" x2="0" y1="0" y2="1">
      {Array.from({ length: STEPS + 1 }, (_, i) => {
        const part = i / STEPS;
        const darkness = seenDarkness(densityAt(profile, seamMm - part * lengthMm));
        return <stop key={i} offset={part} stopColor="var(--glass)" stopOpacity={darkness} />;
      })}
    </linearGradient>
  );
}
