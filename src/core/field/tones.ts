import { REGION_CODES } from './grid';
import { type LightField } from './light';

/** How a frame's light is spread over the scale of EV. */
export interface ToneSpread {
  readonly fromEv: number;
  readonly stepEv: number;
  /** Part of the frame in each step, 0 to 1. */
  readonly parts: readonly number[];
}

const STEP_EV = 1 / 6;

/** How much of the frame lies in each sixth of a stop; what is left out of account does not count. Null for no light. */
export function toneSpread({ ev, regions }: Pick<LightField, 'ev' | 'regions'>): ToneSpread | null {
  const ignore = REGION_CODES.indexOf('ignore');
  const steps = new Map<number, number>();
  let all = 0;
  ev.forEach((value, i) => {
    if (!Number.isFinite(value) || regions[i] === ignore) return;
    const step = Math.floor(value / STEP_EV);
    steps.set(step, (steps.get(step) ?? 0) + 1);
    all++;
  });
  if (!all) return null;
  const first = Math.min(...steps.keys());
  const parts = Array.from(
    { length: Math.max(...steps.keys()) - first + 1 },
    (_, i) => (steps.get(first + i) ?? 0) / all,
  );
  return { fromEv: first * STEP_EV, stepEv: STEP_EV, parts };
}
