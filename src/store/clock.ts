import { type Source } from './derived-store';

const MINUTE_MS = 60_000;
/** Often enough that no minute is seen late. */
const EVERY_MS = 20_000;

/** The minute that it is, ms since the epoch: what ages are told by. */
export const minuteClock = (nowMs: () => number): Source<number> => ({
  getState: () => Math.floor(nowMs() / MINUTE_MS) * MINUTE_MS,
  subscribe: (listener) => {
    const timer = setInterval(listener, EVERY_MS);
    return () => clearInterval(timer);
  },
});
