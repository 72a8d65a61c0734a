import { judgeChoice } from '@/core/balance';
import { skylineAt } from '@/core/field';
import { seededRandom } from '@/core/numerics';
import { dimmingOfPoint, type Seat, sensorPoint } from '@/core/optics';
import {
  remediesFor,
  type Bag,
  deriveStand,
  frameOf,
  isSheet,
  lensOf,
  type Seen,
  seenStand,
  setOf,
  solveStand,
  type Solved,
  type Stand,
  type Take,
  takeEv,
  takeOf,
  withSeen,
  withTake,
} from '@/model';

/** How a scene is shot wrongly. */
export interface Wrong {
  /** How much brighter each side is than it was read, stops. */
  readonly sky: number;
  readonly land: number;
  /** How far the sheet comes to stand from where it is set, mm towards its dark end and degrees. */
  readonly seat: Seat;
  /** What the sheets take, over what is printed on them. */
  readonly strength: number;
  /** How much longer the shutter stays open than it is set, stops. */
  readonly time: number;
}

/** How near a shot came to the best one of its scene. */
export interface Came {
  /** How far the land comes out from where the best puts it, stops. */
  readonly landStops: number;
  /** By how much the frame is less well balanced than at its best, stops of score. */
  readonly fitStops: number;
  /** How far the line lies from where this sheet serves best, mm. */
  readonly seatMm: number;
}

/** Near enough to the best: 0.3 stop and 2 mm. */
export const isThere = ({ landStops, fitStops, seatMm }: Came): boolean =>
  landStops <= 0.3 && fitStops <= 0.3 && seatMm <= 2;

/** A scene with its light as it is, and as it was read. */
interface World {
  readonly wrong: Wrong;
  readonly truth: Solved;
  readonly bestLandTone: number;
  readonly bestSkyTone: number;
}

const solved = (stand: Stand, bag: Bag): Solved => ({
  stand,
  bag,
  derived: deriveStand(stand, bag, solveStand(stand, bag, { workedOut: 5 })),
});

/** Faults drawn from a seed: each of the five in every other scene, one of them at least. */
export function drawnWrong(seed: number): Wrong {
  const random = seededRandom(seed);
  const within = (most: number) => (2 * random() - 1) * most;
  const has = Array.from({ length: 5 }, () => random() < 0.5);
  if (!has.some(Boolean)) has[seed % 5] = true;
  const [readings, offset, turn, strength, time] = has;
  return {
    sky: readings ? within(1.5) : 0,
    land: readings ? within(1.5) : 0,
    seat: { offsetMm: offset ? within(8) : 0, turnDeg: turn ? within(6) : 0 },
    strength: strength ? 1 - 0.2 * random() : 1,
    time: time ? within(1) : 0,
  };
}

/** Skylines of different roughness, v at even places. */
const SKYLINES: readonly (readonly number[])[] = [
  [0.45, 0.45],
  [0.42, 0.5],
  [0.5, 0.5, 0.36, 0.34, 0.5, 0.52, 0.4, 0.38, 0.5],
  [0.35, 0.38, 0.36, 0.4, 0.37],
];

/** A stand drawn from a seed: a skyline, a lens, and a span of 1.5 to 4.5 stops as it was read. */
export function drawnStand(seed: number, like: Stand): Stand {
  const random = seededRandom(seed + 1000);
  const line = SKYLINES[seed % SKYLINES.length]!;
  const land = 8 + 4 * random();
  return {
    ...like,
    lens: { focalLengthMm: 16 + 54 * random() ** 2, pupilToFilterMm: 50 + 10 * random() },
    skyline: line.map((v, i) => ({ u: i / (line.length - 1), v })),
    readings: [
      { id: 'r1', role: 'sky', u: 0.3 + 0.4 * random(), v: 0.15, ev100: land + 1.5 + 3 * random() },
      { id: 'r2', role: 'land', u: 0.3 + 0.4 * random(), v: 0.8, ev100: land },
    ],
  };
}

/** The scene as it is: what the stand's readings say, and what they got wrong. */
function worldOf(stand: Stand, bag: Bag, wrong: Wrong): World {
  const readings = stand.readings.map((r) => ({
    ...r,
    ev100: (r.ev100 ?? NaN) + (r.role === 'sky' ? wrong.sky : wrong.land),
  }));
  const filters = bag.filters.map((f) =>
    isSheet(f) && 'stops' in f ? { ...f, stops: f.stops * wrong.strength } : f,
  );
  const truth = solved({ ...stand, readings }, { ...bag, filters });
  const { readings: outcome } = truth.derived.inUse!.outcome;
  const toneOf = (role: 'sky' | 'land') =>
    outcome.find((o) => readings.find((r) => r.id === o.id)?.role === role)!.toneThroughStops;
  return { wrong, truth, bestLandTone: toneOf('land'), bestSkyTone: toneOf('sky') };
}

/** What a shot really comes to: the tones of sky and land, where the sheet stands, and where it would serve best. */
interface Picture {
  readonly sky: number;
  readonly land: number;
  readonly seat: Seat | null;
  readonly bestSeat: Seat | null;
}

function pictureOf({ truth, wrong }: World, take: Take): Picture {
  const { stand, bag } = truth;
  const set = setOf(bag, take.filterIds);
  const { offsetMm, turnDeg } = take.nudge ?? { offsetMm: 0, turnDeg: 0 };
  const seat = take.seat
    ? {
        offsetMm: take.seat.offsetMm + offsetMm + wrong.seat.offsetMm,
        turnDeg: take.seat.turnDeg + turnDeg + wrong.seat.turnDeg,
      }
    : null;
  const midEv = takeEv(take.exposure) - wrong.time;
  const lens = lensOf(stand, bag);
  const toneOf = (role: 'sky' | 'land') => {
    const reading = stand.readings.find((r) => r.role === role)!;
    const point = sensorPoint(frameOf(stand.camera), reading.u!, reading.v!);
    const taken =
      seat && set.length ? dimmingOfPoint({ lens, sheets: set.map((s) => s.sheet), seat }, point) : 0;
    return reading.ev100! - taken - midEv;
  };
  return {
    sky: toneOf('sky'),
    land: toneOf('land'),
    seat,
    bestSeat: set.length ? truth.derived.prepared.seatByLight(set) : null,
  };
}

/** What the eye says of it by fixed rules, the worst first, three things at most. */
function seenIn(
  picture: Picture,
  { bestLandTone, bestSkyTone, truth: { stand } }: World,
  mmPerHeight: number,
) {
  const says: (Pick<Seen, 'what' | 'much' | 'of' | 'at'> & { worth: number })[] = [];
  const land = picture.land - bestLandTone;
  const sky = picture.sky - picture.land - (bestSkyTone - bestLandTone);
  if (Math.abs(land) >= 0.25)
    says.push({
      what: land > 0 ? 'too-bright' : 'too-dark',
      much: Math.abs(land) < 0.75 ? 'little' : Math.abs(land) < 1.5 ? 'clearly' : 'far',
      worth: Math.abs(land),
    });
  if (Math.abs(sky) >= 0.35)
    says.push({
      what: sky > 0 ? 'sky-pale' : 'sky-dark',
      much: Math.abs(sky) < 1 ? 'little' : 'much',
      worth: Math.abs(sky),
    });
  const { seat, bestSeat } = picture;
  if (seat && bestSeat) {
    const parts = (seat.offsetMm - bestSeat.offsetMm) / mmPerHeight;
    // what is far off is shown where it is, by a tap in the frame
    const v = skylineAt(stand.skyline)(0.5) + (parts > 0 ? -1 : 1) * Math.abs(parts);
    if (Math.abs(parts) >= 0.025)
      says.push({
        what: parts > 0 ? 'strip' : 'dark-top',
        ...(Math.abs(parts) >= 0.17 && v > 0 && v < 1
          ? { at: { u: 0.5, v } }
          : { much: Math.abs(parts) < 0.085 ? 'little' : 'much' }),
        worth: 10 * Math.abs(parts),
      });
    const turned = seat.turnDeg - bestSeat.turnDeg;
    if (Math.abs(turned) >= 1.25)
      says.push({
        what: 'turned',
        of: turned > 0 ? 'left' : 'right',
        much: Math.abs(turned) < 3.75 ? 'little' : 'much',
        worth: Math.abs(turned) / 4,
      });
  }
  return says.sort((a, b) => b.worth - a.worth).slice(0, 3);
}

/** Shoots a scene, says what it shows, and shoots again: how near each shot came. */
export function loopTrial(stand: Stand, bag: Bag, wrong: Wrong, rounds: number): Came[] {
  const world = worldOf(stand, bag, wrong);
  const scale = lensOf(stand, bag);
  const mmPerHeight = (frameOf(stand.camera).heightMm * scale.pupilToFilterMm) / scale.focalLengthMm;
  let kept = stand;
  const came: Came[] = [];
  for (let shot = 0; shot <= rounds; shot++) {
    const now = solved(seenStand(kept, bag), bag);
    const at = new Date(Date.UTC(2026, 4, 1, 5, shot)).toISOString();
    const take = takeOf(now, `t${shot}`, at)!;
    kept = withTake(kept, take);
    const picture = pictureOf(world, take);
    came.push(cameTo(picture, take, world));
    const says = seenIn(picture, world, mmPerHeight);
    if (!says.length) break;
    says.forEach(({ worth: _, ...told }, i) => {
      const remedy = remediesFor(told, take, now).find((a) => a.by === 'evidence') ?? null;
      kept = withSeen(kept, bag, { id: `w${shot}-${i}`, takeId: take.id, ...told }, remedy);
    });
  }
  return came;
}

function cameTo(picture: Picture, take: Take, { truth, bestLandTone }: World): Came {
  const { prepared, inUse } = truth.derived;
  const set = setOf(truth.bag, take.filterIds);
  const { seat, bestSeat } = picture;
  const own = judgeChoice(prepared, { set, seat: set.length ? bestSeat : null });
  return {
    landStops: Math.abs(picture.land - bestLandTone),
    fitStops: Math.max(0, (own?.scoreStops ?? Infinity) - (inUse?.figures?.scoreStops ?? 0)),
    seatMm: seat && bestSeat ? Math.abs(seat.offsetMm - bestSeat.offsetMm) : 0,
  };
}
