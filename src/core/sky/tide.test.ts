import fc from 'fast-check';
import { type TideTurn, tideAt, tideSpans, twelfthsGone } from './tide';

const HOUR_MS = 3_600_000;
/** Low at 0, high six hours later, low again: 4.8 m of tide. */
const TURNS: readonly TideTurn[] = [
  { atMs: 0, heightM: 0.6 },
  { atMs: 6 * HOUR_MS, heightM: 5.4 },
  { atMs: 12 * HOUR_MS, heightM: 0.6 },
];

/** Turns in order of time, high and low by turns. */
const someTurns = fc
  .array(fc.tuple(fc.integer({ min: 4, max: 8 }), fc.double({ min: 0, max: 1, noNaN: true })), {
    minLength: 2,
    maxLength: 6,
  })
  .map((legs) => {
    let hours = 0;
    return legs.map(([hoursOn, x], i): TideTurn => {
      hours += hoursOn;
      return { atMs: hours * HOUR_MS, heightM: i % 2 ? 4 + 2 * x : 2 * x };
    });
  });

describe('the tide between its turns', () => {
  it('goes by one, two, three, three, two and one twelfths in six hours', () => {
    const at = [0, 1, 2, 3, 4, 5, 6].map((h) => tideAt(TURNS, h * HOUR_MS)!.twelfthsM);
    expect(at.map((m) => Math.round(((m - 0.6) / 4.8) * 12))).toEqual([0, 1, 3, 6, 9, 11, 12]);
  });

  it('stands at the turns where the table says, and half way between at half time', () => {
    for (const { atMs, heightM } of TURNS) expect(tideAt(TURNS, atMs)!.heightM).toBeCloseTo(heightM, 9);
    expect(tideAt(TURNS, 3 * HOUR_MS)).toEqual({
      isRising: true,
      heightM: expect.closeTo(3, 9),
      twelfthsM: expect.closeTo(3, 9),
    });
    expect(tideAt(TURNS, 9 * HOUR_MS)!.isRising).toBe(false);
  });

  it('is told of only between the turns that are known', () => {
    expect(tideAt(TURNS, -1)).toBeNull();
    expect(tideAt(TURNS, 12 * HOUR_MS + 1)).toBeNull();
    expect(tideAt([TURNS[0]!], 0)).toBeNull();
  });

  it('by both rules is the same to a twentieth of the way', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (part) => {
        const cosine = (1 - Math.cos(Math.PI * part)) / 2;
        expect(Math.abs(twelfthsGone(part) - cosine)).toBeLessThan(0.05);
      }),
    );
  });

  it('never leaves the heights of the turns that it lies between', () => {
    fc.assert(
      fc.property(someTurns, fc.double({ min: 0, max: 1, noNaN: true }), (turns, part) => {
        const [first, last] = [turns[0]!, turns.at(-1)!];
        const tide = tideAt(turns, first.atMs + part * (last.atMs - first.atMs))!;
        for (const m of [tide.heightM, tide.twelfthsM]) {
          expect(m).toBeGreaterThanOrEqual(Math.min(...turns.map((t) => t.heightM)) - 1e-9);
          expect(m).toBeLessThanOrEqual(Math.max(...turns.map((t) => t.heightM)) + 1e-9);
        }
      }),
    );
  });
});

describe('when the water stands low enough, or high enough', () => {
  it('is a stretch round low water, by the cosine', () => {
    const [first, second, ...more] = tideSpans(TURNS, 1.8, 'below');
    expect(more).toEqual([]);
    // a quarter of the way is gone after a third of the time
    expect(first).toEqual({ fromMs: 0, toMs: expect.closeTo(2 * HOUR_MS, 0) });
    expect(second).toEqual({ fromMs: expect.closeTo(10 * HOUR_MS, 0), toMs: 12 * HOUR_MS });
  });

  it('is one stretch where both turns serve', () => {
    expect(tideSpans(TURNS, 6, 'below')).toEqual([{ fromMs: 0, toMs: 12 * HOUR_MS }]);
    expect(tideSpans(TURNS, 6, 'above')).toEqual([]);
  });

  it('says of every moment what the height says of it', () => {
    fc.assert(
      fc.property(
        someTurns,
        fc.double({ min: 0.05, max: 5.9, noNaN: true }),
        fc.constantFrom('below' as const, 'above' as const),
        (turns, heightM, side) => {
          const spans = tideSpans(turns, heightM, side);
          const [first, last] = [turns[0]!, turns.at(-1)!];
          for (let i = 0; i <= 40; i++) {
            const atMs = first.atMs + (i / 40) * (last.atMs - first.atMs);
            const { heightM: m } = tideAt(turns, atMs)!;
            if (Math.abs(m - heightM) < 1e-6) continue;
            const isWithin = spans.some((s) => atMs >= s.fromMs && atMs <= s.toMs);
            expect(isWithin).toBe(side === 'below' ? m < heightM : m > heightM);
          }
        },
      ),
    );
  });
});
