import { type FramePoint, type Role, type Spot, spotOf } from '@/core/field';
import { type MeterCircle } from '@/core/optics';
import { circleOn, photoReading } from '@/model';
import { heldToFrame } from '../canvas/frame-keys';
import { type OpenStand, useDerived, useOpenStand, useSession, useStand } from '../session';
import { roleOfPlace } from './role-of-place';
import { takeReading } from './take-reading';

/** The meter on the picture: what it shows of a place, and the way to take it as a reading. */
export interface PhotoSpot {
  readonly circleAt: (place: FramePoint) => MeterCircle;
  readonly spotAt: (place: FramePoint) => Spot | null;
  readonly roleOf: (place: FramePoint) => Role;
  readonly take: (place: FramePoint) => void;
}

/** Null where it is off, or the picture's light is not known. */
export function photoSpot(open: OpenStand): PhotoSpot | null {
  const { step, photoMeterDeg: angleDeg, draft, select } = open.session.getState();
  const { stand } = open.kept.state.getState().value;
  const { derived } = open.answer.getState();
  const field = derived.prepared?.input.field;
  if (step !== 'read' || angleDeg === null || !field?.tie) return null;
  const circleAt = (place: FramePoint) => circleOn(stand, place, angleDeg);
  const roleOf = (place: FramePoint) => roleOfPlace(draft.role, place, stand, derived);
  return {
    circleAt,
    spotAt: (place) => spotOf(field, circleAt(place)),
    roleOf,
    take: (point) => {
      const place = heldToFrame(point);
      const spot = photoReading(stand, field, { role: roleOf(place), place, angleDeg });
      if (!spot) return;
      takeReading(open, spot.reading);
      select(null);
    },
  };
}

/** The meter on the picture for who draws it: made anew whenever something of what it shows has changed. */
export function usePhotoSpot(): PhotoSpot | null {
  const open = useOpenStand();
  useSession((s) => (s.step === 'read' ? s.photoMeterDeg : null));
  useSession((s) => s.draft.role);
  useStand((s) => s.lens);
  useStand((s) => s.assumed);
  useDerived((d) => d.prepared);
  return photoSpot(open);
}
