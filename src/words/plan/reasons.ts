import { type Balance, type Candidate, type Outcome, sameSet, type Spot } from '@/core/balance';
import { type SeamAt } from '@/core/optics';
import { fitFigure, stopsFigure, stopsText } from '../figures/figures';
import { otherSide, type SideNames } from '../figures/sides';

/** Figures below these are not worth a word, stops. */
const LEVEL_WORTH = 0.3;
const SPILL_WORTH = 0.1;
const WORST_WORTH = 0.5;
const LINE_WORTH = 0.3;

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

/** A difference between two sets below this parts them in no eye, stops. */
const PARTS_FROM = 0.1;

/**
 * What parts a set from the one that stands first, in a sentence: the harm in which they differ the most. Null for the
 * first itself, and for one that does nearly the same.
 */
export function partingText(candidate: Candidate, balance: Balance, names: SideNames): string | null {
  const first = balance.best[0];
  if (!first?.set.length || !candidate.set.length) return null;
  if (
    sameSet(
      first.set,
      candidate.set.map((s) => s.id),
    )
  )
    return null;
  if (candidate.noGlow !== first.noGlow) return null;
  const brighter = names[balance.brighter];
  const found = HARMS.map(({ stopsOf, text }) => {
    const [own, other] = [stopsOf(candidate), stopsOf(first)];
    return { by: Math.abs(own - other), text: () => text({ candidate, first, own, other, brighter }) };
  });
  const most = found.reduce((a, b) => (b.by > a.by ? b : a));
  return most.by < PARTS_FROM ? null : most.text();
}

interface Parted {
  readonly candidate: Candidate;
  readonly first: Candidate;
  /** The harm that each of them does, stops. */
  readonly own: number;
  readonly other: number;
  readonly brighter: string;
}

/** Where a harm lies: where the set itself does it, else where the first does. */
const whereText = (own: Spot | null, other: Spot | null): string => {
  const spot = own ?? other;
  return spot ? placeText(spot) : 'the land';
};

/** Harms by which sets are told apart, and how. */
const HARMS: readonly {
  readonly stopsOf: (of: Candidate) => number;
  readonly text: (parted: Parted) => string;
}[] = [
  {
    stopsOf: (of) => of.spillWorst?.stops ?? 0,
    text: ({ candidate, first, own, other }) => {
      const where = whereText(candidate.spillWorst, first.spillWorst);
      return own < other
        ? `Keeps off ${whereText(first.spillWorst, null)}: takes ${stopsFigure(own)} there, the first ${stopsFigure(other)}.`
        : `Takes ${stopsFigure(own)} stops off ${where}, the first ${stopsFigure(other)}.`;
    },
  },
  {
    stopsOf: (of) => of.line?.stops ?? 0,
    text: ({ candidate, first, own, other }) => {
      const where = whereText(candidate.line, first.line);
      return own < other
        ? `Softer across ${whereText(first.line, null)}: a line of ${stopsFigure(own)}, the first ${stopsFigure(other)}.`
        : `Draws a line across ${where}: ${stopsFigure(own)} stops within a tenth of the height, the first ${stopsFigure(other)}.`;
    },
  },
  {
    stopsOf: (of) => of.levelStops,
    text: ({ own, other, brighter }) =>
      `Leaves the ${brighter} ${stopsFigure(Math.abs(own - other))} ${own < other ? 'brighter' : 'darker'} than the first does.`,
  },
  {
    stopsOf: (of) => of.leakStops + Math.min(0, of.levelStops),
    text: ({ own, other, brighter }) =>
      own < other
        ? `Less of the ${brighter} is left too bright: ${stopsFigure(own)} stops beside its level, the first ${stopsFigure(other)}.`
        : `Leaves a bright strip of the ${brighter}: ${stopsFigure(own)} stops beside its level, the first ${stopsFigure(other)}.`,
  },
];

/** Why a set ranks where it does, what parts it from the first before all; each is a sentence with its figures. None of one that only lies well. */
export function reasonsText(
  candidate: Candidate,
  balance: Balance,
  outcome: Pick<Outcome, 'seam' | 'clips'>,
  names: SideNames,
): string[] {
  if (!candidate.set.length) return [noneText(balance, names)];
  const parting = partingText(candidate, balance, names);
  return [...(parting === null ? [] : [parting]), ...ownReasons(candidate, balance, outcome, names)];
}

function noneText({ brighter, spanStops, neededStops, least }: Balance, names: SideNames): string {
  if (neededStops > 0) return `Leaves the ${names[brighter]} ${stopsText(neededStops)} brighter than wanted.`;
  if (spanStops === null) return 'By this rule no grad is wanted.';
  if (least) return 'Everything lies within one exposure as it is.';
  return `Only ${stopsText(Math.abs(spanStops))} up to the ${names[brighter]}, and that may stay.`;
}

/** What a set does by itself, the most telling first. */
function ownReasons(
  candidate: Candidate,
  { brighter: side }: Balance,
  { seam, clips }: Pick<Outcome, 'seam' | 'clips'>,
  names: SideNames,
): string[] {
  const seamAt = seam?.at ?? null;
  const brighter = names[side];
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
  if (candidate.unwantedStops >= SPILL_WORTH)
    reasons.push(
      `Takes ${stopsFigure(candidate.unwantedStops)} stops off the ${names[otherSide(side)]} on the whole.`,
    );
  if (candidate.noGlow)
    reasons.push('Made for a glow along the skyline: over this sky it would leave the foot darkest.');
  if (candidate.levelCostStops !== null && candidate.levelCostStops > 0.05 && candidate.seat?.turnDeg)
    reasons.push(`Turned along the skyline: level would cost ${fitFigure(candidate.levelCostStops)}.`);
  return reasons;
}
