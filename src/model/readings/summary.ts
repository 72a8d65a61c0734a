import { sideReadings, spanOf, wantedEv } from '@/core/balance';
import { type LightReading, ROLES, type Role } from '@/core/field';
import { mean } from '@/core/numerics';

/** Several readings of a role, taken together. */
export interface RoleSummary {
  readonly role: Role;
  readonly count: number;
  /** EV at ISO 100, wanted tones taken off. */
  readonly meanEv: number;
  /** From the darkest to the brightest, stops. */
  readonly spreadStops: number;
}

/** Mean and spread of each role that is read, those to be held apart. */
export function roleSummaries(readings: readonly LightReading[]): RoleSummary[] {
  return ROLES.flatMap((role) => {
    const evs = readings.filter((r) => r.role === role && !r.limit).map(wantedEv);
    if (!evs.length) return [];
    return [{ role, count: evs.length, meanEv: mean(evs), spreadStops: Math.max(...evs) - Math.min(...evs) }];
  });
}

/** A reading and what the span would be without it. */
export interface SpanMover {
  readonly id: string;
  readonly withoutStops: number;
}

/** A span that moves by less than this when a reading is left out rests on none of them, stops. */
const MOVES = 0.2;

/** The reading that moves the span most, of a side that has others; null where none moves it by much. */
export function spanMover(readings: readonly LightReading[]): SpanMover | null {
  const span = spanOf(readings);
  if (span === null) return null;
  const several = (['sky', 'land'] as const)
    .map((side) => sideReadings(side, readings))
    .filter((s) => s.length > 1);
  let most: SpanMover | null = null;
  let moved = MOVES;
  for (const { id } of several.flat()) {
    const withoutStops = spanOf(readings.filter((r) => r.id !== id));
    if (withoutStops === null || Math.abs(withoutStops - span) <= moved) continue;
    moved = Math.abs(withoutStops - span);
    most = { id, withoutStops };
  }
  return most;
}
