import { transitionName, assumedTransitionMm, type GlassKind, stopsOfGlass } from '@/core/glass';
import { type Filter } from '@/model';
import { strengthText, stopsText, wholeOrTenth } from '../figures/figures';

/** A filter of one kind. */
type Of<K extends GlassKind> = Extract<Filter, { kind: K }>;

/** A value that glass of a kind has beside its strength and transition, as its field is called. */
export interface FieldWords {
  readonly label: string;
  readonly unit: 'mm' | 'stops';
  readonly hint?: string;
  /** Why a value is refused that does not go with the others of the filter. */
  readonly refused?: (filter: never) => string;
}

/** The words for a kind of glass. */
interface KindWords<K extends GlassKind> {
  /** Where a kind is chosen. */
  readonly choice: string;
  /** At the head of what was understood of a label. */
  readonly title: string;
  /** What a filter of it is, its strength as it is told: "2 stops, hard", "0.6 hard". */
  readonly kindText: (filter: Of<K>, tell: TellStrength) => string;
  /** Its density: "3 stops · 0.9 · ND8; reverse, 1 stop at its end". */
  readonly densityText: (filter: Of<K>) => string;
  /** Values that are typed in fields of their own, by their names. */
  readonly fields: Readonly<Record<string, FieldWords>>;
}

/** How a strength is told: "2 stops", "0.6", "ND4". */
export type TellStrength = (stops: number) => string;

/** A strength before what has it: stops with a comma, the others without; an ND factor says itself what it is. */
function led(strength: string, what: string): string {
  if (/stops?$/.test(strength)) return `${strength}, ${what}`;
  return what === 'ND' && strength.startsWith('ND') ? strength : `${strength} ${what}`;
}

const STRENGTH: FieldWords = { label: 'Strength', unit: 'stops' };

const named = (filter: Of<'graduated'>): string => transitionName(filter.transitionMm, filter.sheetWidthMm);

export const GLASS_WORDS: { readonly [K in GlassKind]: KindWords<K> } = {
  graduated: {
    choice: 'graduated',
    title: 'Graduated',
    kindText: (f, tell) => led(tell(f.stops), named(f)),
    densityText: (f) => strengthText(f.stops),
    fields: { stops: STRENGTH },
  },
  reverse: {
    choice: 'reverse, densest at the seam',
    title: 'Reverse',
    kindText: (f, tell) => led(tell(f.stops), 'reverse'),
    densityText: (f) => `${strengthText(f.stops)}; reverse, ${stopsText(f.floorStops)} at its end`,
    fields: {
      stops: {
        ...STRENGTH,
        refused: (f: Of<'reverse'>) => `At least its far end's ${wholeOrTenth(f.floorStops)} stops.`,
      },
      fadeMm: { label: 'Fades over', unit: 'mm' },
      floorStops: {
        label: 'Far end',
        unit: 'stops',
        refused: (f: Of<'reverse'>) => `At most its strength, ${wholeOrTenth(f.stops)} stops.`,
      },
    },
  },
  band: {
    choice: 'band, a dense strip',
    title: 'Band',
    kindText: (f, tell) => led(tell(f.stops), `band of ${wholeOrTenth(f.bandWidthMm)} mm`),
    densityText: (f) => `${strengthText(f.stops)}; band of ${wholeOrTenth(f.bandWidthMm)} mm`,
    fields: { stops: STRENGTH, bandWidthMm: { label: 'Band width', unit: 'mm' } },
  },
  measured: {
    choice: 'measured, samples of your own',
    title: 'Measured',
    kindText: (f, tell) => led(tell(stopsOfGlass(f)), 'measured'),
    densityText: (f) => `${strengthText(stopsOfGlass(f))}; measured at ${f.samples.length} places`,
    fields: {},
  },
  neutral: {
    choice: 'ND',
    title: 'ND',
    kindText: (f, tell) => led(tell(f.stops), 'ND'),
    densityText: (f) =>
      `${strengthText(f.stops)}${f.body === 'dyed' ? '; dyed: denser towards the corners' : ''}`,
    fields: { stops: STRENGTH },
  },
  variable: {
    choice: 'variable ND, turned to its strength',
    title: 'Variable ND',
    kindText: (f) => `variable ND, ${wholeOrTenth(f.leastStops)} to ${stopsText(f.mostStops)}`,
    densityText: (f) =>
      `set to ${stopsText(f.stops)} of ${wholeOrTenth(f.leastStops)} to ${wholeOrTenth(f.mostStops)}; near its strong end a dark cross shows on wide lenses, told at the stand`,
    fields: {
      stops: {
        ...STRENGTH,
        label: 'Set to',
        refused: (f: Of<'variable'>) =>
          `Between ${wholeOrTenth(f.leastStops)} and ${wholeOrTenth(f.mostStops)} stops, its range.`,
      },
      leastStops: { label: 'Weakest', unit: 'stops' },
      mostStops: { label: 'Strongest', unit: 'stops' },
    },
  },
  combined: {
    choice: 'ND and polariser in one',
    title: 'ND and polariser in one',
    kindText: (f, tell) => led(tell(f.stops), 'ND and polariser'),
    densityText: (f) =>
      `${strengthText(f.stops)} and a polariser that takes ${stopsText(f.baseLossStops)} more`,
    fields: {
      stops: STRENGTH,
      baseLossStops: { label: 'Polariser’s own loss', unit: 'stops', hint: '1 to 2 is usual' },
    },
  },
  polariser: {
    choice: 'polariser',
    title: 'Polariser',
    kindText: () => 'polariser',
    densityText: (f) => `takes ${stopsText(f.baseLossStops)} from everything`,
    fields: { baseLossStops: { label: 'Base loss', unit: 'stops', hint: '1 to 2 is usual' } },
  },
};

/** The words for some glass. */
export const wordsOf = (filter: { readonly kind: GlassKind }): KindWords<never> =>
  GLASS_WORDS[filter.kind] as unknown as KindWords<never>;

/** What a filter is: "2 stops, hard", "3 stops, reverse", "polariser". */
export const filterKindText = (filter: Filter): string => filterKindAs(filter, stopsText);

/** The same with its strength told otherwise. */
export const filterKindAs = (filter: Filter, tell: TellStrength): string =>
  wordsOf(filter).kindText(filter as never, tell);

/** How dense a filter is. */
export const densityText = (filter: Filter): string => wordsOf(filter).densityText(filter as never);

/** The transition of a sheet by name and length; null for glass without one. */
export function transitionText(filter: Filter): string | null {
  if (!('transitionMm' in filter)) return null;
  const { transitionMm, sheetWidthMm, transitionStated } = filter;
  const name = transitionName(transitionMm, sheetWidthMm);
  const isAssumed = !transitionStated && transitionMm === assumedTransitionMm(name, sheetWidthMm);
  const assumed = isAssumed ? ', assumed' : '';
  return `${name}, ${wholeOrTenth(transitionMm)} mm${assumed}`;
}
