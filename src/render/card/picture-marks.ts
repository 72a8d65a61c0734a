import { type SeamAt } from '@/core/optics';
import { outside, seamEnds } from '../geometry';
import { type Card } from './card';
import { INK, type Mark, movedBy, PAPER, rectangle, SEAM, type Spot } from './marks';
import { roleMarks } from './role-marks';

/** The picture with its line, what was read in it, and the crop, in a box on the page, mm. */
export function pictureMarks(
  { picture, seams, readings, crop }: Card,
  [left, top]: Spot,
  width: number,
  height: number,
): Mark[] {
  const at = (u: number, v: number): Spot => [left + u * width, top + v * height];
  const r = Math.min(1.1, width / 40);
  return [
    picture
      ? { kind: 'image', at: [left, top], width, height, href: picture }
      : { kind: 'area', spots: rectangle(left, top, width, height), ink: '#d8d8d8' },
    ...(crop
      ? [
          frameLine([
            at(crop.left, crop.top),
            at(crop.right, crop.top),
            at(crop.right, crop.bottom),
            at(crop.left, crop.bottom),
          ]),
        ]
      : []),
    ...movedBy(
      seams.flatMap((seam) => seamMarks(seam, width, height)),
      left,
      top,
    ),
    ...readings.flatMap(({ role, u, v }) =>
      u === undefined || v === undefined ? [] : roleMarks(role, at(u, v), r),
    ),
    { kind: 'line', spots: closed(rectangle(left, top, width, height)), width: 0.2, ink: INK },
  ];
}

const closed = (spots: readonly Spot[]): Spot[] => [...spots, spots[0]!];

const frameLine = (spots: readonly Spot[]): Mark => ({
  kind: 'line',
  spots: closed(spots),
  width: 0.3,
  ink: PAPER,
  isDashed: true,
});

/** The seam where it runs within the picture; nothing where it lies outside. */
function seamMarks(seam: SeamAt, width: number, height: number): Mark[] {
  if (outside(seam)) return [];
  const [x1, y1, x2, y2] = seamEnds(seam, width, height);
  const within = segmentIn([x1, y1], [x2, y2], width, height);
  if (!within) return [];
  return [
    { kind: 'line', spots: within, width: 1, ink: INK },
    { kind: 'line', spots: within, width: 0.55, ink: SEAM },
  ];
}

/** The part of a segment that lies in a box from 0, 0; null for none (Liang and Barsky 1984). */
export function segmentIn(
  [x1, y1]: Spot,
  [x2, y2]: Spot,
  width: number,
  height: number,
): readonly [Spot, Spot] | null {
  let [from, to] = [0, 1];
  const [dx, dy] = [x2 - x1, y2 - y1];
  for (const [p, q] of [
    [-dx, x1],
    [dx, width - x1],
    [-dy, y1],
    [dy, height - y1],
  ] as const) {
    if (p === 0 && q < 0) return null;
    if (p < 0) from = Math.max(from, q / p);
    if (p > 0) to = Math.min(to, q / p);
  }
  if (from > to) return null;
  const at = (part: number): Spot => [x1 + part * dx, y1 + part * dy];
  return [at(from), at(to)];
}
