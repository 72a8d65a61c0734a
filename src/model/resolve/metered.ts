import { type FramePoint, type LightReading, type Role } from '@/core/field';
import { dimmingOfPoint, type Lens, type Seat, sensorPoint, sheetScale } from '@/core/optics';
import { type Bag, isSheet, sheetOf } from '../bag/bag';
import { meanHeight, middleOfSide } from '../frame/sides';
import { meteredEv } from '../stand/metered';
import { type MeteredLight, type Reading, type Stand } from '../stand/stand';
import { unpolarisedStops } from './glass';
import { frameOf, lensOf } from './lens';

/** Glass that was looked through without its seat being kept is taken as laid along the skyline, level. */
function seatNotKept({ skyline, camera, choice }: Stand, lens: Lens, filterId: string): Seat {
  if (choice?.filterIds.includes(filterId)) return choice;
  const v = meanHeight(skyline);
  return { offsetMm: sheetScale(lens) * (0.5 - v) * frameOf(camera).heightMm, turnDeg: 0 };
}

/** Light that the filters on the lens took from a spot, stops. */
export function takenByGlass(
  reading: MeteredLight & Pick<Reading, 'u' | 'v'> & { readonly role?: Role },
  stand: Stand,
  bag: Bag,
): number {
  const filters = new Map(bag.filters.map((f) => [f.id, f]));
  let stops = 0;
  for (const id of reading.throughFilterIds ?? []) {
    const filter = filters.get(id);
    if (!filter) continue;
    if (!isSheet(filter)) {
      stops += unpolarisedStops(filter);
      continue;
    }
    const lens = lensOf(stand, bag);
    const seat = reading.seat?.filterId === id ? reading.seat : seatNotKept(stand, lens, id);
    const { u, v } = placeOf(reading) ?? middleOfSide(stand, reading.role ?? 'land');
    stops += dimmingOfPoint(
      { lens, sheets: [sheetOf(filter)], seat },
      sensorPoint(frameOf(stand.camera), u, v),
    );
  }
  return stops;
}

/** The place of a reading in the frame; none where it was not told. */
export const placeOf = ({ u, v }: Pick<Reading, 'u' | 'v'>): FramePoint | undefined =>
  u === undefined || v === undefined ? undefined : { u, v };

/** The angle of a spot that says nothing of what lies around it: no meter's. */
export const POINT_ANGLE_DEG = 0.01;

/** A reading as the core takes it, with what glass took from it added back. */
export function lightReading(reading: Reading, takenStops: number): LightReading {
  const { id, role, limit, fromPicture, wantedToneStops, spotAngleDeg } = reading;
  return {
    id,
    role,
    ev100: meteredEv(reading) + takenStops,
    limit,
    isPoint: limit && spotAngleDeg === POINT_ANGLE_DEG,
    fromPicture,
    wantedToneStops,
    place: placeOf(reading),
  };
}
