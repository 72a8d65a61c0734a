import { type FramePoint, type Role, type Spot, spotOf } from '@/core/field';
import { clamp } from '@/core/numerics';
import { type MeterCircle } from '@/core/optics';
import { nearestShutterMark } from '@/core/units';
import { secondsForEv } from '@/core/exposure';
import { type Bag, filtersById } from '../bag/bag';
import { settingsOf } from '../resolve/lens';
import { totalStops } from '../resolve/glass';
import { circleOn } from '../readings/photo-meter';
import { LIMITS } from '../terms/limits';
import { type Reading, type Stand } from '../stand/stand';
import { reallyOn, type Truth } from './truth';

/** What the camera's own meter shows of a spot of a simulated scene, through all that is really on its lens. */
export function benchSpot(stand: Stand, bag: Bag, { prepared }: Truth, circle: MeterCircle): Spot | null {
  const spot = spotOf(prepared.input.field, circle);
  const taken = totalStops(
    filtersById(
      bag,
      reallyOn(stand).map((f) => f.filterId),
    ),
  );
  return spot && { ...spot, ev100: spot.ev100 - taken };
}

/** The same as a reading, by the third of a stop that such a meter shows; of the glass it knows what the stand says. */
export function benchReading(
  stand: Stand,
  bag: Bag,
  truth: Truth,
  { role, place, angleDeg }: { readonly role: Role; readonly place: FramePoint; readonly angleDeg: number },
): Omit<Reading, 'id'> | null {
  const spot = benchSpot(stand, bag, truth, circleOn(stand, place, angleDeg));
  if (!spot) return null;
  const { aperture, iso } = stand.exposure;
  const mark = nearestShutterMark(secondsForEv(spot.ev100, settingsOf(stand)))?.mark.name;
  const said = (stand.fitted ?? []).map((f) => f.filterId);
  return {
    role,
    ...place,
    ...(mark === undefined
      ? { ev100: clamp(spot.ev100, ...LIMITS.ev100) }
      : { aperture, iso, shutter: mark }),
    spotAngleDeg: angleDeg,
    ...(said.length ? { throughFilterIds: said } : {}),
  };
}
