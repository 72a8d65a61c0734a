import { labelFromStops, type Notation, plainTyped, stopsFromLabel } from '@/core/units';
import { GLASS_KINDS, type GlassKind, kindNamed } from './kinds';
import { type TransitionName } from './transitions';

/** What is printed on the rim of a filter says so much of it. */
export interface Label {
  readonly kind: GlassKind;
  /** Null for a polariser whose loss is not printed. */
  readonly stops: number | null;
  /** Null where the kind has none. */
  readonly transition: TransitionName | null;
}

export type ReadLabel =
  | {
      readonly ok: true;
      readonly label: Label;
      readonly sizeMm: { readonly width: number; readonly length: number } | null;
      readonly body: 'dyed' | 'coated' | null;
      /** The name of the transition was not printed. */
      readonly transitionAssumed: boolean;
      /** The notation of a bare number was taken as the likeliest. */
      readonly notationAssumed: Notation | null;
      /** Words that say nothing here. */
      readonly unread: readonly string[];
    }
  | {
      readonly ok: false;
      readonly reason: 'empty' | 'no-strength' | 'two-strengths' | 'ambiguous' | 'out-of-range';
      /** The strength that is in doubt, as it was typed. */
      readonly at: string;
    };

/** Kinds that rims name, the most telling first. */
const PRINTED = GLASS_KINDS.flatMap(({ kind, printed }) => (printed ? [{ kind, printed }] : [])).reverse();

/** Words that go with a filter and say nothing more of it, or that are understood beside its kind. */
const SAID =
  /^(?:filter|glass|resin|edged?|sheet|density|of|with|and|a|the|stops?|mm|very|extra|hard|medium|soft|dyed|coated)$/;

const NUMBER = String.raw`\d{1,9}(?:[.,]\d{1,9})?|[.,]\d{1,9}`;
const FRACTION = String.raw`(?:\d{1,3}[ -])?\d{1,3}\/\d{1,3}`;
const SIZE = new RegExp(String.raw`(${NUMBER})(?: ?mm)? ?[x×*] ?(${NUMBER})(?: ?mm)?`, 'i');
const STRENGTHS: readonly (readonly [RegExp, Notation | 'density-or-factor' | 'bare'])[] = [
  [new RegExp(String.raw`(${FRACTION}|${NUMBER})[ -]{0,3}(?:stops?|ev|f-stops?)(?![a-z])`, 'gi'), 'stops'],
  [new RegExp(String.raw`density[ -]{0,3}(${NUMBER})|(${NUMBER})[ -]{0,3}density`, 'gi'), 'density'],
  [new RegExp(String.raw`g?nd[ -]?(${NUMBER})`, 'gi'), 'density-or-factor'],
  [new RegExp(String.raw`(?:(${NUMBER}) ?[x×]|[x×] ?(${NUMBER}))(?![\w])`, 'gi'), 'factor'],
  [new RegExp(String.raw`(${NUMBER})(?![\w.])`, 'g'), 'bare'],
];

/** Strongest glass that a label may mean, stops. */
const STRONGEST = 20;

const numeric = (text: string): number => {
  const [whole, fraction] = text.includes('/') ? text.replace(/^(\d+)[ -](?=\d)/, '$1|').split('|') : [text];
  const part = (t: string) => {
    const [over, under] = t.split('/');
    return under === undefined ? Number(t.replace(',', '.')) : Number(over) / Number(under);
  };
  return part(whole as string) + (fraction === undefined ? 0 : part(fraction));
};

interface Strength {
  readonly text: string;
  readonly value: number;
  readonly notation: Notation | null;
  readonly assumed: boolean;
}

/** Whether a number looks like an optical density: with a decimal, and a multiple of 0.15, as half stops are. */
function looksLikeDensity(text: string, value: number): boolean {
  return /[.,]/.test(text) && value < 6.1 && Math.abs(value / 0.15 - Math.round(value / 0.15)) < 1e-6;
}

/** The likeliest notation of a number that stands alone; null where two are as likely. */
function bareNotation(text: string, value: number): Notation | null {
  if (looksLikeDensity(text, value)) return 'density';
  if (!Number.isInteger(value)) return 'stops';
  if (value <= 7 || value === 10 || value === 9) return 'stops';
  return value >= 32 ? 'factor' : null;
}

/** Takes all strengths out of a text and gives what is left of it. */
function takeStrengths(text: string): { strengths: Strength[]; rest: string } {
  const strengths: Strength[] = [];
  let rest = text;
  for (const [pattern, how] of STRENGTHS)
    rest = rest.replace(pattern, (whole: string, ...groups: unknown[]) => {
      const digits = groups.slice(0, 2).find((g) => typeof g === 'string') as string;
      const value = numeric(digits);
      const notation =
        how === 'bare'
          ? bareNotation(digits, value)
          : how === 'density-or-factor'
            ? looksLikeDensity(digits, value)
              ? 'density'
              : 'factor'
            : how;
      strengths.push({ text: whole.trim(), value, notation, assumed: how === 'bare' });
      return how === 'density-or-factor' ? (/^g/i.test(whole) ? ' gnd ' : ' nd ') : ' ';
    });
  return { strengths, rest };
}

/**
 * Understands what is printed on the rim of a filter: "0.9 soft", "ND8 hard grad", "ND1000", "10 stop", "3 stops reverse",
 * with a size ("100 x 150") and the body ("dyed", "coated") where they stand there too. A bare number is read as density
 * where it looks like one, as stops up to 7, 9 and 10, as a factor from 32; 8, 16 and the like could be either and are refused.
 */
export function readLabel(typed: string): ReadLabel {
  const text = plainTyped(typed);
  const size = SIZE.exec(text);
  const { strengths, rest } = takeStrengths(size ? text.replace(size[0], ' ') : text);
  const words = rest
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter(Boolean);
  if (!words.length && !strengths.length) return { ok: false, reason: 'empty', at: '' };
  const named = transitionIn(words);
  const kinds = words.map(kindNamedBy);
  const kind = kindOf(new Set(kinds), named);
  const { printed } = kindNamed(kind);
  const [strength, second] = strengths;
  if (second) return { ok: false, reason: 'two-strengths', at: second.text };
  if (!strength && printed?.usualStops == null) return { ok: false, reason: 'no-strength', at: '' };
  if (strength?.notation === null) return { ok: false, reason: 'ambiguous', at: strength.text };
  const stops = strength ? stopsFromLabel(strength.value, strength.notation) : null;
  if (stops !== null && !(stops >= 0 && stops <= STRONGEST))
    return { ok: false, reason: 'out-of-range', at: (strength as Strength).text };
  const asks = printed?.asksTransition ?? false;
  return {
    ok: true,
    label: {
      kind,
      stops,
      transition: printed?.transition ? (named ?? (asks ? printed.transition : null)) : null,
    },
    sizeMm: size && sizeOf(size),
    body: words.includes('dyed') ? 'dyed' : words.includes('coated') ? 'coated' : null,
    transitionAssumed: asks && named === null,
    notationAssumed: strength?.assumed ? strength.notation : null,
    unread: words.filter((w, i) => !kinds[i] && !SAID.test(w)),
  };
}

function sizeOf([, a, b]: RegExpExecArray): { width: number; length: number } {
  const [width, length] = [numeric(a as string), numeric(b as string)].sort((x, y) => x - y);
  return { width: width as number, length: length as number };
}

function transitionIn(words: readonly string[]): TransitionName | null {
  const at = words.findIndex((w) => w === 'hard' || w === 'medium' || w === 'soft');
  if (at < 0) return null;
  const very = words[at - 1] === 'very' || words[at - 1] === 'extra';
  return words[at] === 'hard' && very ? 'very hard' : (words[at] as TransitionName);
}

/** The kind that a word names. */
const kindNamedBy = (word: string): GlassKind | undefined =>
  PRINTED.find(({ printed }) => printed.words.test(word))?.kind;

/** The most telling word wins; a transition alone makes a grad. */
const kindOf = (kinds: ReadonlySet<GlassKind | undefined>, transition: TransitionName | null): GlassKind =>
  PRINTED.find(({ kind }) => kind !== PLAIN && kinds.has(kind))?.kind ?? (transition ? 'graduated' : PLAIN);

/** Glass of which nothing is said but its strength. */
const PLAIN = 'neutral';

/** What is printed on such a filter: the other direction of `readLabel`. */
export function printedLabel({ kind, stops, transition }: Label, notation: Notation): string {
  const word = kindNamed(kind).printed?.word ?? '';
  const figure = stops === null ? '' : printedStrength(stops, notation);
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
      return `ND${value}`;
  }
}
