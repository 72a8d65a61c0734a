import { type Evidence } from './skyline-cues';

/** What an edge, a level line and a mirror are worth against a cell on the wrong side, in cells. */
export interface PathWorth {
  readonly edge: number;
  readonly level: number;
  readonly mirror: number;
}

/** A column that is wrong from top to bottom. */
const FULL_HEIGHT = 60;
/** By what a line is compared with others once it is found. */
const MARGIN_WORTH: PathWorth = { edge: 4, level: 4, mirror: 12 };
/** What a row of difference between neighbouring columns costs, and from where on a jump costs no more. */
const BEND_COST = 0.55;
const JUMP_ROWS = 24;
/** A line that passes farther away than this part of the height is another one. */
const AWAY = 0.045;

/** The line of least cost from side to side: the first row of ground in each column, by dynamic programming. */
export function boundaryPath(evidence: Evidence, worth: PathWorth): Int32Array {
  const { columns, rows } = evidence;
  const total = throughCosts(evidence, worth);
  return Int32Array.from({ length: columns }, (_, column) => {
    let best = 0;
    for (let row = 1; row < rows; row++) if (total(row, column) < total(best, column)) best = row;
    return best;
  });
}

/** By how much the best line that passes well away from a given one is worse at each column, 0 where it is better. */
export function pathMargin(evidence: Evidence, line: Int32Array): Float64Array {
  const { rows } = evidence;
  const total = throughCosts(evidence, MARGIN_WORTH);
  return Float64Array.from(line, (at, column) => {
    let near = Infinity;
    let away = Infinity;
    for (let row = 0; row < rows; row++)
      if (Math.abs(row - at) > AWAY * rows) away = Math.min(away, total(row, column));
      else near = Math.min(near, total(row, column));
    return Math.max(0, away - near);
  });
}

/** Cost of the best line through a cell. */
function throughCosts(
  { columns, rows, sky, edge, level, mirror }: Evidence,
  worth: PathWorth,
): (row: number, column: number) => number {
  const cost = new Float32Array(columns * rows);
  for (let column = 0; column < columns; column++) {
    // cells on the wrong side, counted down the column from a line at the top
    let wrong = 0;
    for (let row = 0; row < rows; row++) wrong += Math.max(0, sky[row * columns + column]);
    for (let row = 0; row < rows; row++) {
      const i = row * columns + column;
      cost[i] =
        (wrong * FULL_HEIGHT) / rows -
        worth.edge * edge[i] -
        worth.level * level[i] -
        worth.mirror * mirror[i];
      wrong -= sky[i];
    }
  }
  const forwards = sweep(cost, columns, rows, 1);
  const backwards = sweep(cost, columns, rows, -1);
  return (row, column) => {
    const i = row * columns + column;
    return forwards[i] + backwards[i] - cost[i];
  };
}

/** Cost of the best line from one side up to each cell, that cell's own included. */
function sweep(cost: Float32Array, columns: number, rows: number, step: 1 | -1): Float32Array {
  const total = new Float32Array(cost.length);
  const first = step === 1 ? 0 : columns - 1;
  for (let row = 0; row < rows; row++) total[row * columns + first] = cost[row * columns + first];
  const reached = new Float32Array(rows);
  for (let column = first + step; column >= 0 && column < columns; column += step) {
    let least = Infinity;
    for (let row = 0; row < rows; row++) {
      reached[row] = total[row * columns + column - step];
      least = Math.min(least, reached[row]);
    }
    // going down and up the column once each finds the least of `before + BEND_COST * rows away`
    for (let row = 1; row < rows; row++) reached[row] = Math.min(reached[row], reached[row - 1] + BEND_COST);
    for (let row = rows - 2; row >= 0; row--)
      reached[row] = Math.min(reached[row], reached[row + 1] + BEND_COST);
    for (let row = 0; row < rows; row++) {
      const i = row * columns + column;
      total[i] = cost[i] + Math.min(reached[row], least + BEND_COST * JUMP_ROWS);
    }
  }
  return total;
}
