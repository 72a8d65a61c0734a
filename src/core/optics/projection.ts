import { degreesFromRadians, type ExactAperture, radiansFromDegrees } from '@/core/units';

/** What of the lens matters to a sheet in front of it. */
export interface Lens {
  readonly focalLengthMm: number;
  readonly aperture: ExactAperture;
  /** From the entrance pupil to the slot that a single grad takes, mm (physics 3). */
  readonly pupilToFilterMm: number;
  /** Whether that distance is an estimate, good to a fifth. */
  readonly pupilEstimated: boolean;
}

/** Where a sheet sits (glossary): mm from the lens axis to the seam towards the dark end, and the holder's turn. */
export interface Seat {
  readonly offsetMm: number;
  /** Positive clockwise as seen from behind the camera; 0 dark end up, 180 dark end down. */
  readonly turnDeg: number;
}

/** Whether a seat has the dark end down. */
export const isUpsideDown = (turnDeg: number): boolean => Math.abs(turnDeg) > 90;

/** How far a holder is turned from the nearer of upright and upside down, degrees clockwise. */
export const turnFromUpright = (turnDeg: number): number =>
  isUpsideDown(turnDeg) ? turnDeg - Math.sign(turnDeg) * 180 : turnDeg;

/** Size of the patch of a sheet that the picture looks through, beam included, mm. */
export function usedGlassMm(lens: Lens, frame: FrameSize): { widthMm: number; heightMm: number } {
  const scale = sheetScale(lens);
  const beam = beamDiameterMm(lens);
  return { widthMm: frame.widthMm * scale + beam, heightMm: frame.heightMm * scale + beam };
}

export interface FrameSize {
  /** Sensor size in the orientation used, mm. */
  readonly widthMm: number;
  readonly heightMm: number;
}

/** A part that an estimated pupil distance may be off by (physics 3). */
export const PUPIL_ESTIMATE_ERROR = 0.2;

/** Each further slot of a holder stands so much further from the lens, mm (physics 3). */
const SLOT_STEP_MM = 4;

/** Glass in its mass bends the slanting light: refractive index of dyed sheets (physics 3). */
const SHEET_INDEX = 1.5;

/** The lens as a sheet in a further slot sees it; halves stand for the mean of two slots. */
export const atSlot = (lens: Lens, slot: number): Lens => ({
  ...lens,
  pupilToFilterMm: lens.pupilToFilterMm + slot * SLOT_STEP_MM,
});

/** How far the first slot stands before a filter thread, and before a bulging front on a collar, mm (physics 3). */
const THREAD_MM = 10;
const COLLAR_MM = 30;

/** Pupil to the first slot, estimated from the focal length: pupil depth `20 + 0.5 f`, and the way from there to the slot. */
export function estimatedPupilToFilterMm(focalLengthMm: number, bulgingFront = false): number {
  return 20 + 0.5 * focalLengthMm + (bulgingFront ? COLLAR_MM : THREAD_MM);
}

/** Sensor position of a frame point: mm right of and above the lens axis in the upright scene. */
export function sensorPoint(frame: FrameSize, u: number, v: number): { x: number; h: number } {
  return { x: (u - 0.5) * frame.widthMm, h: (0.5 - v) * frame.heightMm };
}

/** Millimetres on the sheet for one on the sensor: `d / f`. */
export function sheetScale(lens: Lens): number {
  return lens.pupilToFilterMm / lens.focalLengthMm;
}

/**
 * Diameter on the sheet of the beam of one picture point, mm: `(f / N)(1 - d / r)`. The solver takes the subject as
 * infinitely far.
 *
 * @param subjectMm `r`, from the entrance pupil, mm.
 * @throws RangeError for a subject that is not beyond the sheet, where the formula does not hold.
 */
export function beamDiameterMm(lens: Lens, subjectMm = Infinity): number {
  if (!(subjectMm > lens.pupilToFilterMm))
    throw new RangeError(
      `a subject at ${subjectMm} mm is not beyond the sheet at ${lens.pupilToFilterMm} mm`,
    );
  return (lens.focalLengthMm / lens.aperture) * (1 - lens.pupilToFilterMm / subjectMm);
}

/** How much thicker dyed glass is to the light of a picture point: `1 / sqrt(1 - sin^2(theta) / 1.5^2)`. */
export function slantFactor(lens: Lens, point: { x: number; h: number }): number {
  const tan2 = (point.x ** 2 + point.h ** 2) / lens.focalLengthMm ** 2;
  const sin2 = tan2 / (1 + tan2);
  return 1 / Math.sqrt(1 - sin2 / SHEET_INDEX ** 2);
}

/** The slant factor at the frame's corners, where it is greatest. */
export const cornerSlant = (lens: Lens, frame: FrameSize): number =>
  slantFactor(lens, { x: frame.widthMm / 2, h: frame.heightMm / 2 });

/** How much higher the light that meets one sheet `heightMm` above its seam meets a sheet further from the lens, mm. */
export function laterHeightMm(lens: Lens, later: Lens, offsetMm: number, heightMm: number): number {
  return (later.pupilToFilterMm / lens.pupilToFilterMm - 1) * (heightMm + offsetMm);
}

/**
 * Height of the beam of one picture point as it lies over the picture, in parts of the frame's height: from 1 on each point
 * looks through more of the sheet than the whole picture spans, and any transition is lost in it (physics 3).
 */
export const beamInFrame = (lens: Lens, frame: FrameSize): number =>
  beamDiameterMm(lens) / sheetScale(lens) / frame.heightMm;

/** Beyond this angle from the axis the pupil wanders, and results are estimates (physics 3), degrees. */
export const WIDE_ANGLE_DEG = 30;

/** Angle from the axis at the frame's corner, degrees. */
export function cornerAngleDeg(lens: Lens, frame: FrameSize): number {
  return degreesFromRadians(Math.atan(Math.hypot(frame.widthMm, frame.heightMm) / 2 / lens.focalLengthMm));
}

/**
 * Distance from entrance pupil to sheet solved from two test pictures, mm: the sheet is slid and the seam moves in the
 * picture, `d = f m / (p H)` (physics 3).
 *
 * @param slidMm how far the sheet was slid, mm.
 * @param movedPart how far the seam moved, as a part of the frame's height.
 */
export function pupilDistanceFromPhotos(
  focalLengthMm: number,
  frame: FrameSize,
  { slidMm, movedPart }: { readonly slidMm: number; readonly movedPart: number },
): number {
  return Math.abs((focalLengthMm * slidMm) / (movedPart * frame.heightMm));
}

/** Unit vector across the seam, towards the dark end, in sensor axes (right, up). */
export function acrossSeam(turnDeg: number): { sin: number; cos: number } {
  const turn = radiansFromDegrees(turnDeg);
  return { sin: Math.sin(turn), cos: Math.cos(turn) };
}

/** Height of a sensor point on the sheet, mm from the lens axis towards the dark end: `X sin + Y cos`. */
export function sheetHeightMm(lens: Lens, turnDeg: number, point: { x: number; h: number }): number {
  const { sin, cos } = acrossSeam(turnDeg);
  return sheetScale(lens) * (point.x * sin + point.h * cos);
}
