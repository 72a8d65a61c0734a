import { isInCircle, type MeterCircle } from '@/core/optics';
import { type Grid, REGION_CODES, type RegionMap } from './grid';
import { type LightField } from './light';
import { type FramePoint, KNOWN, type Role } from './types';

/** What a meter would show of a spot of the light field. */
export interface Spot {
  readonly ev100: number;
  /** Whether most of it is measured, or gives at most or at least so much (`KNOWN`). */
  readonly known: number;
}

/** Mean light of the cells in a meter's circle, or of the one under its middle; light adds, and not EV. */
export function spotOf({ grid, ev, known }: LightField, circle: MeterCircle): Spot | null {
  const { columns, rows, aspect } = grid;
  const reach = Math.max(circle.radial, circle.tangential);
  const span = (at: number, half: number, count: number): readonly [number, number] => [
    Math.max(0, Math.floor((at - half) * count)),
    Math.min(count - 1, Math.floor((at + half) * count)),
  ];
  const [top, bottom] = span(circle.v, reach, rows);
  const [left, right] = span(circle.u, reach / aspect, columns);
  const cells: number[] = [];
  for (let row = top; row <= bottom; row++)
    for (let column = left; column <= right; column++)
      if (isInCircle(circle, (column + 0.5) / columns, (row + 0.5) / rows, aspect))
        cells.push(row * columns + column);
  if (!cells.length) {
    cells.push(cellAt(grid, circle));
  }
  const light = cells.reduce((sum, i) => sum + 2 ** ev[i], 0) / cells.length;
  if (!Number.isFinite(light) || light <= 0) return null;
  const share = (way: number) => cells.filter((i) => known?.[i] === way).length / cells.length;
  const beyond = [KNOWN.atMost, KNOWN.atLeast].find((way) => share(way) > 0.5);
  return { ev100: Math.log2(light), known: beyond ?? KNOWN.measured };
}

/** The cell that a point of the frame lies in. */
function cellAt({ columns, rows }: Grid, { u, v }: FramePoint): number {
  const held = (at: number, count: number) => Math.min(count - 1, Math.max(0, Math.floor(at * count)));
  return held(v, rows) * columns + held(u, columns);
}

/** The role of the region that a point of the frame lies in; null where it is left out of account. */
export function roleAt({ grid, regions }: RegionMap, point: FramePoint): Role | null {
  const region = REGION_CODES[regions[cellAt(grid, point)]];
  return region === undefined || region === 'ignore' ? null : region;
}

/** Points along a side at which a circle is looked at. */
const LOOKS = 41;

/**
 * How much of a meter's circle lies on the other side of the skyline from its middle, 0 to 1.
 *
 * @param skyline its height at any place across
 */
export function strayPart(circle: MeterCircle, skyline: (u: number) => number, aspect: number): number {
  const isSky = (u: number, v: number) => v < skyline(u);
  const own = isSky(circle.u, circle.v);
  const reach = Math.max(circle.radial, circle.tangential);
  let [all, stray] = [0, 0];
  for (let i = 0; i < LOOKS; i++)
    for (let k = 0; k < LOOKS; k++) {
      const u = circle.u + (((2 * i) / (LOOKS - 1) - 1) * reach) / aspect;
      const v = circle.v + ((2 * k) / (LOOKS - 1) - 1) * reach;
      if (!isInCircle(circle, u, v, aspect)) continue;
      all++;
      if (isSky(u, v) !== own) stray++;
    }
  return all ? stray / all : 0;
}

/**
 * By how much a reading is off, stops, of which a part came from another light (physics 1): positive where that is brighter; a
 * tenth of a sky 3 stops brighter reads 0.77 high. Null where the part alone would give more than was read.
 */
export function strayStops(readEv: number, otherEv: number, part: number): number | null {
  const own = (2 ** readEv - part * 2 ** otherEv) / (1 - part);
  return own > 0 && part < 1 ? readEv - Math.log2(own) : null;
}
