import { evOfLuminance } from '@/core/exposure';
import { type LightField } from '@/core/field';
import { median, seededRandom } from '@/core/numerics';
import { dimmingField, type Seat } from '@/core/optics';
import { LIGHT_CELLS, lightFigures, reduceLinear, reducePixels, simplifyTo } from '@/core/photo';
import { LANDSCAPES, type LandscapeName, makeScene, type SceneLight, takePhoto } from '@/core/scene';
import { luminanceOf, MID_GREY } from '@/core/units';
import {
  type Bag,
  deriveStand,
  fileAgainst,
  type FileCheck,
  frameOf,
  lensOf,
  type Reading,
  solveStand,
  type Stand,
  type StandPhoto,
  takeEv,
  takeOf,
  takeThrough,
} from '@/model';

/** How a shot came out otherwise than planned. */
export interface Truth {
  readonly overall: number;
  readonly skyAgainstLand: number;
  readonly seat: Seat;
}

export interface FileTrial {
  readonly truth: Truth;
  readonly check: FileCheck;
}

const COLUMNS = 240;
const CONTRAST = 0.82;
/** What sky and land are, among a scene's regions. */
const SKY = 0;

interface Pictured {
  readonly scene: SceneLight;
  readonly midGreyEv: number;
  readonly contrast: number;
  readonly seed: number;
}

/** A picture of a scene as a stand keeps it: a camera's own, or a raw file developed in linear light. */
function pictured({ scene, midGreyEv, contrast, seed }: Pictured, isRaw: boolean): StandPhoto {
  const { columns, rows } = scene;
  const shot = takePhoto(scene, { midGreyEv, contrast, seed });
  const rgba = new Uint8ClampedArray(4 * columns * rows).fill(255);
  for (let i = 0; i < columns * rows; i++) rgba.set(shot.rgb.subarray(3 * i, 3 * i + 3), 4 * i);
  const white = 2 ** midGreyEv;
  const reduced = isRaw
    ? reduceLinear({ columns, rows, rgb: linearAt(scene, white) }, LIGHT_CELLS)
    : reducePixels({ columns, rows, rgba }, LIGHT_CELLS);
  return {
    sha256: '0'.repeat(64),
    type: 'image/png',
    ...(isRaw ? { coding: 'stops' as const } : {}),
    columns,
    rows,
    light: lightFigures(reduced),
  };
}

/** A scene's light with its mid-grey at 0.18. */
function linearAt({ rgb }: SceneLight, midGrey: number): Float32Array {
  const ofOne = (MID_GREY * 2 ** evOfLuminance(1)) / midGrey;
  return Float32Array.from(rgb, (x) => x * ofOne);
}

/** Shoots a simulated scene through the plan's own glass, otherwise than planned, and holds the file against the plan. */
export function fileTrial(
  landscape: LandscapeName,
  seed: number,
  like: Stand,
  bag: Bag,
  { isRaw }: { readonly isRaw: boolean },
): FileTrial | null {
  const random = seededRandom(7 * seed + 3);
  const within = (most: number) => (2 * random() - 1) * most;
  const truth: Truth = {
    overall: within(1),
    skyAgainstLand: within(0.8),
    seat: { offsetMm: within(5), turnDeg: within(3) },
  };
  const scene = makeScene({ landscape, seed, columns: COLUMNS });
  const evAt = (i: number) =>
    evOfLuminance(luminanceOf(scene.rgb[3 * i]!, scene.rgb[3 * i + 1]!, scene.rgb[3 * i + 2]!));
  const evs = Float64Array.from({ length: scene.columns * scene.rows }, (_, i) => evAt(i)).sort();
  const bright = evs[Math.floor(0.985 * evs.length)]! - Math.log2(1 / MID_GREY) / CONTRAST;
  const line = Array.from(scene.skyline, (v, i) => ({ u: (i + 0.5) / scene.columns, v }));
  const spot = (id: string, role: 'sky' | 'land', u: number, v: number): Reading => ({
    id,
    role,
    u,
    v,
    ev100: meanEv(scene, u, v),
  });
  const skyAt = Math.min(...scene.skyline);
  const stand: Stand = {
    ...like,
    look: { school: 'even' },
    lens: { focalLengthMm: LANDSCAPES[landscape].view.focalLengthMm, pupilToFilterMm: 50 },
    skyline: simplifyTo([{ u: 0, v: line[0]!.v }, ...line, { u: 1, v: line.at(-1)!.v }], 0.006, 24),
    picture: pictured({ scene, midGreyEv: bright, contrast: CONTRAST, seed }, isRaw),
    readings: [
      spot('r1', 'sky', 0.3, 0.4 * skyAt),
      spot('r2', 'sky', 0.7, 0.7 * skyAt),
      spot('r3', 'land', 0.4, 0.8),
      spot('r4', 'land', 0.65, 0.92),
    ],
  };
  const solved = { stand, bag, derived: deriveStand(stand, bag, solveStand(stand, bag)) };
  const take = takeOf(solved, 't', '2026-05-01T05:30:00Z');
  if (!take?.seat) return null;
  const { set, evMidGrey } = takeThrough(take, stand, bag);
  const { seat } = take;
  const stood = { offsetMm: seat.offsetMm + truth.seat.offsetMm, turnDeg: seat.turnDeg + truth.seat.turnDeg };
  const dimming = dimmingField(solved.derived.prepared.tables(set, stood), {
    lens: lensOf(stand, bag),
    seat: stood,
    frame: frameOf(stand.camera),
    columns: scene.columns,
    rows: scene.rows,
  });
  const more = (i: number) => truth.overall + (scene.regions[i] === SKY ? truth.skyAgainstLand : 0);
  const lit = { ...scene, rgb: scene.rgb.map((x, k) => x * 2 ** more(Math.floor(k / 3))) };
  const shot = { ...lit, rgb: lit.rgb.map((x, k) => x * 2 ** -dimming[Math.floor(k / 3)]!) };
  const photo = pictured(
    { scene: shot, midGreyEv: evMidGrey ?? takeEv(take.exposure), contrast: CONTRAST, seed: seed + 1 },
    isRaw,
  );
  const { field } = solved.derived.prepared.input;
  const [land, sky] = [false, true].map((isSky) => offPlan(lit, field, isSky)) as [number, number];
  const told = { overall: land, skyAgainstLand: sky - land, seat: truth.seat };
  return { truth: told, check: fileAgainst(take, photo, { stand, bag, prepared: solved.derived.prepared }) };
}

/** By how much a side's light is really brighter than the plan had it, in the middle of its cells, stops. */
function offPlan(scene: SceneLight, { grid, ev, regions }: LightField, isSky: boolean): number {
  const { columns, rows } = grid;
  const sums = new Float64Array(columns * rows);
  const counts = new Float64Array(columns * rows);
  for (let i = 0; i < scene.columns * scene.rows; i++) {
    const column = Math.floor(((i % scene.columns) * columns) / scene.columns);
    const row = Math.floor((Math.floor(i / scene.columns) * rows) / scene.rows);
    sums[row * columns + column]! += luminanceOf(
      scene.rgb[3 * i]!,
      scene.rgb[3 * i + 1]!,
      scene.rgb[3 * i + 2]!,
    );
    counts[row * columns + column]!++;
  }
  const off = Array.from(sums, (sum, i) => evOfLuminance(sum / counts[i]!) - ev[i]!).filter(
    (x, i) => Number.isFinite(x) && (regions[i] === SKY) === isSky,
  );
  return median(off);
}

/** Mean light of a spot, as a meter reads it. */
function meanEv(scene: SceneLight, u: number, v: number): number {
  const [column, row] = [Math.round(u * scene.columns), Math.round(v * scene.rows)];
  let sum = 0;
  let n = 0;
  for (let dy = -3; dy <= 3; dy++)
    for (let dx = -3; dx <= 3; dx++) {
      const i =
        Math.min(scene.rows - 1, Math.max(0, row + dy)) * scene.columns +
        Math.min(scene.columns - 1, column + dx);
      sum += luminanceOf(scene.rgb[3 * i]!, scene.rgb[3 * i + 1]!, scene.rgb[3 * i + 2]!);
      n++;
    }
  return evOfLuminance(sum / n);
}
