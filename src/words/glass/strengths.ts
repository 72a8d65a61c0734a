import { printedStrength, readLabel } from '@/core/glass';
import { type Notation } from '@/core/units';
import { type Bag, type Filter } from '@/model';
import { stopsText } from '../figures/figures';
import { filterKindAs, type TellStrength } from './kinds';

/** How strengths are told: as the photographer typed them off the rim, or all in one notation. */
export type StrengthsAs = 'printed' | Notation;

/** A strength in one notation: "0.9", "ND8", "3 stops". */
const told =
  (notation: Notation): TellStrength =>
  (stops) =>
    notation === 'stops' ? stopsText(stops) : printedStrength(stops, notation).replace('density ', '');

/**
 * A filter's name with its strength told in one notation; a name of one's own keeps its words and has it behind them. Glass
 * that is not called by its strength keeps its name.
 */
function nameAs(filter: Filter, notation: Notation): string | undefined {
  let strength: string | null = null;
  const kind = filterKindAs(filter, (stops) => (strength = told(notation)(stops)));
  if (strength === null) return filter.name;
  const name = filter.name?.trim();
  const read = name ? readLabel(name) : null;
  const isRim = !name || (read?.ok && !read.unread.length);
  return isRim ? kind : `${name} (${strength as string})`;
}

const dressed = new WeakMap<Bag, Map<StrengthsAs, Bag>>();

/** A bag with its glass called by strengths in one notation, to be shown and never kept; the same bag where they are told as printed. */
export function bagAs(bag: Bag, as: StrengthsAs): Bag {
  if (as === 'printed') return bag;
  const known = dressed.get(bag) ?? new Map<StrengthsAs, Bag>();
  dressed.set(bag, known);
  const made = known.get(as) ?? { ...bag, filters: bag.filters.map((f) => ({ ...f, name: nameAs(f, as) })) };
  known.set(as, made);
  return made;
}
