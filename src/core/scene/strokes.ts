import { clamp } from '@/core/numerics';
import { type Stroke } from './parts/landscape';
import { latticeRandom } from './parts/noise';
import { type SkyLight } from './parts/sky-light';
import { newMaterial, shade, type SurfacePoint } from './parts/surface';
import { type RgbOut, type SceneView } from './parts/types';

/** What a stroke is drawn into. */
export interface StrokePaper {
  readonly rgb: Float32Array;
  readonly regions: Uint8Array;
  readonly region: number;
}

/** Draws what stands, over what is there: each stroke as a round thing in the light of the scene, its edges smooth. */
export function drawStrokes(
  strokes: readonly Stroke[],
  view: SceneView,
  sky: SkyLight,
  paper: StrokePaper,
): void {
  strokes.forEach((stroke, i) => drawStroke(stroke, i, view, sky, paper));
}

function drawStroke(stroke: Stroke, index: number, view: SceneView, sky: SkyLight, paper: StrokePaper): void {
  const { columns, rows, focalLengthMm, frame, horizonV, eyeM } = view;
  const perMm = columns / frame.widthMm;
  const place = ([x, y, z]: readonly [number, number, number]) => ({
    px: columns / 2 + ((focalLengthMm * x) / y) * perMm,
    py: horizonV * rows - ((focalLengthMm * (z - eyeM)) / y) * (rows / frame.heightMm),
    perM: (focalLengthMm / y) * perMm,
  });
  const a = place(stroke.from);
  const b = place(stroke.to);
  const [ra, rb] = [(stroke.fromWidthM * a.perM) / 2, (stroke.toWidthM * b.perM) / 2];
  const reach = Math.max(ra, rb) + 1;
  const [dx, dy] = [b.px - a.px, b.py - a.py];
  const length2 = dx * dx + dy * dy || 1e-9;
  const lengthM = Math.sqrt(length2) / a.perM;
  const across = 1 / Math.sqrt(length2);
  const material = newMaterial();
  material.through = stroke.through;
  const point: SurfacePoint = { x: 0, y: 1, z: 0, nx: 0, ny: -1, nz: 0, footprintM: 0 };
  const light: RgbOut = [0, 0, 0];
  const firstRow = Math.max(0, Math.floor(Math.min(a.py, b.py) - reach));
  const lastRow = Math.min(rows - 1, Math.ceil(Math.max(a.py, b.py) + reach));
  const firstColumn = Math.max(0, Math.floor(Math.min(a.px, b.px) - reach));
  const lastColumn = Math.min(columns - 1, Math.ceil(Math.max(a.px, b.px) + reach));
  for (let row = firstRow; row <= lastRow; row++)
    for (let column = firstColumn; column <= lastColumn; column++) {
      const [px, py] = [column + 0.5 - a.px, row + 0.5 - a.py];
      const along = clamp((px * dx + py * dy) / length2, 0, 1);
      const radius = ra + (rb - ra) * along;
      const off = Math.hypot(px - along * dx, py - along * dy);
      // thinner than a point: it covers a part of it
      const cover = radius < 0.5 ? clamp(1 - off, 0, 1) * 2 * radius : clamp(radius - off + 0.5, 0, 1);
      if (cover <= 0) continue;
      const side = clamp(((px * dy - py * dx) * across) / Math.max(radius, 0.5), -1, 1) * Math.sign(dy || 1);
      point.nx = -side;
      point.ny = -Math.sqrt(1 - side * side);
      const mark = markAt(stroke, index, along * lengthM, side);
      for (let k = 0; k < 3; k++) material.albedo[k as 0] = stroke.albedo[k] * mark;
      shade(point, material, sky, 1, light);
      const i = row * columns + column;
      for (let k = 0; k < 3; k++)
        paper.rgb[3 * i + k] = paper.rgb[3 * i + k] * (1 - cover) + light[k as 0] * cover;
      if (cover > 0.5) paper.regions[i] = paper.region;
    }
}

/** Bark: dark scars across a pale trunk. */
function markAt({ marksPerM }: Stroke, index: number, alongM: number, side: number): number {
  if (!marksPerM) return 1;
  const place = alongM * marksPerM;
  const cell = Math.floor(place);
  const size = latticeRandom(cell, index, 5);
  const inCell = Math.abs(place - cell - 0.5);
  const from = 2 * latticeRandom(cell, index, 9) - 1;
  return size > 0.45 && inCell < 0.16 + 0.2 * size && Math.abs(side - from) < size ? 0.16 : 1;
}
