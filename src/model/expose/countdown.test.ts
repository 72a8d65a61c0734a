import fc from 'fast-check';
import {
  begin,
  type Clocks,
  darkFrameAfter,
  exposuresOf,
  leapTurned,
  look,
  type OpenPlan,
  phaseOf,
  resume,
} from './countdown';
import { beatOf, untilCue } from './cue';

const plan = (change: Partial<OpenPlan> = {}): OpenPlan => ({
  frames: [120],
  delaySeconds: 2,
  pauseSeconds: 3,
  hasDarkFrame: false,
  ...change,
});
const START = 1_800_000_000_000;

/** A device in a made-up world: what really passes, and what its clocks make of it. */
class Device {
  trueMs = 0;
  wallMs = START;
  pageMs = 5000;
  isAwake = true;
  passes(ms: number, asleep = false) {
    this.trueMs += ms;
    this.wallMs += ms;
    // the page's clock may stand still with the device
    if (!asleep) this.pageMs += ms;
    else this.isAwake = false;
  }
  clocks(): Clocks {
    const { wallMs, pageMs, isAwake } = this;
    this.isAwake = true;
    return { wallMs, pageMs, isAwake };
  }
}

type Event =
  | { kind: 'tick' | 'sleep' | 'hidden'; ms: number }
  | { kind: 'set'; ms: number }
  | { kind: 'reload'; ms: number };

const anyEvent: fc.Arbitrary<Event> = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.record({ kind: fc.constant('tick' as const), ms: fc.integer({ min: 1, max: 900 }) }),
  },
  {
    weight: 1,
    arbitrary: fc.record({ kind: fc.constant('sleep' as const), ms: fc.integer({ min: 2000, max: 90_000 }) }),
  },
  {
    weight: 1,
    arbitrary: fc.record({
      kind: fc.constant('hidden' as const),
      ms: fc.integer({ min: 2000, max: 90_000 }),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({ kind: fc.constant('reload' as const), ms: fc.integer({ min: 0, max: 8000 }) }),
  },
  {
    weight: 1,
    arbitrary: fc.record({ kind: fc.constant('set' as const), ms: fc.integer({ min: -4e6, max: 4e6 }) }),
  },
);

it('runs by what has really passed: over ticks, sleep, hidden tabs, reloads, a clock that is set back or forward', () => {
  fc.assert(
    fc.property(fc.array(anyEvent, { maxLength: 60 }), (events) => {
      const device = new Device();
      let running = begin(plan(), device.clocks());
      for (const { kind, ms } of events) {
        if (kind === 'set') device.wallMs += ms;
        else if (kind === 'reload') {
          // what another page finds is what this one kept last
          const { pageMs: _, ...kept } = running;
          device.passes(ms);
          device.pageMs = 100;
          running = resume(kept, device.clocks());
          continue;
        } else {
          device.passes(ms, kind === 'sleep');
          if (kind === 'hidden') device.isAwake = false;
        }
        running = look(running, device.clocks());
      }
      expect(Math.abs(running.ranMs - device.trueMs)).toBeLessThan(1);
    }),
    { numRuns: 300 },
  );
});

it('takes a leap while nobody looked for sleep, and takes it back by hand', () => {
  const device = new Device();
  let running = begin(plan(), device.clocks());
  device.passes(1000);
  device.wallMs += 3_600_000;
  device.isAwake = false;
  running = look(running, device.clocks());
  expect(running.leap).toEqual({ ms: 3_600_000, isCounted: true });
  expect(leapTurned(running)).toMatchObject({ ranMs: 1000, leap: { isCounted: false } });
});

it('takes a leap while it was looked at for a clock that was set, and counts it by hand', () => {
  const device = new Device();
  let running = begin(plan(), device.clocks());
  device.passes(1000);
  device.wallMs += 60_000;
  running = look(running, device.clocks());
  expect(running).toMatchObject({ ranMs: 1000, leap: { ms: 60_000, isCounted: false } });
  expect(leapTurned(running).ranMs).toBe(61_000);
  expect(leapTurned(leapTurned(running))).toEqual(running);
});

it('adds nothing for a reload over which the clock was set back', () => {
  const device = new Device();
  let running = begin(plan(), device.clocks());
  device.passes(10_000);
  running = look(running, device.clocks());
  device.wallMs -= 60_000;
  expect(resume(running, device.clocks()).ranMs).toBe(10_000);
});

describe('where it stands', () => {
  const at = (seconds: number, change: Partial<OpenPlan> = {}) =>
    phaseOf({ plan: plan(change), begunMs: START, ranMs: seconds * 1000, seenMs: START, leap: null });

  it('waits for the camera’s timer, opens, and counts on over the end', () => {
    expect(at(0.5)).toEqual({ kind: 'delay', leftSeconds: 1.5 });
    expect(at(62)).toEqual({ kind: 'open', frame: 0, openSeconds: 60, leftSeconds: 60, shortStops: 1 });
    expect(at(242)).toMatchObject({ kind: 'open', leftSeconds: -120, shortStops: -1 });
  });

  it('goes from frame to frame with the pause and the dark frame between them', () => {
    const row = { frames: [4, 8], hasDarkFrame: true };
    expect(at(2 + 5, row)).toEqual({ kind: 'between', next: 1, leftSeconds: 6, isDark: true });
    expect(at(2 + 4 + 5, row)).toMatchObject({ kind: 'between', isDark: false });
    expect(at(2 + 4 + 7 + 1, row)).toMatchObject({ kind: 'open', frame: 1, openSeconds: 1 });
  });

  it('never goes back, and every frame is open for its time', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 5 }),
        fc.nat(20),
        fc.nat(10),
        fc.boolean(),
        (frames, delaySeconds, pauseSeconds, hasDarkFrame) => {
          const change = { frames, delaySeconds, pauseSeconds, hasDarkFrame };
          const opened = frames.map(() => 0);
          const whole =
            delaySeconds + frames.reduce((a, f) => a + f * (hasDarkFrame ? 2 : 1) + pauseSeconds, 0);
          for (let s = 0; s < whole; s += 0.5) {
            const phase = at(s, change);
            if (phase.kind === 'open') opened[phase.frame]! += 0.5;
          }
          frames.slice(0, -1).forEach((f, i) => expect(opened[i]).toBe(f));
          expect(opened.at(-1)).toBeGreaterThanOrEqual(frames.at(-1)!);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('waits for a dark frame as long as the last exposure was, which is no exposure itself', () => {
    const kept = { plan: plan({ hasDarkFrame: true }), begunMs: START, ranMs: 0, seenMs: START, leap: null };
    const wait = darkFrameAfter(kept, [{ openedMs: START, plannedSeconds: 10, seconds: 14 }])!;
    expect(wait.frames).toEqual([14]);
    expect(exposuresOf({ ...kept, plan: wait, ranMs: 20_000 })).toEqual([]);
    expect(
      darkFrameAfter({ ...kept, plan: plan() }, [{ openedMs: START, plannedSeconds: 10, seconds: 14 }]),
    ).toBeNull();
    expect(darkFrameAfter(kept, [])).toBeNull();
  });

  it('keeps what was made: closed early, over its time, or in the middle of a row', () => {
    const made = (seconds: number, frames: number[]) =>
      exposuresOf({
        plan: plan({ frames }),
        begunMs: START,
        ranMs: seconds * 1000,
        seenMs: START,
        leap: null,
      });
    expect(made(1, [10])).toEqual([]);
    expect(made(7, [10])).toEqual([{ openedMs: START + 2000, plannedSeconds: 10, seconds: 5 }]);
    expect(made(20, [10])[0]!.seconds).toBe(18);
    expect(made(2 + 10 + 3 + 4, [10, 10]).map((e) => e.seconds)).toEqual([10, 4]);
  });
});

describe('the cue', () => {
  it('finds the period of what is tapped along with, also over a wave that was missed', () => {
    expect(beatOf([0])).toBeNull();
    expect(beatOf([0, 7000, 14_200, 21_000])!.periodMs).toBeCloseTo(7000, 0);
    expect(beatOf([0, 7000, 21_000, 28_000])!.periodMs).toBeCloseTo(7000, 0);
  });

  it('counts to its moment again and again', () => {
    const beat = { periodMs: 8000, lastMs: 1000 };
    expect(untilCue(beat, 2000, 1000)).toBe(2000);
    expect(untilCue(beat, 2000, 3000)).toBe(0);
    expect(untilCue(beat, 2000, 4000)).toBe(7000);
    expect(untilCue(beat, 2000, 4000 + 8000 * 9)).toBe(7000);
  });
});
