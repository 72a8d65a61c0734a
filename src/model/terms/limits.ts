import { TOP_RANGE_STOPS } from '@/core/photo';
import { SHUTTER_RANGE } from '@/core/units';

/** Lowest and highest value allowed of each quantity, both ends included (formats: ranges). */
export const LIMITS = {
  focalLengthMm: [1, 2000],
  aperture: [0.5, 128],
  iso: [1, 10_000_000],
  seconds: SHUTTER_RANGE,
  ev100: [-10, 25],
  stops: [0, 20],
  /** Above 0: the smallest length is a thousandth of a millimetre, which no ruler reads. */
  lengthMm: [0.001, 1000],
  /** Each side of a sensor: a spy's camera has more than a millimetre. */
  sensorMm: [1, 1000],
  /** From the lens to a thing in the picture. */
  subjectM: [0.1, 10_000],
  offsetMm: [-200, 200],
  turnDeg: [-360, 360],
  /** A second sheet beside the first. */
  apartMm: [-30, 30],
  placed: [0, 1],
  drawn: [-1, 2],
  /** Proportions of a crop. */
  ratio: [0.1, 100],
  latitudeDeg: [-90, 90],
  longitudeDeg: [-180, 180],
  follow: [0, 1],
  toneStops: [-20, 20],
  timerSeconds: [0, 60],
  costStops: [0, 40],
  seed: [1, 999_999],
  spotAngleDeg: [0.01, 180],
  /** A wanted time, and how long anybody waits for one. */
  wantedSeconds: [1 / 1000, 86_400],
  /** How long a shutter was open. */
  openSeconds: [0, 604_800],
  slots: [1, 10],
  bracketFrames: [2, 9],
  bracketStepStops: [1 / 3, 3],
  azimuthDeg: [-360, 360],
  altitudeDeg: [-90, 90],
  /** By how much more a filter takes of one colour than of green. */
  castStops: [-3, 3],
  /** Water over a table's zero. */
  tideM: [-20, 20],
  /** A walk, or a stay. */
  planMinutes: [0, 2_880],
  grams: [0, 50_000],
  electrons: [0, 10_000_000],
  glarePart: [0, 0.1],
  /** Brightest light of a picture against its white: 0 but for high dynamic range. */
  lightStops: TOP_RANGE_STOPS,
  /** Where a density was measured, from the seam. */
  sampleMm: [-1000, 1000],
} as const satisfies Record<string, readonly [number, number]>;

export type Quantity = keyof typeof LIMITS;

export const MAX_READINGS = 500;
/** Earlier looks at a reading's spot that are kept. */
export const MAX_EARLIER = 50;
export const MAX_POINTS = 500;
export const MAX_SHAPES = 100;
export const MAX_FILTERS = 200;
/** Lenses, and cameras. */
export const MAX_GEAR = 100;
export const MAX_SAMPLES = 500;
export const MAX_RINGS = 20;
/** Focal lengths of a zoom at which its pupil was measured. */
export const MAX_PUPILS = 12;
/** Cells along a side of a picture's figures, and pixels along a side of its stored copy. */
export const MAX_CELLS = 240;
export const MAX_PHOTO_SIDE = 4096;
/** Exposures of a stand that are kept. */
export const MAX_EXPOSURES = 500;
/** Shots of a stand, and what they showed. */
export const MAX_TAKES = 500;
export const MAX_SEEN = 1500;
/** Characters of a shot's picture in little. */
export const MAX_SMALL = 6000;
/** Things to be kept out of the frame. */
export const MAX_NOTES = 50;
/** Outings, their framings, and the turns of the tide of each. */
export const MAX_OUTINGS = 500;
export const MAX_FRAMINGS = 60;
export const MAX_TURNS = 20;
/** Places of one's own, the framings of each, and the times to come back. */
export const MAX_PLACES = 500;
export const MAX_PLACE_FRAMINGS = 60;
export const MAX_AGAIN = 30;
/** What is taken along beside the glass, and what is ticked as packed. */
export const MAX_EXTRAS = 100;
export const MAX_PACKED = 600;
/** Characters of the key that a thing is packed by. */
export const MAX_KEY = 200;
/** Things of a stand or a bag that a later version has and this one does not know. */
export const MAX_LATER = 300;
/** Lessons that nobody wants to hear of again. */
export const MAX_FORGOTTEN = 200;
export const MAX_TEXT = 10_000;
/** Characters of a shutter time. */
export const MAX_TIME_TEXT = 40;
export const MAX_MINOR = 1_000_000;
export const MAX_DOCUMENT_BYTES = 5_000_000;
/** What an edit may let a stand, or the bag, grow to, so that both fit into one document. */
export const MAX_STAND_BYTES = 3_400_000;
export const MAX_BAG_BYTES = 1_500_000;
export const MAX_PLANS_BYTES = 3_400_000;
/** Stands in a backup, and its size. */
export const MAX_STANDS = 10_000;
export const MAX_BACKUP_BYTES = 200_000_000;

export function isWithin(quantity: Quantity, value: number): boolean {
  const [low, high] = LIMITS[quantity];
  return Number.isFinite(value) && value >= low && value <= high;
}
