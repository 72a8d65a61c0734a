import { REGION_CODES } from '@/core/field';
import { degreesFromRadians } from '@/core/units';
import { mirrorLossStops } from '@/core/sky';
import { dimmingOfPoint, type Seat, sensorPoint } from '@/core/optics';
import { type BalanceInput, type SheetSet } from './problem/types';

/** The sky comes out darker than its own picture in still water. */
export interface DarkerThanReflection {
  /** By how much, stops, where it is worst. */
  readonly stops: number;
  readonly depressionDeg: number;
  /** What a still mirror takes off there, stops: the most that the grad may take off more of the sky. */
  readonly ceilingStops: number;
}

const WATER = REGION_CODES.indexOf('water');
/** Cells between those that are looked at: water is broad. */
const EVERY = 8;
/** Less than this nobody sees, stops. */
const NOTICED = 0.1;

/**
 * Whether glass makes the sky darker than its reflection (physics 8): each patch of water is held against the sky that it
 * mirrors, as far above the skyline as the water lies below it. Null where it does not, or where there is no water.
 */
export function darkerThanReflection(
  input: BalanceInput,
  set: SheetSet,
  seat: Seat | null,
): DarkerThanReflection | null {
  if (!seat || !set.length) return null;
  const { field, frame, lens } = input;
  const { columns, rows } = field.grid;
  const sheets = set.map((s) => s.sheet);
  const dimming = (u: number, v: number) => dimmingOfPoint({ lens, sheets, seat }, sensorPoint(frame, u, v));
  const angleOf = (v: number) =>
    degreesFromRadians(Math.atan(((0.5 - v) * frame.heightMm) / lens.focalLengthMm));
  let worst: DarkerThanReflection | null = null;
  for (let row = 0; row < rows; row += EVERY)
    for (let column = 0; column < columns; column += EVERY) {
      if (field.regions[row * columns + column] !== WATER) continue;
      const u = (column + 0.5) / columns;
      const v = (row + 0.5) / rows;
      const horizon = field.skyline[column];
      const mirrored = 2 * horizon - v;
      if (v <= horizon || mirrored < 0) continue;
      const depressionDeg = angleOf(horizon) - angleOf(v);
      const ceilingStops = mirrorLossStops(depressionDeg);
      const stops = dimming(u, mirrored) - dimming(u, v) - ceilingStops;
      if (stops > NOTICED && (!worst || stops > worst.stops)) worst = { stops, depressionDeg, ceilingStops };
    }
  return worst;
}
