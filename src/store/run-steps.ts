import { type Steps } from '@/core/numerics';

/** So long work goes on before the page gets its turn, ms. */
const SLICE_MS = 12;

/** Runs steps to their end, and lets the page have its turns in between; told how much is done, 0 to 1. */
export async function runSteps<T>(steps: Steps<T>, onProgress: (part: number) => void): Promise<T> {
  let since = performance.now();
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    if (performance.now() - since < SLICE_MS) continue;
    onProgress(step.value);
    await new Promise((resolve) => setTimeout(resolve));
    since = performance.now();
  }
}
