import { type SightRecord } from './sight';

/** How broad a strip or a dark top is, parts of the frame's height. */
const BREADTH = { little: 0.05, much: 0.12 };

/** What the line of the sheet can show. */
export const LINE = {
  strip: {
    group: 'line',
    amounts: BREADTH,
    placed: true,
    line: 'leaves-light',
    remedies: ['by-light-of-plan'],
  },
  'dark-top': {
    group: 'line',
    amounts: BREADTH,
    placed: true,
    line: 'cuts-in',
    remedies: ['by-light-of-plan'],
  },
  'line-shows': { group: 'line', placed: true, remedies: ['fainter-line', 'wider-aperture'] },
  turned: {
    group: 'line',
    // degrees
    amounts: { little: 2.5, much: 5 },
    ofs: ['left', 'right'],
    line: 'turned',
    remedies: ['by-light-of-plan'],
  },
} as const satisfies Record<string, SightRecord>;
