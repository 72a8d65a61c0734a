import { type FramePoint, skylineAt } from '@/core/field';
import { clamp } from '@/core/numerics';
import { simplifyLine } from '@/core/photo';
import { MAX_POINTS } from '../terms/limits';
import { type Stand } from '../stand/stand';

/** Edits of the skyline: its points stand from left to right, so that the line never runs back. */

/** A point held to the frame. */
const inFrame = ({ u, v }: FramePoint): FramePoint => ({ u: clamp(u, 0, 1), v: clamp(v, 0, 1) });

const fromLeft = (points: readonly FramePoint[]): FramePoint[] => [...points].sort((a, b) => a.u - b.u);

/** Moves a point, no further across than to its neighbours. */
export function moveSkylinePoint(stand: Stand, index: number, to: FramePoint): Stand {
  const line = stand.skyline;
  const { u, v } = inFrame(to);
  const between = clamp(u, line[index - 1]?.u ?? 0, line[index + 1]?.u ?? 1);
  return { ...stand, skyline: line.map((p, i) => (i === index ? { u: between, v } : p)) };
}

/** The stand with another skyline, its points held to the frame. */
export const withSkyline = (stand: Stand, points: readonly FramePoint[]): Stand => ({
  ...stand,
  skyline: fromLeft(points.slice(0, MAX_POINTS).map(inFrame)),
});

/** How closely a line drawn by hand is followed, parts of the frame: a hand is no surer. */
export const HAND = 0.004;

/** A stroke as a line from left to right: where it went over itself, what was drawn last counts. */
function lastDrawn(stroke: readonly FramePoint[]): FramePoint[] {
  let line: FramePoint[] = [];
  stroke.map(inFrame).forEach((point, i, all) => {
    const before = all[i - 1] ?? point;
    const [from, to] = [Math.min(before.u, point.u), Math.max(before.u, point.u)];
    line = [...line.filter((p) => p.u < from || p.u > to || p === before), point];
  });
  return fromLeft([...new Map(line.map((p) => [p.u, p])).values()]);
}

/** The stand with a stretch of its skyline drawn anew: what the stroke spans is replaced by it. */
export function drawSkyline(stand: Stand, stroke: readonly FramePoint[]): Stand {
  if (stroke.length < 2) return stand;
  const drawn = simplifyLine(lastDrawn(stroke), HAND);
  const [from, to] = [(drawn[0] as FramePoint).u, (drawn.at(-1) as FramePoint).u];
  const kept = stand.skyline.filter((p) => p.u < from || p.u > to);
  const skyline = fromLeft([...kept, ...drawn]);
  return skyline.length < 2 || skyline.length > MAX_POINTS ? stand : { ...stand, skyline };
}

/** A point so many times further from the line than from its neighbours would stand out of it as a spike. */
const SPIKE = 4;

/**
 * Adds a point where it belongs from left to right. A line that is full stays as it is, and so does one of close points
 * that is meant to have one far off it: that is a slip of the hand, or a stretch to be drawn.
 */
export function addSkylinePoint(stand: Stand, point: FramePoint): Stand {
  const line = stand.skyline;
  if (line.length >= MAX_POINTS) return stand;
  const { u, v } = inFrame(point);
  const off = Math.abs(v - skylineAt(line)(u));
  const apart = Math.min(...line.map((p) => Math.abs(p.u - u)));
  const room = Math.max(apart, 1 / line.length);
  return off > SPIKE * room ? stand : { ...stand, skyline: fromLeft([...line, { u, v }]) };
}

/** Removes a point, but for the last two, without which there is no line. */
export function removeSkylinePoint(stand: Stand, index: number): Stand {
  if (stand.skyline.length <= 2) return stand;
  return { ...stand, skyline: stand.skyline.filter((_, i) => i !== index) };
}

/** Halfway to the next point on the right, or to the frame's edge after the last. */
export function midpointAfter(skyline: readonly FramePoint[], index: number): FramePoint {
  const here = skyline[index] as FramePoint;
  const next = skyline[index + 1] ?? { u: 1, v: here.v };
  return { u: (here.u + next.u) / 2, v: (here.v + next.v) / 2 };
}
