import { type FramePoint, isInside } from '@/core/field';
import { simplifyLine, standingFeatures } from '@/core/photo';
import { type NewId } from '../terms/ids';
import { MAX_POINTS, MAX_SHAPES } from '../terms/limits';
import { type Stand, type StandShape } from '../stand/stand';
import { HAND } from './skyline';

/** An outline drawn by hand, with as few corners as follow it. */
export const drawnOutline = (stroke: readonly FramePoint[]): FramePoint[] =>
  simplifyLine(stroke, HAND).slice(0, MAX_POINTS);

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
