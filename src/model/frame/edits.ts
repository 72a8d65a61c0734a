import { type FramePoint, isInside } from '@/core/field';
import { simplifyLine, standingFeatures } from '@/core/photo';
import { type NewId } from '../stand/ids';
import { MAX_POINTS, MAX_SHAPES } from '../stand/limits';
import { type Choice, type Stand, type StandShape } from '../stand/stand';

/** Pure edits: each returns the changed value, or the same one when nothing changes. */

/** A point held to the part of the plane where skyline points may be. */
const held = (p: FramePoint): FramePoint => ({
  u: Math.min(1, Math.max(0, p.u)),
  v: Math.min(1, Math.max(0, p.v)),
});

export function moveSkylinePoint(stand: Stand, index: number, to: FramePoint): Stand {
  return { ...stand, skyline: stand.skyline.map((p, i) => (i === index ? held(to) : p)) };
}

/** The stand with another skyline, its points held to the frame. */
export const withSkyline = (stand: Stand, points: readonly FramePoint[]): Stand => ({
  ...stand,
  skyline: points.slice(0, MAX_POINTS).map(held),
});

/** How closely a line drawn by hand is followed, parts of the frame: a hand is no surer. */
const HAND = 0.004;

/** The stand with a stretch of its skyline drawn anew, from the leftmost to the rightmost point of a stroke. */
export function drawSkyline(stand: Stand, stroke: readonly FramePoint[]): Stand {
  if (stroke.length < 2) return stand;
  const byU = new Map(stroke.map(held).map((p) => [p.u, p]));
  const drawn = simplifyLine(
    [...byU.values()].sort((a, b) => a.u - b.u),
    HAND,
  );
  const [from, to] = [(drawn[0] as FramePoint).u, (drawn.at(-1) as FramePoint).u];
  const kept = stand.skyline.filter((p) => p.u < from || p.u > to);
  const skyline = [...kept, ...drawn].sort((a, b) => a.u - b.u);
  return skyline.length < 2 || skyline.length > MAX_POINTS ? stand : { ...stand, skyline };
}

/** An outline drawn by hand, with as few corners as follow it. */
export const drawnOutline = (stroke: readonly FramePoint[]): FramePoint[] =>
  simplifyLine(stroke, HAND).slice(0, MAX_POINTS);

/** Adds a point where it belongs from left to right; a line that is full stays as it is. */
export function addSkylinePoint(stand: Stand, point: FramePoint): Stand {
  if (stand.skyline.length >= MAX_POINTS) return stand;
  const skyline = [...stand.skyline, held(point)].sort((a, b) => a.u - b.u);
  return { ...stand, skyline };
}

/** Removes a point, but for the last two, without which there is no line. */
export function removeSkylinePoint(stand: Stand, index: number): Stand {
  if (stand.skyline.length <= 2) return stand;
  return { ...stand, skyline: stand.skyline.filter((_, i) => i !== index) };
}

export const choose = (stand: Stand, choice: Choice | undefined): Stand => {
  const { choice: _, ...rest } = stand;
  return choice ? { ...rest, choice } : rest;
};

/** Whether two choices name the same glass at the same seat. */
export function sameChoice(a: Choice | undefined, b: Choice | undefined): boolean {
  return (
    a === b ||
    (!!a &&
      !!b &&
      a.offsetMm === b.offsetMm &&
      a.turnDeg === b.turnDeg &&
      a.filterIds.join('\n') === b.filterIds.join('\n'))
  );
}

/** Halfway to the next point on the right, or to the frame's edge after the last. */
export function midpointAfter(skyline: readonly FramePoint[], index: number): FramePoint {
  const here = skyline[index] as FramePoint;
  const next = skyline[index + 1] ?? { u: 1, v: here.v };
  return { u: (here.u + next.u) / 2, v: (here.v + next.v) / 2 };
}

/** Puts a filter on the lens beside the grads, or takes it off. */
export function putFitted(stand: Stand, filterId: string, on: boolean): Stand {
  const others = (stand.fitted ?? []).filter((f) => f.filterId !== filterId);
  return { ...stand, fitted: on ? [...others, { filterId }] : others };
}

/** Adds a shape, treated as its own light asks for; a stand that is full of them stays as it is. */
export function addShape(stand: Stand, id: string, points: readonly FramePoint[]): Stand {
  const shapes = stand.shapes ?? [];
  if (shapes.length >= MAX_SHAPES || points.length < 3) return stand;
  return { ...stand, shapes: [...shapes, { id, region: 'feature', points }] };
}

/** What stands up from the skyline and is not marked yet: the outlines of features that could be. */
export function proposedFeatures({ skyline, shapes = [] }: Stand): FramePoint[][] {
  const isMarked = (points: readonly FramePoint[]) => {
    const top = points.reduce((a, b) => (b.v < a.v ? b : a));
    const inside = { u: top.u, v: top.v + 0.02 };
    return shapes.some((s) => isInside(s.points, inside.u, inside.v));
  };
  return standingFeatures(skyline).filter((points) => !isMarked(points));
}

/** Marks what stands up from the skyline as features to be protected. */
export const markFeatures = (stand: Stand, newId: NewId): Stand =>
  proposedFeatures(stand).reduce((s, points) => {
    const id = newId('s');
    return changeShape(addShape(s, id, points), id, { treat: 'protect' });
  }, stand);

export const changeShape = (stand: Stand, id: string, change: Partial<StandShape>): Stand => ({
  ...stand,
  shapes: (stand.shapes ?? []).map((s) => (s.id === id ? { ...s, ...change } : s)),
});

export const removeShape = (stand: Stand, id: string): Stand => ({
  ...stand,
  shapes: (stand.shapes ?? []).filter((s) => s.id !== id),
});

/** Removes a corner, but for the last three, without which there is no shape. */
export function removeCorner(stand: Stand, { id, points }: StandShape, index: number): Stand {
  return points.length > 3 ? changeShape(stand, id, { points: points.filter((_, i) => i !== index) }) : stand;
}

/** A further corner halfway to the next. */
export function addCornerAfter(stand: Stand, { id, points }: StandShape, index: number): Stand {
  const [a, b] = [points[index] as FramePoint, points[(index + 1) % points.length] as FramePoint];
  if (points.length >= MAX_POINTS) return stand;
  const half = { u: (a.u + b.u) / 2, v: (a.v + b.v) / 2 };
  return changeShape(stand, id, {
    points: [...points.slice(0, index + 1), half, ...points.slice(index + 1)],
  });
}
