import { type SheetSet } from '@/core/balance';
import { ev100 } from '@/core/exposure';
import { clamp, mean } from '@/core/numerics';
import { dimmingOfPoint, sensorPoint } from '@/core/optics';
import { JPEG_HIGHLIGHT_ROOM, sensorWindow } from '@/core/sensor';
import { exactAperture, exactIso, type ExactSeconds } from '@/core/units';
import { type Bag } from '../../bag/bag';
import { fittedStops, setOf } from '../../resolve/glass';
import { frameOf, lensOf } from '../../resolve/lens';
import { meteredEv } from '../../stand/metered';
import { placeOf, POINT_ANGLE_DEG, takenByGlass } from '../../resolve/metered';
import { middleOfSide } from '../../frame/sides';
import { LIMITS } from '../../terms/limits';
import { type MeteredLight, type Reading, type Seen, type Stand, type Take } from '../../stand/stand';
import { amountOf, type OfLight, sightRecord } from '../sights';

/** What the shots of a stand say of its light, its seat and nothing else; worked out from them whenever it is asked for. */
export interface Evidence {
  /** By how much each reading is put brighter than it was read, stops; those that stay are absent. */
  readonly shifts: ReadonlyMap<string, number>;
  /** Estimates of what was never read, each under the id of what was seen. */
  readonly added: readonly Reading[];
  /** The same of what the camera read through all that was on, stops. */
  readonly throughShift: number;
}

/** How much brighter than it was read an amount of a sight makes that, stops. */
const stopsOf = (
  { is }: Extract<OfLight, { is: string }>,
  { what, much }: Pick<Seen, 'what' | 'much'>,
): number => (is === 'brighter' ? 1 : -1) * amountOf(what, much);

/** By how much all of a shot was said to be too bright, stops; null for what says nothing of that. */
export function tooBrightBy(seen: Pick<Seen, 'what' | 'much'>): number | null {
  const { light } = sightRecord(seen.what);
  return light?.of === 'all' ? stopsOf(light, seen) : null;
}

/** What was seen of a take, in the order in which it was told. */
export const seenOf = ({ seen = [] }: Pick<Stand, 'seen'>, { id }: Pick<Take, 'id'>): Seen[] =>
  seen.filter((s) => s.takeId === id);

/** What was told of a take under one sight. */
export const seenAs = (
  stand: Pick<Stand, 'seen'>,
  take: Pick<Take, 'id'>,
  sight: Seen['what'],
): Seen | undefined => seenOf(stand, take).find((s) => s.what === sight);

/** A spot as it is known while the shots are gone through. */
interface Spot {
  readonly reading: Reading;
  /** EV at ISO 100, what glass took added back, as far as it is known by now. */
  readonly ev: number;
  readonly shift: number;
}

type Side = 'sky' | 'ground';
const sideOf = ({ role }: Pick<Reading, 'role'>): Side => (role === 'sky' ? 'sky' : 'ground');

const NOTHING_SHOWN: Evidence = { shifts: new Map(), added: [], throughShift: 0 };

/** What the shots of a stand say of its light. */
export function evidenceOf(stand: Stand, bag: Bag): Evidence {
  if (!stand.seen?.length) return NOTHING_SHOWN;
  let known: Known = {
    spots: stand.readings.map((reading) => ({
      reading,
      ev: meteredEv(reading) + takenByGlass(reading, stand, bag),
      shift: 0,
    })),
    added: [],
    throughShift: 0,
  };
  for (const take of stand.takes ?? []) {
    const shot = shotOf(stand, bag, take);
    for (const seen of seenOf(stand, take)) if (!seen.answer) known = withSight(known, seen, shot);
  }
  return {
    shifts: new Map(known.spots.filter((s) => s.shift !== 0).map((s) => [s.reading.id, s.shift])),
    added: known.added,
    throughShift: known.throughShift,
  };
}

/** What is known of the light so far. */
interface Known {
  readonly spots: readonly Spot[];
  readonly added: readonly Reading[];
  readonly throughShift: number;
}

/** A shot as the light met it. */
interface Shot {
  readonly take: Take;
  readonly stand: Stand;
  /** EV of the scene, through its grads, that came out at mid-grey. */
  readonly midEv: number;
  /** What its grads took of a spot, stops. */
  readonly dimming: (spot: Reading) => number;
  /** By how much it was exposed longer than the plan asked, stops. */
  readonly overPlan: number;
}

function shotOf(stand: Stand, bag: Bag, take: Take): Shot {
  const at = asShot(stand, take);
  const lens = lensOf(at, bag);
  const sheets = setOfTake(bag, take).map((s) => s.sheet);
  const { seat } = take;
  return {
    take,
    stand,
    midEv: takeEv(take.exposure) + fittedStops(at, bag),
    dimming: (reading) => {
      if (!seat || !sheets.length) return 0;
      const { u, v } = placeOf(reading) ?? middleOfSide(stand, reading.role);
      return dimmingOfPoint({ lens, sheets, seat }, sensorPoint(frameOf(stand.camera), u, v));
    },
    overPlan: take.planned ? takeEv(take.planned) - takeEv(take.exposure) : 0,
  };
}

/** The stand as it stood when a shot was made: its settings, and what was on beside the grads. */
export function asShot(stand: Stand, { exposure: { aperture, iso }, fitted }: Take): Stand {
  return { ...stand, exposure: { aperture, iso }, fitted };
}

/** The sheets of a shot, as they were slid. */
export const setOfTake = (bag: Bag, { filterIds, apartMm }: Take): SheetSet => setOf(bag, filterIds, apartMm);

/** EV at ISO 100 that a take was exposed for. */
export const takeEv = ({ aperture, iso, seconds }: Take['exposure']): number =>
  ev100({ aperture: exactAperture(aperture), iso: exactIso(iso), seconds: seconds as ExactSeconds });

/** Whether light was metered after a shot: then the shot says nothing of it any more. */
const isNewer = ({ takenAt }: MeteredLight, { takenAt: shotAt }: Take): boolean =>
  takenAt !== undefined && Date.parse(takenAt) > Date.parse(shotAt);

/** Whether a side was read again after a shot. */
const isReadAgain = ({ spots }: Known, side: Side, take: Take): boolean =>
  spots.some(({ reading }) => sideOf(reading) === side && !reading.limit && isNewer(reading, take));

/** Spots of a side, with what is known of them put brighter; a side that was read again stays as it was read. */
function lit(known: Known, side: Side, stops: number, { take }: Shot): Known {
  if (isReadAgain(known, side, take)) return known;
  return {
    ...known,
    spots: known.spots.map((spot) =>
      sideOf(spot.reading) === side && !isNewer(spot.reading, take) ? shifted(spot, stops) : spot,
    ),
  };
}

const shifted = (spot: Spot, stops: number): Spot => ({
  ...spot,
  ev: spot.ev + stops,
  shift: spot.shift + stops,
});

/** All of the light put brighter by the same amount. */
function allLit(known: Known, stops: number, shot: Shot): Known {
  const { through } = shot.stand;
  const both = lit(lit(known, 'sky', stops, shot), 'ground', stops, shot);
  return through && !isNewer(through, shot.take)
    ? { ...both, throughShift: both.throughShift + stops }
    : both;
}

/** What is known once something was seen of a shot; what says nothing of the light leaves it as it is. */
function withSight(known: Known, seen: Seen, shot: Shot): Known {
  const { light } = sightRecord(seen.what);
  switch (light?.of) {
    case undefined:
      return known;
    case 'sky':
      return lit(known, 'sky', stopsOf(light, seen), shot);
    case 'all':
      return allLit(known, stopsOf(light, seen) - shot.overPlan, shot);
    case 'land': {
      const stops = stopsOf(light, seen) - shot.overPlan;
      return known.spots.length ? lit(known, 'ground', stops, shot) : allLit(known, stops, shot);
    }
    case 'brightest':
      return brightestAbove(known, seen, shot);
    case 'measured':
      return measured(known, seen.measured, shot);
  }
}

/** What was measured of a shot: how much brighter each side is than the plan had it. */
function measured(
  known: Known,
  { sky = 0, land = 0 }: NonNullable<Seen['measured']> = {},
  shot: Shot,
): Known {
  if (!known.spots.length) return allLit(known, land, shot);
  return lit(lit(known, 'sky', sky, shot), 'ground', land, shot);
}

/**
 * What is gone lies above the room in question by what is told, and nobody had known: its brightest reading is raised to
 * that, to be held, which shortens the time. Where most of a sky is gone, or the shorter time would leave the land under
 * what still prints well, it is the whole side that is brighter than was read, which asks for more glass.
 */
function brightestAbove(known: Known, { id, what, much, of = 'sky', raw, at }: Seen, shot: Shot): Known {
  const { camera } = shot.stand;
  const window = sensorWindow(camera, exactIso(shot.take.exposure.iso));
  const room = raw ? window.highlightRoom : Math.min(JPEG_HIGHLIGHT_ROOM, window.highlightRoom);
  const above = amountOf(what, much);
  // without a reading of either side, it is the camera's own time that is too long
  if (!known.spots.length) return allLit(known, above - shot.overPlan, shot);
  // a feature's own readings cap nothing: what is gone in the land is held as a part of it
  const role = of === 'sky' || of === 'water' ? of : 'land';
  const own = known.spots.filter(({ reading }) => reading.role === role && (role === 'sky' || reading.limit));
  const place = at ?? middleOfSide(shot.stand, role);
  const evOf = (reading: Reading) => shot.midEv + room + above + shot.dimming(reading);
  const estimate: Reading = {
    id,
    role,
    limit: true,
    spotAngleDeg: POINT_ANGLE_DEG,
    takenAt: shot.take.takenAt,
    ...place,
    ev100: 0,
  };
  const [brightest] = own.toSorted((a, b) => b.ev - a.ev);
  const ev = evOf(brightest?.reading ?? estimate);
  const held = own.find((s) => s.reading.limit);
  if (held && isNewer(held.reading, shot.take)) return known;
  if (role === 'sky' && brightest && !isReadAgain(known, 'sky', shot.take)) {
    const more = ev - brightest.ev;
    if (more > 0 && (much === 'most' || leavesLandDark(known, ev, shot)))
      return lit(known, 'sky', more, shot);
  }
  if (brightest && ev <= brightest.ev) return known;
  if (held)
    return {
      ...known,
      spots: known.spots.map((s) => (s === held && s.ev < ev ? shifted(s, ev - s.ev) : s)),
    };
  const held100 = clamp(ev, LIMITS.ev100[0], LIMITS.ev100[1]);
  return { ...known, added: [...known.added, { ...estimate, ev100: held100 }] };
}

/** Whether holding something so bright through the shot's own glass leaves the land darker than prints well. */
function leavesLandDark({ spots }: Known, ev: number, shot: Shot): boolean {
  const land = spots.filter(({ reading }) => reading.role === 'land' && !reading.limit);
  if (!land.length) return false;
  const window = sensorWindow(shot.stand.camera, exactIso(shot.take.exposure.iso));
  const held = shot.stand.readings.find((r) => r.role === 'sky');
  const mid = ev - (held ? shot.dimming(held) : 0) - (window.highlightRoom - HELD_UNDER_ROOM);
  return mean(land.map((s) => s.ev - shot.dimming(s.reading))) - mid < -window.printRoom;
}

/** The brightest is put so far below the room (physics 5), stops. */
const HELD_UNDER_ROOM = 0.5;

/** The stand as its shots have shown it to be: what they say of the light is in its readings. The same one where they say nothing. */
export const seenStand = (stand: Stand, bag: Bag): Stand => litBy(stand, evidenceOf(stand, bag));

/** The same, where what they say is known already. */
export function litBy(stand: Stand, { shifts, added, throughShift }: Evidence): Stand {
  if (!shifts.size && !added.length && throughShift === 0) return stand;
  const { through } = stand;
  return {
    ...stand,
    readings: [
      ...stand.readings.map((reading) => {
        const stops = shifts.get(reading.id);
        return stops === undefined ? reading : brighter(reading, stops);
      }),
      ...added,
    ],
    ...(through && throughShift !== 0 ? { through: brighter(through, throughShift) } : {}),
  };
}

/** The same light, so many stops brighter. */
function brighter<L extends MeteredLight>(light: L, stops: number): L {
  const { aperture: _, shutter: __, iso: ___, ...rest } = light;
  return { ...rest, ev100: meteredEv(light) + stops } as L;
}
