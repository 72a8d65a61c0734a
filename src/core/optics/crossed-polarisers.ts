import { degreesFromRadians, radiansFromDegrees } from '@/core/units';
import { type FrameSize } from './projection';

/** The film of a polariser bends what comes aslant towards its axis. */
const FILM_INDEX = 1.5;

/**
 * Two polarisers turned against each other, as a variable ND has them, seen along a ray off the axis. Each lets through
 * what swings across its own absorbing axis, so that the two meet along a ray at another angle than on the axis: near the
 * strong end a dark cross comes out of that (Malus, with the axes projected across the ray as it runs within the film).
 *
 * @param crossedStops what the two take from each other on the axis, stops: 0 for alike, more the more they are turned
 * @param alphaDeg angle of the ray from the axis
 * @param phiDeg its direction about the axis, from the line half way between the two absorbing axes
 * @returns stops brighter than on the axis, negative for darker; -Infinity where nothing passes
 */
export function crossedChange(crossedStops: number, alphaDeg: number, phiDeg: number): number {
  const between = Math.acos(Math.sqrt(2 ** -crossedStops));
  const sin = Math.sin(radiansFromDegrees(alphaDeg)) / FILM_INDEX;
  const phi = radiansFromDegrees(phiDeg);
  const [first, second] = [phi - between / 2, phi + between / 2].map((a) => sin * Math.cos(a)) as [
    number,
    number,
  ];
  const cos = (Math.cos(between) - first * second) / Math.sqrt((1 - first * first) * (1 - second * second));
  return Math.log2(cos * cos) + crossedStops;
}

/** Darker than this is as good as black beside the rest, stops. */
const MOST = 5;
const STEP_DEG = 3;

/** How far the corners of a frame may come out from its middle behind two crossed polarisers, whichever way they are turned, stops. */
export function crossedInCorners(crossedStops: number, focalLengthMm: number, frame: FrameSize): number {
  const half = Math.hypot(frame.widthMm, frame.heightMm) / 2;
  const alphaDeg = degreesFromRadians(Math.atan(half / focalLengthMm));
  let most = 0;
  for (let phi = 0; phi < 180; phi += STEP_DEG)
    most = Math.max(most, Math.min(MOST, Math.abs(crossedChange(crossedStops, alphaDeg, phi))));
  return most;
}

/** The most that two crossed polarisers may take before the corners of a frame part from its middle by more than so much, stops to a third. */
export function crossedWithin(limitStops: number, focalLengthMm: number, frame: FrameSize): number {
  let thirds = 0;
  while (thirds < 60 && crossedInCorners((thirds + 1) / 3, focalLengthMm, frame) <= limitStops) thirds++;
  return thirds / 3;
}
