import { type FramePoint, KNOWN, type LightField, type Role, spotOf } from '@/core/field';
import { type MeterCircle, meterCircle } from '@/core/optics';
import { isWithin } from '../terms/limits';
import { frameOf } from '../resolve/lens';
import { type Reading, type Stand } from '../stand/stand';

/** Angle of spot meters where nothing says another, degrees. */
export const USUAL_ANGLE_DEG = 3;

/** What a meter of an angle takes in at a place of the stand's frame. */
export const circleOn = ({ lens, camera }: Stand, place: FramePoint, angleDeg: number): MeterCircle =>
  meterCircle(place, angleDeg, { focalLengthMm: lens.focalLengthMm, frame: frameOf(camera) });

/** A spot of the picture as a reading; null where the picture shows no light there that a meter would show. */
export function photoReading(
  stand: Stand,
  field: LightField,
  { role, place, angleDeg }: { readonly role: Role; readonly place: FramePoint; readonly angleDeg: number },
): { readonly reading: Omit<Reading, 'id'>; readonly isMeasured: boolean } | null {
  const spot = spotOf(field, circleOn(stand, place, angleDeg));
  if (!spot) return null;
  const ev100 = Math.round(spot.ev100 * 100) / 100;
  // black as no meter shows it: no file would hold it
  if (!isWithin('ev100', ev100)) return null;
  const { takenAt } = stand.picture ?? {};
  const reading = {
    role,
    ...place,
    ev100,
    spotAngleDeg: angleDeg,
    fromPicture: true,
    ...(takenAt ? { takenAt } : {}),
  };
  return { reading, isMeasured: spot.known === KNOWN.measured };
}
