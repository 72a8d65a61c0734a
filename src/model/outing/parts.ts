import { type Join } from '../records/join';
import { MAX_EXTRAS, MAX_OUTINGS, MAX_PLACES } from '../terms/limits';
import { type Plans } from './plans';

/** What is asked of every part of what is planned: how two tabs' versions of it become one. */
export const PLANS_PARTS = {
  outings: { join: { by: 'things', letter: 'o', most: MAX_OUTINGS } },
  places: { join: { by: 'things', letter: 'p', most: MAX_PLACES } },
  extras: { join: { by: 'things', letter: 'x', most: MAX_EXTRAS } },
  weights: { join: { by: 'keys' } },
} as const satisfies {
  readonly [K in keyof Required<Plans>]: { readonly join: Join<Plans, NonNullable<Plans[K]>> };
};
