import { acrossSeam, beamDiameterMm, type FrameSize, type Lens, sheetScale } from '@/core/optics';
import { BIN_MM, OFFSET_LIMIT } from './bins';
import { type SheetSet } from './problem/types';

/** Whole seat steps between which no edge of a set enters the picture, for one turn; null where an edge always does. */
export type AllowedOffsets = readonly [from: number, to: number] | null;

/** The edges of a set that come into the picture first, mm; infinite where a dimension is not known. */
export interface SetEdges {
  readonly widthMm: number;
  /** From the seam. */
  readonly clearEndMm: number;
  readonly darkEndMm: number;
}

export function edgesOf(set: SheetSet): SetEdges {
  return {
    widthMm: Math.min(...set.map((s) => s.widthMm ?? Infinity)),
    clearEndMm: Math.max(...set.map((s) => s.sheet.reachMm?.[0] ?? -Infinity)),
    darkEndMm: Math.min(...set.map((s) => s.sheet.reachMm?.[1] ?? Infinity)),
  };
}

/** What the picture asks of a sheet at a turn: half its width, and half its length round the axis, beam included, mm. */
export interface EdgeNeeds {
  readonly halfWidthMm: number;
  readonly halfLengthMm: number;
}

export function edgeNeeds(lens: Lens, { widthMm, heightMm }: FrameSize, turnDeg: number): EdgeNeeds {
  const turn = acrossSeam(turnDeg);
  const sin = Math.abs(turn.sin);
  const cos = Math.abs(turn.cos);
  const scale = sheetScale(lens);
  const half = beamDiameterMm(lens) / 2;
  return {
    halfWidthMm: ((widthMm * cos + heightMm * sin) / 2) * scale + half,
    halfLengthMm: ((widthMm * sin + heightMm * cos) / 2) * scale + half,
  };
}

/** The seats at a turn where every edge stays out of the picture (solver: what may be fitted). */
export function offsetsWithoutEdges(needs: EdgeNeeds, edges: SetEdges): AllowedOffsets {
  if (edges.widthMm / 2 < needs.halfWidthMm - 1e-9) return null;
  // height - offset must stay within the sheet's reach
  const from = Math.max(-OFFSET_LIMIT, Math.ceil((needs.halfLengthMm - edges.darkEndMm) / BIN_MM - 1e-9));
  const to = Math.min(OFFSET_LIMIT, Math.floor((-needs.halfLengthMm - edges.clearEndMm) / BIN_MM + 1e-9));
  return from <= to ? [from, to] : null;
}

const ANY: AllowedOffsets = [-OFFSET_LIMIT, OFFSET_LIMIT];

/** As `offsetsWithoutEdges`, but an estimated pupil rules nothing out: the seat is only warned of (physics 3). */
export function allowedOffsets(lens: Lens, needs: EdgeNeeds, edges: SetEdges): AllowedOffsets {
  return lens.pupilEstimated ? ANY : offsetsWithoutEdges(needs, edges);
}
