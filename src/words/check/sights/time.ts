import { type SightWords } from './words';

const BY_ND_FIRST = 'By ND first, then aperture, then ISO, as the bag has them.';

export const TIME = {
  rippled: { name: 'Water rippled', advice: BY_ND_FIRST },
  'too-smooth': { name: 'Water too smooth', advice: BY_ND_FIRST },
  'no-streaks': { name: 'No cloud streaks', advice: BY_ND_FIRST },
  'people-there': {
    name: 'People still there',
    advice: 'Who stands still stays in the picture however long it is.',
  },
  'people-gone': { name: 'People gone', advice: 'A short time catches them standing.' },
} satisfies Record<string, SightWords>;
