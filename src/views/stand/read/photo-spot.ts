import { type FramePoint, type Role, type Spot, spotOf } from '@/core/field';
import { type MeterCircle } from '@/core/optics';
import { circleOn, photoReading, type Reading } from '@/model';
import { benchReading, benchSpot } from '@/model/bench';
import { heldToFrame } from '../canvas/parts/frame-keys';
import { type OpenStand, useDerived, useOpenStand, useSession, useStand } from '../session';
import { roleOfPlace } from './role-of-place';
import { takeReading } from '../pad/take-reading';

/** The meter on the picture, or of the bench: what it shows of a place, and the way to take it as a reading. */
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
  if (step !== 'read' || angleDeg === null) return null;
  const meter = meterOf(open, angleDeg);
  if (!meter) return null;
  const roleOf = (place: FramePoint) => roleOfPlace(draft.role, place, stand, derived);
  return {
    circleAt: meter.circleAt,
    spotAt: meter.spotAt,
    roleOf,
    take: (point) => {
      const place = heldToFrame(point);
      const reading = meter.readingOf(roleOf(place), place);
      if (!reading) return;
      takeReading(open, reading);
      select(null);
    },
  };
}

/** What shows the light of a spot: the picture's own where something ties it, on the bench the simulated camera; else nothing. */
function meterOf(open: OpenStand, angleDeg: number): Meter | null {
  const { stand } = open.kept.state.getState().value;
  const { bag, derived } = open.answer.getState();
  const circleAt = (place: FramePoint) => circleOn(stand, place, angleDeg);
  const truth = open.truth();
  if (truth)
    return {
      circleAt,
      spotAt: (place) => benchSpot(stand, bag, truth, circleAt(place)),
      readingOf: (role, place) => {
        const reading = benchReading(stand, bag, truth, { role, place, angleDeg });
        return reading && { ...reading, takenAt: new Date().toISOString() };
      },
    };
  const field = derived.prepared?.input.field;
  if (!field?.tie) return null;
  return {
    circleAt,
    spotAt: (place) => spotOf(field, circleAt(place)),
    readingOf: (role, place) => photoReading(stand, field, { role, place, angleDeg })?.reading ?? null,
  };
}

interface Meter extends Pick<PhotoSpot, 'circleAt' | 'spotAt'> {
  readonly readingOf: (role: Role, place: FramePoint) => Omit<Reading, 'id'> | null;
}

/** The meter on the picture for who draws it: made anew whenever something of what it shows has changed. */
export function usePhotoSpot(): PhotoSpot | null {
  const open = useOpenStand();
  useSession((s) => (s.step === 'read' ? s.photoMeterDeg : null));
  useSession((s) => s.draft.role);
  useStand((s) => s.lens);
  useStand((s) => s.assumed);
  useStand((s) => s.bench);
  useStand((s) => s.fitted);
  useDerived((d) => d.prepared);
  return photoSpot(open);
}
