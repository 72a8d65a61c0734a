import { MAX_EXPOSURES } from '../terms/limits';
import { type Stand } from '../stand/stand';
import { type MadeExposure } from './countdown';

/** The stand with exposures that were made; the oldest go where there are too many. */
export const withExposures = (stand: Stand, made: readonly MadeExposure[]): Stand => ({
  ...stand,
  exposures: [
    ...(stand.exposures ?? []),
    ...made.map(({ openedMs, plannedSeconds, seconds }) => ({
      openedAt: new Date(openedMs).toISOString(),
      plannedSeconds,
      // a hundredth is more than a finger tells
      seconds: Math.round(100 * seconds) / 100,
    })),
  ].slice(-MAX_EXPOSURES),
});
