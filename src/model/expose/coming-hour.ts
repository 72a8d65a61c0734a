import { groundOf, sideMean, sideReadings } from '@/core/balance';
import { type NdSet, secondsInChangingLight } from '@/core/exposure';
import { type PlacedReading, type Role } from '@/core/field';
import {
  forecastRange,
  type ForecastRange,
  groundEv,
  skyEv,
  type SkyDirection,
  type SkyState,
} from '@/core/sky';
import { degreesApart } from '@/core/units';
import { type Derived } from '../answer/derive';
import { type Carry } from '../readings/carry';
import { type Stand } from '../stand/stand';
import { secondsWithoutNd } from './without-nd';
import { type Bag } from '../bag/bag';

/** The light of the next sixty minutes, anchored to what was read last (physics 11). */

const HOUR_MINUTES = 60;
/** Between two moments that are worked out, minutes. */
const STEP_MINUTES = 5;
const MOMENTS = HOUR_MINUTES / STEP_MINUTES + 1;
/** Of the frame's sky: so far above the horizon, degrees. */
const SKY_ALTITUDE_DEG = 36;
/** Grey land; it goes out of every difference. */
const REFLECTANCE = 0.18;
/** A watched fall has full weight now, and none after so many minutes. */
const WATCHED_MINUTES = 20;
const MS_PER_MINUTE = 60_000;

/** What a forecast is made from, beside the readings. */
export interface ComingSky {
  readonly sky: SkyState;
  /** Direction of the frame, clockwise from north; null where it was not said: the sun is taken to stand at the side. */
  readonly viewAzimuthDeg: number | null;
  readonly landLit: boolean;
  /** When something takes the sun from the land, ms since the epoch; null: when it sets. */
  readonly litUntilMs: number | null;
  /** Where the sun stands, without refraction, at a time in ms since the epoch. */
  readonly sunAt: (atMs: number) => SkyDirection;
}

/** The light of one side at a time to come: EV at ISO 100, and how far it may be off. */
export interface ComingLight {
  readonly ev100: number;
  readonly range: ForecastRange;
}

export interface ComingMoment {
  readonly atMs: number;
  readonly minutes: number;
  readonly sunAltitudeDeg: number;
  /** How far the frame looks from the sun, across, degrees; null where its direction is not known. */
  readonly fromSunDeg: number | null;
  readonly sky: ComingLight | null;
  readonly land: ComingLight | null;
  /** Null without readings of both sides. */
  readonly spanStops: number | null;
  /** What has to be taken of it by the look of the stand. */
  readonly needStops: number | null;
  /** With all that is on the lens but its NDs, s. */
  readonly baseSeconds: number | null;
  /** How fast the darker side's light falls then, stops a minute. */
  readonly fallPerMinute: number;
}

export interface ComingHour {
  readonly moments: readonly ComingMoment[];
  /** The sun is out of the range that the forecast serves for, from this moment on; null where it never is. */
  readonly endsMs: number | null;
}

/** Forecast of a role's light by the model alone, EV at ISO 100; null out of its range. */
function modelEv(role: Role, atMs: number, coming: ComingSky): number | null {
  const { sky, landLit, litUntilMs, sunAt } = coming;
  const sun = sunAt(atMs);
  const { altitudeDeg } = sun;
  // a mirror's light is its sky's
  if (role === 'sky' || role === 'water') {
    const place = { fromSunAcrossDeg: acrossDeg(coming, sun), altitudeDeg: SKY_ALTITUDE_DEG };
    return skyEv(sky, altitudeDeg, place);
  }
  const isLit = landLit && altitudeDeg > 0 && (litUntilMs === null || atMs < litUntilMs);
  return groundEv(sky, altitudeDeg, { reflectance: REFLECTANCE, isLit });
}

/** How far the frame looks from the sun, across, 0 to 180 degrees; at the side where its direction is not known. */
function acrossDeg({ viewAzimuthDeg }: ComingSky, { azimuthDeg }: SkyDirection): number {
  return viewAzimuthDeg === null ? 90 : degreesApart(viewAzimuthDeg, azimuthDeg);
}

/**
 * How a role's light goes on from now, stops by which it has changed at each minute: the forecast's own change, and where a
 * fall was watched the two blended, the watched one with full weight now and none after twenty minutes.
 */
function changeOf(role: Role, { nowMs, sky }: HourOrder, watchedFall: number | null): (number | null)[] {
  const model = Array.from({ length: MOMENTS }, (_, i) =>
    modelEv(role, nowMs + i * STEP_MINUTES * MS_PER_MINUTE, sky),
  );
  let changed: number | null = model[0] == null ? null : 0;
  return model.map((ev, i) => {
    if (i === 0) return changed;
    const before = model[i - 1] ?? null;
    if (ev === null || before === null || changed === null) return (changed = null);
    const middle = (i - 0.5) * STEP_MINUTES;
    const weight = watchedFall === null ? 0 : Math.max(0, 1 - middle / WATCHED_MINUTES);
    changed += weight * -(watchedFall ?? 0) * STEP_MINUTES + (1 - weight) * (ev - before);
    return changed;
  });
}

/** What an hour goes out from. */
export interface HourOrder {
  readonly stand: Stand;
  readonly bag: Bag;
  readonly derived: Derived;
  readonly carry: Carry | null;
  readonly nowMs: number;
  readonly sky: ComingSky;
}

/** Light of one spot, or of the frame, that the hour is anchored to. */
type Anchor = Pick<PlacedReading, 'role' | 'ev100'> & { readonly takenAt: string | undefined };

/** The coming hour of a stand. */
export function comingHour(order: HourOrder): ComingHour {
  const { stand, bag, derived, nowMs, sky } = order;
  const anchors = anchorsOf(stand, derived);
  const lights = { sky: sideLight(anchors.sky, order), land: sideLight(anchors.land, order) };
  const darker = (derived.spanStops ?? 0) >= 0 ? 'land' : 'sky';
  const dark = lights[darker];
  const baseRead = secondsWithoutNd(stand, bag, derived);
  const read = sideEv(anchors[darker], derived, (r) => r.ev100);
  const taken =
    derived.balance && derived.spanStops !== null ? derived.spanStops - derived.balance.neededStops : null;
  const moments = Array.from({ length: MOMENTS }, (_, i): ComingMoment => {
    const minutes = i * STEP_MINUTES;
    const atMs = nowMs + minutes * MS_PER_MINUTE;
    const sun = sky.sunAt(atMs);
    const glow = { sunAltitudeDeg: sun.altitudeDeg, fromSunAcrossDeg: acrossDeg(sky, sun) };
    const [above, below, darkEv] = [lights.sky[i] ?? null, lights.land[i] ?? null, dark[i] ?? null];
    const spanStops = above !== null && below !== null ? above - below : null;
    return {
      atMs,
      minutes,
      sunAltitudeDeg: sun.altitudeDeg,
      fromSunDeg: sky.viewAzimuthDeg === null ? null : glow.fromSunAcrossDeg,
      sky: above === null ? null : { ev100: above, range: forecastRange(minutes, sky.sky, glow) },
      land: below === null ? null : { ev100: below, range: forecastRange(minutes, sky.sky) },
      spanStops,
      needStops: spanStops === null || taken === null ? null : Math.max(0, spanStops - taken),
      baseSeconds:
        baseRead === null || darkEv === null || read === null ? null : baseRead * 2 ** (read - darkEv),
      fallPerMinute: fallAt(dark, i),
    };
  });
  const end = moments.find((m) => modelEv('land', m.atMs, sky) === null);
  return { moments, endsMs: end?.atMs ?? null };
}

/** What of each side the hour is anchored to: its readings, or where there are none the camera's own through all that is on. */
function anchorsOf(
  { readings }: Stand,
  { prepared, through }: Derived,
): Record<'sky' | 'land', readonly Anchor[]> {
  const { field } = prepared.input;
  const takenAt = new Map(readings.map((r) => [r.id, r.takenAt]));
  const told = (own: readonly PlacedReading[]) => own.map((r) => ({ ...r, takenAt: takenAt.get(r.id) }));
  const land = told(sideReadings('land', field.readings, groundOf(field)));
  return {
    sky: told(sideReadings('sky', field.readings)),
    land:
      land.length || !through
        ? land
        : [{ role: 'land', ev100: through.ev100, takenAt: through.light.takenAt }],
  };
}

/** A side's light by that of its anchors; null for none of them. */
const sideEv = (
  own: readonly Anchor[],
  { prepared }: Derived,
  evOf: (anchor: Anchor) => number,
): number | null => (own.length ? sideMean(own, groundOf(prepared.input.field), evOf) : null);

/** A side's light at each moment; null where the forecast does not reach, or nothing is read of it. */
function sideLight(own: readonly Anchor[], order: HourOrder): (number | null)[] {
  const { derived, carry } = order;
  const fallOf = (role: Role) => carry?.falls.find((f) => f.role === role)?.stopsPerMinute ?? null;
  const curves = new Map(own.map(({ role }) => [role, changeOf(role, order, fallOf(role))]));
  return Array.from({ length: MOMENTS }, (_, i) => {
    const changeAt = ({ role }: Anchor) => curves.get(role)?.[i] ?? null;
    return own.some((r) => changeAt(r) === null)
      ? null
      : sideEv(own, derived, (r) => evNow(r, order) + (changeAt(r) as number));
  });
}

/** EV of an anchor as it is now: carried there where its fall was watched, else by the forecast since it was read. */
function evNow({ role, ev100, takenAt }: Anchor, { carry, nowMs, sky }: HourOrder): number {
  if (takenAt === undefined || carry?.falls.some((f) => f.role === role)) return ev100;
  const [then, now] = [Date.parse(takenAt), nowMs].map((at) => modelEv(role, at, sky));
  return then == null || now == null ? ev100 : ev100 + now - then;
}

/** How fast a light falls at a moment, stops a minute: to the next, at the end from the one before. */
function fallAt(light: readonly (number | null)[], i: number): number {
  const at = Math.min(i, light.length - 2);
  const [from, to] = [light[at] ?? null, light[at + 1] ?? null];
  return from === null || to === null ? 0 : (from - to) / STEP_MINUTES;
}

/** The time behind so many stops of ND that begins at a moment, s, in the light that falls then; null where no time is long enough. */
export const secondsAt = ({ baseSeconds, fallPerMinute }: ComingMoment, ndStops: number): number | null =>
  baseSeconds === null ? null : secondsInChangingLight(baseSeconds * 2 ** ndStops, fallPerMinute);

/** A moment of the hour at which something changes. */
export interface ComingTurn {
  readonly atMs: number;
  readonly kind: 'passes' | 'no-time' | 'sun-gone';
  /** Of `passes`: the time that is passed. */
  readonly seconds?: number;
}

/** Times that are worth knowing when they are passed, s. */
const MARKED_SECONDS = [30, 120, 240] as const;

/** When the time behind so many stops passes half a minute, two minutes, four, and when none is long enough; when the sun leaves. */
export function comingTurns({ moments }: ComingHour, ndStops: number): ComingTurn[] {
  const turns: ComingTurn[] = [];
  moments.slice(1).forEach((to, i) => {
    const from = moments[i] as ComingMoment;
    if (from.sunAltitudeDeg > 0 && to.sunAltitudeDeg <= 0)
      turns.push({
        kind: 'sun-gone',
        atMs: between(from, to, from.sunAltitudeDeg / (from.sunAltitudeDeg - to.sunAltitudeDeg)),
      });
    const [a, b] = [secondsAt(from, ndStops), secondsAt(to, ndStops)];
    if (a === null || to.baseSeconds === null) return;
    if (b === null) {
      turns.push({ kind: 'no-time', atMs: to.atMs });
      return;
    }
    for (const seconds of MARKED_SECONDS)
      if (a <= seconds && b > seconds)
        turns.push({
          kind: 'passes',
          seconds,
          atMs: between(from, to, Math.log(seconds / a) / Math.log(b / a)),
        });
  });
  return turns.toSorted((a, b) => a.atMs - b.atMs);
}

const between = (a: ComingMoment, b: ComingMoment, part: number): number => a.atMs + part * (b.atMs - a.atMs);

/** The sets of NDs that come nearest to a wanted time, each from the moment on at which it does; null where none comes near. */
export function comingNds(
  { moments }: ComingHour,
  sets: readonly NdSet[],
  wantSeconds: number,
): { readonly atMs: number; readonly set: NdSet | null; readonly seconds: number | null }[] {
  const nearest = moments.map((moment) => {
    const off = (set: NdSet) => {
      const seconds = secondsAt(moment, set.stops);
      return seconds === null ? Infinity : Math.abs(Math.log2(seconds / wantSeconds));
    };
    const best = sets.reduce<NdSet | null>((a, b) => (!a || off(b) < off(a) ? b : a), null);
    const set = best && off(best) <= NEAR_WANTED_STOPS ? best : null;
    return { atMs: moment.atMs, set, seconds: set && secondsAt(moment, set.stops) };
  });
  return nearest.filter(({ set }, i) => i === 0 || set !== nearest[i - 1]?.set);
}

/** Further off than this a time is another one, stops. */
const NEAR_WANTED_STOPS = 1;

/** The latest moment at which so many stops of ND still end before the light runs out, ms; null where they never do. */
export function latestFor({ moments }: ComingHour, ndStops: number): number | null {
  const serving = moments.filter((m) => m.baseSeconds !== null && secondsAt(m, ndStops) !== null);
  return serving.at(-1)?.atMs ?? null;
}

/** The stand with its readings as the forecast has them at a moment of the hour: what is then solved for. */
export function standAt(
  stand: Stand,
  derived: Derived,
  { moments: [now] }: ComingHour,
  then: ComingMoment,
): Stand {
  const change = (role: Role) => {
    const side = role === 'sky' ? 'sky' : 'land';
    const [a, b] = [now?.[side], then[side]];
    return a && b ? b.ev100 - a.ev100 : 0;
  };
  const lights = new Map(derived.prepared.input.field.readings.map((r) => [r.id, r.ev100]));
  return {
    ...stand,
    readings: stand.readings.map(({ aperture: _, shutter: __, iso: ___, ...r }) => {
      const ev = lights.get(r.id);
      const bare = { ...r, throughFilterIds: undefined, seat: undefined };
      return ev === undefined ? { ...r, ev100: r.ev100 ?? 0 } : { ...bare, ev100: ev + change(r.role) };
    }),
  };
}

/** The sun is as low, and as near to where the frame looks, that it may stand in the finder, degrees. */
const IN_FINDER = { lowestDeg: -1, highestDeg: 25, acrossDeg: 40 } as const;

/** Whether the sun may come into the finder within the hour. */
export const mayLookIntoSun = ({ moments }: ComingHour): boolean =>
  moments.some(
    ({ sunAltitudeDeg, fromSunDeg }) =>
      fromSunDeg !== null &&
      fromSunDeg < IN_FINDER.acrossDeg &&
      sunAltitudeDeg > IN_FINDER.lowestDeg &&
      sunAltitudeDeg < IN_FINDER.highestDeg,
  );
