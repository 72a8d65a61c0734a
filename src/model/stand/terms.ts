/** The closed lists of words that a stand is described with (glossary). */

/** Where the sun stands to the camera (glossary: the looks). */
export const SUN_SIDES = ['behind', 'side', 'ahead', 'hidden'] as const;
export type SunSide = (typeof SUN_SIDES)[number];

export const ORIENTATIONS = ['landscape', 'portrait'] as const;
export type Orientation = (typeof ORIENTATIONS)[number];

export const ASSUMABLES = ['camera', 'lens', 'skyline'] as const;
/** Parts of a stand that a new one starts with before anything is said of them. */
export type Assumable = (typeof ASSUMABLES)[number];

export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp', 'image/avif'] as const;
export type PhotoType = (typeof PHOTO_TYPES)[number];

export const TREATMENTS = ['protect', 'tame', 'silhouette'] as const;

/** How the density got into the glass: dyed in its mass, or coated on it; absent: taken as coated. */
export const GLASS_BODIES = ['dyed', 'coated'] as const;
export type GlassBody = (typeof GLASS_BODIES)[number];
