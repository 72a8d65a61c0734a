import { dimmingField, type Seat } from '@/core/optics';
import { type Posed } from './pose';
import { type SheetSet } from './problem/types';

/** Mean dimming by glass at a seat over the whole frame, stops: what a camera that meters all of it loses by it. */
export function meanDimming({ input, tables }: Posed, set: SheetSet, seat: Seat | null): number {
  if (!seat || !set.length) return 0;
  const { lens, frame, field } = input;
  const cells = dimmingField(tables(set, seat), { lens, seat, frame, ...field.grid });
  return cells.reduce((sum, stops) => sum + stops, 0) / cells.length;
}
