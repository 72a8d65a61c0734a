import { profileJoints, stopsOfGlass } from '@/core/glass';
import { type DimmingTable, type Lens, type Seat, slantFactor } from '@/core/optics';
import {
  allowedOffsets,
  type AllowedOffsets,
  type EdgeNeeds,
  edgeNeeds,
  edgesOf,
  type SetEdges,
} from './allowed';
import {
  ALL,
  BIN_MM,
  BRIGHT,
  binCells,
  type CellSums,
  type FitConstants,
  fitConstants,
  fitFromBins,
  inBlocks,
  leastFit,
  OFFSET_LIMIT,
  reachMm,
  type SetTable,
  setTable,
  sumCells,
  SUMS,
  type TurnBins,
} from './bins';
import { fixedCost, levelDeg, turnCost } from './costs';
import { slopePerTenth } from './fit';
import { type Target } from './target';
import { type BalanceInput, type SheetSet } from './problem/types';

/** Step of the turn, degrees, and how far the holder is turned either way. */
export const TURN_STEP_DEG = 0.25;
const TURN_LIMIT_DEG = 45;
/** Beyond this the skyline itself is the middle of the turns that are tried. */
const STEEP_DEG = 30;
/** Coarse steps of the first pass, in steps of the turn and of the seat, and the longest of the latter. */
export const COARSE_TURN = 12;
export const COARSE_OFFSET = 8;
const MOST_COARSE_OFFSET = 20;
/** Blocks of cells mix what single cells keep apart: so much of the least fit told by them is relied on. */
const LEAST_FIT_TRUST = 0.8;
/** Turns whose bins are kept: a holder that is turned by hand must not fill the memory. */
const KEPT_TURNS = 400;

/** A seat on the search's raster: quarter degrees and quarter millimetres. */
export interface RasterSeat {
  readonly turn: number;
  readonly offset: number;
}

export interface ScoredSeat extends RasterSeat {
  readonly score: number;
  readonly fit: number;
}

export const seatOf = ({ turn, offset }: RasterSeat): Seat => ({
  offsetMm: offset * BIN_MM,
  turnDeg: turn * TURN_STEP_DEG,
});

/** First and last turn of the raster that may be tried. */
export function turnRange(target: Target): readonly [number, number] {
  const upright = target.upsideDown ? 180 : 0;
  const steep = Math.abs(target.skylineTurnDeg - upright) > STEEP_DEG;
  const middle = steep ? target.skylineTurnDeg : upright;
  return [
    Math.ceil((middle - TURN_LIMIT_DEG) / TURN_STEP_DEG - 1e-9),
    Math.floor((middle + TURN_LIMIT_DEG) / TURN_STEP_DEG + 1e-9),
  ];
}

/** Blocks of four by four cells in the first pass, of three by three in the second, and the cells themselves. */
export type Fineness = 'coarse' | 'middle' | 'exact';

/** Width of the bins, in steps of the seat. */
export const BIN_STEPS: Readonly<Record<Fineness, number>> = { coarse: 4, middle: 2, exact: 1 };

/** One stand's search for sheets at one distance: what all of its sets share, and the bins of every turn looked at. */
export interface Search {
  readonly input: BalanceInput;
  readonly target: Target;
  readonly lens: Lens;
  readonly constants: FitConstants;
  readonly turns: readonly [number, number];
  readonly bins: (fineness: Fineness, turn: number) => TurnBins;
  readonly edgeNeeds: (turn: number) => EdgeNeeds;
  /** About the least fit that any sheet can have at a turn, stops. */
  readonly leastFit: (turn: number) => number;
  /** Turns of the first pass: level first, then those nearest the skyline's. */
  readonly coarseTurns: readonly number[];
}

export interface SearchGeometry {
  /** At the sheets' distance; for a pair the mean of their slots'. */
  readonly lens: Lens;
  readonly cells: Blocks;
}

/** The sums of a stand's cells, singly and in blocks. */
export type Blocks = Readonly<Record<Fineness, CellSums>>;

/** @param dyedShare part of the density that is dyed in the mass, 0 to 1 */
export function blocksOf(input: BalanceInput, target: Target, dyedShare: number): Blocks {
  const thickness = dyedShare > 0 ? slantThickness(input, dyedShare) : undefined;
  const exact = sumCells(target, input.field.grid, thickness);
  const middle = inBlocks(exact, 3);
  return { exact, middle, coarse: inBlocks(exact, 4) };
}

export function startSearch(input: BalanceInput, target: Target, { lens, cells }: SearchGeometry): Search {
  const { frame } = input;
  const perFineness = (f: Fineness) =>
    remembered(
      (turn: number) =>
        binCells(cells[f], {
          lens,
          frame,
          turnDeg: turn * TURN_STEP_DEG,
          binMm: BIN_STEPS[f] * BIN_MM,
        }),
      KEPT_TURNS,
    );
  const bins = { coarse: perFineness('coarse'), middle: perFineness('middle'), exact: perFineness('exact') };
  const constants = fitConstants(target, input.field.grid);
  const turns = turnRange(target);
  return {
    input,
    target,
    lens,
    constants,
    turns,
    coarseTurns: coarseTurns(target, turns),
    bins: (fineness, turn) => bins[fineness](turn),
    edgeNeeds: remembered((turn: number) => edgeNeeds(lens, frame, turn * TURN_STEP_DEG), KEPT_TURNS),
    leastFit: remembered(
      (turn: number) => LEAST_FIT_TRUST * leastFit(bins.coarse(turn), constants),
      KEPT_TURNS,
    ),
  };
}

/** Level first, which costs nothing; then every few degrees outwards from the skyline's own turn, the ends among them. */
function coarseTurns(target: Target, [from, to]: readonly [number, number]): number[] {
  const middle = Math.min(to, Math.max(from, Math.round(target.skylineTurnDeg / TURN_STEP_DEG)));
  const level = levelDeg(target) / TURN_STEP_DEG;
  const list = new Set([from, to, Math.round((from + to) / 2)]);
  for (let turn = middle; turn <= to; turn += COARSE_TURN) list.add(turn);
  for (let turn = middle; turn >= from; turn -= COARSE_TURN) list.add(turn);
  const away = (turn: number) => Math.abs(turn * TURN_STEP_DEG - target.skylineTurnDeg);
  const turned = [...list].filter((turn) => turn !== level).sort((a, b) => away(a) - away(b));
  return level >= from && level <= to ? [level, ...turned] : turned;
}

/** A function that works each answer out once, and starts anew when it holds too many. */
function remembered<K, V>(make: (key: K) => V, most: number): (key: K) => V {
  const known = new Map<K, V>();
  return (key) => {
    let value = known.get(key);
    if (value === undefined) {
      if (known.size >= most) known.clear();
      value = make(key);
      known.set(key, value);
    }
    return value;
  };
}

/** How much denser than square to the light a part-dyed set is in each cell. */
function slantThickness({ frame, field, lens }: BalanceInput, dyedShare: number): Float64Array {
  const { columns, rows } = field.grid;
  return Float64Array.from({ length: columns * rows }, (_, i) => {
    const x = (((i % columns) + 0.5) / columns - 0.5) * frame.widthMm;
    const h = (0.5 - (Math.floor(i / columns) + 0.5) / rows) * frame.heightMm;
    return 1 + dyedShare * (slantFactor(lens, { x, h }) - 1);
  });
}

/** Part of a set's density that is dyed in the mass. */
export function dyedShareOf(set: SheetSet): number {
  const stops = (of: SheetSet) => of.reduce((sum, { sheet }) => sum + stopsOfGlass(sheet.profile), 0);
  const dyed = stops(set.filter(({ sheet }) => sheet.dyed));
  return dyed > 0 ? dyed / stops(set) : 0;
}

/** A set within a search. */
export interface SetSearch {
  readonly search: Search;
  readonly set: SheetSet;
  /** Worked out when first asked for: most pairs never get to the finer ones. */
  readonly table: (fineness: Fineness) => SetTable;
  /** Steps of the seat in the first pass: a soft sheet has no narrow minima. */
  readonly coarseOffset: number;
  readonly edges: SetEdges;
  readonly fixedCost: number;
}

/** The dimming of a set whose sheets stand at one distance: on a coarse raster, and on the fine one when asked for. */
export interface SetDimming {
  readonly coarse: DimmingTable;
  readonly fine: () => DimmingTable;
}

export function startSet(search: Search, set: SheetSet, dimming: SetDimming): SetSearch {
  const { lens, input, target } = search;
  const raster = {
    reachMm: reachMm(lens, input.frame) + OFFSET_LIMIT * BIN_MM + 2,
    perTenth: slopePerTenth(lens, input.frame),
  };
  const tables: Partial<Record<Fineness, SetTable>> = {};
  const make = (f: Fineness) =>
    setTable(f === 'coarse' ? dimming.coarse : dimming.fine(), { ...raster, binMm: BIN_STEPS[f] * BIN_MM });
  return {
    search,
    set,
    table: (f) => (tables[f] ??= make(f)),
    coarseOffset: coarseOffsetFor(set),
    edges: edgesOf(set),
    fixedCost: fixedCost(set, target),
  };
}

/** A fifth of the shortest stretch over which the density changes, within bounds. */
function coarseOffsetFor(set: SheetSet): number {
  const shortest = Math.min(
    ...set.flatMap(({ sheet: { profile } }) => {
      const joints = profileJoints(profile);
      return joints.slice(1).map((mm, i) => mm - joints[i]);
    }),
  );
  return Math.min(MOST_COARSE_OFFSET, Math.max(COARSE_OFFSET, Math.round(shortest / 5 / BIN_MM)));
}

export const turnCostOf = ({ search: { target } }: SetSearch, turn: number): number =>
  turnCost(target, turn * TURN_STEP_DEG);

export const allowedAt = ({ search, edges }: SetSearch, turn: number): AllowedOffsets =>
  allowedOffsets(search.lens, search.edgeNeeds(turn), edges);

/** The fit of a set at a seat of the raster. */
export function fitAt(
  { search, table }: SetSearch,
  turn: number,
  offset: number,
  fineness: 'middle' | 'exact' = 'exact',
): number {
  return fitFromBins(
    search.bins(fineness, turn),
    table(fineness),
    search.constants,
    offset / BIN_STEPS[fineness],
  );
}

/** The seats of one turn between two offsets. */
export function scoresAlong(
  s: SetSearch,
  turn: number,
  { from, to }: { readonly from: number; readonly to: number },
): ScoredSeat[] {
  const allowed = allowedAt(s, turn);
  if (!allowed) return [];
  const cost = s.fixedCost + turnCostOf(s, turn);
  const seats: ScoredSeat[] = [];
  for (let offset = Math.max(from, allowed[0]); offset <= Math.min(to, allowed[1]); offset++) {
    const fit = fitAt(s, turn, offset);
    seats.push({ turn, offset, fit, score: fit + cost });
  }
  return seats;
}

/** What a set does at a seat, stops. */
export interface Doing {
  /** The greatest dimming that it brings to any cell with weight. */
  readonly most: number;
  /** Its mean dimming over the brighter side, and what is wanted there. */
  readonly meanOverBright: number;
  readonly wantedOverBright: number;
}

export function doingAt(s: SetSearch, seat: RasterSeat): Doing {
  const bins = s.search.bins('exact', seat.turn);
  const table = s.table('exact');
  const shift = bins.first - seat.offset - table.first;
  const { brightWeight, brightWanted } = s.search.constants;
  let most = 0;
  let sum = 0;
  for (let i = 0; i < bins.count; i++) {
    const a = table.stops[i + shift];
    if (bins.sums[i * SUMS + ALL] > 0) most = Math.max(most, a);
    sum += bins.sums[i * SUMS + BRIGHT] * a;
  }
  return {
    most,
    meanOverBright: brightWeight > 0 ? sum / brightWeight : 0,
    wantedOverBright: brightWeight > 0 ? brightWanted / brightWeight : 0,
  };
}
