import { type Balance, type Candidate, type Outcome, type Spot } from '@/core/balance';
import { type SeamAt } from '@/core/optics';
import { fitFigure, stopsFigure, stopsText } from '../figures/figures';
import { otherSide, type SideNames } from '../figures/sides';

/** Figures below these are not worth a word, stops. */
const LEVEL_WORTH = 0.3;
const SPILL_WORTH = 0.1;
const WORST_WORTH = 0.5;
const LINE_WORTH = 0.3;
const CLEAN_UNDER = 0.35;

/** "sky 0.9 too bright", or null where it is about right. */
export function levelText({ levelStops }: Pick<Candidate, 'levelStops'>, brighter: string): string | null {
  if (Math.abs(levelStops) < 0.05) return null;
  return `${brighter} ${stopsFigure(Math.abs(levelStops))} too ${levelStops > 0 ? 'dark' : 'bright'}`;
}

/** A place of the frame in words: the feature's own name, or the part of the frame. */
export function placeText(spot: Spot): string {
  if (spot.shape?.name) return `the ${spot.shape.name}`;
  if (spot.nearSkyline) return `the ${spot.region} by the skyline`;
  const side = spot.u < 1 / 3 ? 'on the left' : spot.u > 2 / 3 ? 'on the right' : 'in the middle';
  return `the ${spot.region === 'feature' ? 'feature' : spot.region} ${side}`;
}

/** How far a shape's highest point stands above the seam, in parts of the frame's height; null for none. */
function reachAboveSeam(spot: Spot, at: SeamAt | null): number | null {
  const { shape } = spot;
  if (!shape || !at || !('left' in at)) return null;
  const top = shape.points.reduce((a, b) => (b.v < a.v ? b : a));
  const reach = at.left + (at.right - at.left) * top.u - top.v;
  return reach > 0.02 ? reach : null;
}

/** How an even miss is put right afterwards, where nothing clips; exposure moves both sides, and cannot. */
const repairText = (levelStops: number): string =>
  levelStops > 0
    ? 'it can be lifted afterwards, at the price of some noise'
    : 'it can be pulled down afterwards without harm';

/** Why a set ranks where it does, the most telling first; each is a sentence with its figures. */
export function reasonsText(
  candidate: Candidate,
  { brighter: side, spanStops, neededStops, least }: Balance,
  { seam, clips }: Pick<Outcome, 'seam' | 'clips'>,
  names: SideNames,
): string[] {
  const seamAt = seam?.at ?? null;
  const brighter = names[side];
  if (!candidate.set.length) {
    if (neededStops > 0) return [`Leaves the ${brighter} ${stopsText(neededStops)} brighter than wanted.`];
    if (spanStops === null) return ['By this rule no grad is wanted.'];
    if (least) return ['Everything lies within one exposure as it is.'];
    return [`Only ${stopsText(Math.abs(spanStops))} up to the ${brighter}, and that may stay.`];
  }
  const reasons: string[] = [];
  const { spillWorst, line } = candidate;
  if (spillWorst && spillWorst.stops >= WORST_WORTH) {
    const reach = reachAboveSeam(spillWorst, seamAt);
    const place = placeText(spillWorst);
    const above = reach === null ? '' : `, reaching ${fitFigure(reach)} of the frame above the seam`;
    reasons.push(`Takes ${stopsFigure(spillWorst.stops)} stops off ${place}${above}.`);
  }
  if (line && line.stops >= LINE_WORTH)
    reasons.push(
      `Draws a line across ${placeText(line)}: ${stopsFigure(line.stops)} stops within a tenth of the height.`,
    );
  const level = levelText(candidate, brighter);
  if (level && Math.abs(candidate.levelStops) >= LEVEL_WORTH)
    reasons.push(`Leaves the ${level}${clips.length ? '' : `; ${repairText(candidate.levelStops)}`}.`);
  if (candidate.spillStops >= SPILL_WORTH)
    reasons.push(
      `Takes ${stopsFigure(candidate.spillStops)} stops off the ${names[otherSide(side)]} on the whole.`,
    );
  if (candidate.noGlow)
    reasons.push('Made for a glow along the skyline: over this sky it would leave the foot darkest.');
  if (candidate.levelCostStops !== null && candidate.levelCostStops > 0.05 && candidate.seat?.turnDeg)
    reasons.push(`Turned along the skyline: level would cost ${fitFigure(candidate.levelCostStops)}.`);
  if (candidate.unevenStops <= CLEAN_UNDER)
    reasons.unshift(
      `Lies cleanly along the skyline: only ${fitFigure(candidate.unevenStops)} stops of unevenness show.`,
    );
  return reasons.length ? reasons : [`Shows ${fitFigure(candidate.unevenStops)} stops of unevenness.`];
}
