/** What a shot can show, as people say it: the closed lists. */

/** How much of it, or how strongly. */
export const MUCHES = ['speck', 'part', 'most', 'all', 'little', 'clearly', 'far', 'much'] as const;
export type Much = (typeof MUCHES)[number];

const SURFACES = ['water', 'leaves', 'rock', 'deck', 'window', 'metal'] as const;
/** What glares. */
export type Surface = (typeof SURFACES)[number];

const EDGES = ['left', 'right', 'top', 'foot'] as const;
/** An edge of the frame; of a turned line, the end that lies too high. */
export type Edge = (typeof EDGES)[number];

const PLACES = ['sky', 'land', 'feature', ...SURFACES, 'left', 'right', 'top', 'foot'] as const;
/** What of the picture shows it. */
export type SightOf = (typeof PLACES)[number];
export const SIGHTS_OF: readonly [SightOf, ...SightOf[]] = [...PLACES];

/** What one thing that a shot shows can be told by. */
interface SightTraits {
  /** Where it stands among what can be tapped; what was measured is told by its own tools. */
  readonly group: 'sky' | 'line' | 'land' | 'more' | 'measured';
  /** Amounts that can be told, the least first; empty where there is no telling. */
  readonly muches: readonly Much[];
  /** What of the picture can show it; empty where it is one thing. */
  readonly ofs: readonly SightOf[];
  /** It can be shown by a tap in the frame. */
  readonly placed: boolean;
}

const row = (
  group: SightTraits['group'],
  muches: readonly Much[] = [],
  ofs: readonly SightOf[] = [],
  placed = false,
): SightTraits => ({ group, muches, ofs, placed });

const TWO = ['little', 'much'] as const;
const THREE = ['little', 'clearly', 'far'] as const;

/** Everything that a shot can show, in the order in which it is offered. */
const SIGHTS = {
  blown: row('sky', ['speck', 'part', 'most'], ['sky', 'water', 'feature']),
  'sky-pale': row('sky', TWO),
  'sky-dark': row('sky', TWO),
  dull: row('sky'),
  'bright-top': row('sky'),
  strip: row('line', TWO, [], true),
  'dark-top': row('line', TWO, [], true),
  'line-shows': row('line', [], [], true),
  turned: row('line', TWO, ['left', 'right']),
  'too-dark': row('land', THREE),
  'too-bright': row('land', THREE),
  blocked: row('land', ['part', 'all'], ['land', 'feature']),
  glare: row('land', [], SURFACES),
  rippled: row('more', TWO),
  'too-smooth': row('more', TWO),
  'no-streaks': row('more', TWO),
  'people-there': row('more'),
  'people-gone': row('more'),
  soft: row('more', [], ['land', 'foot', 'top']),
  mirrored: row('more'),
  clutter: row('more', [], EDGES),
  corners: row('more'),
  streaks: row('more'),
  colour: row('more'),
  spots: row('more'),
  histogram: row('measured'),
  file: row('measured'),
} as const satisfies Record<string, SightTraits>;

export type Sight = keyof typeof SIGHTS;
export const SIGHT_IDS = Object.keys(SIGHTS) as [Sight, ...Sight[]];
export type SightGroup = SightTraits['group'];

export const sightTraits = (sight: Sight): SightTraits => SIGHTS[sight];

export const VERDICTS = ['keep', 'again', 'learnt'] as const;
/** What a take has come to. */
export type Verdict = (typeof VERDICTS)[number];

export const SIGHT_ANSWERS = ['polariser', 'time', 'look', 'glass', 'aperture', 'placement', 'crop'] as const;
/** How a sight was answered otherwise than by what it says of the light: a part of the stand was changed. */
export type SightAnswer = (typeof SIGHT_ANSWERS)[number];

/** So many things are said of one take. */
export const MOST_SEEN = 3;
