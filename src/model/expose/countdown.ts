/**
 * The countdown of an exposure: by the clock, never by ticks. It is held to by two clocks, the device's own, which goes on
 * while a page sleeps but can be set, and the page's, which cannot be set but may stand still while the device sleeps and
 * begins anew with the page.
 */

/** Both clocks at one moment, ms; whether the page was looked at all the time since the last moment, and so not asleep. */
export interface Clocks {
  /** Since the epoch, by the device's clock. */
  readonly wallMs: number;
  /** Since the page began. */
  readonly pageMs: number;
  readonly isAwake: boolean;
}

/** An exposure, or a row of them, as it was asked for. */
export interface OpenPlan {
  /** How long each frame is open, s, in the order in which they are made. */
  readonly frames: readonly number[];
  /** From the press to the first opening: equal to the camera's own timer, s. */
  readonly delaySeconds: number;
  /** From one frame's end to the next one's opening, s. */
  readonly pauseSeconds: number;
  /** Whether the camera takes a dark frame as long again after each. */
  readonly hasDarkFrame: boolean;
  /** It is no exposure, but the wait for the dark frame after the last. */
  readonly isDarkFrame?: boolean | undefined;
}

/** A countdown as it is kept where other tabs and a new page find it. */
export interface Countdown {
  readonly plan: OpenPlan;
  /** When it was begun, by the device's clock as it stood then, ms since the epoch. */
  readonly begunMs: number;
  /** How long it has run, ms, when the clocks were last looked at, and what the device's clock said then. */
  readonly ranMs: number;
  readonly seenMs: number;
  /** The last leap of the device's clock: it may have been sleep, or a clock that was set. */
  readonly leap: Leap | null;
}

export interface Leap {
  readonly ms: number;
  /** It was taken for sleep, and stands in what has run. */
  readonly isCounted: boolean;
}

/** A countdown that a page goes on with: where its own clock stood when it was last looked at. */
export interface Running extends Countdown {
  readonly pageMs: number;
}

/** What lies between two pages longer than this is hardly one exposure: it is not counted until somebody says so, ms. */
const LONGEST_GAP_MS = 12 * 3_600_000;

/** Clocks that part by more than this between two looks have not only been read late, ms. */
const LEAP_MS = 1500;

export const begin = (plan: OpenPlan, { wallMs, pageMs }: Clocks): Running => ({
  plan,
  begunMs: wallMs,
  ranMs: 0,
  seenMs: wallMs,
  leap: null,
  pageMs,
});

/**
 * Goes on with a countdown that another page began: what has passed since it was last looked at is the device's clock's to
 * say. A clock that was set back in between says nothing, and nothing is added; one that went on by more than half a day is
 * asked about.
 */
export function resume(kept: Countdown, { wallMs, pageMs }: Clocks): Running {
  const ms = Math.max(0, wallMs - kept.seenMs);
  const isCounted = ms <= LONGEST_GAP_MS;
  return {
    ...kept,
    ranMs: kept.ranMs + (isCounted ? ms : 0),
    seenMs: wallMs,
    leap: ms > LEAP_MS ? { ms, isCounted } : kept.leap,
    pageMs,
  };
}

/**
 * Looks at the clocks. The page's own clock is trusted for as long as the page was awake, so that a clock that is set back
 * or forward changes nothing. Where it was not, the device may have slept and its own clock has gone on: then the longer of
 * the two has passed. Either way a leap ahead is kept, to be taken for the other by hand.
 */
export function look(running: Running, { wallMs, pageMs, isAwake }: Clocks): Running {
  const byPage = Math.max(0, pageMs - running.pageMs);
  const ms = wallMs - running.seenMs - byPage;
  const hasLeapt = ms > LEAP_MS;
  const isCounted = hasLeapt && !isAwake;
  return {
    ...running,
    ranMs: running.ranMs + byPage + (isCounted ? ms : 0),
    seenMs: wallMs,
    leap: hasLeapt ? { ms, isCounted } : running.leap,
    pageMs,
  };
}

/** The countdown with its last leap taken for the other: no sleep but a clock that was set, or sleep after all. */
export function leapTurned<T extends Countdown>(running: T): T {
  const { leap, ranMs } = running;
  if (!leap) return running;
  const isCounted = !leap.isCounted;
  return { ...running, ranMs: ranMs + (isCounted ? leap.ms : -leap.ms), leap: { ...leap, isCounted } };
}

/** Where a countdown stands. */
export type Phase =
  /** The camera's own timer runs. */
  | { readonly kind: 'delay'; readonly leftSeconds: number }
  /** A frame is open; below 0 it is over its time, and counts on. */
  | {
      readonly kind: 'open';
      readonly frame: number;
      readonly openSeconds: number;
      readonly leftSeconds: number;
      /** What closing now would leave out, stops: negative is over; null while nothing has been gathered. */
      readonly shortStops: number | null;
    }
  /** Between two frames: the dark frame, and the pause. */
  | {
      readonly kind: 'between';
      readonly next: number;
      readonly leftSeconds: number;
      readonly isDark: boolean;
    };

const secondsRun = ({ ranMs }: Countdown): number => ranMs / 1000;

/** From the end of a frame to the opening of the next, s. */
const gapAfter = ({ frames, pauseSeconds, hasDarkFrame }: OpenPlan, frame: number): number =>
  pauseSeconds + (hasDarkFrame ? (frames[frame] ?? 0) : 0);

/** Where a countdown stands; the last frame is open until somebody says that it is closed. */
export function phaseOf(countdown: Countdown): Phase {
  const { plan } = countdown;
  let at = secondsRun(countdown) - plan.delaySeconds;
  if (at < 0) return { kind: 'delay', leftSeconds: -at };
  const last = plan.frames.length - 1;
  for (let frame = 0; ; frame++) {
    const long = plan.frames[frame] as number;
    if (at < long || frame === last)
      return {
        kind: 'open',
        frame,
        openSeconds: at,
        leftSeconds: long - at,
        shortStops: at > 0 ? Math.log2(long / at) : null,
      };
    at -= long;
    const gap = gapAfter(plan, frame);
    if (at < gap)
      return {
        kind: 'between',
        next: frame + 1,
        leftSeconds: gap - at,
        isDark: plan.hasDarkFrame && at < long,
      };
    at -= gap;
  }
}

/** One frame that was made: when it opened, by the device's clock as it stood at the beginning, and how long it was open. */
export interface MadeExposure {
  readonly openedMs: number;
  readonly plannedSeconds: number;
  readonly seconds: number;
}

/** The frames that have been made when a countdown is closed: those that are over, and the one that was open. */
export function exposuresOf(countdown: Countdown): MadeExposure[] {
  const { plan, begunMs } = countdown;
  if (plan.isDarkFrame) return [];
  const made: MadeExposure[] = [];
  let opens = plan.delaySeconds;
  const run = secondsRun(countdown);
  plan.frames.forEach((long, i) => {
    if (run <= opens) return;
    const isLast = i === plan.frames.length - 1;
    const seconds = isLast ? run - opens : Math.min(long, run - opens);
    made.push({ openedMs: begunMs + opens * 1000, plannedSeconds: long, seconds });
    opens += long + gapAfter(plan, i);
  });
  return made;
}

/** A dark frame shorter than this is over before anybody looks, s. */
const LEAST_WAIT_SECONDS = 1;

/** The wait for the camera's dark frame after a countdown is closed, as long as its last exposure; null for none. */
export function darkFrameAfter({ plan }: Countdown, made: readonly MadeExposure[]): OpenPlan | null {
  const seconds = plan.hasDarkFrame ? (made.at(-1)?.seconds ?? 0) : 0;
  if (seconds < LEAST_WAIT_SECONDS) return null;
  return { frames: [seconds], delaySeconds: 0, pauseSeconds: 0, hasDarkFrame: false, isDarkFrame: true };
}
