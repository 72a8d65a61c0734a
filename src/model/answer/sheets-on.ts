import { type SheetSet } from '@/core/balance';
import { type Prepared } from './prepare';
import { choose } from '../stand/choice';
import { type Stand } from '../stand/stand';

/**
 * The stand with these sheets on the lens, put on by eye: their seat follows the skyline, and the readings where there
 * are some, or stays where it is laid. No sheet at all is a choice too.
 */
export function withSheets(
  stand: Stand,
  { seatAlong }: Pick<Prepared, 'seatAlong'>,
  set: SheetSet,
  follows = true,
): Stand {
  const seat = (set.length ? seatAlong(set) : null) ?? { offsetMm: 0, turnDeg: 0 };
  return choose(stand, { filterIds: set.map((s) => s.id), ...seat, ...(follows ? { follows } : {}) });
}
