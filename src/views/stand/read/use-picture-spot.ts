import { type FramePoint, type Role, roleAt, type Spot, spotOf } from '@/core/field';
import { meterCircle } from '@/core/optics';
import { frameOf } from '@/model';
import { heldToFrame } from '../picture/frame-keys';
import { useStand } from '../stand-context';
import { useTakeReading } from './use-take-reading';

/** The angle that a picture is first metered through, degrees. */
export const FIRST_ANGLE_DEG = 3;

/** The meter on the picture: what it shows of a place, and the way to take it as a reading; null where it is off, or the picture's light is not known. */
export function usePictureSpot() {
  const { stand, derived, draft, select, step, pictureMeterDeg: angleDeg } = useStand();
  const { takeReading } = useTakeReading();
  const field = derived.prepared?.input.field;
  if (step !== 'read' || angleDeg === null || !field?.tie) return null;
  const { focalLengthMm } = stand.lens;
  const circleAt = (place: FramePoint) =>
    meterCircle(place, angleDeg, { focalLengthMm, frame: frameOf(stand.camera) });
  const spotAt = (place: FramePoint): Spot | null => spotOf(field, circleAt(place));
  /** What lies there is what is read. */
  const roleOf = (place: FramePoint): Role =>
    roleAt(field, place) ?? (draft.role === 'scene' ? 'land' : draft.role);
  return {
    circleAt,
    spotAt,
    roleOf,
    take: (point: FramePoint) => {
      const place = heldToFrame(point);
      const spot = spotAt(place);
      if (!spot) return;
      takeReading({
        role: roleOf(place),
        ...place,
        ev100: Math.round(spot.ev100 * 100) / 100,
        spotAngleDeg: angleDeg,
        fromPicture: true,
        ...(stand.picture?.takenAt ? { takenAt: stand.picture.takenAt } : {}),
      });
      select(null);
    },
  };
}
