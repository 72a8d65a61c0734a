import { leastSquaresSlope, mean } from '@/core/numerics';
import { type LightField, type PlacedReading, placeReadings } from './light';
import { type Grid, REGION_CODES, type RegionMap } from './grid';
import { KNOWN, type LightReading, type PictureTie } from './types';

/** A picture as light: linear luminance, row by row, in any unit. */
export interface PictureLight {
  readonly columns: number;
  readonly rows: number;
  readonly luminance: Float32Array;
  /** What of each pixel is known (`KNOWN`); absent: all is measured. */
  readonly known?: Uint8Array | undefined;
  /** EV at ISO 100 of a luminance of 1 by the picture's exposure data; absent: not known. */
  readonly evOfOne?: number | undefined;
}

/** Readings on a picture must lie so far apart to tell its contrast too, stops (issue: cameras compress tones). */
const APART_STOPS = 2;
/** Light below this part of the brightest is dark for certain, and no less. */
const DARKEST = 2 ** -20;

/** The mean light of a patch of the frame, and whether most of it is measured, or gives at most or at least so much. */
function patchLight(
  picture: PictureLight,
  from: [number, number],
  to: [number, number],
): { readonly y: number; readonly known: number } {
  const { columns, rows, luminance } = picture;
  const left = Math.min(columns - 1, Math.floor(from[0] * columns));
  const right = Math.min(columns, Math.max(left + 1, Math.ceil(to[0] * columns)));
  const top = Math.min(rows - 1, Math.floor(from[1] * rows));
  const bottom = Math.min(rows, Math.max(top + 1, Math.ceil(to[1] * rows)));
  const count = [0, 0, 0];
  let sum = 0;
  for (let y = top; y < bottom; y++)
    for (let x = left; x < right; x++) {
      sum += luminance[y * columns + x];
      count[picture.known?.[y * columns + x] ?? KNOWN.measured]++;
    }
  const all = (right - left) * (bottom - top);
  const beyond = count.findIndex((n, way) => way !== KNOWN.measured && n > all / 2);
  return { y: sum / all, known: Math.max(KNOWN.measured, beyond) };
}

/** Half the side of the patch that a reading placed on a picture is compared with, parts of the frame. */
const SPOT = 0.01;

/**
 * How a picture's luminance is tied to EV (solver: the light field): by readings placed on it, which win, or by its
 * exposure data; null where there is neither.
 */
export function tiePicture(picture: PictureLight, readings: readonly PlacedReading[]): PictureTie | null {
  const pairs = readings.flatMap(({ place: { u, v }, rough, fromPicture, isPoint, ev100 }) => {
    if (rough || fromPicture || isPoint) return [];
    const clamp = (x: number) => Math.min(1, Math.max(0, x));
    const at = patchLight(picture, [clamp(u - SPOT), clamp(v - SPOT)], [clamp(u + SPOT), clamp(v + SPOT)]);
    // where the picture holds no more, a reading tells of the scene and nothing of the picture
    return at.y > 0 && at.known === KNOWN.measured ? [{ log: Math.log2(at.y), ev100 }] : [];
  });
  if (!pairs.length)
    return picture.evOfOne === undefined
      ? null
      : { offsetEv: picture.evOfOne, contrast: 1, by: 'exposure-data' };
  const logs = pairs.map((p) => p.log);
  const evs = pairs.map((p) => p.ev100);
  const apart = Math.max(...evs) - Math.min(...evs) >= APART_STOPS;
  const slope = apart ? leastSquaresSlope(logs, evs) : 1;
  // readings that contradict the picture's order of light tell nothing about its contrast
  const contrast = slope > 0 ? slope : 1;
  return {
    offsetEv: mean(evs) - contrast * mean(logs),
    contrast,
    by: apart && slope > 0 ? 'contrast-and-level' : 'level',
  };
}

/** A picture's light over a grid's cells, whatever it is tied to. */
export interface PictureCells {
  readonly picture: PictureLight;
  /** Mean luminance of each cell, log2. */
  readonly log: Float64Array;
  /** What of each cell is known (`KNOWN`). */
  readonly known: Uint8Array;
}

/** A picture seen cell by cell; for whoever asks for its field again and again. */
export function pictureCells({ columns, rows }: Grid, picture: PictureLight): PictureCells {
  const least = picture.luminance.reduce((a, b) => Math.max(a, b), 0) * DARKEST;
  const log = new Float64Array(columns * rows);
  const known = new Uint8Array(columns * rows);
  for (let row = 0, i = 0; row < rows; row++)
    for (let column = 0; column < columns; column++, i++) {
      const cell = patchLight(
        picture,
        [column / columns, row / rows],
        [(column + 1) / columns, (row + 1) / rows],
      );
      log[i] = Math.log2(Math.max(least, cell.y));
      known[i] = cell.known;
    }
  return { picture, log, known };
}

/**
 * How readings without a place tie a picture: a camera that was pointed at a side, or at the whole frame, showed the mean
 * light there. Good to about a stop, since meters weigh their middle.
 */
function tieByMeans(
  { regions }: RegionMap,
  readings: readonly PlacedReading[],
  { log, known }: PictureCells,
  frameEv: number | undefined,
): PictureTie | null {
  const meanLog = (counts: (region: number) => boolean): number => {
    const light = Array.from(log).filter((_, i) => known[i] === KNOWN.measured && counts(regions[i]));
    return Math.log2(mean(light.map((stops) => 2 ** stops)));
  };
  const offsets = readings
    .filter((r) => r.rough && !r.fromPicture && !r.limit)
    .map(({ role, ev100 }) => ev100 - meanLog((region) => region === REGION_CODES.indexOf(role)));
  if (!offsets.length && frameEv !== undefined) offsets.push(frameEv - meanLog(() => true));
  const told = offsets.filter(Number.isFinite);
  return told.length ? { offsetEv: mean(told), contrast: 1, by: 'mean' } : null;
}

/**
 * The light field of a picture: each cell's mean luminance as EV. Null where nothing ties it to EV.
 *
 * @param frameEv EV at ISO 100 that a camera read of the whole frame; it ties where no reading does
 */
export function pictureField(
  map: RegionMap,
  given: readonly LightReading[],
  cells: PictureCells,
  frameEv?: number,
): (LightField & { readonly tie: PictureTie }) | null {
  const { picture, log, known } = cells;
  const readings = placeReadings(map, given);
  const placed = tiePicture(picture, readings);
  const tie =
    placed && placed.by !== 'exposure-data' ? placed : (tieByMeans(map, readings, cells, frameEv) ?? placed);
  if (!tie) return null;
  return { ...map, ev: log.map((stops) => tie.offsetEv + tie.contrast * stops), readings, tie, known };
}

/** How much of the sky, and of all below it, a picture does not tell: parts of their cells that are blown, and black. */
export interface UnknownLight {
  readonly side: 'sky' | 'land';
  readonly blown: number;
  readonly black: number;
}

/** What a picture does not tell of the light field's two sides; nothing where all of it is measured. */
export function unknownLight({ known, regions }: LightField): UnknownLight[] {
  if (!known) return [];
  const sky = REGION_CODES.indexOf('sky');
  const ignore = REGION_CODES.indexOf('ignore');
  const part = (side: UnknownLight['side']): UnknownLight => {
    const count = [0, 0, 0];
    regions.forEach((region, i) => {
      if (region !== ignore && (region === sky) === (side === 'sky')) count[known[i]]++;
    });
    const all = Math.max(1, count[0] + count[1] + count[2]);
    return { side, black: count[KNOWN.atMost] / all, blown: count[KNOWN.atLeast] / all };
  };
  return [part('sky'), part('land')].filter((u) => u.blown + u.black > 0);
}
