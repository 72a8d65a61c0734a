import { type PlacedReading } from '@/core/field';
import { dimmingOfPoint, sensorPoint } from '@/core/optics';
import { totalStops } from './costs';
import { type Posed } from './pose';
import { CAP_MARGIN, groundOf, sideMean, wantedEv } from './problem/sides';
import { type Target } from './target';
import { type LeastGlass, type Ranked } from './problem/types';
import { type Found } from './valleys';

/** Rounding of a millionth of a stop is no light. */
const NOTHING = 1e-6;

/**
 * The weakest glass with which everything fits the window (solver: least glass): sets in order of total stops, then
 * sheets, then score, and the first that does. If none does, the one that comes nearest.
 */
export function chooseLeast(
  posed: Posed,
  target: Target,
  found: readonly Found[],
): { readonly found: Found; readonly leaves: LeastGlass } {
  const inOrder = [...found].sort(
    (a, b) =>
      totalStops(a.ranked.set) - totalStops(b.ranked.set) ||
      a.ranked.set.length - b.ranked.set.length ||
      a.ranked.scoreStops - b.ranked.scoreStops,
  );
  let nearest: { found: Found; leaves: LeastGlass; short: number } | null = null;
  for (const candidate of inOrder) {
    const left = leftBy(posed, target, candidate.ranked);
    if (left.leaves.enough) return { found: candidate, leaves: left.leaves };
    if (!nearest || left.short < nearest.short - NOTHING) nearest = { found: candidate, ...left };
  }
  if (!nearest) throw new Error('no set to choose from, though no filter is always one');
  return nearest;
}

/** What is left without any glass, the brightest reading placed as high as it may come out. */
export const leftWithoutGlass = (posed: Posed, target: Target): LeastGlass =>
  leftBy(posed, target, { set: [], seat: null }).leaves;

/** What a set leaves when the brightest reading is placed as high as it may come out. */
function leftBy(
  { input }: Posed,
  target: Target,
  { set, seat }: Pick<Ranked, 'set' | 'seat'>,
): { readonly leaves: LeastGlass; readonly short: number } {
  const sheets = set.map((s) => s.sheet);
  const dimming = ({ place }: PlacedReading): number =>
    seat ? dimmingOfPoint({ lens: input.lens, sheets, seat }, sensorPoint(input.frame, place.u, place.v)) : 0;
  const { highlightRoom, shadowRoom, printRoom } = input.window;
  const readings = input.field.readings.map((r) => ({ reading: r, ev: r.ev100 - dimming(r) }));
  const evCamera = Math.max(...readings.map((r) => r.ev)) - (highlightRoom - CAP_MARGIN);
  const darkTone =
    sideMean(target.sides.dark, groundOf(input.field), (r) => wantedEv(r) - dimming(r)) - evCamera;
  const printShort = Math.max(0, -printRoom - darkTone);
  const deep = readings
    .filter(({ reading }) => !target.mayGoBlack.has(reading.id))
    .map(({ reading, ev }) => ({ id: reading.id, short: -shadowRoom - (ev - evCamera) }))
    .filter(({ short }) => short > NOTHING);
  return {
    leaves: {
      liftStops: Math.max(0, input.look.placementStops - darkTone),
      enough: printShort <= NOTHING && !deep.length,
      printShortStops: printShort,
      tooDark: deep.map((d) => d.id),
    },
    short: Math.max(printShort, ...deep.map((d) => d.short)),
  };
}
