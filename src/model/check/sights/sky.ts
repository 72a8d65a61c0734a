import { type SightRecord } from './sight';

const OF_SKY = { little: 0.7, much: 1.3 };

/** What the sky of a shot can show. */
export const SKY = {
  blown: {
    group: 'sky',
    amounts: { speck: 0.5, part: 1, most: 1.5 },
    ofs: ['sky', 'water', 'feature'],
    byRaw: true,
    light: { of: 'brightest' },
    remedies: ['by-light-of-plan'],
  },
  'sky-pale': {
    group: 'sky',
    amounts: OF_SKY,
    light: { of: 'sky', is: 'brighter' },
    remedies: ['polariser-for-sky', 'by-light'],
  },
  'sky-dark': {
    group: 'sky',
    amounts: OF_SKY,
    light: { of: 'sky', is: 'darker' },
    remedies: ['by-light-of-plan'],
  },
  dull: { group: 'sky', remedies: ['draw-out', 'polariser-for-sky'] },
  'bright-top': { group: 'sky', remedies: ['even-out-top'] },
} as const satisfies Record<string, SightRecord>;
