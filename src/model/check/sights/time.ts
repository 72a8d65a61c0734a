import { type SightRecord } from './sight';

/** How much longer or shorter a time is made. */
const TIMES_AS_LONG = { little: 2, much: 4 };

/** What the time of a shot can show, in water, clouds and people. */
export const TIME = {
  rippled: { group: 'more', amounts: TIMES_AS_LONG, remedies: ['longer'] },
  'too-smooth': { group: 'more', amounts: TIMES_AS_LONG, remedies: ['shorter'] },
  'no-streaks': { group: 'more', amounts: TIMES_AS_LONG, remedies: ['longer'] },
  'people-there': { group: 'more', remedies: ['longer-than-walkers'] },
  'people-gone': { group: 'more', remedies: ['shorter-than-walkers'] },
} as const satisfies Record<string, SightRecord>;
