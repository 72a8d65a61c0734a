import { type Cast } from '@/core/measuring';
import { type Bag, type Filter } from '../bag/bag';
import { fittedFilters } from '../bag/on-lens';
import { type Stand } from '../stand/stand';
import { takenStops } from '../resolve/glass';

/** The colour that glass gives a picture: how much brighter its red and blue come out against green, of what it takes. */
export interface SeenCast {
  /** Of what covers the whole frame, stops taken. */
  readonly whole: Cast;
  /** Of the sheets, stops taken for each stop that they dim. */
  readonly perStop: Cast;
}

/** What the colours of some filters, as they were measured, come to; null where none was. */
export function castOf(filters: readonly Filter[]): Cast | null {
  const casts = filters.flatMap((f) => f.castStops ?? []);
  if (!casts.length) return null;
  const sum = (of: (cast: Cast) => number) => casts.reduce((total, cast) => total + of(cast), 0);
  return { red: sum((c) => c.red), blue: sum((c) => c.blue) };
}

/** The colour of all that is on the lens with some sheets; null where none of it was measured. */
export function seenCast(stand: Pick<Stand, 'fitted'>, bag: Bag, sheets: readonly Filter[]): SeenCast | null {
  const whole = castOf(fittedFilters(stand, bag));
  const own = castOf(sheets);
  if (!whole && !own) return null;
  const stops = Math.max(
    0.1,
    sheets.reduce((sum, f) => sum + takenStops(f), 0),
  );
  const none = { red: 0, blue: 0 };
  return { whole: whole ?? none, perStop: own ? { red: own.red / stops, blue: own.blue / stops } : none };
}
