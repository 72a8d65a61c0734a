import { type FramePoint, type Role, roleAt, type Spot, spotOf } from '@/core/field';
import { meterCircle } from '@/core/optics';
import { addReading, frameOf, MAX_READINGS } from '@/model';
import { heldToFrame } from '../picture/frame-keys';
import { useStand } from '../stand-context';

/** The meter on the picture: what it shows of a place, and the way to take it as a reading; null where it is off, or the picture's light is not known. */
export function usePictureSpot() {
  const { stand, derived, edit, draft, setDraft, select, step, pictureMeterDeg: angleDeg } = useStand();
  const field = derived.prepared?.input.field;
  if (step !== 'read' || angleDeg === null || !field?.tie) return null;
  const { focalLengthMm } = stand.lens;
  const circleAt = (place: FramePoint) =>
    meterCircle(place, angleDeg, { focalLengthMm, frame: frameOf(stand.camera) });
  const spotAt = (place: FramePoint): Spot | null => spotOf(field, circleAt(place));
  /** What lies there is what is read. */
  const roleOf = (place: FramePoint): Role => roleAt(field, place) ?? draft.role;
  return {
    circleAt,
    spotAt,
    roleOf,
    take: (point: FramePoint) => {
      const place = heldToFrame(point);
      const spot = spotAt(place);
      if (!spot || stand.readings.length >= MAX_READINGS) return;
      const { limit } = draft;
      edit((s) =>
        addReading(s, {
          role: roleOf(place),
          ...place,
          ev100: Math.round(spot.ev100 * 100) / 100,
          spotAngleDeg: angleDeg,
          fromPicture: true,
          ...(limit ? { limit } : {}),
          ...(stand.picture?.takenAt ? { takenAt: stand.picture.takenAt } : {}),
        }),
      );
      setDraft({ ...draft, place: null, limit: false });
      select(null);
    },
  };
}
