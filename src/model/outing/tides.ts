import { daysFrom } from './calendar-day';
import { type Outing } from './plans';
import { dayOf } from './zone';

/** A turn of the tide as a line of a table tells it. */
export interface ReadTurn {
  /** ms since the epoch. */
  readonly atMs: number;
  readonly heightM: number;
  readonly turn: 'high' | 'low' | null;
  /** The clock shows its hour twice that night, or not at all. */
  readonly doubt: 'twice' | 'never' | null;
}

/** What a line of a table says of the turns below it. */
export interface TideHeading {
  readonly day?: string;
  readonly month?: number;
  /** Minutes ahead of universal time; null: what the clocks of the place show. */
  readonly offsetMinutes?: number | null;
  readonly unit?: 'm' | 'ft';
}

/** How many days a moment lies after the day of an outing, by the clocks there. */
export const dayOfOuting = (atMs: number, { day, zone }: Pick<Outing, 'day' | 'zone'>): number =>
  daysFrom(day, dayOf(atMs, zone));

/** The turns that an outing's water is drawn from, in order of time: those of its day, of the one before and of the one after. */
export function tidesFor(
  outing: Pick<Outing, 'day' | 'zone'>,
  turns: readonly ReadTurn[],
): { readonly tides: NonNullable<Outing['tides']>; readonly ofOtherDays: number } {
  const near = turns.filter((t) => Math.abs(dayOfOuting(t.atMs, outing)) <= 1);
  const byMoment = new Map(near.map(({ atMs, heightM }) => [atMs, heightM]));
  const tides = [...byMoment]
    .toSorted(([a], [b]) => a - b)
    .map(([atMs, heightM]) => ({ at: new Date(atMs).toISOString(), heightM }));
  return { tides, ofOtherDays: turns.length - near.length };
}
