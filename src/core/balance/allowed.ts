import { acrossSeam, beamDiameterMm, sheetHeightMm, sheetScale } from '@/core/optics';
import { BIN_MM, OFFSET_LIMIT } from './bins';
import { type BalanceInput, type SheetSet } from './types';

/** Whole seat steps between which no edge of a set enters the picture, for one turn; null where an edge always does. */
export type AllowedOffsets = readonly [from: number, to: number] | null;

const ANY: AllowedOffsets = [-OFFSET_LIMIT, OFFSET_LIMIT];

function corners(input: BalanceInput): { x: number; h: number }[] {
  const x = input.frame.widthMm / 2;
  const h = input.frame.heightMm / 2;
  return [
    { x, h },
    { x: -x, h },
    { x, h: -h },
    { x: -x, h: -h },
  ];
}

/** Half the width a sheet must have at a turn: the corners across the sheet, and half a beam (solver: edges). */
export function neededHalfWidthMm(input: BalanceInput, turnDeg: number): number {
  const { sin, cos } = acrossSeam(turnDeg);
  const across = Math.max(...corners(input).map(({ x, h }) => Math.abs(x * cos - h * sin)));
  return across * sheetScale(input.lens) + beamDiameterMm(input.lens) / 2;
}

/** The seats at a turn where every edge of the sheets stays out of the picture, by their known dimensions. */
export function offsetsWithoutEdges(input: BalanceInput, set: SheetSet, turnDeg: number): AllowedOffsets {
  const half = beamDiameterMm(input.lens) / 2;
  const heights = corners(input).map((corner) => sheetHeightMm(input.lens, turnDeg, corner));
  let from = -OFFSET_LIMIT;
  let to = OFFSET_LIMIT;
  for (const { sheet, widthMm } of set) {
    if (widthMm !== undefined && widthMm / 2 < neededHalfWidthMm(input, turnDeg) - 1e-9) return null;
    if (!sheet.reachMm) continue;
    const [clearEnd, darkEnd] = sheet.reachMm;
    // height - offset must stay within the sheet's reach by half a beam
    from = Math.max(from, Math.ceil((Math.max(...heights) + half - darkEnd) / BIN_MM - 1e-9));
    to = Math.min(to, Math.floor((Math.min(...heights) - half - clearEnd) / BIN_MM + 1e-9));
  }
  return from <= to ? [from, to] : null;
}

/** As `offsetsWithoutEdges`, but an estimated pupil rules nothing out: the seat is only warned of (physics 3). */
export function allowedOffsets(input: BalanceInput, set: SheetSet, turnDeg: number): AllowedOffsets {
  return input.lens.pupilEstimated ? ANY : offsetsWithoutEdges(input, set, turnDeg);
}
