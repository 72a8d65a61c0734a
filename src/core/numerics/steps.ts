/** Work in steps: every yield tells about how much is done, 0 to 1, and is a chance to stop; the end is the result. */
export type Steps<T> = Generator<number, T, undefined>;

/** Takes every step and gives the result. */
export function finish<T>(steps: Steps<T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
