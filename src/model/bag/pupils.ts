import { type BagLens } from './bag';
import { MAX_PUPILS } from '../terms/limits';
import { type StandLens } from '../stand/stand';

type Pupils = Pick<StandLens, 'pupils' | 'pupilToFilterMm'>;

/**
 * How far a lens's pupil lies behind the filter at a focal length, mm: as it was measured there, in proportion between two
 * that were, and beyond them as at the nearest; else as it is given for the whole lens; undefined where nothing is known.
 */
export function knownPupilMm(
  { pupils = [], pupilToFilterMm }: Pupils,
  focalLengthMm: number,
): number | undefined {
  const next = pupils.findIndex((p) => p.focalLengthMm >= focalLengthMm);
  const [below, above] = [pupils[next - 1], pupils[next]];
  if (!above) return pupils.at(-1)?.pupilToFilterMm ?? pupilToFilterMm;
  if (!below) return above.pupilToFilterMm;
  const part = (focalLengthMm - below.focalLengthMm) / (above.focalLengthMm - below.focalLengthMm);
  return below.pupilToFilterMm + part * (above.pupilToFilterMm - below.pupilToFilterMm);
}

/** Focal lengths so near to one another are one, parts. */
const SAME_FOCAL = 0.02;

/** A lens with the pupil as it was measured at a focal length; the one that was measured there before goes. */
export function withPupilAt<T extends Pupils>(lens: T, focalLengthMm: number, pupilToFilterMm: number): T {
  const others = (lens.pupils ?? []).filter(
    (p) => Math.abs(p.focalLengthMm / focalLengthMm - 1) > SAME_FOCAL,
  );
  const pupils = [...others.slice(1 - MAX_PUPILS), { focalLengthMm, pupilToFilterMm }].toSorted(
    (a, b) => a.focalLengthMm - b.focalLengthMm,
  );
  return { ...lens, pupils };
}

/** Whether a lens zooms. */
export const zooms = ({ shortestMm, longestMm }: Pick<BagLens, 'shortestMm' | 'longestMm'>): boolean =>
  longestMm > shortestMm;
