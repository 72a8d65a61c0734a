import { type Derived } from './derive';

/** So far below its wanted tone no land is put for the sake of a cloud, stops. */
const SUN_BELOW = 2;

/**
 * The reading to be held that would put the darker side more than two stops below where it is wanted: it may be the sun's
 * own disc, which no exposure holds. Null where there is none.
 */
export function perhapsTheSun({ prepared, inUse }: Derived): string | null {
  const exposure = inUse?.outcome.exposure;
  const { darkToneStops = null, readings = [] } = inUse?.outcome ?? {};
  if (!prepared || !exposure?.capped || darkToneStops === null) return null;
  if (darkToneStops >= prepared.input.look.placementStops - SUN_BELOW) return null;
  const brightest = readings.reduce((a, b) => (b.toneThroughStops > a.toneThroughStops ? b : a));
  const isToHold = prepared.input.field.readings.some((r) => r.id === brightest.id && r.limit);
  return isToHold ? brightest.id : null;
}
