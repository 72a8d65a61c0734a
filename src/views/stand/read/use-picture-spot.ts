import { type FramePoint, type Role, roleAt, type Spot, spotOf } from '@/core/field';
import { circleOn, pictureReading } from '@/model';
import { heldToFrame } from '../picture/frame-keys';
import { useStand } from '../stand-context';
import { useTakeReading } from './use-take-reading';

/** The meter on the picture: what it shows of a place, and the way to take it as a reading; null where it is off, or the picture's light is not known. */
export function usePictureSpot() {
  const { stand, derived, draft, select, step, pictureMeterDeg: angleDeg } = useStand();
  const { takeReading } = useTakeReading();
  const field = derived.prepared?.input.field;
  if (step !== 'read' || angleDeg === null || !field?.tie) return null;
  const circleAt = (place: FramePoint) => circleOn(stand, place, angleDeg);
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
      const spot = pictureReading(stand, field, { role: roleOf(place), place, angleDeg });
      if (!spot) return;
      takeReading(spot.reading);
      select(null);
    },
  };
}
