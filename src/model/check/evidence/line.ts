import { type Posed } from '@/core/balance';
import { skylineAt } from '@/core/field';
import { type Seat, sheetScale } from '@/core/optics';
import { type Bag } from '../../bag/bag';
import { frameOf, lensOf } from '../../resolve/lens';
import { type Seen, type Stand } from '../../stand/stand';
import { amountOf, sightRecord } from '../sights';
import { seenOf, setOfTake } from './light';

/** How a sheet is to be set otherwise than the optics say: what shots have shown of where its line really came to lie. */
export type Nudge = Seat;

const NO_NUDGE: Nudge = { offsetMm: 0, turnDeg: 0 };

/**
 * What shots say of where the line came to lie: added to every seat as it is set; mm on the sheet towards its dark end, degrees.
 * A strip that was seen means: from where the sheet stood, so far the other way, whatever else has been learnt of the light
 * since; the difference from what the optics want by now is the nudge.
 */
export function nudgeOf(stand: Stand, bag: Bag, prepared: Pick<Posed, 'seatByLight' | 'seatAlong'>): Nudge {
  let nudge = NO_NUDGE;
  for (const take of stand.seen?.length ? (stand.takes ?? []) : []) {
    const told = seenOf(stand, take).filter((s) => !s.answer && saysOfLine(s));
    const set = setOfTake(bag, take);
    if (!told.length || !take.seat || !set.length) continue;
    const isFixed = stand.choice && !stand.choice.follows;
    const now = (isFixed ? null : (prepared.seatByLight(set) ?? prepared.seatAlong(set))) ?? take.seat;
    const { offsetMm, turnDeg } = take.nudge ?? NO_NUDGE;
    nudge = {
      offsetMm: offsetMm + take.seat.offsetMm - now.offsetMm + sum(told, (s) => lowerByMm(stand, bag, s)),
      turnDeg: turnDeg + take.seat.turnDeg - now.turnDeg + sum(told, turnByDeg),
    };
  }
  return { offsetMm: Math.round(2 * nudge.offsetMm) / 2, turnDeg: Math.round(2 * nudge.turnDeg) / 2 };
}

/** Whether something that was seen says where the line came to lie. */
function saysOfLine({ what, measured: m }: Seen): boolean {
  const { line } = sightRecord(what);
  return line === 'measured' ? m?.offsetMm !== undefined || m?.turnDeg !== undefined : line !== undefined;
}

const sum = (told: readonly Seen[], of: (seen: Seen) => number): number =>
  told.reduce((total, seen) => total + of(seen), 0);

/** How far what was seen asks the holder to be turned clockwise, degrees: the end that lies too high is brought down. */
function turnByDeg({ what, of, much, measured: m }: Seen): number {
  const { line } = sightRecord(what);
  if (line === 'measured') return -(m?.turnDeg ?? 0);
  return line === 'turned' ? (of === 'right' ? 1 : -1) * amountOf(what, much) : 0;
}

/** How far what was seen asks the sheet to be moved towards its dark end, mm: a strip of light wants it the other way. */
function lowerByMm(stand: Stand, bag: Bag, { what, much, at, measured: m }: Seen): number {
  const { line } = sightRecord(what);
  if (line === 'measured') return -(m?.offsetMm ?? 0);
  if (line !== 'leaves-light' && line !== 'cuts-in') return 0;
  const parts = at ? Math.abs(at.v - skylineAt(stand.skyline)(at.u)) : amountOf(what, much);
  const mm = parts * frameOf(stand.camera).heightMm * sheetScale(lensOf(stand, bag));
  return line === 'leaves-light' ? -mm : mm;
}
