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
import { LIMITS } from '../terms/limits';
import { traitsOf } from '../terms/looks';
import { partsThat } from '../stand/parts';
import { type Seen, type Stand, type Take } from '../stand/stand';
import { type RemedyKind } from '../terms/stand';
import { amountOf, isSurface, type RemedyName, sightRecord, type Surface } from './sights';
import { type Solved } from './takes';

/** One way to answer what was seen, and what it changes. */
export type Remedy =
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

/** A sky that a polariser darkens by less is better served by more grad, stops. */
const POLARISER_WORTH = 0.4;
/** A set that draws a fainter line may be so much worse by its score, and its line must be fainter by so much, stops. */
const FAINTER_WITHIN = 0.4;
const FAINTER_BY = 0.05;

/** The ways to answer what was seen, the one to take first in front; none where it is no matter of the exposure. */
export const remediesFor = (told: Told, take: Take, solved: Solved): Remedy[] =>
  sightRecord(told.what).remedies.flatMap((name) => REMEDIES[name](solved, told, take));

type Find = (solved: Solved, told: Told, take: Take) => readonly Remedy[];

const BY_LIGHT: readonly Remedy[] = [{ by: 'evidence' }];

/** How each remedy is found; none where it would not serve. */
const REMEDIES: Readonly<Record<RemedyName, Find>> = {
  'by-light': () => BY_LIGHT,
  'by-light-of-plan': ({ derived }) => (derived.inUse || derived.through ? BY_LIGHT : []),
  polariser: (solved, { of }) =>
    of && isSurface(of) && givesWayAtDeg(of) === null ? [] : polariserOff(solved),
  'polariser-for-sky': (solved) => polariserOff(solved).filter(({ promise }) => darkensSky(promise)),
  'draw-out': ({ stand }) => (traitsOf(stand).solver === DRAW_LOOK ? [] : [{ by: 'look', to: 'draw' }]),
  'even-out-top': evenedTop,
  'fainter-line': fainterLines,
  'wider-aperture': ({ stand }) => widerAperture(stand),
  'smaller-aperture': ({ stand }, told) => smallerAperture(stand, told),
  longer: (solved, told, take) => timesOf(solved, take.exposure.seconds * amountOf(told.what, told.much)),
  shorter: (solved, told, take) => timesOf(solved, take.exposure.seconds / amountOf(told.what, told.much)),
  'longer-than-walkers': (solved, _, { exposure: { seconds } }) =>
    timesOf(solved, Math.max(2 * seconds, blurTimes('people', solved.stand)[1])),
  'shorter-than-walkers': (solved, _, { exposure: { seconds } }) =>
    timesOf(solved, Math.min(seconds / 4, STANDS_STILL_SECONDS)),
  'land-placed-brighter': ({ stand }, told) => placements(stand, told),
  crop: ({ stand }, told) => cropsAt(stand, told),
};

/** The line laid through the sky; what was read must know of a bright part, or there is nothing to lay it under. */
function evenedTop({ stand, derived }: Solved): Remedy[] {
  const serves =
    !stand.look.evensTop && traitsOf(stand).follow !== null && brightPartOf(derived.prepared.input.field);
  return serves ? [{ by: 'look', to: 'evens-top' }] : [];
}

/** A polariser of the bag that is not on. */
function polariserOff({ stand, bag }: Solved): Extract<Remedy, { by: 'polariser' }>[] {
  if (fittedPolariser(stand, bag)) return [];
  const filter = filtersAtHand(bag).find(polarises);
  return filter ? [{ by: 'polariser', filterId: filter.id, promise: polariserPromise(stand, bag) }] : [];
}

/** Whether the sun stands so that a polariser darkens the sky, and evenly. */
const darkensSky = (promise: PolariserPromise | null): boolean =>
  promise !== null && !promise.banded && promise.darkerStops[0] > POLARISER_WORTH;

/** Whoever walks is caught standing at a time like this, s. */
const STANDS_STILL_SECONDS = 1 / 60;

/** The longest that anybody waits without having said so, s. */
const LONGEST_SECONDS = 240;
const MOST_WAYS = 3;

function timesOf({ stand, bag, derived }: Solved, wantSeconds: number): Remedy[] {
  const longestSeconds = Math.max(stand.wantedTime?.longestSeconds ?? LONGEST_SECONDS, wantSeconds);
  return wantedTimes(stand, bag, derived, { wantSeconds, longestSeconds })
    .ways.slice(0, MOST_WAYS)
    .map((way) => ({ by: 'time', wantSeconds, way }));
}

/** The line that a set draws, stops. */
const lineOf = ({ line }: Candidate): number => line?.stops ?? 0;

/** Sets that draw a fainter line than the one in use and are not much worse, the best first. */
function fainterLines({ derived: { balance, inUse } }: Solved): Remedy[] {
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
function widerAperture({ exposure, lens }: Stand): Remedy[] {
  const aperture = steppedAperture(exposure.aperture, -3);
  const widest = exactAperture(lens.widestAperture ?? ASSUMED_WIDEST_APERTURE);
  return exactAperture(aperture) < widest - 1e-9 ? [] : [{ by: 'aperture', aperture }];
}

/** The aperture that holds the near as well as the far; none where diffraction would show first. */
function smallerAperture(stand: Stand, { of }: Told): Remedy[] {
  const { tooNear } = focusHelp(stand);
  if (of === 'land') return [];
  const aperture = tooNear?.aperture ?? steppedAperture(stand.exposure.aperture, 3);
  const next = focusHelp({ ...stand, exposure: { ...stand.exposure, aperture } });
  return next.airyMm > next.confusionMm ? [] : [{ by: 'aperture', aperture }];
}

/** A squarer frame, or a flatter one, that ends before an edge. */
function cropsAt({ camera }: Stand, { of }: Told): Remedy[] {
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

/** A part of the land placed brighter, where the look lets it be. */
function placements(stand: Stand, { what, much, of }: Told): Remedy[] {
  if (of !== 'feature' || !traitsOf(stand).placesExposure) return [];
  const placed = (stand.look.landPlacementStops ?? 0) + amountOf(what, much);
  const placementStops = clamp(placed, ...LIMITS.toneStops);
  return [{ by: 'placement', placementStops }];
}

/** The stand with a remedy taken: the same one where it is the evidence that answers. */
function withRemedy({ stand, bag }: Pick<Solved, 'stand' | 'bag'>, remedy: Remedy): Stand {
  switch (remedy.by) {
    case 'evidence':
      return stand;
    case 'polariser':
      return putFitted(stand, remedy.filterId, true);
    case 'time':
      return { ...withTimeWay(stand, bag, remedy.way), wantedTime: wantedOf(stand, remedy.wantSeconds) };
    case 'look':
      return remedy.to === 'draw'
        ? withSchool(stand, 'draw')
        : { ...stand, look: { ...stand.look, evensTop: true } };
    case 'glass':
      return {
        ...stand,
        choice: {
          filterIds: remedy.candidate.set.map((s) => s.id),
          ...(remedy.candidate.seat ?? { offsetMm: 0, turnDeg: 0 }),
          follows: true,
        },
      };
    case 'aperture':
      return { ...stand, exposure: { ...stand.exposure, aperture: remedy.aperture } };
    case 'crop':
      return { ...stand, crop: remedy.crop };
    case 'placement':
      return { ...stand, look: { ...stand.look, landPlacementStops: remedy.placementStops } };
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
  remedy: Remedy | null,
): Stand {
  const next = remedy ? withRemedy({ stand, bag }, remedy) : stand;
  const was = Object.fromEntries(
    partsThat((part) => part.mayAnswer === true)
      .filter((part) => next[part] !== stand[part])
      .map((part) => [part, stand[part] ?? null]),
  ) as NonNullable<Seen['was']>;
  const by: RemedyKind | null = !remedy || remedy.by === 'evidence' ? null : remedy.by;
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
