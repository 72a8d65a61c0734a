/** The closed lists of words that a stand is described with (glossary). */

/** Where the sun stands to the camera (glossary: the looks). */
export const SUN_SIDES = ['behind', 'side', 'ahead', 'hidden'] as const;
export type SunSide = (typeof SUN_SIDES)[number];

export const ORIENTATIONS = ['landscape', 'portrait'] as const;
export type Orientation = (typeof ORIENTATIONS)[number];

export const ASSUMABLES = ['camera', 'lens', 'skyline'] as const;
/** Parts of a stand that a new one starts with before anything is said of them. */
export type Assumable = (typeof ASSUMABLES)[number];

export const WAYS = ['meter', 'sheet', 'time', 'picture'] as const;
/** How a photographer begins at a stand: both sides metered, a sheet put on by eye, a time alone, a picture. */
export type Way = (typeof WAYS)[number];

/** Ways to choose the frames of a bracket beside the fewest that hold everything: a row of the camera's own, one frame for each side. */
export const BRACKETS = ['row', 'sides'] as const;

export const BLURS = ['texture', 'soft', 'milk', 'fall', 'drain', 'streaks', 'people', 'longest'] as const;
/** How what moves is to look: small waves, falling water, a draining wave, clouds, people; or as long as the glass gives. */
export type Blur = (typeof BLURS)[number];

export const WINDS = ['still', 'breeze', 'gusts'] as const;
/** How the air moves at the tripod. */
export type Wind = (typeof WINDS)[number];

/** What is done at the tripod, in this order. */
export const TRIPOD_STEPS = [
  'compose',
  'tripod',
  'focus',
  'camera',
  'polariser',
  'readings',
  'grad',
  'line',
  'nd',
  'rail',
  'finder',
  'leave-out',
  'clean',
  'still',
] as const;
export type TripodStep = (typeof TRIPOD_STEPS)[number];

export const DISTURBANCES = ['knock', 'lens', 'zoom', 'recomposed', 'glass-out'] as const;
/** What can have happened between two shots. */
export type Disturbance = (typeof DISTURBANCES)[number];

export const REDONE = ['level', 'skyline', 'focus', 'polariser', 'readings', 'rail', 'line'] as const;
/** What may hold no longer, in the order in which it is done again. */
export type Redone = (typeof REDONE)[number];

export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp', 'image/avif'] as const;
export type PhotoType = (typeof PHOTO_TYPES)[number];

export const SEATS_OF_GLASS = ['slot', 'behind', 'thread'] as const;
/** Where glass sits: in a slot of the holder, behind it on the ring, or on the lens's thread. */
export type SeatOfGlass = (typeof SEATS_OF_GLASS)[number];

export const TREATMENTS = ['protect', 'tame', 'silhouette'] as const;

/** How the density got into the glass: dyed in its mass, or coated on it; absent: taken as coated. */
export const GLASS_BODIES = ['dyed', 'coated'] as const;
export type GlassBody = (typeof GLASS_BODIES)[number];

export const VERDICTS = ['keep', 'again', 'learnt'] as const;
/** What a take has come to. */
export type Verdict = (typeof VERDICTS)[number];

export const REMEDY_KINDS = ['polariser', 'time', 'look', 'glass', 'aperture', 'placement', 'crop'] as const;
/** How a sight was answered otherwise than by what it says of the light: a part of the stand was changed. */
export type RemedyKind = (typeof REMEDY_KINDS)[number];

/** So many things are said of one take. */
export const MOST_SEEN = 3;
