import { lightField, type PlacedReading } from '@/core/field';
import { balance } from './plan';
import { pose } from './pose';
import { sidesOf } from './sides';
import { type BalanceInput } from './types';

/** Steps and reach of the shift of the brighter side's readings, stops. */
const STEP = 1 / 6;
const STEPS = 6;

/**
 * Over what spans the same sheet stays best (solver: how safe is it): the brighter side's readings are shifted together,
 * up to a stop either way. Null where there is no plan to begin with.
 */
export function bestForSpans(input: BalanceInput): readonly [number, number] | null {
  const counted = sidesOf(input.field.readings, input.look);
  if (!counted.ok) return null;
  const { spanStops, brighter } = counted.sides;
  const shifted = (r: PlacedReading) =>
    r.role === 'sky' ? brighter === 'sky' : brighter === 'land' && r.role !== 'feature';
  const bestAt = (steps: number): string | null => {
    const readings = input.field.readings.map((r) => ({
      ...r,
      place: r.rough ? undefined : r.place,
      ev100: shifted(r) ? r.ev100 + steps * STEP : r.ev100,
    }));
    const result = balance(pose({ ...input, field: lightField(input.field, readings) }), 0);
    return result.ok ? JSON.stringify(result.balance.ranking[0]?.set.map((s) => s.id)) : null;
  };
  const best = bestAt(0);
  if (best === null) return null;
  const holds = (way: 1 | -1): number => {
    let steps = 0;
    while (steps < STEPS && bestAt(way * (steps + 1)) === best) steps++;
    return steps * STEP;
  };
  const way = brighter === 'sky' ? 1 : -1;
  const ends = [spanStops + way * holds(1), spanStops - way * holds(-1)];
  return [Math.min(...ends), Math.max(...ends)];
}
