import { isInside, skylineAt } from '@/core/field';
import { type SeamAt } from '@/core/optics';
import { type Stand, type StandShape } from '../stand/stand';

/** Where the picture's seam runs, as people look: by what it touches. */
export interface SeamPath {
  readonly at: SeamAt;
  /** Along the skyline, all above it, all below it, across it, or nowhere in the frame. */
  readonly runs: 'along' | 'above' | 'below' | 'across' | 'outside';
  /** How far it lies off the skyline at the middle of the frame, parts of the height. */
  readonly offParts: number;
  /** The features that it runs through. */
  readonly through: readonly StandShape[];
}

/** Places along the seam that are looked at. */
const LOOKED_AT = 60;
/** A seam so near to so much of the skyline runs along it, parts of the frame's height and of its width. */
const NEAR = 0.04;
const NEARLY_ALL = 0.75;

/** What the seam touches on its way through the frame. */
export function seamPath({ skyline, shapes = [] }: Stand, at: SeamAt): SeamPath {
  const line = skylineAt(skyline);
  const places = Array.from({ length: LOOKED_AT + 1 }, (_, i) => placeAlong(at, i / LOOKED_AT)).filter(
    ({ u, v }) => u >= 0 && u <= 1 && v >= 0 && v <= 1,
  );
  const off = places.map(({ u, v }) => v - line(u));
  const near = off.filter((d) => Math.abs(d) <= NEAR).length;
  const runs = !places.length
    ? 'outside'
    : near >= NEARLY_ALL * places.length
      ? 'along'
      : off.every((d) => d < NEAR)
        ? 'above'
        : off.every((d) => d > -NEAR)
          ? 'below'
          : 'across';
  return {
    at,
    runs,
    offParts: Math.abs(off[Math.floor(off.length / 2)] ?? 0),
    through: shapes.filter(
      ({ region, points }) => region === 'feature' && places.some(({ u, v }) => isInside(points, u, v)),
    ),
  };
}

const placeAlong = (at: SeamAt, part: number) =>
  'left' in at
    ? { u: part, v: at.left + (at.right - at.left) * part }
    : { u: at.top + (at.bottom - at.top) * part, v: part };
