import { type Sheet } from '@/core/glass';
import { dimmingAt, stackOf } from './dimming';
import {
  atSlot,
  beamDiameterMm,
  laterHeightMm,
  type Lens,
  type Seat,
  sheetHeightMm,
  slantFactor,
} from './projection';

/** Sheets in one holder at one seat, the one nearest the lens first; the lens's distance is that of the first. */
export interface SeatedSheets {
  readonly lens: Lens;
  readonly sheets: readonly Sheet[];
  readonly seat: Seat;
}

/** Dimming in stops of one point of the sensor by seated sheets: the integral itself, slots and slanting light counted. */
export function dimmingOfPoint(
  { lens, sheets, seat }: SeatedSheets,
  point: { x: number; h: number },
): number {
  const y = sheetHeightMm(lens, seat.turnDeg, point) - seat.offsetMm;
  const shiftsMm = sheets.map((_, slot) => laterHeightMm(lens, atSlot(lens, slot), seat.offsetMm, y));
  return dimmingAt(stackOf(sheets, { slant: slantFactor(lens, point), shiftsMm }), y, beamDiameterMm(lens));
}

/** Dimming by holders on different turns: the product of what each lets pass, which physics 3 accepts. */
export const dimmingOnTurns = (holders: readonly SeatedSheets[], point: { x: number; h: number }): number =>
  holders.reduce((stops, holder) => stops + dimmingOfPoint(holder, point), 0);
