import { skylineAt } from '@/core/field';
import { fitsAlong } from '@/core/balance';
import { turnFromUpright } from '@/core/optics';
import { polarisedFrame, SKY_CLARITY } from '@/core/sky';
import { type Bag, takesSlot } from '../bag/bag';
import { fittedFilters, fittedPolariser } from '../bag/on-lens';
import { polarises } from '@/core/glass';
import { type Stand } from '../stand/stand';
import { type Glass } from './derive';
import { directionsOf } from './polariser';
import { type Prepared } from './prepare';

/** A turn of the holder: what the line loses by it, and what the sky keeps that a polariser could take, stops. */
export interface SharedTurn {
  /** As a seat has it, degrees clockwise. */
  readonly turnDeg: number;
  readonly misfitStops: number;
  readonly paleStops: number;
}

/** What a square polariser and a grad in one holder want of its turn. */
export interface SharedTurns {
  readonly turns: readonly SharedTurn[];
  /** Where the line serves best, where the sky is darkest, and where neither loses much. */
  readonly grad: SharedTurn;
  readonly polariser: SharedTurn;
  readonly between: SharedTurn;
}

/** A holder is turned so far either way, in such steps, degrees. */
const REACH_DEG = 45;
const STEP_DEG = 3;
/** The line is looked for so far from where it sits, mm: turned about the axis it stays near. */
const SLIDE_MM = 10;

/**
 * What the turn of a holder means to the grad and to the square polariser that turns with it; null where there is none in a
 * slot, or the directions of view and sun are not known, or nothing says how the grad serves.
 */
export function sharedTurns(
  stand: Stand,
  bag: Bag,
  prepared: Prepared,
  { set, seat }: Pick<Glass, 'set' | 'seat'>,
): SharedTurns | null {
  const inSlot = fittedFilters(stand, bag).find((f) => polarises(f) && takesSlot(f));
  const looks = inSlot && directionsOf(stand);
  if (!looks || !seat) return null;
  const { view, sun } = looks;
  const heightAt = skylineAt(stand.skyline);
  const isSky = (u: number, v: number) => v < heightAt(u);
  const upright = turnFromUpright(seat.turnDeg);
  const noted = fittedPolariser(stand, bag)?.axisDeg;
  // as it was noted at the turn that the holder has now; else with its axis along the holder's own
  const onHolderDeg = noted === undefined ? 0 : noted - upright;
  const raw = Array.from({ length: (2 * REACH_DEG) / STEP_DEG + 1 }, (_, i) => {
    const turn = -REACH_DEG + i * STEP_DEG;
    const turnDeg = seat.turnDeg - upright + turn;
    const fits = fitsAlong(prepared, set, { offsetMm: seat.offsetMm, turnDeg }, SLIDE_MM);
    const sky = polarisedFrame(view, sun, onHolderDeg + turn, SKY_CLARITY.clear, isSky);
    return { turnDeg, fit: Math.min(...fits.map((f) => f.fitStops)), sky: sky?.meanStops ?? NaN };
  }).filter(({ fit, sky }) => Number.isFinite(fit) && Number.isFinite(sky));
  if (!raw.length) return null;
  const [leastFit, leastSky] = [Math.min(...raw.map((r) => r.fit)), Math.min(...raw.map((r) => r.sky))];
  const turns = raw.map(({ turnDeg, fit, sky }) => ({
    turnDeg,
    misfitStops: fit - leastFit,
    paleStops: sky - leastSky,
  }));
  const best = (lossOf: (turn: SharedTurn) => number): SharedTurn =>
    turns.reduce((a, b) => (lossOf(b) < lossOf(a) ? b : a));
  return {
    turns,
    grad: best((t) => t.misfitStops),
    polariser: best((t) => t.paleStops),
    // the squares: neither is given up for the other
    between: best((t) => t.misfitStops ** 2 + t.paleStops ** 2),
  };
}
