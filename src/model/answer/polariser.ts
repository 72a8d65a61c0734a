import { type FramePoint, skylineAt } from '@/core/field';
import { mean } from '@/core/numerics';
import {
  type CameraView,
  darkenedSky,
  darkestAxisDeg,
  glareLeft,
  polarisedFrame,
  polarisedSky,
  type PolarisedFrame,
  type SkyDirection,
  SKY_CLARITY,
} from '@/core/sky';
import { degreesFromRadians } from '@/core/units';
import { type Bag } from '../bag/bag';
import { fittedPolariser } from '../bag/on-lens';
import { frameOf } from '../resolve/lens';
import { type Stand } from '../stand/stand';
import { type SunSide } from '../terms/stand';
import { sunSideOf } from './sun-guess';

/** What of a stand a polariser's part in its sky depends on. */
type SkyView = Pick<Stand, 'camera' | 'lens' | 'look' | 'fitted' | 'skyline'>;

/** What a polariser would do to the sky of a stand. */
export interface PolariserEffect {
  /** The axis that darkens the sky the most, degrees clockwise from upright. */
  readonly darkestAxisDeg: number;
  readonly atDarkest: PolarisedFrame;
  /** The axis it is turned to; the darkest where none is noted. */
  readonly axisDeg: number;
  readonly atAxis: PolarisedFrame;
}

/**
 * The polariser's part in a clear sky, by the directions of view and sun; null where they are not known or there is no sky.
 * The camera's tilt is taken from where the skyline lies.
 */
export function polariserOn(stand: SkyView, bag: Bag): PolariserEffect | null {
  const looks = directionsOf(stand);
  if (!looks) return null;
  const { view, sun } = looks;
  const heightAt = skylineAt(stand.skyline);
  const isSky = (u: number, v: number) => v < heightAt(u);
  const darkest = darkestAxisDeg(view, sun, SKY_CLARITY.clear, isSky);
  if (darkest === null) return null;
  const axisDeg = fittedPolariser(stand, bag)?.axisDeg ?? darkest;
  const at = (axis: number) => polarisedFrame(view, sun, axis, SKY_CLARITY.clear, isSky);
  const atDarkest = at(darkest);
  const atAxis = at(axisDeg);
  return atDarkest && atAxis && { darkestAxisDeg: darkest, atDarkest, axisDeg, atAxis };
}

/** What a polariser that is not on yet would do, as far as it is said where the sun stands. */
export interface PolariserPromise {
  /** By how much a clear sky comes out darker at the best axis, from hazy air or a doubtful angle to clear air, stops over the loss. */
  readonly darkerStops: readonly [number, number];
  /** By directions: the sky's change varies so much over the frame that a band shows. */
  readonly banded: boolean;
}

/** Angles that stand for a word, at the sky's middle, and their doubt, degrees (physics 6). */
const SIDE_ANGLES: Record<Exclude<SunSide, 'hidden'>, number> = { side: 90, behind: 150, ahead: 30 };
const SIDE_DOUBT_DEG = 15;

/** What a polariser would do to the sky of a stand, by directions where they are known, else by where the sun is said to stand; null where neither is. */
export function polariserPromise(stand: Stand, bag: Bag): PolariserPromise | null {
  const effect = polariserOn(stand, bag);
  if (effect) {
    const clear = -effect.atDarkest.meanStops;
    const hazy = clear * (darkenedSky(90, SKY_CLARITY.hazy) / darkenedSky(90, SKY_CLARITY.clear));
    return { darkerStops: [hazy, clear], banded: effect.atDarkest.banded };
  }
  const side = sunSideOf(stand);
  if (side === null) return null;
  if (side === 'hidden') return { darkerStops: [0, 0], banded: false };
  const angle = SIDE_ANGLES[side];
  const within = [angle - SIDE_DOUBT_DEG, angle, angle + SIDE_DOUBT_DEG];
  return {
    darkerStops: [
      Math.min(...within.map((a) => darkenedSky(a, SKY_CLARITY.hazy))),
      Math.max(...within.map((a) => darkenedSky(a, SKY_CLARITY.clear))),
    ],
    banded: false,
  };
}

/**
 * By how much a noted polariser changes the clear sky of each cell of a raster from its mean over the sky, stops brighter, and
 * nothing below the skyline;
 * null where it is not on, or the directions are not known.
 */
export function polariserBand(
  stand: SkyView,
  bag: Bag,
  { columns, rows }: { readonly columns: number; readonly rows: number },
): Float32Array | null {
  const effect = fittedPolariser(stand, bag) && polariserOn(stand, bag);
  const change = effect && skyChange(stand, effect.axisDeg, SKY_CLARITY.clear);
  if (!change) return null;
  return Float32Array.from({ length: columns * rows }, (_, i) => {
    const place = { u: ((i % columns) + 0.5) / columns, v: (Math.floor(i / columns) + 0.5) / rows };
    const stops = change(place);
    return stops === null ? 0 : stops - effect.atAxis.meanStops;
  });
}

/**
 * By how much a polariser changes each place of a stand's sky, its loss apart, stops brighter; null below the skyline. Null
 * where the directions are not known.
 *
 * @param greatest degree of polarisation of that sky at a right angle to the sun (`SKY_CLARITY`)
 */
export function skyChange(
  stand: SkyView,
  axisDeg: number,
  greatest: number,
): ((place: FramePoint) => number | null) | null {
  const looks = directionsOf(stand);
  if (!looks) return null;
  const heightAt = skylineAt(stand.skyline);
  return (place) =>
    place.v < heightAt(place.u)
      ? polarisedSky(looks.view, looks.sun, axisDeg, greatest, place).changeStops
      : null;
}

/** Glare that a polariser leaves at best on still water at the foot of the frame. */
export interface WaterGlare {
  readonly depressionDeg: number;
  /** Part of the glare, 0 to 1. */
  readonly glareLeft: number;
}

/** What a polariser does to the water of a stand; null where there is none below the horizon. */
export function waterBehindPolariser(stand: Stand): WaterGlare | null {
  const hasWater = [
    ...(stand.shapes ?? []).map((s) => s.region),
    ...stand.readings.map((r) => r.role),
  ].includes('water');
  const depressionDeg = angleAbove(stand, horizonOf(stand)) - angleAbove(stand, 1);
  return hasWater && depressionDeg > 0 ? { depressionDeg, glareLeft: glareLeft(depressionDeg) } : null;
}

/** Where the camera and the sun point to; null where that is not said. The sun's height is 0 unless said. */
export function directionsOf(
  stand: SkyView,
): { readonly view: CameraView; readonly sun: SkyDirection } | null {
  const { sunAzimuthDeg, viewAzimuthDeg, sunAltitudeDeg = 0 } = stand.look;
  if (sunAzimuthDeg === undefined || viewAzimuthDeg === undefined) return null;
  return {
    view: {
      azimuthDeg: viewAzimuthDeg,
      altitudeDeg: -angleAbove(stand, horizonOf(stand)),
      focalLengthMm: stand.lens.focalLengthMm,
      frame: frameOf(stand.camera),
    },
    sun: { azimuthDeg: sunAzimuthDeg, altitudeDeg: sunAltitudeDeg },
  };
}

/** Where the horizon lies in the frame, as far as the skyline tells. */
const horizonOf = ({ skyline }: SkyView): number => mean([0, 0.25, 0.5, 0.75, 1].map(skylineAt(skyline)));

/** Angle of a height of the frame above its middle, degrees. */
const angleAbove = ({ camera, lens }: SkyView, v: number): number =>
  degreesFromRadians(Math.atan(((0.5 - v) * frameOf(camera).heightMm) / lens.focalLengthMm));
