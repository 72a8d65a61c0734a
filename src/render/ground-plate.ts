import { type FramePoint, type Role, skylineAt } from '@/core/field';
import { offscreen } from './offscreen';
import { type FramePicture } from './frame-picture';
import { rowReader } from './pixels/between';
import { TINTS } from './pixels/display-light';
import { type Plate } from './pixels/plate';

/** The colours that mark which part of a pixel each region covers; what is left over is the last one's. */
const MARKS = { sky: '#f00', land: '#0f0', water: '#00f', feature: '#000' } as const satisfies Record<
  Role,
  string
>;
const MARKED = ['sky', 'land', 'water'] as const satisfies readonly Role[];

/** The drawn ground as a plate: each region's light and tint, mixed in linear light where outlines cross a pixel. */
export function groundPlate(
  { layers, skyline, shapes }: Pick<FramePicture, 'layers' | 'skyline' | 'shapes'>,
  { columns, rows }: { readonly columns: number; readonly rows: number },
): Plate {
  const { data } = offscreen(columns, rows, (context) => {
    const fill = (role: Role, outline: readonly FramePoint[]) => {
      context.fillStyle = MARKS[role];
      context.beginPath();
      for (const { u, v } of outline) context.lineTo(u * columns, v * rows);
      context.closePath();
      context.fill('evenodd');
    };
    context.fillStyle = MARKS.sky;
    context.fillRect(0, 0, columns, rows);
    fill('land', landOutline(skyline));
    for (const shape of shapes) if (shape.region !== 'ignore') fill(shape.region, shape.points);
  });
  const { columns: cellColumns, rows: cellRows } = layers;
  const rowsOf = new Map<Role, (row: number) => Float32Array>();
  const rowOf = (role: Role, row: number) => {
    const read =
      rowsOf.get(role) ??
      rowReader({ columns: cellColumns, rows: cellRows, values: layers.ev(role) }, columns, rows);
    rowsOf.set(role, read);
    return read(row);
  };
  const log = new Float32Array(columns * rows);
  const colour = new Float32Array(3 * columns * rows);
  for (let row = 0, i = 0; row < rows; row++) {
    // the light of the regions that this row meets
    const lights = new Map<Role, Float32Array>();
    const lightAt = (role: Role, column: number) => {
      const own = lights.get(role) ?? rowOf(role, row);
      lights.set(role, own);
      return 2 ** (own[column] ?? 0);
    };
    for (let column = 0; column < columns; column++, i++) {
      let [light, left] = [0, 255];
      const add = (role: Role, part: number) => {
        const own = (part / 255) * lightAt(role, column);
        light += own;
        for (let k = 0; k < 3; k++) colour[3 * i + k]! += own * (TINTS[role][k] as number);
      };
      for (const [k, role] of MARKED.entries()) {
        const part = data[4 * i + k] as number;
        if (part) add(role, part);
        left -= part;
      }
      if (left > 0) add('feature', left);
      log[i] = Math.log2(light);
      for (let k = 0; k < 3; k++) colour[3 * i + k]! /= light;
    }
  }
  return { columns, rows, log, colour };
}

/** Outline of everything below the skyline. */
function landOutline(skyline: readonly FramePoint[]): FramePoint[] {
  const at = skylineAt(skyline);
  const inner = [...skyline].sort((a, b) => a.u - b.u).filter((p) => p.u > 0 && p.u < 1);
  return [{ u: 0, v: at(0) }, ...inner, { u: 1, v: at(1) }, { u: 1, v: 2 }, { u: 0, v: 2 }];
}
