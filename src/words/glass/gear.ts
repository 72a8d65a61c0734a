import { estimatedPupilToFilterMm } from '@/core/optics';
import { type BagCamera, type BagLens, type FurtherHolder } from '@/model';
import { listText, wholeOrTenth } from '../figures/figures';

const rangeOf = ({ shortestMm, longestMm }: BagLens): string =>
  shortestMm === longestMm ? `${shortestMm} mm` : `${shortestMm} to ${longestMm} mm`;

/** A lens by its name, or by its range. */
export const lensText = (lens: BagLens): string => lens.name?.trim() || rangeOf(lens);

/** Where the pupil of a zoom was measured: "41 mm at 24 and 52 mm at 70, measured". */
export const pupilsText = (pupils: NonNullable<BagLens['pupils']>): string =>
  `${listText(pupils.map((p) => `${wholeOrTenth(p.pupilToFilterMm)} mm at ${wholeOrTenth(p.focalLengthMm)}`))}, measured`;

/** What a lens is beside its name; the estimate of its pupil is marked as one. */
export function lensDetail(lens: BagLens): string {
  const { widestAperture, pupilToFilterMm, pupils, bulgingFront, shortestMm, longestMm } = lens;
  const estimates = [shortestMm, longestMm].map((mm) =>
    wholeOrTenth(estimatedPupilToFilterMm(mm, bulgingFront)),
  );
  const pupil = pupils
    ? `pupil ${pupilsText(pupils)}`
    : pupilToFilterMm !== undefined
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

const slotsText = (slots = 1): string => `${slots} ${slots === 1 ? 'slot' : 'slots'}`;

/** A holder by its name, or by what it takes. */
export const holderText = ({ name, sheetWidthMm, slots }: FurtherHolder): string =>
  name?.trim() ||
  `${sheetWidthMm === undefined ? 'holder' : `${wholeOrTenth(sheetWidthMm)} mm holder`}, ${slotsText(slots)}`;

/** What a holder is beside its name, and which lenses it goes on. */
export function holderDetail(holder: FurtherHolder, lenses: readonly BagLens[]): string {
  const { name, sheetWidthMm, slots, lensIds = [] } = holder;
  const on = lenses.filter((l) => lensIds.includes(l.id)).map(lensText);
  return [
    name?.trim() && sheetWidthMm !== undefined ? `${wholeOrTenth(sheetWidthMm)} mm` : null,
    name?.trim() ? slotsText(slots) : null,
    on.length ? `on ${listText(on)}` : 'chosen at the stand',
  ]
    .filter(Boolean)
    .join('; ');
}
