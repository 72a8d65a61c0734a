import { sideReadings } from '@/core/balance';
import { mean } from '@/core/numerics';
import { type Derived, type Glass } from './derive';

/**
 * Where the brighter side comes out on the whole, stops from mid-grey: as far above the darker side as the look leaves it,
 * less what the glass takes too much (by the cells of the frame, as its level is). By its readings alone where the glass
 * cannot be judged; null while one of the sides is not read.
 */
export function landingOf({ prepared, spanStops }: Derived, glass: Glass): number | null {
  if (!prepared || spanStops === null) return null;
  const { laid, input } = prepared;
  const { figures, outcome } = glass;
  if (figures && laid.ok && outcome.darkToneStops !== null)
    return outcome.darkToneStops + Math.abs(spanStops) - laid.target.sides.neededStops - figures.levelStops;
  const own = new Set(sideReadings(spanStops >= 0 ? 'sky' : 'land', input.field.readings).map((r) => r.id));
  return mean(outcome.readings.filter((r) => own.has(r.id)).map((r) => r.toneThroughStops));
}
