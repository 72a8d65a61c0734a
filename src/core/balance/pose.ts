import {
  beamDiameterMm,
  type DimmingTable,
  dimmingTable,
  type Transition,
  transitionOf,
} from '@/core/optics';
import { BIN_MM, OFFSET_LIMIT, reachInBins } from './bins';
import { type SetSearch, startSearch, startSet } from './search';
import { targetFor, type TargetResult } from './target';
import { type BalanceInput, type SheetSet } from './types';

/** Step of the table that figures are read from, mm: within 0.001 stop of the integral for a 3 mm transition. */
const FINE_MM = 0.0625;

/** What is worked out once for a set of sheets, whatever its seat. */
export interface SetTables {
  /** Dimming over all heights that a seat within the search's bounds can ask for; level beyond. */
  readonly fine: DimmingTable;
  readonly transition: Transition;
  /** Null where there is no target to judge by. */
  readonly search: SetSearch | null;
}

/** A stand as a question to the solver: what it depends on, its target, and tables made on first use and kept. */
export interface Posed {
  readonly input: BalanceInput;
  readonly laid: TargetResult;
  /** The same set gets the same tables, so that a sheet that is dragged is cheap to judge every frame. */
  readonly tables: (set: SheetSet) => SetTables;
}

export function pose(input: BalanceInput): Posed {
  const laid = targetFor(input);
  const search = laid.ok ? startSearch(input, laid.target) : null;
  const known = new Map<string, SetTables>();
  const reach = (reachInBins(input) + OFFSET_LIMIT) * BIN_MM;
  const beam = beamDiameterMm(input.lens);
  const make = (set: SheetSet): SetTables => {
    const sheets = set.map((s) => s.sheet);
    return {
      fine: dimmingTable(sheets, beam, { fromMm: -reach, toMm: reach, stepMm: FINE_MM }),
      transition: transitionOf(sheets, beam),
      search: search && startSet(search, set),
    };
  };
  return {
    input,
    laid,
    tables: (set) => {
      const key = JSON.stringify(set.map((s) => s.id));
      const tables = known.get(key) ?? make(set);
      known.set(key, tables);
      return tables;
    },
  };
}
