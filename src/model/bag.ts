import {
  assumedTransitionMm,
  DEFAULT_SHEET_WIDTH_MM,
  type Sheet,
  sheetReach,
  type TransitionName,
} from '@/core/glass';

/** The filters of the photographer, and how many slots the holder has. */
export interface Bag {
  readonly slots?: number | undefined;
  readonly filters: readonly Filter[];
}

interface FilterBase {
  readonly id: string;
  readonly name?: string | undefined;
}

interface SheetDimensions {
  readonly sheetLengthMm?: number | undefined;
  readonly sheetWidthMm?: number | undefined;
  /** Where the seam lies, from the dark end; absent: at mid-sheet. */
  readonly seamFromDarkEndMm?: number | undefined;
}

interface SeatedBase extends FilterBase, SheetDimensions {
  readonly stops: number;
  readonly transitionMm: number;
}

export type SheetFilter =
  | (SeatedBase & { readonly kind: 'graduated' })
  | (SeatedBase & { readonly kind: 'reverse'; readonly fadeMm: number; readonly floorStops: number })
  | (SeatedBase & { readonly kind: 'band'; readonly bandWidthMm: number });

export type Filter =
  | SheetFilter
  | (FilterBase & { readonly kind: 'neutral'; readonly stops: number } & SheetDimensions)
  | (FilterBase & { readonly kind: 'polariser'; readonly baseLossStops: number } & SheetDimensions);

export type SheetKind = SheetFilter['kind'];

export const isSheet = (filter: Filter): filter is SheetFilter =>
  filter.kind !== 'neutral' && filter.kind !== 'polariser';

/** The filter as the optics need it. */
export function sheetOf(filter: SheetFilter): Sheet {
  const { sheetLengthMm, seamFromDarkEndMm } = filter;
  return {
    profile: filter,
    ...(sheetLengthMm === undefined ? {} : { reachMm: sheetReach(sheetLengthMm, seamFromDarkEndMm) }),
  };
}

/** Length of the holder's rail above the lens axis, mm: half the width of its sheets (50 for a 100 mm system). */
export function railAboveAxisMm(filter: SheetFilter): number {
  return (filter.sheetWidthMm ?? DEFAULT_SHEET_WIDTH_MM) / 2;
}

/** How far a sheet stands out of the holder at an offset, mm; null where its length is not known (solver). */
export function sticksOutMm(filter: SheetFilter, offsetMm: number): number | null {
  if (filter.sheetLengthMm === undefined) return null;
  return (filter.seamFromDarkEndMm ?? filter.sheetLengthMm / 2) + offsetMm - railAboveAxisMm(filter);
}

/** The offset at which a sheet stands out so far: the other direction of `sticksOutMm`. */
export function offsetForSticksOutMm(filter: SheetFilter, outMm: number): number | null {
  const atAxis = sticksOutMm(filter, 0);
  return atAxis === null ? null : outMm - atAxis;
}

const SAMPLE: readonly (readonly [TransitionName, readonly number[]])[] = [
  ['hard', [1, 2, 3]],
  ['medium', [2, 3]],
  ['soft', [1, 2, 3]],
];

/** The set a new workspace starts with: 100 by 150 mm sheets with assumed transitions. */
export function sampleBag(): Bag {
  const size = { sheetLengthMm: 150, sheetWidthMm: 100 };
  const graduated = SAMPLE.flatMap(([transition, strengths]) =>
    strengths.map((stops): Filter => ({
      id: `${transition}-${stops}`,
      name: `${stops} ${stops === 1 ? 'stop' : 'stops'}, ${transition}`,
      kind: 'graduated',
      stops,
      transitionMm: assumedTransitionMm(transition),
      ...size,
    })),
  );
  return {
    slots: 1,
    filters: [
      ...graduated,
      {
        id: 'reverse-3',
        name: '3 stops, reverse',
        kind: 'reverse',
        stops: 3,
        transitionMm: assumedTransitionMm('hard'),
        fadeMm: 45,
        floorStops: 1,
        ...size,
      },
    ],
  };
}

/** The same sheet as another kind, with usual values for what the new kind adds. */
export function asKind(filter: SheetFilter, kind: SheetKind): SheetFilter {
  const { id, name, stops, transitionMm, sheetLengthMm, sheetWidthMm, seamFromDarkEndMm } = filter;
  const base = { id, name, stops, transitionMm, sheetLengthMm, sheetWidthMm, seamFromDarkEndMm };
  switch (kind) {
    case 'graduated':
      return { ...base, kind };
    case 'reverse':
      return { ...base, kind, fadeMm: 45, floorStops: Math.max(0, stops - 2) };
    case 'band':
      return { ...base, kind, bandWidthMm: 24 };
  }
}

/** A sheet to begin with when one is added to the bag. */
export function newSheet(id: string, like?: SheetFilter): SheetFilter {
  return {
    id,
    kind: 'graduated',
    stops: 2,
    transitionMm: assumedTransitionMm('hard', like?.sheetWidthMm),
    sheetLengthMm: like?.sheetLengthMm ?? 150,
    sheetWidthMm: like?.sheetWidthMm ?? DEFAULT_SHEET_WIDTH_MM,
  };
}
