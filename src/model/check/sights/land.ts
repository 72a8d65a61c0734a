import { type SightRecord, SURFACES } from './sight';

const OVERALL = { little: 0.5, clearly: 1, far: 2 };

/** What all of a shot, its land and its water can show. */
export const LAND = {
  'too-dark': {
    group: 'land',
    amounts: OVERALL,
    light: { of: 'all', is: 'darker' },
    remedies: ['by-light-of-plan'],
  },
  'too-bright': {
    group: 'land',
    amounts: OVERALL,
    light: { of: 'all', is: 'brighter' },
    remedies: ['by-light-of-plan'],
  },
  blocked: {
    group: 'land',
    amounts: { part: 0.7, all: 1.5 },
    ofs: ['land', 'feature'],
    light: { of: 'land', is: 'darker' },
    remedies: ['land-placed-brighter', 'by-light'],
  },
  glare: { group: 'land', ofs: SURFACES, remedies: ['polariser'] },
} as const satisfies Record<string, SightRecord>;
