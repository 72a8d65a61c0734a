import { brightPartOf, type Candidate, DRAW_LOOK } from '@/core/balance';
import { polarises } from '@/core/glass';
import { clamp } from '@/core/numerics';
import { brewsterFromSurfaceDeg } from '@/core/sky';
import { exactAperture, steppedAperture } from '@/core/units';
import { filtersAtHand } from '../bag/bag';
import { fittedPolariser, putFitted } from '../bag/on-lens';
import { focusHelp } from '../answer/focus';
import { type PolariserPromise, polariserPromise } from '../answer/polariser';
import { ASSUMED_WIDEST_APERTURE } from '../answer/seam-views';
import { withSchool } from '../answer/study';
import { blurTimes } from '../expose/blur';
import { type TimeWay, wantedTimes, withTimeWay } from '../expose/wanted-time';
import { LIMITS } from '../stand/limits';
import { traitsOf } from '../stand/looks';
import { partsThat } from '../stand/parts';
import { type Seen, type Stand, type Take } from '../stand/stand';
import { belowWanted } from './evidence';
import { type SightAnswer, type Surface } from './sights';
import { type Solved } from './takes';

/** One way to answer what was seen, and what it changes. */
export type Answer =
  /** What it says of the light or the seat: the plan is worked out anew from it. */
  | { readonly by: 'evidence' }
  | { readonly by: 'polariser'; readonly filterId: string; readonly promise: PolariserPromise | null }
  | { readonly by: 'time'; readonly wantSeconds: number; readonly way: TimeWay }
  | { readonly by: 'look'; readonly to: 'draw' | 'evens-top' }
  | { readonly by: 'glass'; readonly candidate: Candidate; readonly lineStops: number }
  | { readonly by: 'aperture'; readonly aperture: number }
  | { readonly by: 'placement'; readonly placementStops: number }
  /** It is offered, and never taken by itself. */
  | { readonly by: 'crop'; readonly crop: NonNullable<Stand['crop']> };

/** What is told of a sight before it is kept. */
export type Told = Pick<Seen, 'what' | 'much' | 'of'>;

/** How much longer or shorter a time is made. */
const TIMES_AS_LONG = { little: 2, much: 4 } as const;
/** A sky that a polariser darkens by less is better served by more grad, stops. */
const POLARISER_WORTH = 0.4;
/** A set that draws a fainter line may be so much worse by its score, and its line must be fainter by so much, stops. */
const FAINTER_WITHIN = 0.4;
const FAINTER_BY = 0.05;

/** The ways to answer what was seen, the one to take first in front; none where it is no matter of the exposure. */
export function answersTo(told: Told, take: Take, solved: Solved): Answer[] {
  const { stand, derived } = solved;
  switch (told.what) {
    case 'sky-pale':
      return [...skyPolariser(solved), { by: 'evidence' }];
    case 'dull':
      return [
        ...(traitsOf(stand).solver === DRAW_LOOK ? [] : [{ by: 'look', to: 'draw' } as const]),
        ...skyPolariser(solved),
      ];
    case 'bright-top':
      // what was read must know of a bright part, or there is nothing to lay the line under
      return stand.look.evensTop ||
        traitsOf(stand).follow === null ||
        !brightPartOf(derived.prepared.input.field)
        ? []
        : [{ by: 'look', to: 'evens-top' }];
    case 'line-shows':
      return [...fainterLines(solved), ...widerAperture(stand)];
    case 'rippled':
    case 'no-streaks':
      return timesOf(solved, take.exposure.seconds * TIMES_AS_LONG[twoOf(told)]);
    case 'too-smooth':
      return timesOf(solved, take.exposure.seconds / TIMES_AS_LONG[twoOf(told)]);
    case 'people-there':
      return timesOf(solved, Math.max(2 * take.exposure.seconds, blurTimes('people', stand)[1]));
    case 'people-gone':
      return timesOf(solved, Math.min(take.exposure.seconds / 4, STANDS_STILL_SECONDS));
    case 'glare':
      return told.of === 'metal' ? [] : polariserOff(solved);
    case 'mirrored':
      return polariserOff(solved);
    case 'blocked':
      return told.of === 'feature' ? [...placements(stand, told), { by: 'evidence' }] : [{ by: 'evidence' }];
    case 'soft':
      return smallerAperture(stand, told);
    case 'blown':
    case 'sky-dark':
    case 'strip':
    case 'dark-top':
    case 'turned':
    case 'too-bright':
    case 'too-dark':
      return derived.inUse || derived.through ? [{ by: 'evidence' }] : [];
    case 'histogram':
    case 'file':
      return [{ by: 'evidence' }];
    case 'clutter':
      return cropsAt(stand, told);
    case 'corners':
    case 'streaks':
    case 'colour':
    case 'spots':
      return [];
  }
}

/** A polariser of the bag that is not on. */
function polariserOff({ stand, bag }: Solved): Extract<Answer, { by: 'polariser' }>[] {
  if (fittedPolariser(stand, bag)) return [];
  const filter = filtersAtHand(bag).find(polarises);
  return filter ? [{ by: 'polariser', filterId: filter.id, promise: polariserPromise(stand, bag) }] : [];
}

/** A polariser where the sun stands so that it darkens the sky, and evenly. */
const skyPolariser = (solved: Solved): Answer[] =>
  polariserOff(solved).filter(
    ({ promise }) => promise && !promise.banded && promise.darkerStops[0] > POLARISER_WORTH,
  );

/** Whoever walks is caught standing at a time like this, s. */
const STANDS_STILL_SECONDS = 1 / 60;

const twoOf = ({ much }: Told): keyof typeof TIMES_AS_LONG => (much === 'much' ? 'much' : 'little');

/** The longest that anybody waits without having said so, s. */
const LONGEST_SECONDS = 240;
const MOST_WAYS = 3;

function timesOf({ stand, bag, derived }: Solved, wantSeconds: number): Answer[] {
  const longestSeconds = Math.max(stand.wantedTime?.longestSeconds ?? LONGEST_SECONDS, wantSeconds);
  return wantedTimes(stand, bag, derived, { wantSeconds, longestSeconds })
    .ways.slice(0, MOST_WAYS)
    .map((way) => ({ by: 'time', wantSeconds, way }));
}

/** The line that a set draws, stops. */
const lineOf = ({ line }: Candidate): number => line?.stops ?? 0;

/** Sets that draw a fainter line than the one in use and are not much worse, the best first. */
function fainterLines({ derived: { balance, inUse } }: Solved): Answer[] {
  const figures = inUse?.figures;
  if (!balance || !figures || !inUse.seat) return [];
  return balance.best
    .filter(
      (c) =>
        c.set.length > 0 &&
        lineOf(c) < lineOf(figures) - FAINTER_BY &&
        c.scoreStops <= figures.scoreStops + FAINTER_WITHIN,
    )
    .slice(0, 2)
    .map((candidate) => ({ by: 'glass', candidate, lineStops: lineOf(candidate) }));
}

/** A stop wider: a wider beam draws a softer line. */
function widerAperture({ exposure, lens }: Stand): Answer[] {
  const aperture = steppedAperture(exposure.aperture, -3);
  const widest = exactAperture(lens.widestAperture ?? ASSUMED_WIDEST_APERTURE);
  return exactAperture(aperture) < widest - 1e-9 ? [] : [{ by: 'aperture', aperture }];
}

/** The aperture that holds the near as well as the far; none where diffraction would show first. */
function smallerAperture(stand: Stand, { of }: Told): Answer[] {
  const { tooNear } = focusHelp(stand);
  if (of === 'land') return [];
  const aperture = tooNear?.aperture ?? steppedAperture(stand.exposure.aperture, 3);
  const next = focusHelp({ ...stand, exposure: { ...stand.exposure, aperture } });
  return next.airyMm > next.confusionMm ? [] : [{ by: 'aperture', aperture }];
}

/** A squarer frame, or a flatter one, that ends before an edge. */
function cropsAt({ camera }: Stand, { of }: Told): Answer[] {
  const isUpright = camera.orientation === 'portrait';
  const isSide = of === 'left' || of === 'right';
  // what is kept lies at the other end
  const at = of === 'left' || of === 'top' ? 1 : 0;
  const shapes = isSide === isUpright ? FLATTER : SQUARER;
  return shapes.map(([long, short]) => ({
    by: 'crop',
    crop: isUpright ? { width: short, height: long, at } : { width: long, height: short, at },
  }));
}

/** Proportions that take from the long side of a frame, and from its short one. */
const SQUARER = [
  [5, 4],
  [1, 1],
] as const;
const FLATTER = [
  [16, 9],
  [2, 1],
] as const;

/** The land placed brighter, where the look lets it be. */
function placements(stand: Stand, { much }: Told): Answer[] {
  if (!traitsOf(stand).placesExposure) return [];
  const placed = (stand.look.landPlacementStops ?? 0) + belowWanted(much);
  const placementStops = clamp(placed, ...LIMITS.toneStops);
  return [{ by: 'placement', placementStops }];
}

/** The stand with an answer taken: the same one where it is the evidence that answers. */
function withAnswer({ stand, bag }: Pick<Solved, 'stand' | 'bag'>, answer: Answer): Stand {
  switch (answer.by) {
    case 'evidence':
      return stand;
    case 'polariser':
      return putFitted(stand, answer.filterId, true);
    case 'time':
      return { ...withTimeWay(stand, bag, answer.way), wantedTime: wantedOf(stand, answer.wantSeconds) };
    case 'look':
      return answer.to === 'draw'
        ? withSchool(stand, 'draw')
        : { ...stand, look: { ...stand.look, evensTop: true } };
    case 'glass':
      return {
        ...stand,
        choice: {
          filterIds: answer.candidate.set.map((s) => s.id),
          ...(answer.candidate.seat ?? { offsetMm: 0, turnDeg: 0 }),
          follows: true,
        },
      };
    case 'aperture':
      return { ...stand, exposure: { ...stand.exposure, aperture: answer.aperture } };
    case 'crop':
      return { ...stand, crop: answer.crop };
    case 'placement':
      return { ...stand, look: { ...stand.look, landPlacementStops: answer.placementStops } };
  }
}

function wantedOf({ wantedTime }: Stand, seconds: number): NonNullable<Stand['wantedTime']> {
  const [low, high] = LIMITS.wantedSeconds;
  return {
    seconds: clamp(seconds, low, high),
    ...(wantedTime?.longestSeconds === undefined ? {} : { longestSeconds: wantedTime.longestSeconds }),
  };
}

/** The stand with something seen, answered: what the answer changes is kept as it was. */
export function withSeen(
  stand: Stand,
  bag: Solved['bag'],
  seen: Omit<Seen, 'answer' | 'was'>,
  answer: Answer | null,
): Stand {
  const next = answer ? withAnswer({ stand, bag }, answer) : stand;
  const was = Object.fromEntries(
    partsThat((part) => part.mayAnswer === true)
      .filter((part) => next[part] !== stand[part])
      .map((part) => [part, stand[part] ?? null]),
  ) as NonNullable<Seen['was']>;
  const by: SightAnswer | null = !answer || answer.by === 'evidence' ? null : answer.by;
  const kept: Seen = { ...seen, ...(by ? { answer: by, was } : {}) };
  return { ...next, seen: [...(stand.seen ?? []), kept] };
}

/** The stand without something that was seen, and without what its answer had changed. */
export function withoutSeen(stand: Stand, id: string): Stand {
  const gone = stand.seen?.find((s) => s.id === id);
  if (!gone) return stand;
  const { seen: _, ...rest } = stand;
  const seen = (stand.seen ?? []).filter((s) => s.id !== id);
  const was = Object.entries(gone.was ?? {}).filter(([, value]) => value !== undefined);
  const restored: Partial<Record<string, unknown>> = { ...rest, ...(seen.length ? { seen } : {}) };
  for (const [part, value] of was) {
    if (value === null) delete restored[part];
    else restored[part] = value;
  }
  return restored as unknown as Stand;
}

/** Refractive indices of what glares (physics 6); bare metal has none that a polariser could use. */
const SURFACE_INDEX: Readonly<Record<Surface, number | null>> = {
  water: 1.333,
  leaves: 1.45,
  rock: 1.333,
  deck: 1.5,
  window: 1.52,
  metal: null,
};

/** At how many degrees to it a surface gives way to a polariser; null for one that does not. */
export function givesWayAtDeg(surface: Surface): number | null {
  const index = SURFACE_INDEX[surface];
  return index === null ? null : brewsterFromSurfaceDeg(index);
}
