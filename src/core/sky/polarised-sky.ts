import { degreesFromRadians, radiansFromDegrees } from '@/core/units';

/** A direction in the sky: azimuth clockwise from true north, altitude above the horizon, degrees. */
export interface SkyDirection {
  readonly azimuthDeg: number;
  readonly altitudeDeg: number;
}

/** A camera's aim and what it takes in. */
export interface CameraView extends SkyDirection {
  readonly focalLengthMm: number;
  readonly frame: { readonly widthMm: number; readonly heightMm: number };
}

/** The greatest degree of polarisation of a sky: very clear, hazy, overcast (physics 6). */
export const SKY_CLARITY = { clear: 0.75, hazy: 0.5, overcast: 0 } as const;

type Vector = readonly [east: number, north: number, up: number];

const vectorOf = ({ azimuthDeg, altitudeDeg }: SkyDirection): Vector => {
  const az = radiansFromDegrees(azimuthDeg);
  const alt = radiansFromDegrees(altitudeDeg);
  return [Math.sin(az) * Math.cos(alt), Math.cos(az) * Math.cos(alt), Math.sin(alt)];
};
const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const along = (a: Vector, k: number, b: Vector): Vector => [
  a[0] + k * b[0],
  a[1] + k * b[1],
  a[2] + k * b[2],
];
const scaled = (a: Vector, k: number): Vector => [a[0] * k, a[1] * k, a[2] * k];
const normalised = (a: Vector): Vector | null => {
  const length = Math.sqrt(dot(a, a));
  return length < 1e-9 ? null : scaled(a, 1 / length);
};

/** The angle between two directions, 0 to 180 degrees. */
export const angleBetweenDeg = (a: SkyDirection, b: SkyDirection): number =>
  degreesFromRadians(Math.acos(Math.min(1, Math.max(-1, dot(vectorOf(a), vectorOf(b))))));

/** The camera's axes in the world: to the right, up and ahead. A camera that looks straight up has the zenith's up north. */
function axesOf(view: SkyDirection): { right: Vector; up: Vector; ahead: Vector } {
  const ahead = vectorOf(view);
  const right = normalised(cross(ahead, [0, 0, 1])) ?? [1, 0, 0];
  return { right, up: cross(right, ahead), ahead };
}

/** Direction in which a frame point looks. */
function rayOf(view: CameraView, u: number, v: number): Vector {
  const { right, up, ahead } = axesOf(view);
  const x = (u - 0.5) * view.frame.widthMm;
  const h = (0.5 - v) * view.frame.heightMm;
  const ray = along(along(scaled(ahead, view.focalLengthMm), x, right), h, up);
  return normalised(ray) as Vector;
}

/** The direction of the sky that a point of the frame looks at. */
export function directionOfPoint(
  view: CameraView,
  { u, v }: { readonly u: number; readonly v: number },
): SkyDirection {
  const [east, north, up] = rayOf(view, u, v);
  return {
    azimuthDeg: (degreesFromRadians(Math.atan2(east, north)) + 360) % 360,
    altitudeDeg: degreesFromRadians(Math.asin(up)),
  };
}

export interface PolarisedSpot {
  readonly angleFromSunDeg: number;
  /** Degree of polarisation, 0 to 1. */
  readonly degree: number;
  /** Change by the polariser over its base loss, stops: positive brighter, negative darker. */
  readonly changeStops: number;
}

/**
 * What a polariser does to clear sky at a point of the frame, beside its base loss (physics 6): `log2(1 - P + 2 P c2)`.
 * Into the sun and away from it nothing.
 *
 * @param axisDeg its transmission axis: 0 upright, positive clockwise from behind the camera
 * @param greatest degree of polarisation of the sky at a right angle to the sun
 */
export function polarisedSky(
  view: CameraView,
  sun: SkyDirection,
  axisDeg: number,
  greatest: number,
  { u, v }: { readonly u: number; readonly v: number },
): PolarisedSpot {
  const ray = rayOf(view, u, v);
  const toSun = vectorOf(sun);
  const cos = Math.min(1, Math.max(-1, dot(ray, toSun)));
  const degree = (greatest * (1 - cos * cos)) / (1 + cos * cos);
  const electric = normalised(cross(ray, toSun));
  const { right, up } = axesOf(view);
  const turn = radiansFromDegrees(axisDeg);
  const axis = along(scaled(up, Math.cos(turn)), Math.sin(turn), right);
  const across = normalised(along(axis, -dot(axis, ray), ray));
  const c = electric && across ? dot(across, electric) : null;
  return {
    angleFromSunDeg: degreesFromRadians(Math.acos(cos)),
    degree,
    changeStops: c === null ? 0 : Math.log2(1 - degree + 2 * degree * c * c),
  };
}

/**
 * By how much a polariser darkens clear sky at its best axis, so far from the sun, over its base loss, stops (physics 6):
 * `-log2(1 - P)`, the most at a right angle, nothing into the sun or away from it.
 */
export function darkenedSky(angleFromSunDeg: number, greatest: number): number {
  const cos = Math.cos(radiansFromDegrees(angleFromSunDeg));
  return -Math.log2(1 - (greatest * (1 - cos * cos)) / (1 + cos * cos));
}

/** What a polariser does to the sky over the whole frame. */
export interface PolarisedFrame {
  readonly darkest: number;
  readonly brightest: number;
  /** The sky's change varies by more than a stop: a band shows (physics 6). */
  readonly banded: boolean;
  readonly meanStops: number;
}

const BAND_STOPS = 1;
const SIDE = 24;

/** Looks at the polarised sky over a raster of the frame's sky. */
export function polarisedFrame(
  view: CameraView,
  sun: SkyDirection,
  axisDeg: number,
  greatest: number,
  isSky: (u: number, v: number) => boolean,
): PolarisedFrame | null {
  let darkest = Infinity;
  let brightest = -Infinity;
  let sum = 0;
  let count = 0;
  for (let row = 0; row < SIDE; row++)
    for (let column = 0; column < SIDE; column++) {
      const place = { u: (column + 0.5) / SIDE, v: (row + 0.5) / SIDE };
      if (!isSky(place.u, place.v)) continue;
      const { changeStops } = polarisedSky(view, sun, axisDeg, greatest, place);
      darkest = Math.min(darkest, changeStops);
      brightest = Math.max(brightest, changeStops);
      sum += changeStops;
      count++;
    }
  if (!count) return null;
  return { darkest, brightest, banded: brightest - darkest > BAND_STOPS, meanStops: sum / count };
}

/** The axis that darkens the sky the most on the whole, to the degree: maximum and minimum are a quarter turn apart. */
export function darkestAxisDeg(
  view: CameraView,
  sun: SkyDirection,
  greatest: number,
  isSky: (u: number, v: number) => boolean,
): number | null {
  let best: { axis: number; mean: number } | null = null;
  for (let axis = 0; axis < 180; axis++) {
    const found = polarisedFrame(view, sun, axis, greatest, isSky);
    if (found && (!best || found.meanStops < best.mean - 1e-9)) best = { axis, mean: found.meanStops };
  }
  return best && best.axis;
}
