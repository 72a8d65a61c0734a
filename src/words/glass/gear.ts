import { estimatedPupilToFilterMm } from '@/core/optics';
import { type BagCamera, type BagLens } from '@/model';
import { wholeOrTenth } from '../figures/figures';

const rangeOf = ({ shortestMm, longestMm }: BagLens): string =>
  shortestMm === longestMm ? `${shortestMm} mm` : `${shortestMm} to ${longestMm} mm`;

/** A lens by its name, or by its range. */
export const lensText = (lens: BagLens): string => lens.name?.trim() || rangeOf(lens);

/** What a lens is beside its name; the estimate of its pupil is marked as one. */
export function lensDetail(lens: BagLens): string {
  const { widestAperture, pupilToFilterMm, bulgingFront, shortestMm, longestMm } = lens;
  const estimates = [shortestMm, longestMm].map((mm) =>
    wholeOrTenth(estimatedPupilToFilterMm(mm, bulgingFront)),
  );
  const pupil =
    pupilToFilterMm !== undefined
      ? `pupil ${wholeOrTenth(pupilToFilterMm)} mm from the filter`
      : `pupil about ${[...new Set(estimates)].join(' to ')} mm from the filter, estimated`;
  return [
    lens.name?.trim() ? rangeOf(lens) : null,
    widestAperture !== undefined ? `f/${widestAperture}` : null,
    bulgingFront ? 'bulging front' : null,
    pupil,
  ]
    .filter(Boolean)
    .join('; ');
}

/** What a camera is beside its name. */
export function cameraDetail(camera: BagCamera): string {
  const { sensorWidthMm, sensorHeightMm, highlightRoomStops, baseIso } = camera;
  return [
    `sensor ${wholeOrTenth(sensorWidthMm)} × ${wholeOrTenth(sensorHeightMm)} mm`,
    baseIso !== undefined ? `base ISO ${baseIso}` : null,
    highlightRoomStops !== undefined ? `highlight room ${wholeOrTenth(highlightRoomStops)} stops` : null,
  ]
    .filter(Boolean)
    .join('; ');
}
