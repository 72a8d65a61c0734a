import { labelFromStops, type Notation, plainTyped, stopsFromLabel } from '@/core/units';
import { GLASS_KINDS, type GlassKind, kindNamed } from './kinds';
import {
  isUsualFactor,
  looksLikeDensity,
  spelled,
  type Strength,
  takeSize,
  takeStrengths,
} from './label-parts';
import { type TransitionName } from './kinds/transitions';

/** What is printed on the rim of a filter says so much of it. */
export interface Label {
  readonly kind: GlassKind;
  /** Null for a polariser whose loss is not printed. */
  readonly stops: number | null;
  /** Null where the kind has none. */
  readonly transition: TransitionName | null;
}

/** A label that was understood. */
export interface GoodLabel {
  readonly ok: true;
  readonly label: Label;
  /** From the weakest to the strongest that it can be set to, stops; null for glass of one strength. */
  readonly rangeStops: readonly [number, number] | null;
  readonly sizeMm: { readonly width: number; readonly length: number } | null;
  /** Of round glass, mm. */
  readonly diameterMm: number | null;
  readonly body: 'dyed' | 'coated' | null;
  /** The name of the transition was not printed. */
  readonly transitionAssumed: boolean;
  /** The notation of a bare number was taken as the likeliest. */
  readonly notationAssumed: Notation | null;
  /** Words that say nothing here. */
  readonly unread: readonly string[];
}

export interface BadLabel {
  readonly ok: false;
  readonly reason: 'empty' | 'no-strength' | 'two-strengths' | 'ambiguous' | 'out-of-range' | 'negative';
  /** The strength that is in doubt, as it was typed. */
  readonly at: string;
  /** What it may mean, each as it can be typed in its place. */
  readonly readings: readonly string[];
}

export type ReadLabel = GoodLabel | BadLabel;

/** Kinds that rims name, the most telling first. */
const PRINTED = GLASS_KINDS.flatMap(({ kind, printed }) => (printed ? [{ kind, printed }] : [])).reverse();

/** What rims call a transition, long and short. */
const TRANSITIONS: readonly (readonly [RegExp, TransitionName])[] = [
  [/^(?:vh|vhe|vhard)$/, 'very hard'],
  [/^(?:hard|h|he|hg|hgrad)$/, 'hard'],
  [/^(?:medium|med|m|me|mg)$/, 'medium'],
  [/^(?:soft|s|se|sg|sgrad)$/, 'soft'],
];

/** Words that go with a filter and say nothing more of it, or that are understood beside its kind. */
const SAID =
  /^(?:filter|glass|resin|edged?|sheet|density|od|of|with|and|a|the|stops?|ev|f|mm|cm|in|inch|very|extra|dyed|coated|vari|variable|v|round|slim|screw|magnetic|square|combined|combi)$/;

/** Strongest glass that a label may mean, stops. */
const STRONGEST = 20;
/** No glass is smaller or larger than this, mm. */
const [SMALLEST_MM, LARGEST_MM] = [5, 1000];
/** The same strength printed twice agrees within this, stops. */
const AGREE_WITHIN = 0.4;

const refused = (reason: BadLabel['reason'], at = '', readings: readonly string[] = []): BadLabel => ({
  ok: false,
  reason,
  at,
  readings,
});

/**
 * Understands what is printed on the rim of a filter: "0.9 soft", "GND8 (0.9) SE", "ND1000", "10 stop", "3 stops reverse",
 * "ND2-400", "CPL + ND64", with a size ("100 x 150", "4x6" in inches, "82 mm" round) and the body ("dyed", "coated"). A
 * bare number is read as density where it looks like one, as stops up to 7, 9 and 10, as a factor from 32; what could be
 * two things is refused with both.
 */
export function readLabel(typed: string): ReadLabel {
  const text = spelled(plainTyped(typed));
  const negative = /(?:^|\s)[-−]\d[\d.,]*/.exec(text);
  if (negative) return refused('negative', negative[0].trim());
  const { sizeMm, diameterMm, rest: sized } = takeSize(text);
  const { strengths, range, rest } = takeStrengths(sized);
  const lengths = [sizeMm?.width, sizeMm?.length, diameterMm].filter((mm) => typeof mm === 'number');
  if (lengths.some((mm) => mm < SMALLEST_MM || mm > LARGEST_MM)) return refused('out-of-range', typed.trim());
  if (range && !(range[0] < range[1] && range[1] <= STRONGEST)) return refused('out-of-range', typed.trim());
  const words = rest.split(/[^\p{L}]+/u).filter(Boolean);
  if (!words.length && !strengths.length && !range) return refused('empty');
  const transition = transitionIn(words);
  const kind = range ? 'variable' : kindOf(words, strengths.length > 0, transition);
  const strength = range ? null : strengthOf(strengths, kind);
  if (strength && 'ok' in strength) return strength;
  const stops = range ? range[0] : strength && stopsOf(strength);
  const { printed } = kindNamed(kind);
  const asks = printed?.asksTransition ?? false;
  return {
    ok: true,
    label: {
      kind,
      stops,
      transition: printed?.transition ? (transition ?? (asks ? printed.transition : null)) : null,
    },
    rangeStops: range,
    sizeMm,
    diameterMm,
    body: words.includes('dyed') ? 'dyed' : words.includes('coated') ? 'coated' : null,
    transitionAssumed: asks && transition === null,
    notationAssumed: strength?.assumed ? strength.notation : null,
    unread: words.filter((w) => !kindNamedBy(w) && !transitionNamed(w) && !SAID.test(w)),
  };
}

const stopsOf = ({ value, notation }: Strength): number => stopsFromLabel(value, notation as Notation);

/** The one strength that is printed, once or more often; refused where there is none, or where it is in doubt. */
function strengthOf(strengths: readonly Strength[], kind: GlassKind): Strength | BadLabel | null {
  const [first] = strengths;
  if (!first) return kindNamed(kind).printed?.usualStops == null ? refused('no-strength') : null;
  // a figure that is clear settles one that is not
  const clear = strengths.filter((s) => s.notation !== null);
  const [one = first] = clear;
  if (one.notation === null) return refused('ambiguous', one.text, one.readings);
  const stops = stopsOf(one);
  const other = clear.find((s) => Math.abs(stopsOf(s) - stops) > AGREE_WITHIN);
  if (other) return refused('two-strengths', other.text);
  if (!(stops > 0)) return refused('no-strength', one.text);
  if (stops > STRONGEST) return refused('out-of-range', one.text);
  return one;
}

const transitionNamed = (word: string): TransitionName | undefined =>
  TRANSITIONS.find(([words]) => words.test(word))?.[1];

function transitionIn(words: readonly string[]): TransitionName | null {
  // a letter may stand for many a thing: a word in full is the surer
  const isNamed = (w: string) => transitionNamed(w) !== undefined;
  const inFull = words.findIndex((w) => w.length > 2 && isNamed(w));
  const at = inFull < 0 ? words.findIndex(isNamed) : inFull;
  if (at < 0) return null;
  const very = words[at - 1] === 'very' || words[at - 1] === 'extra';
  const named = transitionNamed(words[at]) as TransitionName;
  return named === 'hard' && very ? 'very hard' : named;
}

/** The kind that a word names. */
const kindNamedBy = (word: string): GlassKind | undefined =>
  PRINTED.find(({ printed }) => printed.words.test(word))?.kind;

/** The most telling word wins; a transition alone makes a grad, and a polariser with a strength called ND is both. */
function kindOf(
  words: readonly string[],
  hasStrength: boolean,
  transition: TransitionName | null,
): GlassKind {
  const kinds = new Set(words.map(kindNamedBy));
  if (kinds.has('polariser') && kinds.has(PLAIN) && hasStrength) return 'combined';
  return (
    PRINTED.find(({ kind }) => kind !== PLAIN && kinds.has(kind))?.kind ?? (transition ? 'graduated' : PLAIN)
  );
}

/** Glass of which nothing is said but its strength. */
const PLAIN = 'neutral';

/** What is printed on such a filter: the other direction of `readLabel`. */
export function printedLabel({ kind, stops, transition }: Label, notation: Notation): string {
  const word = kindNamed(kind).printed?.word ?? '';
  // a factor called ND would make it two in one
  const by = kindNamed(kind).polarises && notation === 'factor' ? 'stops' : notation;
  const figure = stops === null ? '' : printedStrength(stops, by);
  const alone = kind === PLAIN && notation === 'density' ? 'ND' : '';
  return [figure, transition, word, alone].filter(Boolean).join(' ');
}

/** A strength as it is printed: "3 stops", "0.9", "ND8". */
export function printedStrength(stops: number, notation: Notation): string {
  const value = labelFromStops(stops, notation);
  switch (notation) {
    case 'stops':
      return `${value} ${value === 1 ? 'stop' : 'stops'}`;
    case 'density': {
      const figure = value.toFixed(Number.isInteger(value * 10) ? 1 : 2);
      return looksLikeDensity(figure, value) ? figure : `density ${figure}`;
    }
    case 'factor':
      return isUsualFactor(value) ? `ND${value}` : `${value}x`;
  }
}
