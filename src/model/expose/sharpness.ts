import {
  airyDiameterMm,
  blurMm,
  circleOfConfusionMm,
  focusBetweenMm,
  hyperfocalMm,
  sharpRangeMm,
} from '@/core/optics';
import { APERTURE_MARKS, exactAperture } from '@/core/units';
import { frameOf } from '../resolve/lens';
import { type Stand } from '../stand/stand';

/** What is sharp for the distance that was focused on (physics 7). */
export interface Sharpness {
  /** As it was said, or the hyperfocal distance, m. */
  readonly focusedM: number;
  readonly hyperfocalM: number;
  /** From where to where it is sharp at the working aperture, m; the far end may be infinite. */
  readonly nearM: number;
  readonly farM: number;
  /** What is nearest and farthest of what matters, where it was said; the far end may be infinite. */
  readonly wants: readonly [nearM: number | null, farM: number];
  readonly holdsNear: boolean;
  readonly holdsFar: boolean;
  /** How to hold both: the widest aperture that does, and the focus for it; null where none does before diffraction shows. */
  readonly both: { readonly aperture: number; readonly focusM: number } | null;
}

const HAIR = 1e-9;

/** What is sharp, and what would hold all that is to be. */
export function sharpnessOf(stand: Stand): Sharpness {
  const { focalLengthMm, nearestSubjectM, farthestSubjectM = Infinity, focusedM } = stand.lens;
  const confusionMm = circleOfConfusionMm(frameOf(stand.camera));
  const at = (aperture: number) => ({ focalLengthMm, aperture: exactAperture(aperture), confusionMm });
  const own = at(stand.exposure.aperture);
  const hyperfocal = hyperfocalMm(own);
  const focusMm = focusedM === undefined ? hyperfocal : focusedM * 1000;
  const { nearMm, farMm } = sharpRangeMm(own, focusMm);
  const nearestMm = nearestSubjectM === undefined ? null : nearestSubjectM * 1000;
  return {
    focusedM: focusMm / 1000,
    hyperfocalM: hyperfocal / 1000,
    nearM: nearMm / 1000,
    farM: farMm / 1000,
    wants: [nearestSubjectM ?? null, farthestSubjectM],
    holdsNear: nearestMm === null || nearestMm >= nearMm * (1 - HAIR),
    holdsFar: farMm >= farthestSubjectM * 1000 * (1 - HAIR),
    both: nearestMm === null ? null : holdsBoth(at, nearestMm, farthestSubjectM * 1000, confusionMm),
  };
}

/** The widest whole aperture mark that holds two distances, focused between them. */
function holdsBoth(
  at: (aperture: number) => Parameters<typeof blurMm>[0],
  nearMm: number,
  farMm: number,
  confusionMm: number,
): Sharpness['both'] {
  const focusMm = focusBetweenMm(Math.min(nearMm, farMm), Math.max(nearMm, farMm));
  const mark = APERTURE_MARKS.filter((m) => m.scale === 'third')
    .toSorted((a, b) => a.exact - b.exact)
    .find((m) => blurMm(at(Number(m.name)), focusMm, nearMm) <= confusionMm * (1 + HAIR));
  return mark && airyDiameterMm(mark.exact) <= confusionMm
    ? { aperture: Number(mark.name), focusM: focusMm / 1000 }
    : null;
}
