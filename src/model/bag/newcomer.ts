import { readLabel } from '@/core/glass';
import { type NewId } from '../terms/ids';
import { type Bag, type Filter, sampleBag } from './bag';
import { filterFromLabel } from './edits';

/** Glass beside the sheets that a newcomer may well have: a polariser behind the slots, and two NDs for them. */
const BESIDE: readonly Filter[] = [
  { id: 'polariser', name: 'polariser', kind: 'polariser', baseLossStops: 1.5, sits: 'behind' },
  { id: 'nd-6', name: 'ND of 6 stops', kind: 'neutral', stops: 6 },
  { id: 'nd-10', name: 'ND of 10 stops', kind: 'neutral', stops: 10 },
];

/** The bag of somebody who has not said yet what is in it: enough to do the job with, and marked as assumed. */
export function newcomerBag(): Bag {
  const sheets = sampleBag();
  return { ...sheets, slots: 2, filters: [...sheets.filters, ...BESIDE] };
}

/** What a newcomer says of the glass that is there: three answers. */
export interface BagAnswers {
  /** Sheets in a holder, or round glass on the thread alone. */
  readonly holds: 'sheets' | 'round';
  /** Of the holder; 0 where there is none. */
  readonly slots: number;
  /** What is printed on the glass, a piece each. */
  readonly labels: readonly string[];
}

/** Labels as they are typed one after another, parted by commas, semicolons or lines. */
export const labelsIn = (text: string): string[] =>
  text
    .split(/[;\n]|,(?!\d)/)
    .map((label) => label.trim())
    .filter(Boolean);

/** The bag that three answers make; labels that are not understood are left out. */
export function bagFromAnswers({ holds, slots, labels }: BagAnswers, before: Bag, newId: NewId): Bag {
  const { assumed: _, pouch: __, holder: ___, ...kept } = before;
  const empty: Bag = { ...kept, slots: Math.max(1, slots), filters: [] };
  const filters = labels.flatMap((label): Filter[] => {
    const read = readLabel(label);
    if (!read.ok) return [];
    const filter = { ...filterFromLabel(read, newId('g'), empty), name: label };
    // round glass sits on the thread; a polariser beside sheets turns behind their slots
    if (holds === 'round') return [{ ...filter, sits: 'thread' }];
    return [filter.kind === 'polariser' && !filter.sits ? { ...filter, sits: 'behind' } : filter];
  });
  return { ...empty, filters };
}
