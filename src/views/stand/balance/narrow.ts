import { transitionName } from '@/core/glass';
import { type Glass, isSheet, type SheetFilter } from '@/model';

/** What the rows are narrowed down to. */
export type Narrowed = readonly Narrow[];
export type Narrow = 'one' | 'hard' | 'soft';

export const NO_NARROWING: Narrowed = [];

const isHard = (sheet: SheetFilter): boolean =>
  'transitionMm' in sheet && /hard/.test(transitionName(sheet.transitionMm, sheet.sheetWidthMm));

/** Tells sets by their sheets; no sheet at all is among everything. */
export const NARROWS: Readonly<
  Record<Narrow, { readonly text: string; readonly holds: (sheets: readonly SheetFilter[]) => boolean }>
> = {
  one: { text: 'One sheet', holds: (sheets) => sheets.length <= 1 },
  hard: { text: 'Hard', holds: (sheets) => sheets.every(isHard) },
  soft: { text: 'Not hard', holds: (sheets) => !sheets.some(isHard) },
};

/** Whether a set is what one of them asks for. */
export const holds = (narrow: Narrow, { filters }: Glass): boolean =>
  NARROWS[narrow].holds(filters.filter(isSheet));

/** Whether a set is among what the rows are narrowed down to. */
export const passes = (narrowed: Narrowed, glass: Glass): boolean => narrowed.every((n) => holds(n, glass));
