import { type Span } from '@/core/sky';
import { type MoonLook, type SkyEvent } from '@/core/sky/sky-day';
import { degreesApart } from '@/core/units';
import { offTo } from './aim';
import { lightNear, type FramingLight } from './light';
import { type Framing } from './plans';

/** Why a moment is worth being there for. */
export type Worth = 'sun-in-frame' | 'side-light' | 'glow' | 'moon' | 'over-land' | 'even' | 'polariser';

/** A moment worth being there for, with its reason. */
export interface WorthMoment {
  readonly atMs: number;
  readonly framingId: string;
  readonly why: Worth;
  /** How far right of the frame's middle what it is about stands, degrees; null where the direction is not known. */
  readonly offDeg: number | null;
  /** What it is about comes up, or out, rather than going; of a light: it is the morning's. */
  readonly comes: boolean;
  /** The span to be expected, stops; null where the forecast does not serve. */
  readonly spanStops: number | null;
  /** The water is then as the framing wants it; null where it wants nothing, or no tide is known. */
  readonly hasWater: boolean | null;
}

/** How much each is worth, and how much less under a sky that hides the sun. */
const VALUES: Record<Worth, { readonly value: number; readonly underCloud: number }> = {
  'sun-in-frame': { value: 5, underCloud: 0 },
  moon: { value: 4.5, underCloud: 0 },
  'side-light': { value: 4, underCloud: 0 },
  glow: { value: 3.5, underCloud: 1 },
  'over-land': { value: 3, underCloud: 0 },
  even: { value: 2, underCloud: 3 },
  polariser: { value: 1, underCloud: 0 },
};
/** What water as it is wanted adds, and the wrong water takes. */
const WATER_VALUE = 2;

/** Low side light: the sun so high, degrees, and so far across from the frame's direction. */
const SIDE_LIGHT = { altitudeDeg: 4, across: [50, 125] } as const;
/** The glow before sunrise and after sunset: the sun so far below, within so much of the frame's direction. */
const GLOW = { altitudeDeg: -4, withinDeg: 60 } as const;
/** Sky and land nearest to each other: just before the sun, and just after it. */
const EVEN_ALTITUDE_DEG = -6;
/** A frame whose lens is not known takes in so much to either side, degrees. */
const USUAL_HALF_WIDTH_DEG = 35;
/** A moon that is told of: so much of it lit, over the frame's own direction, with so much light left. */
const MOON = { litPart: 0.9, sun: [-9, 3] } as const;

/** Moments nearer to each other than this are one, ms. */
const APART_MS = 25 * 60_000;
const MOST_WORTH = 3;

export interface WorthOrder {
  readonly framings: readonly { readonly framing: Framing; readonly light: FramingLight }[];
  readonly events: readonly SkyEvent[];
  readonly moon: MoonLook;
  readonly isCovered: boolean;
}

/** The two or three moments of a day that are worth being there for, in order of time. */
export function worthMoments({ framings, events, moon, isCovered }: WorthOrder): readonly WorthMoment[] {
  const all = framings.flatMap(({ framing, light }) => ofFraming(framing, light, events, moon));
  const valued = all
    .map((moment) => ({ moment, value: valueOf(moment, isCovered) }))
    .filter((m) => m.value > 0)
    .toSorted((a, b) => b.value - a.value || a.moment.atMs - b.moment.atMs);
  const chosen: WorthMoment[] = [];
  for (const { moment } of valued)
    if (chosen.length < MOST_WORTH && chosen.every((c) => Math.abs(c.atMs - moment.atMs) >= APART_MS))
      chosen.push(moment);
  return chosen.toSorted((a, b) => a.atMs - b.atMs);
}

function valueOf({ why, hasWater }: WorthMoment, isCovered: boolean): number {
  const { value, underCloud } = VALUES[why];
  const water = hasWater === null ? 0 : hasWater ? WATER_VALUE : -WATER_VALUE;
  const own = isCovered ? underCloud : value;
  return own === 0 ? 0 : own + water;
}

const isIn = (spans: readonly Span[], atMs: number): boolean =>
  spans.some((s) => atMs >= s.fromMs && atMs <= s.toMs);

function ofFraming(
  { id: framingId }: Framing,
  light: FramingLight,
  events: readonly SkyEvent[],
  moon: MoonLook,
): WorthMoment[] {
  const { aim, moments, polariser, land, water } = light;
  const { azimuthDeg: view } = aim;
  const noonMs = events.find((e) => e.kind === 'sun-highest')?.atMs ?? Infinity;
  const found: WorthMoment[] = [];
  const add = (why: Worth, atMs: number, azimuthDeg: number | null, comes = atMs < noonMs) =>
    found.push({
      atMs,
      framingId,
      why,
      offDeg: view === null || azimuthDeg === null ? null : offTo(view, azimuthDeg),
      comes,
      spanStops: lightNear(moments, atMs)?.spanStops ?? null,
      hasWater: water && isIn(water, atMs),
    });
  const half = aim.halfWidthDeg ?? USUAL_HALF_WIDTH_DEG;
  for (const { kind, atMs, direction } of events) {
    const off = view === null ? null : degreesApart(view, direction.azimuthDeg);
    if (off === null || off > half) continue;
    if (kind === 'sunrise' || kind === 'sunset') add('sun-in-frame', atMs, direction.azimuthDeg);
    if ((kind === 'moonrise' || kind === 'moonset') && moon.litPart >= MOON.litPart) {
      const sun = lightNear(moments, atMs)?.sunAltitudeDeg ?? -90;
      if (sun >= MOON.sun[0] && sun <= MOON.sun[1]) add('moon', atMs, direction.azimuthDeg);
    }
  }
  for (const { atMs, direction, comesOut } of land) add('over-land', atMs, direction.azimuthDeg, comesOut);
  for (const [altitudeDeg, why, serves] of [
    [
      SIDE_LIGHT.altitudeDeg,
      'side-light',
      (d: number | null) => d !== null && d >= SIDE_LIGHT.across[0] && d <= SIDE_LIGHT.across[1],
    ],
    [GLOW.altitudeDeg, 'glow', (d: number | null) => d !== null && d <= GLOW.withinDeg],
    [EVEN_ALTITUDE_DEG, 'even', () => true],
  ] as const)
    for (const { atMs, fromSunDeg } of passing(moments, altitudeDeg))
      if (serves(fromSunDeg)) add(why, atMs, null);
  if (polariser) add('polariser', polariser.atMs, null);
  return found;
}

/** The moments at which the sun passes a height. */
const passing = (moments: FramingLight['moments'], altitudeDeg: number) =>
  moments.filter((m, i) => {
    const before = moments[i - 1];
    return before && before.sunAltitudeDeg > altitudeDeg !== m.sunAltitudeDeg > altitudeDeg;
  });
