import { BIN_MM, OFFSET_LIMIT } from './bins';
import { turnCost, turnFor } from './costs';
import {
  allowedAt,
  fitAt,
  type RasterSeat,
  scoresAlong,
  type ScoredSeat,
  type SetSearch,
  TURN_STEP_DEG,
} from './search';
import { slideAt } from './valleys';

/** A settable seat may be this much worse than the raw one, stops of score. */
const SETTABLE_WITHIN = 0.02;
/** Play ends where the fit is worse by this, and is not followed further than so many steps. */
const PLAY_WORSE = 0.1;
const PLAY_LIMIT = 30 / BIN_MM;
/** How far from the raw seat's offset a settable one is sought, in steps. */
const SETTABLE_REACH = 10 / BIN_MM;
/** The sums over blocks of cells may mistake a score by this much, stops. */
const ROUGH_WITHIN = 0.02;

/** Whether a seat lies at the end of what was searched, in offset or turn. */
export function isAtBound({ search }: SetSearch, { turn, offset }: ScoredSeat): boolean {
  return Math.abs(offset) >= OFFSET_LIMIT || turn <= search.turns[0] || turn >= search.turns[1];
}

/** How far the sheet may slide either way, mm: the farthest step at which the fit is at most 0.1 worse. */
export function playOf(s: SetSearch, seat: ScoredSeat): readonly [number, number] {
  const walk = (way: 1 | -1): number => {
    let steps = 0;
    while (
      steps < PLAY_LIMIT &&
      way * seat.offset + steps < OFFSET_LIMIT &&
      fitAt(s, seat.turn, seat.offset + way * (steps + 1)) <= seat.fit + PLAY_WORSE
    )
      steps++;
    return way * steps * BIN_MM || 0;
  };
  return [walk(-1), walk(1)];
}

/**
 * The play of a set's best seat at the turn that it was given, mm from where it was set: set badly, both ends lie to one side.
 *
 * @returns null where no seat of the set is allowed
 */
export function playAt(
  s: SetSearch,
  best: ScoredSeat | null,
  { turn, offset }: RasterSeat,
): readonly [number, number] | null {
  if (!best) return null;
  const there = slideAt(s, { ...best, turn }, 'exact');
  const [low, high] = playOf(s, there);
  const off = (there.offset - offset) * BIN_MM;
  return [low + off, high + off];
}

/**
 * The seat that hands can set (solver): among those within 0.02 of the best, level if any is; else a turn of whole fives,
 * else of whole degrees; then half millimetres; then the one nearest the middle of the play.
 */
export function settableSeat(s: SetSearch, raw: ScoredSeat): ScoredSeat {
  const limit = raw.score + SETTABLE_WITHIN;
  const [low, high] = playOf(s, raw);
  const middle = raw.offset + (low + high) / 2 / BIN_MM;
  const near = { from: raw.offset - SETTABLE_REACH, to: raw.offset + SETTABLE_REACH };
  const goodAt = (turns: readonly number[]) =>
    turns
      .filter((turn) => mayReach(s, { ...raw, turn }, limit))
      .flatMap((turn) => scoresAlong(s, turn, near))
      .filter((seat) => seat.score <= limit);
  for (const turns of [[levelTurn(s)], turnsOf(s, limit, 5), turnsOf(s, limit, 1), [raw.turn]]) {
    const good = goodAt(turns);
    if (good.length) return handiest(good, middle);
  }
  return raw;
}

/** Whether the sums over blocks of cells leave it open that a turn has a seat at most so bad. */
function mayReach(s: SetSearch, from: ScoredSeat, limit: number): boolean {
  const { turns, target } = s.search;
  if (from.turn < turns[0] || from.turn > turns[1] || !allowedAt(s, from.turn)) return false;
  if (s.fixedCost + turnCost(target, from.turn * TURN_STEP_DEG) > limit) return false;
  return slideAt(s, from, 'middle').score <= limit + ROUGH_WITHIN;
}

/** Upright or upside down without a turn. */
const levelTurn = ({ search }: SetSearch): number => (search.target.upsideDown ? 180 : 0) / TURN_STEP_DEG;

/** Turns that are multiples of some degrees and not ruled out by their cost alone. */
function turnsOf({ search, fixedCost }: SetSearch, limit: number, degrees: number): number[] {
  const reach = turnFor(limit - fixedCost);
  const { skylineTurnDeg } = search.target;
  const turns: number[] = [];
  const first = Math.ceil(Math.max(search.turns[0] * TURN_STEP_DEG, skylineTurnDeg - reach) / degrees);
  const last = Math.floor(Math.min(search.turns[1] * TURN_STEP_DEG, skylineTurnDeg + reach) / degrees);
  for (let k = first; k <= last; k++) turns.push((k * degrees) / TURN_STEP_DEG);
  return turns;
}

function handiest(seats: readonly ScoredSeat[], middle: number): ScoredSeat {
  const halves = seats.filter((seat) => (seat.offset * BIN_MM * 2) % 1 === 0);
  const away = (seat: ScoredSeat) => Math.abs(seat.offset - middle);
  return (halves.length ? halves : seats).reduce((best, seat) =>
    away(seat) < away(best) - 1e-9 || (away(seat) <= away(best) + 1e-9 && seat.score < best.score)
      ? seat
      : best,
  );
}

/** How much worse the best level seat is than the raw one, stops of score; null where level shows an edge. */
export function levelCost(s: SetSearch, raw: ScoredSeat): number | null {
  const turn = levelTurn(s);
  if (!allowedAt(s, turn)) return null;
  return Math.max(0, slideAt(s, { ...raw, turn }, 'exact').score - raw.score);
}
