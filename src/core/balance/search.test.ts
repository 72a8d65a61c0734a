import fc from 'fast-check';
import { beamDiameterMm, dimmingAt, stackOf } from '@/core/optics';
import { sampleBag } from '@/model';
import { anyStand, prepared, testStand } from '@/testing/fixtures';
import { allowedOffsets } from './allowed';
import { BIN_MM, OFFSET_LIMIT } from './bins';
import { judgeSeat } from './fit';
import { judgeChoice } from './plan';
import {
  bestSeat,
  fitAt,
  scoresAlong,
  seatOf,
  startSearch,
  startSet,
  TURN_STEP_DEG,
  turnRange,
} from './search';
import { playOf, settableSeat } from './seat';
import { targetFor } from './target';
import { type BalanceInput } from './types';

const laid = (input: BalanceInput) => {
  const result = targetFor(input);
  return result.ok ? result.target : null;
};

describe('the search over bins', () => {
  it('agrees with the cell-by-cell definition at any seat of random stands', () => {
    let compared = 0;
    fc.assert(
      fc.property(
        anyStand,
        fc.nat(8),
        fc.integer({ min: -80, max: 80 }),
        fc.integer({ min: -120, max: 120 }),
        (stand, pick, offset, turned) => {
          const { input } = prepared(stand);
          const target = laid(input);
          if (!target) return;
          const sheet = input.sheets[pick] as (typeof input.sheets)[number];
          const s = startSet(startSearch(input, target), [sheet]);
          const turn = (target.upsideDown ? 180 : 0) / TURN_STEP_DEG + turned;
          const stack = stackOf([sheet.sheet]);
          const beam = beamDiameterMm(input.lens);
          const exact = judgeSeat(input, target, seatOf({ turn, offset }), (y) => dimmingAt(stack, y, beam));
          expect(Math.abs(fitAt(s, turn, offset) - exact.fitStops)).toBeLessThan(0.01);
          compared++;
        },
      ),
      { numRuns: 12, seed: 20_261_125 },
    );
    expect(compared).toBeGreaterThan(6);
  });

  it('is never worse than the exhaustive search by more than 0.01 stop', () => {
    let compared = 0;
    fc.assert(
      fc.property(anyStand, fc.nat(8), (stand, pick) => {
        const { input } = prepared(stand);
        const target = laid(input);
        if (!target) return;
        const s = startSet(startSearch(input, target), [input.sheets[pick] as (typeof input.sheets)[number]]);
        let best = Infinity;
        const [from, to] = turnRange(target);
        for (let turn = from; turn <= to; turn++)
          for (const seat of scoresAlong(s, turn, { from: -OFFSET_LIMIT, to: OFFSET_LIMIT, step: 1 }))
            best = Math.min(best, seat.score);
        const found = bestSeat(s);
        if (best === Infinity) return expect(found).toBeNull();
        expect(found?.score).toBeLessThanOrEqual(best + 0.01);
        compared++;
      }),
      { numRuns: 8, seed: 7 },
    );
    expect(compared).toBeGreaterThan(3);
  }, 180_000);

  it('reads figures from a fine table within 0.005 of the integral', () => {
    const posed = prepared(testStand());
    const { input } = posed;
    const target = laid(input)!;
    const sheet = input.sheets[1]!;
    const seat = { offsetMm: 3.5, turnDeg: 4 };
    const exact = judgeSeat(input, target, seat, (y) =>
      dimmingAt(stackOf([sheet.sheet]), y, beamDiameterMm(input.lens)),
    );
    const table = judgeChoice(posed, { set: [sheet], seat })!;
    for (const key of ['fitStops', 'unevenStops', 'levelStops', 'spillStops', 'leakStops'] as const)
      expect(Math.abs(table[key] - exact[key])).toBeLessThan(0.005);
  });
});

describe('a seat that hands can set', () => {
  const seated = (change: Parameters<typeof testStand>[0], id = 'hard-2') => {
    const { input } = prepared(testStand(change));
    const s = startSet(
      startSearch(input, laid(input)!),
      input.sheets.filter((f) => f.id === id),
    );
    const raw = bestSeat(s)!;
    return { s, raw, settable: settableSeat(s, raw) };
  };

  it('is level where level is as good, on half millimetres', () => {
    const { settable } = seated({
      skyline: [
        { u: 0, v: 0.45 },
        { u: 1, v: 0.458 },
      ],
    });
    expect(settable.turn).toBe(0);
    expect((settable.offset * BIN_MM * 2) % 1).toBe(0);
  });

  it('is turned by whole degrees along a slope, within 0.02 of the raw seat', () => {
    const { raw, settable } = seated({
      skyline: [
        { u: 0, v: 0.3 },
        { u: 1, v: 0.55 },
      ],
    });
    expect((settable.turn * TURN_STEP_DEG) % 1).toBe(0);
    expect(settable.turn).not.toBe(0);
    expect(settable.score).toBeLessThanOrEqual(raw.score + 0.02 + 1e-9);
  });

  it('has a play whose ends are at most 0.1 worse, and just beyond which it is more', () => {
    const { s, settable } = seated({});
    const [low, high] = playOf(s, settable).map((mm) => mm / BIN_MM) as [number, number];
    for (const [end, beyond] of [
      [low, low - 1],
      [high, high + 1],
    ] as const) {
      expect(fitAt(s, settable.turn, settable.offset + end)).toBeLessThanOrEqual(settable.fit + 0.1);
      expect(fitAt(s, settable.turn, settable.offset + beyond)).toBeGreaterThan(settable.fit + 0.1);
    }
  });

  it('has no play towards the end of what was searched', () => {
    const { s, raw } = seated({});
    const [low, high] = playOf(s, { ...raw, offset: OFFSET_LIMIT });
    expect(high).toBe(0);
    expect(low).toBeLessThanOrEqual(0);
  });
});

describe("a sheet's edges", () => {
  const narrow = {
    ...sampleBag(),
    filters: [
      { id: 'n', kind: 'graduated' as const, stops: 2, transitionMm: 8, sheetWidthMm: 60, sheetLengthMm: 90 },
    ],
  };

  it('rule out the seats at which they enter the picture', () => {
    const { input } = prepared(testStand({ lens: { focalLengthMm: 35, pupilToFilterMm: 50 } }), narrow);
    const allowed = allowedOffsets(input, input.sheets, 0)!;
    // 24 mm of frame over f = 35 is 34.3 mm of glass; a beam of 35 / 11.3 more; 45 mm either way of the seam
    const reach = (24 / 2) * (50 / 35) + 35 / 11.3137 / 2;
    expect(allowed[1] * BIN_MM).toBeCloseTo(Math.floor((45 - reach) * 4) / 4, 9);
    expect(allowed[0]).toBe(-allowed[1]);
  });

  it('rule out whole turns by the width, but nothing on an estimated pupil', () => {
    const wide = { focalLengthMm: 20, pupilToFilterMm: 50 };
    expect(
      allowedOffsets(
        prepared(testStand({ lens: wide }), narrow).input,
        prepared(testStand({ lens: wide }), narrow).input.sheets,
        0,
      ),
    ).toBeNull();
    const { input } = prepared(testStand({ lens: { focalLengthMm: 20 } }), narrow);
    expect(allowedOffsets(input, input.sheets, 0)).toEqual([-OFFSET_LIMIT, OFFSET_LIMIT]);
  });
});
