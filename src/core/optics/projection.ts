import { type ExactAperture, radiansFromDegrees } from '@/core/units';

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

/** Pupil to the first slot, estimated from the focal length: pupil depth `20 + 0.5 f`, slot 10 mm in front of the thread. */
export function estimatedPupilToFilterMm(focalLengthMm: number): number {
  return 20 + 0.5 * focalLengthMm + 10;
}

/** Sensor position of a frame point: mm right of and above the lens axis in the upright scene. */
export function sensorPoint(frame: FrameSize, u: number, v: number): { x: number; h: number } {
  return { x: (u - 0.5) * frame.widthMm, h: (0.5 - v) * frame.heightMm };
}

/** Millimetres on the sheet for one on the sensor: `d / f`. */
export function sheetScale(lens: Lens): number {
  return lens.pupilToFilterMm / lens.focalLengthMm;
}

/** Diameter on the sheet of the beam of one picture point of an infinitely far subject: `f / N` mm. */
export function beamDiameterMm(lens: Lens): number {
  return lens.focalLengthMm / lens.aperture;
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
