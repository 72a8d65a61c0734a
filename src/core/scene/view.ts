import { REGION_CODES } from '@/core/field';
import { smoothStep, type Steps } from '@/core/numerics';
import { waterReflectance } from '@/core/sky';
import { degreesFromRadians } from '@/core/units';
import { type Ground, type Haze, type Landscape, type Water } from './parts/landscape';
import { type GroundScan, scanGround, sensorHeightMm, sensorRightMm } from './ground-scan';
import { type SkyLight, skyLight } from './parts/sky-light';
import { drawStrokes } from './strokes';
import { newMaterial, shade, type SurfacePoint } from './parts/surface';
import { type Rgb, type RgbOut, type SceneLight, type SceneSun, type SceneView } from './parts/types';

/** Steps towards the sun in which a shadow is looked for. */
const SHADOW_STEPS = 18;
/** A wave of the surface smears what it mirrors over so many looks. */
const MIRROR_LOOKS = 3;

/** About how much of a view is done when its parts are. */
const SCANNED = 0.3;
const SKY_PAINTED = 0.4;
const GROUND_PAINTED = 0.9;

const code = (region: (typeof REGION_CODES)[number]) => REGION_CODES.indexOf(region);

/**
 * A landscape as it is seen: linear light at each point of the picture, cd/m2, with its regions and its skyline.
 *
 * The light is that of the sky model (CIE S 011:2003) and of daylight by the sun's altitude, on surfaces that scatter it
 * evenly; shapes and materials are inventions. It is right where a model is wanted whose every value is known.
 * Every step yields about how much is done, 0 to 1, and is a chance to stop.
 */
export function* viewSteps(
  { sky: condition, ground, standing, standingIsSky = false }: Landscape,
  sun: SceneSun,
  view: SceneView,
): Steps<SceneLight> {
  const { columns, rows } = view;
  const sky = skyLight(condition, sun);
  const scan = scanGround(ground, view);
  const rgb = new Float32Array(3 * columns * rows);
  const regions = new Uint8Array(columns * rows).fill(code('sky'));
  yield SCANNED;
  paintSky({ view, sky, scan, rgb });
  yield SKY_PAINTED;
  paintGround({ ground, view, sky, scan, rgb, regions });
  yield GROUND_PAINTED;
  if (ground.water) paintWater(ground.water, { ground, view, sky, scan, rgb, regions });
  if (standing)
    drawStrokes(standing, view, sky, { rgb, regions, region: code(standingIsSky ? 'sky' : 'feature') });
  const skyline = standingIsSky ? skylineOf(regions, view) : scan.skyline;
  return { columns, rows, rgb, regions, skyline };
}

/** In each column the height at which fewest points lie on the wrong side of it. */
function skylineOf(regions: Uint8Array, { columns, rows }: SceneView): Float64Array {
  const sky = code('sky');
  return Float64Array.from({ length: columns }, (_, column) => {
    let wrong = 0;
    let least = 0;
    let best = 0;
    for (let row = 0; row < rows; row++) {
      wrong += regions[row * columns + column] === sky ? -1 : 1;
      if (wrong < least) {
        least = wrong;
        best = row + 1;
      }
    }
    return best / rows;
  });
}

interface Painting {
  readonly ground: Ground;
  readonly view: SceneView;
  readonly sky: SkyLight;
  readonly scan: GroundScan;
  readonly rgb: Float32Array;
  readonly regions: Uint8Array;
}

/** Unit vector of a line of sight, from the place on the sensor. */
function direction(xMm: number, hMm: number, focalLengthMm: number, out: RgbOut): void {
  const length = Math.hypot(xMm, hMm, focalLengthMm);
  out[0] = xMm / length;
  out[1] = focalLengthMm / length;
  out[2] = hMm / length;
}

function paintSky({ view, sky, scan, rgb }: Omit<Painting, 'ground' | 'regions'>): void {
  const { columns, rows, focalLengthMm } = view;
  const to: RgbOut = [0, 0, 0];
  const light: RgbOut = [0, 0, 0];
  for (let row = 0, i = 0; row < rows; row++) {
    const h = sensorHeightMm(view, (row + 0.5) / rows);
    for (let column = 0; column < columns; column++, i++) {
      if (scan.depth[i]) continue;
      direction(sensorRightMm(view, (column + 0.5) / columns), h, focalLengthMm, to);
      sky.look(to[0], to[1], Math.max(0, to[2]), light);
      rgb.set(light, 3 * i);
    }
  }
}

function paintGround({ ground, view, sky, scan, rgb, regions }: Painting): void {
  const { columns, rows, focalLengthMm: f } = view;
  const pointMm = view.frame.heightMm / rows;
  const level = ground.water?.levelM ?? -Infinity;
  const point: SurfacePoint = { x: 0, y: 0, z: 0, nx: 0, ny: 0, nz: 1, footprintM: 0 };
  const material = newMaterial();
  const light: RgbOut = [0, 0, 0];
  const [land, water] = [code('land'), code('water')];
  for (let i = 0; i < columns * rows; i++) {
    const y = scan.depth[i];
    if (!y) continue;
    const x = (sensorRightMm(view, ((i % columns) + 0.5) / columns) / f) * y;
    const footprint = (y * pointMm) / f;
    const z = ground.height(x, y, footprint);
    if (z < level) {
      regions[i] = water;
      continue;
    }
    regions[i] = land;
    point.x = x;
    point.y = y;
    point.z = z;
    point.footprintM = footprint;
    setNormal(ground, point);
    material.gloss = 0;
    material.through = 0;
    ground.paint(point, material);
    shade(point, material, sky, sunlitPart(ground, point, sky.towards), light);
    veil(ground.haze, sky, point, view.eyeM, light);
    rgb.set(light, 3 * i);
  }
}

function setNormal({ height }: Ground, point: SurfacePoint): void {
  const { x, y, z, footprintM } = point;
  const step = Math.max(0.004, footprintM);
  const dx = (height(x + step, y, footprintM) - z) / step;
  const dy = (height(x, y + step, footprintM) - z) / step;
  const length = Math.hypot(dx, dy, 1);
  point.nx = -dx / length;
  point.ny = -dy / length;
  point.nz = 1 / length;
}

/** How much of the sun a point sees over the ground between. */
function sunlitPart(
  { height, shadowM }: Ground,
  { x, y, z, nx, ny, nz, footprintM }: SurfacePoint,
  towards: Rgb,
): number {
  if (towards[2] <= 0 || nx * towards[0] + ny * towards[1] + nz * towards[2] <= -0.3)
    return towards[2] > 0 ? 0 : 1;
  let sunlit = 1;
  let t = Math.max(0.02, 2 * footprintM);
  const growth = (shadowM / t) ** (1 / SHADOW_STEPS);
  if (growth <= 1) return 1;
  for (let i = 0; i < SHADOW_STEPS; i++, t *= growth) {
    const clear =
      z + t * towards[2] - height(x + t * towards[0], y + t * towards[1], Math.max(footprintM, t * 0.12));
    // the sun is half a degree wide, and air scatters some light into the edge of a shadow
    sunlit = Math.min(sunlit, smoothStep(-0.012 * t - 0.002, 0.012 * t, clear));
    if (sunlit <= 0) return 0;
  }
  return sunlit;
}

const veiled: RgbOut = [0, 0, 0];

/** Air and mist between a point and the eye: they take its light away and give their own. */
function veil(
  { visibilityM, mist }: Haze,
  sky: SkyLight,
  { x, y, z }: Pick<SurfacePoint, 'x' | 'y' | 'z'>,
  eyeM: number,
  light: RgbOut,
): void {
  const far = Math.hypot(x, y);
  let depth = (3.9 * far) / visibilityM;
  if (mist) {
    const [above, eye] = [(z - mist.levelM) / mist.topM, (eyeM - mist.levelM) / mist.topM];
    const rise = above - eye;
    const mean = Math.abs(rise) < 1e-3 ? Math.exp(-eye) : (Math.exp(-eye) - Math.exp(-above)) / rise;
    depth += mist.perM * far * Math.min(mean, 30);
  }
  const clear = Math.exp(-depth);
  sky.air(x / far, y / far, 0.05, veiled);
  for (let k = 0; k < 3; k++) light[k as 0] = light[k as 0] * clear + veiled[k as 0] * 0.85 * (1 - clear);
}

function paintWater(water: Water, { ground, view, sky, scan, rgb, regions }: Painting): void {
  const { columns, rows, focalLengthMm: f, eyeM } = view;
  const pointMm = view.frame.heightMm / rows;
  const wet = code('water');
  const tilt: [number, number] = [0, 0];
  const light: RgbOut = [0, 0, 0];
  const seen: RgbOut = [0, 0, 0];
  const { sunLux, skyLux, towards } = sky;
  const onLevel = (k: number) => skyLux[k] + Math.max(0, towards[2]) * sunLux[k];
  for (let i = 0; i < columns * rows; i++) {
    if (regions[i] !== wet) continue;
    const y = scan.depth[i];
    const column = i % columns;
    const side = sensorRightMm(view, (column + 0.5) / columns) / f;
    const footprint = (y * pointMm) / f;
    // along the line of sight a point of the picture covers far more water than across it
    water.tilt(side * y, y, footprint * Math.sqrt(y / (eyeM - water.levelM)), tilt);
    const down = Math.atan2(eyeM - water.levelM, y * Math.hypot(1, side));
    mirror({ view, sky, rgb, regions, wet }, { column, down, side, tilt }, seen);
    const { rs, rp } = waterReflectance(degreesFromRadians(Math.max(0.002, down + 0.6 * tilt[1])));
    const returned = (rs + rp) / 2;
    const foam = water.foam?.(side * y, y, footprint) ?? 0;
    for (let k = 0; k < 3; k++) {
      const body = (water.bed[k] * water.clarity * onLevel(k)) / Math.PI;
      const surface = seen[k as 0] * returned + body * (1 - returned);
      light[k as 0] = surface * (1 - foam) + (foam * 0.75 * onLevel(k)) / Math.PI;
    }
    veil(ground.haze, sky, { x: side * y, y, z: water.levelM }, eyeM, light);
    rgb.set(light, 3 * i);
  }
}

interface Mirroring {
  readonly column: number;
  /** How far the line of sight points down, radians. */
  readonly down: number;
  readonly side: number;
  readonly tilt: readonly [number, number];
}

/** What the surface mirrors at a point: the picture above it turned over, and beyond its edge the sky. */
function mirror(
  {
    view,
    sky,
    rgb,
    regions,
    wet,
  }: Pick<Painting, 'view' | 'sky' | 'rgb' | 'regions'> & { readonly wet: number },
  { column, down, side, tilt }: Mirroring,
  out: RgbOut,
): void {
  const { columns, rows, focalLengthMm: f, frame } = view;
  const look: RgbOut = [0, 0, 0];
  const to: RgbOut = [0, 0, 0];
  out[0] = out[1] = out[2] = 0;
  for (let n = 0; n < MIRROR_LOOKS; n++) {
    const up = Math.max(0.001, down + 2 * tilt[1] * (0.6 + 0.4 * n));
    const turned = side + 2 * tilt[0] * Math.tan(up) + tilt[0] * 0.3;
    const hMm = f * Math.hypot(1, side) * Math.tan(Math.min(1.4, up));
    const row = Math.round((view.horizonV - hMm / frame.heightMm) * rows - 0.5);
    const across = Math.round(column + 0.5 + ((turned - side) * f * columns) / frame.widthMm - 0.5);
    const i = row * columns + Math.min(columns - 1, Math.max(0, across));
    if (row >= 0 && row < rows && regions[i] !== wet)
      for (let k = 0; k < 3; k++) look[k as 0] = rgb[3 * i + k];
    else {
      direction(turned * f, hMm, f, to);
      sky.look(to[0], to[1], to[2], look);
    }
    for (let k = 0; k < 3; k++) out[k as 0] += look[k as 0] / MIRROR_LOOKS;
  }
}
