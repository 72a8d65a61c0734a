import { clamp } from '@/core/numerics';
import { type Reduced } from './reduce';
import { offSurface } from './sky-surface';

/** What of a picture tells sky from ground, cell by cell. */
export interface PhotoCues {
  readonly columns: number;
  readonly rows: number;
  /** Luminance in stops. */
  readonly log: Float32Array;
  readonly red: Float32Array;
  readonly blue: Float32Array;
  /** Bins of light and colour, and of texture and colour, that each cell falls into. */
  readonly light: Uint8Array;
  readonly texture: Uint8Array;
  /** Strength of the step from the cell above, 0 to 1: light and colour, against what is usual in the picture. */
  readonly step: Float32Array;
  /** How much of a level line runs through the cell: the same small step over a stretch of the row, 0 to 1. */
  readonly level: Float32Array;
  /** How well what is above a row is mirrored below it, 0 to 1, cell by cell. */
  readonly mirror: Float32Array;
}

const LIGHT_BINS = 14;
const HUE_BINS = 8;
const TEXTURE_BINS = 8;

export function photoCues(picture: Reduced): PhotoCues {
  const { columns, rows, rgb, luminance } = picture;
  const n = columns * rows;
  const floor = 2 ** -12 * luminance.reduce((a, b) => Math.max(a, b), 1e-9);
  const log = Float32Array.from(luminance, (y) => Math.log2(y + floor));
  const ratio = (k: number) =>
    Float32Array.from({ length: n }, (_, i) =>
      Math.log2((rgb[3 * i + k] + floor) / (rgb[3 * i + 1] + floor)),
    );
  const [red, blue] = [ratio(0), ratio(2)];
  const rough = roughness(log, columns, rows);
  const ranks = (values: Float32Array, bins: number) => binByRank(values, bins);
  const [byLight, byBlue, byRed, byRough] = [
    ranks(log, LIGHT_BINS),
    ranks(blue, HUE_BINS),
    ranks(red, HUE_BINS),
    ranks(rough, TEXTURE_BINS),
  ];
  const light = Uint8Array.from(byLight, (l, i) => l * HUE_BINS + byBlue[i]);
  const texture = Uint8Array.from(byRough, (t, i) => t * HUE_BINS + byRed[i]);
  const channels = { columns, rows, log, red, blue };
  return {
    ...channels,
    light,
    texture,
    step: steps(channels),
    level: levelScore(channels),
    mirror: mirrorScore(log, columns, rows),
  };
}

/** How rough a cell is among those of its picture: 0, the smoothest eighth, to 7. */
export const textureRank = ({ texture }: PhotoCues, cell: number): number =>
  Math.floor(texture[cell] / HUE_BINS);

/** Mean step of light to the neighbours over a patch of five by five cells, in stops. */
function roughness(log: Float32Array, columns: number, rows: number): Float32Array {
  const local = new Float32Array(columns * rows);
  for (let i = 0; i < local.length; i++) {
    const here = log[i];
    const right = (i + 1) % columns ? log[i + 1] : here;
    const below = i + columns < local.length ? log[i + columns] : here;
    local[i] = Math.min(1.5, Math.abs(right - here) + 0.5 * Math.abs(below - here));
  }
  return boxMean(local, { columns, rows, reach: 2 });
}

/** Mean over a square of cells, by running sums. */
function boxMean(
  values: Float32Array,
  { columns, rows, reach }: { columns: number; rows: number; reach: number },
): Float32Array {
  const pass = (
    from: Float32Array,
    count: number,
    length: number,
    at: (line: number, k: number) => number,
  ) => {
    const to = new Float32Array(from.length);
    for (let line = 0; line < count; line++) {
      let sum = 0;
      for (let k = -reach; k < length; k++) {
        if (k + reach < length) sum += from[at(line, k + reach)];
        if (k - reach - 1 >= 0) sum -= from[at(line, k - reach - 1)];
        if (k >= 0) to[at(line, k)] = sum / (Math.min(length - 1, k + reach) - Math.max(0, k - reach) + 1);
      }
    }
    return to;
  };
  const across = pass(values, rows, columns, (row, k) => row * columns + k);
  return pass(across, columns, rows, (column, k) => k * columns + column);
}

/** Which of so many equally full bins each value falls into. */
function binByRank(values: Float32Array, bins: number): Uint8Array {
  const sorted = Float32Array.from(values).sort();
  const edges = Array.from(
    { length: bins - 1 },
    (_, k) => sorted[Math.floor(((k + 1) * sorted.length) / bins)],
  );
  return Uint8Array.from(values, (x) => {
    let bin = 0;
    while (bin < edges.length && x > edges[bin]) bin++;
    return bin;
  });
}

interface Channels {
  readonly columns: number;
  readonly rows: number;
  readonly log: Float32Array;
  readonly red: Float32Array;
  readonly blue: Float32Array;
}

/** Step between what lies just above and just below each row, against the picture's own large steps. */
function steps({ columns, rows, log, red, blue }: Channels): Float32Array {
  const raw = new Float32Array(columns * rows);
  const half = (values: Float32Array, column: number, from: number) => {
    const two = clamp(from, 0, rows - 1) * columns + column;
    const other = clamp(from + 1, 0, rows - 1) * columns + column;
    return (values[two] + values[other]) / 2;
  };
  for (let row = 1; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const jump = (values: Float32Array) => half(values, column, row) - half(values, column, row - 2);
      raw[row * columns + column] = Math.abs(jump(log)) + 0.6 * (Math.abs(jump(red)) + Math.abs(jump(blue)));
    }
  const large = Float32Array.from(raw).sort()[Math.floor(0.97 * raw.length)];
  return raw.map((x) => Math.min(1, x / Math.max(0.05, large)));
}

/** Steps of a level line are as small as this, stops, and so much of them must go one way, to count in full. */
const LEVEL_STEP = 0.12;
const ONE_WAY = 0.9;

/** A horizon over water is a faint step, but the same one all along a row: steps that agree, and are least next to it. */
function levelScore({ columns, rows, log, red, blue }: Channels): Float32Array {
  const score = new Float32Array(columns * rows);
  const window = { columns, rows: 1, reach: Math.round(columns / 6) };
  for (const values of [log, red, blue]) {
    const lines = Array.from({ length: rows }, (_, row) => {
      const jump = new Float32Array(columns);
      if (row > 0)
        for (let column = 0; column < columns; column++)
          jump[column] = clamp(
            values[row * columns + column] - values[(row - 1) * columns + column],
            -0.5,
            0.5,
          );
      return { signed: boxMean(jump, window), size: boxMean(jump.map(Math.abs), window) };
    });
    for (let row = 3; row < rows - 3; row++)
      for (let column = 0; column < columns; column++) {
        const here = lines[row].signed[column];
        const usual = [-3, -2, 2, 3].reduce((sum, k) => sum + lines[row + k].signed[column] / 4, 0);
        const agreed = Math.abs(here) / (lines[row].size[column] + 0.004);
        const own = clamp(
          (Math.abs(here - usual) / LEVEL_STEP) * clamp((agreed - 0.4) / (ONE_WAY - 0.4), 0, 1),
          0,
          1,
        );
        const i = row * columns + column;
        score[i] = Math.max(score[i], own);
      }
  }
  return score;
}

/** Rows compared on either side of a would-be waterline, as a part of the picture's height. */
const MIRROR_REACH = 0.16;

/**
 * Correlation of what lies above a row with what lies below it turned over, in windows across the picture, where there is
 * anything to compare. Slow changes are taken out first: the sky grows brighter towards any horizon and the water too.
 */
function mirrorScore(log: Float32Array, columns: number, rows: number): Float32Array {
  const slow = boxMean(log, { columns, rows, reach: Math.round(0.05 * rows) });
  const detail = log.map((x, i) => clamp(x - slow[i], -1, 1));
  // the waterline lies between two rows, or through the middle of one
  const between = mirroredAbout(detail, { columns, rows }, 1);
  const through = mirroredAbout(detail, { columns, rows }, 0);
  return between.map((score, i) => Math.max(score, through[i]));
}

/** @param gap how many rows above a row its own mirror image begins: 1 for a line between rows, 0 for one through it */
function mirroredAbout(
  detail: Float32Array,
  { columns, rows }: { readonly columns: number; readonly rows: number },
  gap: 0 | 1,
): Float32Array {
  const reach = Math.round(MIRROR_REACH * rows);
  const window = { columns, rows: 1, reach: Math.round(columns / 5) };
  const score = new Float32Array(columns * rows);
  for (let row = 2; row < rows - 2; row++) {
    const far = Math.min(reach, row, rows - row);
    const product = new Float32Array(columns);
    const power = new Float32Array(columns);
    for (let column = 0; column < columns; column++) {
      let [xy, xx, yy] = [0, 0, 0];
      for (let k = 1; k < far; k++) {
        const above = detail[(row - k - gap) * columns + column];
        const below = detail[(row + k) * columns + column];
        xy += above * below;
        xx += above * above;
        yy += below * below;
      }
      product[column] = xy * Math.min(1, far / reach);
      power[column] = Math.sqrt(xx * yy) + 0.0004 * reach;
    }
    const [xy, xx] = [boxMean(product, window), boxMean(power, window)];
    for (let column = 0; column < columns; column++)
      score[row * columns + column] = clamp((xy[column] / xx[column] - 0.35) / 0.45, 0, 1);
  }
  return score;
}

/** What a line through the picture is judged by. */
export interface Evidence {
  readonly columns: number;
  readonly rows: number;
  /** How much more a cell is like sky than like ground, -1 to 1. */
  readonly sky: Float32Array;
  readonly edge: Float32Array;
  readonly level: Float32Array;
  readonly mirror: Float32Array;
}

/**
 * How much more each cell is like those above a line than like those below it: the share of either side's cells in the
 * same bin. What neither side has is neither.
 *
 * @param isFirst only the topmost and the lowest cells are taken to be certain
 */
export function likenessToSky(cues: PhotoCues, line: Int32Array, isFirst: boolean): Float32Array {
  const { columns, rows } = cues;
  const margin = Math.round(0.015 * rows);
  const sides = new Int8Array(columns * rows);
  for (let column = 0; column < columns; column++) {
    const at = line[column];
    const [above, below] = isFirst ? [0.55 * at, at + 0.55 * (rows - at)] : [at - margin, at + margin];
    for (let row = 0; row < rows; row++)
      if (row < above) sides[row * columns + column] = 1;
      else if (row > below) sides[row * columns + column] = -1;
  }
  const byLight = logShares(cues.light, sides, LIGHT_BINS * HUE_BINS);
  const bySurface = surfaceShares(cues, line, sides);
  const byTexture = logShares(cues.texture, sides, TEXTURE_BINS * HUE_BINS);
  const likeness = new Float32Array(columns * rows);
  for (let i = 0; i < likeness.length; i++)
    likeness[i] = clamp(
      0.3 * byLight[cues.light[i]] + 0.25 * byTexture[cues.texture[i]] + 0.3 * bySurface[i],
      -1,
      1,
    );
  return likeness;
}

/** The same by how far cells lie from a smooth surface through the sky, in light and in colour. */
function surfaceShares(
  { columns, rows, log, red, blue }: PhotoCues,
  line: Int32Array,
  sides: Int8Array,
): Float64Array {
  const until = Float64Array.from(line, (row) => Math.max(3, row - Math.round(0.02 * rows)));
  const off = (values: Float32Array) => offSurface({ columns, rows, values, until });
  const [byLog, byRed, byBlue] = [off(log), off(red), off(blue)];
  const bins = new Uint8Array(columns * rows);
  for (let i = 0; i < bins.length; i++) {
    const [l, r, b] = [byLog[i], byRed[i], byBlue[i]];
    bins[i] = Math.min(15, Math.floor(2 * Math.log2(1 + l * l + 0.5 * (r * r + b * b))));
  }
  const shares = logShares(bins, sides, 16);
  const out = new Float64Array(columns * rows);
  for (let i = 0; i < out.length; i++) out[i] = shares[bins[i]];
  return out;
}

/** Logarithm (base 2) of the ratio of both sides' shares of each bin. */
function logShares(bins: Uint8Array, sides: Int8Array, count: number): Float64Array {
  const above = new Float64Array(count);
  const below = new Float64Array(count);
  for (let i = 0; i < bins.length; i++) {
    const bin = bins[i];
    if (sides[i] === 1) above[bin]++;
    else if (sides[i] === -1) below[bin]++;
  }
  const total = (side: Float64Array) => side.reduce((a, b) => a + b, 0);
  const [ta, tb] = [total(above), total(below)];
  // one side alone tells nothing of the other
  if (!ta || !tb) return new Float64Array(count);
  // as if every bin had held this share of either side: what was hardly seen says hardly anything
  const doubt = 0.25 / count;
  return above.map((n, bin) => Math.log2((n / ta + doubt) / (below[bin] / tb + doubt)));
}

export function evidenceOf({ columns, rows, step, level, mirror }: PhotoCues, sky: Float32Array): Evidence {
  return { columns, rows, sky, edge: step, level, mirror };
}
