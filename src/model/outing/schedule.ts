import { type SkyEvent } from '@/core/sky/sky-day';
import { type Stand } from '../stand/stand';
import { type Outing, type Framing } from './plans';
import { momentAt } from './zone';

/** The hours of an outing: walk in, each framing in its turn, walk out. */

const MINUTE_MS = 60_000;
/** Setting up, reading and packing up again, beside what the shutter is open. */
const HANDS_MINUTES = 12;
/** What a framing takes that nobody has said anything of, and that was never shot. */
const USUAL_MINUTES = 25;

/** How long a framing takes: as was said, else what its exposures took before with the handling, else as usual; minutes. */
export function minutesOf({ minutes }: Framing, stand: Stand | null): number {
  if (minutes !== undefined) return minutes;
  const seconds = (stand?.exposures ?? []).reduce((sum, e) => sum + e.seconds, 0);
  return seconds > 0 ? Math.ceil(seconds / 60) + HANDS_MINUTES : USUAL_MINUTES;
}

/** A framing with its hours, ms since the epoch. */
export interface TimedFraming {
  readonly framing: Framing;
  readonly fromMs: number;
  readonly toMs: number;
  readonly minutes: number;
}

export interface Schedule {
  readonly startMs: number;
  readonly framings: readonly TimedFraming[];
  /** The last framing is done. */
  readonly doneMs: number;
  /** Back where the walk began. */
  readonly backMs: number;
  /** Minutes from being back to the end of the evening's usable light: negative where the walk ends in the dark; null where no dusk follows. */
  readonly lightLeftMinutes: number | null;
}

/** The hours of an outing; null while it is not said when it begins. */
export function scheduleOf(
  outing: Outing,
  standOf: (id: string) => Stand | null,
  events: readonly SkyEvent[],
): Schedule | null {
  const { startsAt, walkOutMinutes = 0 } = outing;
  if (startsAt === undefined) return null;
  const startMs = momentAt(outing.day, startsAt, outing.zone);
  let at = startMs;
  const framings = outing.framings.map((framing): TimedFraming => {
    const minutes = minutesOf(framing, framing.standId === undefined ? null : standOf(framing.standId));
    const fromMs = at + (framing.walkMinutes ?? 0) * MINUTE_MS;
    at = fromMs + minutes * MINUTE_MS;
    return { framing, fromMs, toMs: at, minutes };
  });
  const backMs = at + walkOutMinutes * MINUTE_MS;
  return { startMs, framings, doneMs: at, backMs, lightLeftMinutes: lightLeft(backMs, events) };
}

/** From a moment to the civil dusk after it, or since the one before it, minutes; null where it is between dusk and dawn of another day, or there is none. */
function lightLeft(atMs: number, events: readonly SkyEvent[]): number | null {
  const dusk = events.find((e) => e.kind === 'civil-dusk');
  return dusk ? Math.round((dusk.atMs - atMs) / MINUTE_MS) : null;
}
