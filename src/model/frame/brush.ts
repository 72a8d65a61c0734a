import { contours } from 'd3-contour';
import { type FramePoint, isInside } from '@/core/field';
import { clamp } from '@/core/numerics';
import { simplifyTo } from '@/core/photo';

/** What is brushed over, cell by cell of the frame: 1 where it is. */
export interface BrushMask {
  readonly columns: number;
  readonly rows: number;
  readonly cells: Float64Array;
}

/** A brush: half its width in parts of the frame's longer side, and whether it wipes out. */
export interface Brush {
  readonly radius: number;
  readonly wipes: boolean;
}

/** Cells along the longer side of the frame: finer than a brush is. */
const LONG_SIDE = 320;
/** How closely the outline follows the brush, parts of the frame, and with how many corners at most. */
const TOLERANCE = 0.003;
const MOST_CORNERS = 80;

/** The cells inside an outline; none where it is no outline yet. */
export function maskOf(outline: readonly FramePoint[], aspect: number): BrushMask {
  const columns = aspect >= 1 ? LONG_SIDE : Math.round(LONG_SIDE * aspect);
  const rows = aspect >= 1 ? Math.round(LONG_SIDE / aspect) : LONG_SIDE;
  const cells = new Float64Array(columns * rows);
  if (outline.length >= 3)
    for (let row = 0, i = 0; row < rows; row++)
      for (let column = 0; column < columns; column++, i++)
        if (isInside(outline, (column + 0.5) / columns, (row + 0.5) / rows)) cells[i] = 1;
  return { columns, rows, cells };
}

/** The mask after a straight stretch of a stroke. */
export function brushed(
  { columns, rows, cells }: BrushMask,
  [from, to]: readonly [FramePoint, FramePoint],
  { radius, wipes }: Brush,
): BrushMask {
  const reach = radius * Math.max(columns, rows);
  const [ax, ay] = [from.u * columns, from.v * rows];
  const [dx, dy] = [to.u * columns - ax, to.v * rows - ay];
  const length2 = dx * dx + dy * dy;
  const after = cells.slice();
  const span = (a: number, d: number, count: number) => [
    clamp(Math.floor(Math.min(a, a + d) - reach), 0, count),
    clamp(Math.ceil(Math.max(a, a + d) + reach), 0, count),
  ];
  const [left, right] = span(ax, dx, columns) as [number, number];
  const [top, bottom] = span(ay, dy, rows) as [number, number];
  for (let row = top; row < bottom; row++)
    for (let column = left; column < right; column++) {
      const [x, y] = [column + 0.5 - ax, row + 0.5 - ay];
      const along = length2 ? clamp((x * dx + y * dy) / length2, 0, 1) : 0;
      if (Math.hypot(x - along * dx, y - along * dy) <= reach) after[row * columns + column] = wipes ? 0 : 1;
    }
  return { columns, rows, cells: after };
}

/** The outline of the largest piece of a mask, its holes filled; nothing where nothing is brushed over. */
export function outlineOf({ columns, rows, cells }: BrushMask): FramePoint[] {
  const [found] = contours().size([columns, rows]).smooth(false).thresholds([0.5])([...cells]);
  const rings = (found?.coordinates ?? []).map(([outer]) => outer as [number, number][]);
  if (!rings.length) return [];
  const ring = rings.reduce((a, b) => (areaOf(b) > areaOf(a) ? b : a));
  const points = ring.map(([x, y]) => ({ u: clamp(x / columns, 0, 1), v: clamp(y / rows, 0, 1) }));
  // the first point stands at the end too
  return simplifyTo(points, TOLERANCE, MOST_CORNERS).slice(0, -1);
}

/** Area of a ring, by the shoelace formula. */
function areaOf(ring: readonly (readonly [number, number])[]): number {
  const twice = ring.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = ring[(i + 1) % ring.length] as readonly [number, number];
    return sum + x * nextY - nextX * y;
  }, 0);
  return Math.abs(twice) / 2;
}
