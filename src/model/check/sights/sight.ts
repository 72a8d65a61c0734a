/** What a record of a sight can say: the closed lists, and the record. */

/** How much of it, or how strongly, the least first. */
export const MUCHES = ['speck', 'part', 'most', 'all', 'little', 'clearly', 'far', 'much'] as const;
export type Much = (typeof MUCHES)[number];

export const SURFACES = ['water', 'leaves', 'rock', 'deck', 'window', 'metal'] as const;
/** What glares. */
export type Surface = (typeof SURFACES)[number];

export const EDGES = ['left', 'right', 'top', 'foot'] as const;
/** An edge of the frame; of a turned line, the end that lies too high. */
export type Edge = (typeof EDGES)[number];

export const SIGHTS_OF = ['sky', 'land', 'feature', ...SURFACES, ...EDGES] as const;
/** What of the picture shows it. */
export type SightOf = (typeof SIGHTS_OF)[number];

/** Amounts that can be told, the least first, with what each stands for. */
export type Amounts = Readonly<Partial<Record<Much, number>>>;

/** What a sight says of the light: of whom, and whether that is brighter or darker than was read, by its amount in stops. */
export type OfLight =
  | { readonly of: 'all' | 'sky' | 'land'; readonly is: 'brighter' | 'darker' }
  /** The brightest of what is told lies its amount above what the file holds. */
  | { readonly of: 'brightest' }
  /** Both sides, as they were measured. */
  | { readonly of: 'measured' };

/**
 * What a sight says of the line: it leaves light above the horizon or cuts into what stands there, by its amount in parts of
 * the frame's height; it is turned by its amount in degrees; or it was measured.
 */
export type OfLine = 'leaves-light' | 'cuts-in' | 'turned' | 'measured';

/** What can be done about a sight; how each is found stands in `../remedies.ts`. */
export type RemedyName =
  | 'by-light'
  | 'by-light-of-plan'
  | 'polariser'
  | 'polariser-for-sky'
  | 'draw-out'
  | 'even-out-top'
  | 'fainter-line'
  | 'wider-aperture'
  | 'smaller-aperture'
  | 'longer'
  | 'shorter'
  | 'longer-than-walkers'
  | 'shorter-than-walkers'
  | 'land-placed-brighter'
  | 'crop';

/** One thing that a shot can show: what is asked of it, what it says, what answers it. */
export interface SightRecord {
  /** Where it stands among what can be tapped; what was measured is told by its own tools. */
  readonly group: 'sky' | 'line' | 'land' | 'more' | 'measured';
  /** How much of it there can be: stops, parts of the frame's height, degrees, or times as long, by what it says. */
  readonly amounts?: Amounts;
  /** What of the picture can show it; absent where it is one thing. */
  readonly ofs?: readonly SightOf[];
  /** It can be shown by a tap in the frame. */
  readonly placed?: true;
  /** It can be judged by the raw file as well as by the camera's screen. */
  readonly byRaw?: true;
  readonly light?: OfLight;
  readonly line?: OfLine;
  /** What answers it, what to do first in front. */
  readonly remedies: readonly RemedyName[];
}
