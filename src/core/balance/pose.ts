import {
  atSlot,
  averagedInTwoSlots,
  averagedOverBeam,
  beamDiameterMm,
  cornerSlant,
  type DimmingTable,
  laterHeightMm,
  type Lens,
  sampleSheet,
  type Seat,
  type SheetLight,
  type SlantTables,
  tableGrid,
  type Transition,
  transitionOf,
} from '@/core/optics';
import { BIN_MM, OFFSET_LIMIT, reachMm } from './bins';
import { SUN_LOOK } from './looks';
import {
  type Blocks,
  blocksOf,
  dyedShareOf,
  fitAt,
  type RasterSeat,
  type ScoredSeat,
  type Search,
  seatOf,
  type SetDimming,
  type SetSearch,
  startSearch,
  startSet,
} from './search';
import { settableSeat } from './seat';
import { type Target, targetFor, type TargetResult } from './target';
import { type BagSheet, type BalanceInput, type SheetSet } from './problem/types';
import { bestSeat, roughSearch } from './valleys';

/** A stand as a question to the solver: what it depends on, its target, and what is worked out once and kept. */
export interface Posed {
  readonly input: BalanceInput;
  readonly laid: TargetResult;
  /** A set within the search; null where there is no target to judge by. */
  readonly searchFor: (set: SheetSet) => SetSearch | null;
  /** The best raw seat of a set, whatever turn it takes; null where none is allowed, or there is no target. */
  readonly bestSeat: (set: SheetSet) => ScoredSeat | null;
  /** The dimming of a set at a seat by height on its first sheet: the same tables for the same question. */
  readonly tables: (set: SheetSet, seat: Seat) => SlantTables;
  readonly transition: (set: SheetSet) => Transition;
  /** The best seat of a set that hands can set, by what was read; null likewise. */
  readonly seatByLight: (set: SheetSet) => Seat | null;
  /** The seat of a set that was put on by eye: along the skyline, whatever was read. */
  readonly seatAlong: (set: SheetSet) => Seat | null;
  /** The fit of a pair whose sheets stand in their own slots, in the order given; NaN where there is no target. */
  readonly fitInSlots: (set: SheetSet, seat: RasterSeat) => number;
  /** The same frame and glass in another light or under another look: what was sampled of the glass is kept. */
  readonly again: (change: Partial<Pick<BalanceInput, 'field' | 'look'>>) => Posed;
}

/** The lens as a set's sheets see it in the search: a pair at the mean of its two slots. */
export const lensFor = (lens: Lens, set: SheetSet): Lens => (set.length > 1 ? atSlot(lens, 0.5) : lens);

export const pose = (input: BalanceInput): Posed => posed(input, lightThrough(input));

function posed(input: BalanceInput, light: LightThrough): Posed {
  const laid = targetFor(input);
  const searches = laid.ok ? searchesFor(input, laid.target) : null;
  const searchFor = perSet((set) => {
    const search = searches?.(set, lensFor(input.lens, set));
    return search ? startSet(search, set, light.atOneDistance(set)) : null;
  });
  const best = perSet((set) => {
    const search = searchFor(set);
    return search && bestSeat(roughSearch(search, { limit: Infinity, turning: Infinity }));
  });
  const again: Posed['again'] = (change) => posed({ ...input, ...change }, light);
  return {
    input,
    laid,
    searchFor,
    seatAlong: perSet((set) => seatAlong({ tables: light.atSeat, again }, set)),
    bestSeat: best,
    seatByLight: perSet((set) => {
      const [search, raw] = [searchFor(set), best(set)];
      return search && raw && seatOf(settableSeat(search, raw));
    }),
    fitInSlots: (set, raster) => {
      const search = searches?.(set, input.lens);
      if (!search) return NaN;
      const table = light.inSlots(set, seatOf(raster));
      return fitAt(startSet(search, set, { coarse: table, fine: () => table }), raster.turn, raster.offset);
    },
    tables: light.atSeat,
    transition: light.transition,
    again,
  };
}

/** The strongest dimming that a set reaches through the beam, stops. */
const strengthOf = ({ tables }: Pick<Posed, 'tables'>, set: SheetSet): number =>
  tables(set, { offsetMm: 0, turnDeg: 0 }).square.stops.reduce((a, b) => Math.max(a, b), 0);

/**
 * The seat of glass that was put on by eye: what it takes, all of it, is meant for the sky above the skyline and for
 * nothing below it, so that no reading is asked for. A seat that hands can set, upright.
 *
 * @returns null where no seat of the set is allowed, or the frame has no skyline to lay it along
 */
function seatAlong(posed: Pick<Posed, 'tables' | 'again'>, set: SheetSet): Seat | null {
  const solver = SUN_LOOK;
  const unmetered = posed.again({
    look: { solver, gapStops: 0, follow: 0, placementStops: 0, guessStops: strengthOf(posed, set) },
  });
  return unmetered.seatByLight(set);
}

/** The searches that sets share: one for each distance of the sheets and each share of dyed glass. */
function searchesFor(input: BalanceInput, target: Target): (set: SheetSet, lens: Lens) => Search {
  const known = new Map<string, Search>();
  const blocks = new Map<number, Blocks>();
  return (set, lens) => {
    const dyedShare = Math.round(dyedShareOf(set) * 20) / 20;
    const key = `${lens.pupilToFilterMm} ${dyedShare}`;
    let search = known.get(key);
    if (!search) {
      const cells = blocks.get(dyedShare) ?? blocksOf(input, target, dyedShare);
      blocks.set(dyedShare, cells);
      search = startSearch(input, target, { lens, cells });
      known.set(key, search);
    }
    return search;
  };
}

const keyOfSheet = ({ id, slidMm = 0 }: BagSheet): string => `${slidMm} ${id}`;
const keyOf = (set: SheetSet): string => set.map(keyOfSheet).join('\n');

function perSet<V>(make: (set: SheetSet) => V): (set: SheetSet) => V {
  const known = new Map<string, V>();
  return (set) => {
    const key = keyOf(set);
    const value = known.has(key) ? (known.get(key) as V) : make(set);
    known.set(key, value);
    return value;
  };
}

type LightThrough = ReturnType<typeof lightThrough>;

/** The light that sheets let through, sampled once a sheet, and the dimming that follows. */
function lightThrough(input: BalanceInput) {
  const { lens, frame } = input;
  const beam = beamDiameterMm(lens);
  const ends = input.sheets.flatMap((s) => s.sheet.reachMm ?? []).map(Math.abs);
  const searched = reachMm(atSlot(lens, 1), frame) + OFFSET_LIMIT * BIN_MM + 3;
  const grid = tableGrid(beam, Math.max(searched, ...ends.map((end) => end + beam / 2 + 1)));
  const coarsely = Math.max(1, grid.stepsPerMm / COARSE_STEPS_PER_MM);
  const byBins = Math.max(1, grid.stepsPerMm * BIN_MM);
  const slant = cornerSlant(lens, frame);
  const samples = new Map<string, SheetLight>();
  const sampled = (of: BagSheet, by: number): SheetLight => {
    const { sheet } = of;
    const key = `${sheet.dyed ? by : 1} ${keyOfSheet(of)}`;
    const known = samples.get(key) ?? sampleSheet(grid, sheet, by);
    samples.set(key, known);
    return known;
  };
  const together = (set: SheetSet, by: number, every: number): DimmingTable => {
    const [first, second] = set.map((s) => sampled(s, by));
    return averagedOverBeam(grid, [first, second], every);
  };
  const slantTables = (set: SheetSet, make: (by: number) => DimmingTable): SlantTables => ({
    square: make(1),
    slanting: set.some((s) => s.sheet.dyed) ? { table: make(slant), slant } : null,
  });
  const further = atSlot(lens, 1);
  const inTwoSlots = (
    [near, far]: SheetSet,
    { offsetMm }: Seat,
    { by, every }: { readonly by: number; readonly every: number },
  ): DimmingTable => {
    const pair = [sampled(near, by), sampled(far, by)] as const;
    return averagedInTwoSlots(grid, pair, (y) => laterHeightMm(lens, further, offsetMm, y), every);
  };
  const fine = perSet((set) => slantTables(set, (by) => together(set, by, 1)));
  return {
    atOneDistance: perSet((set): SetDimming => {
      let byBin: DimmingTable | undefined;
      return { coarse: together(set, 1, coarsely), fine: () => (byBin ??= together(set, 1, byBins)) };
    }),
    atSeat: (set: SheetSet, seat: Seat): SlantTables =>
      set.length > 1 ? slantTables(set, (by) => inTwoSlots(set, seat, { by, every: 1 })) : fine(set),
    transition: perSet((set) =>
      transitionOf(
        set.map((s) => s.sheet),
        beam,
      ),
    ),
    /** A pair, for the search alone. */
    inSlots: (set: SheetSet, seat: Seat) => inTwoSlots(set, seat, { by: 1, every: byBins }),
  };
}

/** Steps to the mm of the tables that the first pass of a search reads. */
const COARSE_STEPS_PER_MM = 2;
