import { type CameraSettings } from '@/core/exposure';
import { isDensity } from '@/core/glass';
import { atSlot, estimatedPupilToFilterMm, type FrameSize, type Lens } from '@/core/optics';
import { exactAperture, exactIso } from '@/core/units';
import { type Bag, takesSlot } from '../bag/bag';
import { fittedFilters } from '../bag/on-lens';
import { knownPupilMm } from '../bag/pupils';
import { type Camera, type Stand } from '../stand/stand';

/** Sensor size in the orientation used, mm. */
export function frameOf(camera: Camera): FrameSize {
  const { sensorWidthMm: long, sensorHeightMm: short } = camera;
  return camera.orientation === 'portrait'
    ? { widthMm: short, heightMm: long }
    : { widthMm: long, heightMm: short };
}

/** The aperture and ISO that a stand is exposed with, by what their marks stand for. */
export const settingsOf = ({ exposure }: Stand): CameraSettings => ({
  aperture: exactAperture(exposure.aperture),
  iso: exactIso(exposure.iso),
});

/**
 * The lens with its distance to the slot that a single grad takes. A distance that is given is to that slot already
 * (physics 3); an estimated one is to the slot nearest the lens, and each ND that stands there moves the grad on by one.
 */
export function lensOf(stand: Stand, bag: Bag): Lens {
  const { focalLengthMm, bulgingFront } = stand.lens;
  const pupilToFilterMm = knownPupilMm(stand.lens, focalLengthMm);
  const lens = {
    focalLengthMm,
    aperture: exactAperture(stand.exposure.aperture),
    pupilToFilterMm: pupilToFilterMm ?? estimatedPupilToFilterMm(focalLengthMm, bulgingFront),
    pupilEstimated: pupilToFilterMm === undefined,
  };
  const nearest = fittedFilters(stand, bag).filter(takesSlot).filter(isDensity).length;
  return lens.pupilEstimated ? atSlot(lens, nearest) : lens;
}
