import {
  angleBetweenDeg,
  darkenedSky,
  forecastRange,
  groundEv,
  type LandCrossing,
  landCrossings,
  SKY_CLARITY,
  type SkyState,
  type Span,
  type Tide,
  tideAt,
  tideSpans,
  type TideTurn,
} from '@/core/sky';
import { mix, smoothStep } from '@/core/numerics';
import { degreesApart } from '@/core/units';
import { spanOf } from '@/core/balance';
import { lightReading, takenByGlass } from '../resolve/metered';
import { type Bag } from '../bag/bag';
import { momentOf, type Stand } from '../stand/stand';
import { type Aim, aimOf } from './aim';
import { type PlaceDay, STEP_MS } from './place-day';
import { type Outing, type Framing } from './plans';
import { skyStateOf } from './sky-state';

/** The light of a day to come over the framings of an outing (physics 11): a forecast, with its range. */

/** Of the frame's sky: so far above the horizon, degrees, as in the coming hour. */
const SKY_ALTITUDE_DEG = 36;
/** Of the sky that a polariser is turned to: the lower part of most frames. */
const POLARISED_ALTITUDE_DEG = 20;
/** Grey land; it goes out of every difference. */
const REFLECTANCE = 0.18;
/** The sun so near to the frame's direction leaves what is seen of the land in shade, and so far from it lights it, degrees across. */
const INTO_LIGHT_DEG = [45, 80] as const;
/** A forecast of a day to come is as doubtful as one can be: so many minutes ahead are no worse. */
const FAR_MINUTES = 120;

/** A moment of a day over one framing. */
export interface LightMoment {
  readonly atMs: number;
  readonly sunAltitudeDeg: number;
  /** How far the frame looks from the sun, across; null where its direction is not known. */
  readonly fromSunDeg: number | null;
  /** EV at ISO 100 of its sky and of its land. */
  readonly skyEv: number;
  readonly landEv: number;
  readonly spanStops: number;
  /** The least and the most that the span may be. */
  readonly rangeStops: readonly [number, number];
}

/** The light of a day over one framing. */
export interface FramingLight {
  readonly aim: Aim;
  /** Every ten minutes, where the forecast serves: the sun from 12 degrees below the horizon to 60 above. */
  readonly moments: readonly LightMoment[];
  /** When a polariser does most in that direction, and by how much it darkens a clear sky then; null where the direction is not known, or the sky is covered. */
  readonly polariser: { readonly atMs: number; readonly darkerStops: number } | null;
  /** When the sun comes out over the frame's own skyline, or goes behind it. */
  readonly land: readonly LandCrossing[];
  /** When the water is as the framing wants it; null where it wants nothing, or no tide is known. */
  readonly water: readonly Span[] | null;
}

/** The turns of the tide of an outing, in order of time. */
export const turnsOf = ({ tides = [] }: Pick<Outing, 'tides'>): readonly TideTurn[] =>
  tides.map(({ at, heightM }) => ({ atMs: Date.parse(at), heightM }));

/** The water of a day at short intervals, between the turns that are known. */
export function waterOf(
  outing: Pick<Outing, 'tides'>,
  { fromMs, toMs }: Pick<PlaceDay, 'fromMs' | 'toMs'>,
): readonly (Tide & { readonly atMs: number })[] {
  const turns = turnsOf(outing);
  const steps = Math.floor((toMs - fromMs) / STEP_MS);
  return Array.from({ length: steps + 1 }, (_, i) => fromMs + i * STEP_MS).flatMap((atMs) => {
    const tide = tideAt(turns, atMs);
    return tide ? [{ atMs, ...tide }] : [];
  });
}

/** The light of a framing through a day. */
export function framingLight(
  outing: Outing,
  framing: Framing,
  stand: Stand | null,
  day: PlaceDay,
): FramingLight {
  const aim = aimOf(framing, stand);
  const sky = skyStateOf(outing.weather);
  const turns = turnsOf(outing);
  return {
    aim,
    moments: lightMoments(aim, sky, day),
    polariser: sky === 'covered' ? null : bestForPolariser(aim, day),
    land: aim.landAt ? landCrossings(day.seenAt, aim.landAt, day.fromMs, day.toMs) : [],
    water:
      framing.tide && turns.length > 1 ? tideSpans(turns, framing.tide.heightM, framing.tide.side) : null,
  };
}

function lightMoments({ azimuthDeg }: Aim, sky: SkyState, day: PlaceDay): LightMoment[] {
  return day.skies(sky).map(({ atMs, sun, evAt }) => {
    const fromSunDeg = azimuthDeg === null ? null : degreesApart(azimuthDeg, sun.azimuthDeg);
    const across = fromSunDeg ?? 90;
    const skyEv = evAt({ fromSunAcrossDeg: across, altitudeDeg: SKY_ALTITUDE_DEG });
    const ground = (isLit: boolean) =>
      groundEv(sky, sun.altitudeDeg, { reflectance: REFLECTANCE, isLit }) as number;
    const isUp = sun.altitudeDeg > 0;
    const [lit, shade] = [ground(isUp), ground(false)];
    // what is seen of the land turns its shaded side to who looks into the light
    const landEv = mix(shade, lit, smoothStep(...INTO_LIGHT_DEG, across));
    const { darker, brighter } = forecastRange(FAR_MINUTES, sky, {
      sunAltitudeDeg: sun.altitudeDeg,
      fromSunAcrossDeg: across,
    });
    return {
      atMs,
      sunAltitudeDeg: sun.altitudeDeg,
      fromSunDeg,
      skyEv,
      landEv,
      spanStops: skyEv - landEv,
      rangeStops: [skyEv - lit - darker, skyEv - shade + brighter] as const,
    };
  });
}

/** The sun so low, or lower, gives no light that a polariser could take from the sky, degrees. */
const DUSK_DEG = -4;

function bestForPolariser({ azimuthDeg }: Aim, day: PlaceDay): FramingLight['polariser'] {
  if (azimuthDeg === null) return null;
  const view = { azimuthDeg, altitudeDeg: POLARISED_ALTITUDE_DEG };
  let best: FramingLight['polariser'] = null;
  for (let atMs = day.fromMs; atMs <= day.toMs; atMs += STEP_MS) {
    const sun = day.sunAt(atMs);
    if (sun.altitudeDeg < DUSK_DEG) continue;
    const darkerStops = darkenedSky(angleBetweenDeg(view, sun), SKY_CLARITY.clear);
    if (!best || darkerStops > best.darkerStops + 0.005) best = { atMs, darkerStops };
  }
  return best;
}

/** The moment of a day's light that is nearest to a time; null where none is known near it. */
export function lightNear(moments: readonly LightMoment[], atMs: number): LightMoment | null {
  const near = moments.find((m) => Math.abs(m.atMs - atMs) <= STEP_MS / 2);
  return near ?? null;
}

/** What was read of a stand before, beside what is forecast. */
export interface ReadBefore {
  readonly at: string;
  readonly spanStops: number;
}

/** Readings so near in time to a shot, ms, are what it was made by. */
const OF_ITS_SHOT_MS = 3 * 3_600_000;

/** The spans that were read at a stand, the newest first: what its shots have kept, and its readings where they were not shot. */
export function readBefore(stand: Stand, bag: Bag): readonly ReadBefore[] {
  const shot = (stand.takes ?? []).flatMap(({ takenAt, light }) =>
    light?.sky !== undefined && light.land !== undefined
      ? [{ at: takenAt, spanStops: light.sky - light.land }]
      : [],
  );
  const read = spanRead(stand, bag);
  const isShot = (at: string) =>
    shot.some((s) => Math.abs(Date.parse(s.at) - Date.parse(at)) < OF_ITS_SHOT_MS);
  return [...shot, ...(read && !isShot(read.at) ? [read] : [])].toSorted(
    (a, b) => Date.parse(b.at) - Date.parse(a.at),
  );
}

/** The span of a stand's readings, when the last of them was taken; null where a side is not read. */
function spanRead(stand: Stand, bag: Bag): ReadBefore | null {
  const spanStops = spanOf(stand.readings.map((r) => lightReading(r, takenByGlass(r, stand, bag))));
  if (spanStops === null) return null;
  const times = stand.readings.flatMap((r) => r.takenAt ?? []);
  const at = times.toSorted((a, b) => Date.parse(b) - Date.parse(a))[0] ?? momentOf(stand);
  return { at, spanStops };
}
