import { airyDiameterMm, circleOfConfusionMm, hyperfocalMm, sharpRangeMm } from '@/core/optics';
import { APERTURE_MARKS, exactAperture } from '@/core/units';
import { frameOf } from '../resolve/lens';
import { type Stand } from '../stand/stand';

/** Where to focus so that as much as can be is sharp, and what stands in the way. */
export interface FocusHelp {
  /** Focus here: everything from `nearM` to infinity is sharp. */
  readonly focusM: number;
  readonly nearM: number;
  readonly confusionMm: number;
  readonly airyMm: number;
  /** The nearest thing in the frame, where it is nearer than that. */
  readonly tooNear: {
    readonly subjectM: number;
    /** First whole aperture mark at which it would be sharp too; null where none does before diffraction shows. */
    readonly aperture: number | null;
  } | null;
}

/** Hyperfocal focus at the working aperture (physics 7). */
export function focusHelp(stand: Stand): FocusHelp {
  const { focalLengthMm, nearestSubjectM } = stand.lens;
  const confusionMm = circleOfConfusionMm(frameOf(stand.camera));
  const at = (aperture: number) => {
    const input = { focalLengthMm, aperture: exactAperture(aperture), confusionMm };
    const focusMm = hyperfocalMm(input);
    return { focusM: focusMm / 1000, nearM: sharpRangeMm(input, focusMm).nearMm / 1000 };
  };
  const { aperture } = stand.exposure;
  const airyMm = airyDiameterMm(exactAperture(aperture));
  const own = at(aperture);
  const isNear = nearestSubjectM !== undefined && nearestSubjectM < own.nearM;
  const smaller = APERTURE_MARKS.filter((m) => m.scale === 'third' && m.exact > exactAperture(aperture));
  const enough = smaller.find(
    (m) => isNear && at(Number(m.name)).nearM <= nearestSubjectM && airyDiameterMm(m.exact) <= confusionMm,
  );
  return {
    ...own,
    confusionMm,
    airyMm,
    tooNear: isNear ? { subjectM: nearestSubjectM, aperture: enough ? Number(enough.name) : null } : null,
  };
}
