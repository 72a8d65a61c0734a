import fc from 'fast-check';
import { densityAt, type DensityProfile, sheetDensityAt, slidSheet } from '@/core/glass';
import { dimmingOfPoint } from '@/core/optics';
import { deriveStand, prepareStand, sampleBag, setOf, solveStand } from '@/model';
import { testStand } from '@/testing/fixtures';
import { bestApart, slidBy } from './apart';
import { judgeChoice } from './plan';

const profiles: fc.Arbitrary<DensityProfile> = fc.oneof(
  fc.record({
    kind: fc.constant('graduated' as const),
    stops: fc.double({ min: 0.5, max: 4, noNaN: true }),
    transitionMm: fc.double({ min: 2, max: 80, noNaN: true }),
  }),
  fc.constant<DensityProfile>({ kind: 'band', stops: 2, transitionMm: 10, bandWidthMm: 24 } as never),
);

describe('a sheet that is slid by itself', () => {
  it('is as dense as it was so far off', () => {
    fc.assert(
      fc.property(
        profiles,
        fc.double({ min: -20, max: 20, noNaN: true }),
        fc.double({ min: -60, max: 60, noNaN: true }),
        (profile, mm, y) => {
          const slid = slidSheet({ profile, reachMm: [-75, 75] }, mm);
          const truth = y - mm < -75 || y - mm > 75 ? 0 : densityAt(profile, y - mm);
          expect(Math.abs(sheetDensityAt(slid, y) - truth)).toBeLessThan(0.01);
        },
      ),
    );
  });
});

const bag = sampleBag();
describe('a pair slid apart', () => {
  const stand = testStand();
  const prepared = prepareStand(stand, bag);
  const ids = ['hard-1', 'hard-2'];
  const seat = { offsetMm: 2, turnDeg: 0 };

  it('is dimmed as two sheets at their own seats are, by the definition', () => {
    const [first, second] = setOf(bag, ids, 4);
    const { lens } = prepared.input;
    const own = setOf(bag, ids);
    for (const h of [-8, -3, 0, 2, 5, 9]) {
      const slid = dimmingOfPoint({ lens, sheets: [second!.sheet], seat }, { x: 0, h });
      const moved = dimmingOfPoint(
        { lens, sheets: [own[1]!.sheet], seat: { ...seat, offsetMm: seat.offsetMm + 4 } },
        { x: 0, h },
      );
      expect(slid).toBeCloseTo(moved, 2);
    }
    expect(first).toEqual(own[0]);
  });

  it('is offered only where it fits better by a tenth, and then it does', () => {
    let offered = 0;
    for (const offsetMm of [-6, -2, 0, 4, 8]) {
      const at = { offsetMm, turnDeg: 0 };
      const set = setOf(bag, ids);
      const best = bestApart(prepared, set, at);
      const fit = (mm: number) =>
        judgeChoice(prepared, { set: [set[0]!, slidBy(set[1]!, mm)], seat: at })!.fitStops;
      const together = fit(0);
      const others = Array.from({ length: 21 }, (_, i) => fit(-5 + i / 2));
      if (best) {
        offered++;
        expect(together - fit(best.apartMm)).toBeCloseTo(best.gainStops, 9);
        expect(best.gainStops).toBeGreaterThanOrEqual(0.1);
        expect(fit(best.apartMm)).toBeCloseTo(Math.min(...others), 9);
      } else expect(together - Math.min(...others)).toBeLessThan(0.1);
    }
    expect(offered).toBeGreaterThan(0);
    expect(bestApart(prepared, setOf(bag, ['hard-1']), seat)).toBeNull();
  });

  it('is kept with the choice, stands out so much further, and changes what comes out', () => {
    const solution = solveStand(stand, bag);
    const glassOf = (apartMm?: number) =>
      deriveStand(
        { ...stand, choice: { filterIds: ids, ...seat, ...(apartMm ? { apartMm } : {}) } },
        bag,
        solution,
        prepared,
      ).chosen!;
    const [together, apart] = [glassOf(), glassOf(5)];
    expect(apart.apartMm).toBe(5);
    expect(apart.standOutMm[0]).toBe(together.standOutMm[0]);
    expect(apart.standOutMm[1]! - together.standOutMm[1]!).toBeCloseTo(5, 9);
    expect(apart.figures!.fitStops).not.toBeCloseTo(together.figures!.fitStops, 2);
    expect(apart.filterIds).toEqual(ids);
  });
});
