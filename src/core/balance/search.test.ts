import { readFileSync } from 'node:fs';
import { beamDiameterMm, dimmingAt, dimmingOfPoint, laterHeightMm, atSlot, stackOf } from '@/core/optics';
import { type Bag, sampleBag, type Stand } from '@/model';
import { prepared, testStand } from '@/testing/fixtures';
import {
  bestOfAllSets,
  bestScore,
  fitByDefinition,
  fitCases,
  pairCases,
  seatCases,
  type SearchVectors,
} from '@/testing/search-cases';
import { allowedOffsets, edgeNeeds, edgesOf } from './allowed';
import { BIN_MM, OFFSET_LIMIT } from './bins';
import { judgeSeat } from './fit';
import { balance, judgeChoice } from './plan';
import { fitAt, type SetSearch, TURN_STEP_DEG } from './search';
import { playOf, settableSeat } from './seat';
import { bestSeat, roughSearch } from './valleys';

/** What every seat and every cell come to, as `npm run search-vectors` wrote it. */
const VECTORS = JSON.parse(readFileSync('tests/vectors/search.json', 'utf8')) as SearchVectors;

const WHOLE = { limit: Infinity, turning: Infinity };
const found = (s: SetSearch) => bestSeat(roughSearch(s, WHOLE));

describe('the search over bins', () => {
  const fits = fitCases(VECTORS.fits.drawn);
  const seats = seatCases(VECTORS.seats.drawn);
  const pairs = pairCases(VECTORS.pairs.drawn);

  it('agrees with the cell-by-cell definition at any seat of random stands, singles and pairs', () => {
    expect(fits).toHaveLength(VECTORS.fits.stops.length);
    fits.forEach(({ posed, set, turn, offset }, i) =>
      expect(Math.abs(fitAt(posed.searchFor(set)!, turn, offset) - VECTORS.fits.stops[i]!)).toBeLessThan(
        0.01,
      ),
    );
    expect(fits.filter(({ set }) => set.length > 1).length).toBeGreaterThan(3);
  }, 180_000);

  it('is never worse than the search through every seat by more than 0.01 stop', () => {
    expect(seats).toHaveLength(VECTORS.seats.best.length);
    seats.forEach(({ posed, set }, i) => {
      const best = VECTORS.seats.best[i]!;
      const seat = found(posed.searchFor(set)!);
      if (best === null) expect(seat).toBeNull();
      else expect(seat!.score).toBeLessThanOrEqual(best + 0.01);
    });
  }, 240_000);

  it('leaves out no pair that would have been the answer', () => {
    expect(pairs).toHaveLength(VECTORS.pairs.best.length);
    pairs.forEach((posed, i) => {
      const best = VECTORS.pairs.best[i];
      const result = balance(posed, 0);
      // a pair's own slots may cost a little over their mean
      if (best && result.ok)
        expect(result.balance.ranking[0]!.scoreStops).toBeLessThanOrEqual(best.scoreStops + 0.02);
    });
    expect(VECTORS.pairs.best.filter((best) => best?.sheets === 2).length).toBeGreaterThan(2);
  }, 240_000);

  it('is held to what is stored, which is what every seat and every cell come to now: three of each', () => {
    for (const i of [0, 1, 2]) expect(fitByDefinition(fits[i]!)).toBeCloseTo(VECTORS.fits.stops[i]!, 9);
    for (const i of [0, 4, 5]) expect(bestScore(seats[i]!)).toBeCloseTo(VECTORS.seats.best[i]!, 9);
    const i = VECTORS.pairs.best.findIndex((best) => best?.sheets === 2);
    expect(bestOfAllSets(pairs[i]!)!.scoreStops).toBeCloseTo(VECTORS.pairs.best[i]!.scoreStops, 9);
  }, 240_000);

  it('reads figures from tables within 0.005 of the integral, dyed and in two slots too', () => {
    const bag: Bag = {
      slots: 2,
      filters: [
        { id: 'a', kind: 'graduated', stops: 2, transitionMm: 8, body: 'dyed', sheetLengthMm: 150 },
        {
          id: 'b',
          kind: 'reverse',
          stops: 3,
          transitionMm: 8,
          fadeMm: 45,
          floorStops: 1,
          sheetLengthMm: 150,
        },
      ],
    };
    const posed = prepared(testStand({ lens: { focalLengthMm: 18, pupilToFilterMm: 40 } }), bag);
    const { input, laid } = posed;
    if (!laid.ok) throw new Error(laid.reason);
    const seat = { offsetMm: 3.5, turnDeg: 4 };
    for (const set of [[input.sheets[0]!], input.sheets]) {
      const sheets = set.map((s) => s.sheet);
      const beam = beamDiameterMm(input.lens);
      const exact = judgeSeat(input, laid.target, { lens: input.lens, seat }, (y, slant) =>
        dimmingAt(
          stackOf(sheets, {
            slant,
            shiftsMm: sheets.map((_, i) =>
              laterHeightMm(input.lens, atSlot(input.lens, i), seat.offsetMm, y),
            ),
          }),
          y,
          beam,
        ),
      );
      const table = judgeChoice(posed, { set, seat })!;
      for (const key of ['fitStops', 'unevenStops', 'levelStops', 'spillStops', 'leakStops'] as const)
        expect(Math.abs(table[key] - exact[key])).toBeLessThan(0.005);
    }
    expect(
      dimmingOfPoint({ lens: input.lens, sheets: [input.sheets[0]!.sheet], seat }, { x: 18, h: 12 }),
    ).toBeGreaterThan(2.1);
  });
});

describe('a seat that hands can set', () => {
  const seated = (change: Partial<Stand>, id = 'hard-2') => {
    const posed = prepared(testStand(change));
    const s = posed.searchFor(posed.input.sheets.filter((f) => f.id === id))!;
    const raw = found(s)!;
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

  const allowed = (lens: Stand['lens']) => {
    const { input } = prepared(testStand({ lens }), narrow);
    return allowedOffsets(input.lens, edgeNeeds(input.lens, input.frame, 0), edgesOf(input.sheets));
  };

  it('rule out the seats at which they enter the picture', () => {
    const [low, high] = allowed({ focalLengthMm: 35, pupilToFilterMm: 50 })!;
    // 24 mm of frame over f = 35 is 34.3 mm of glass; a beam of 35 / 11.3 more; 45 mm either way of the seam
    const reach = (24 / 2) * (50 / 35) + 35 / 11.3137 / 2;
    expect(high * BIN_MM).toBeCloseTo(Math.floor((45 - reach) * 4) / 4, 9);
    expect(low).toBe(-high);
  });

  it('rule out whole turns by the width, but nothing on an estimated pupil', () => {
    expect(allowed({ focalLengthMm: 20, pupilToFilterMm: 50 })).toBeNull();
    expect(allowed({ focalLengthMm: 20 })).toEqual([-OFFSET_LIMIT, OFFSET_LIMIT]);
  });
});
