import { beamDiameterMm, type Lens, seamSpread, transitionOf } from '@/core/optics';
import { exactAperture } from '@/core/units';
import { type Glass } from './derive';
import { type Prepared } from './prepare';
import { type Stand } from '../stand/stand';

/** How wide a seam is drawn at one aperture. */
export interface SeamView {
  readonly aperture: number;
  /** From 10 % to 90 % of the dimming, as a part of the frame's height. */
  readonly spread: number;
}

/** The seam as the picture records it, and as it looks while it is being set. */
export interface SeamViews {
  readonly taking: SeamView;
  /** What the finder shows. */
  readonly open: SeamView;
  readonly openIsAssumed: boolean;
  readonly stoppedDown: SeamView;
  /** For the nearest thing in the frame, whose light meets the sheet in a narrower beam; null where it is not said. */
  readonly near: (SeamView & { readonly subjectM: number }) | null;
}

/** What a finder opens to where the stand does not say, and how far an aperture is closed to check a line. */
export const ASSUMED_WIDEST_APERTURE = 2.8;
const STOPPED_DOWN = 22;

/** The seam's spread at the taking aperture, in the finder and stopped down; null where nothing is seated. */
export function seamViews({ lens, exposure }: Stand, { input }: Prepared, glass: Glass): SeamViews | null {
  const { seat, set } = glass;
  if (!seat || !set.length) return null;
  const sheets = set.map((s) => s.sheet);
  const at = (aperture: number, subjectMm = Infinity): SeamView => {
    const seen: Lens = { ...input.lens, aperture: exactAperture(aperture) };
    const beam = beamDiameterMm(seen, subjectMm);
    return { aperture, spread: seamSpread(transitionOf(sheets, beam), seen, input.frame) };
  };
  const subjectM = lens.nearestSubjectM;
  const subjectMm = (subjectM ?? 0) * 1000;
  const { aperture } = exposure;
  return {
    taking: at(aperture),
    open: at(Math.min(aperture, lens.widestAperture ?? ASSUMED_WIDEST_APERTURE)),
    openIsAssumed: lens.widestAperture === undefined,
    stoppedDown: at(Math.max(aperture, STOPPED_DOWN)),
    // nothing this side of the sheet is seen through it
    near:
      subjectM !== undefined && subjectMm > input.lens.pupilToFilterMm
        ? { ...at(aperture, subjectMm), subjectM }
        : null,
  };
}
