import { ALL, BRIGHT, FAR, fitOfSums, SLOPED, SUMS, WANTED } from './bins';
import { turnCost } from './costs';
import {
  allowedAt,
  type RasterSeat,
  type ScoredSeat,
  type SetSearch,
  TURN_STEP_DEG,
  turnRange,
} from './search';

/**
 * The exhaustive search over bins, as the specification defines it: every quarter degree, every quarter millimetre, every
 * bin, nothing passed over. `bestSeat` is tested against it and measured against it. Null where no seat is allowed.
 */
export function exhaustiveSeat(s: SetSearch): ScoredSeat | null {
  const { target } = s.search;
  const [from, to] = turnRange(target);
  let best: ScoredSeat | null = null;
  for (let turn = from; turn <= to; turn++) {
    const allowed = allowedAt(s, turn);
    if (!allowed) continue;
    const cost = s.fixedCost + turnCost(target, turn * TURN_STEP_DEG);
    for (let offset = allowed[0]; offset <= allowed[1]; offset++) {
      const fit = fitOverAllBins(s, { turn, offset });
      if (!best || fit + cost < best.score) best = { turn, offset, fit, score: fit + cost };
    }
  }
  return best;
}

/** The readable definition of `fitFromBins`: five sums in one pass over every bin. */
function fitOverAllBins({ search, table }: SetSearch, { turn, offset }: RasterSeat): number {
  const { first, count, sums } = search.bins('exact', turn);
  const { stops, lines, first: lowest } = table('exact');
  const shift = first - offset - lowest;
  let bright = 0;
  let sloped = 0;
  let squares = 0;
  let wanted = 0;
  let inTheOpen = 0;
  for (let i = 0, at = 0; i < count; i++, at += SUMS) {
    const a = stops[i + shift];
    bright += sums[at + BRIGHT] * a;
    sloped += sums[at + SLOPED] * a;
    squares += sums[at + ALL] * a * a;
    wanted += sums[at + WANTED] * a;
    inTheOpen += sums[at + FAR] * lines[i + shift];
  }
  const { constants } = search;
  return fitOfSums(squares - 2 * wanted + constants.wantedSquares + inTheOpen, { bright, sloped }, constants);
}
