import { EDGES, type SightRecord } from './sight';

/** What a shot can show that is no matter of its exposure. */
export const MORE = {
  soft: { group: 'more', ofs: ['land', 'foot', 'top'], remedies: ['smaller-aperture'] },
  mirrored: { group: 'more', remedies: ['polariser'] },
  clutter: { group: 'more', ofs: EDGES, remedies: ['crop'] },
  corners: { group: 'more', remedies: [] },
  streaks: { group: 'more', remedies: [] },
  colour: { group: 'more', remedies: [] },
  spots: { group: 'more', remedies: [] },
} as const satisfies Record<string, SightRecord>;
