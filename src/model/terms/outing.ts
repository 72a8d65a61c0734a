/** The closed lists of words that an outing is described with. */

export const TIDE_SIDES = ['below', 'above'] as const;
/** Whether a framing wants the water below a height, or above it. */
export type TideSide = (typeof TIDE_SIDES)[number];

export const CLOUDS = ['clear', 'broken', 'moving', 'covered'] as const;
/** How the sky is expected; `moving`: broken, and fast. */
export type Cloud = (typeof CLOUDS)[number];

export const RAINS = ['dry', 'drizzle', 'showers', 'rain'] as const;
export type Rain = (typeof RAINS)[number];

export const AIRS = ['mild', 'cold', 'frost'] as const;
export type Air = (typeof AIRS)[number];

export const PLANNED_RISKS = ['shore', 'swell', 'edge', 'lightning', 'ice'] as const;
/** What of a place can hurt, as far as it is said. */
export type PlannedRisk = (typeof PLANNED_RISKS)[number];
