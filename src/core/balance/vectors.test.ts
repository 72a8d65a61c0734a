import { solveStand } from '@/model';
import { openCase } from '@/testing/fixtures';
import { CHOICES, STANDS } from '@/testing/vectors';
import { sameSet } from './plan';
import { type Balance } from './problem/types';

/** Each case is solved once, whichever tests ask. */
const answers = new Map<unknown, Balance>();

const solved = (file: unknown): Balance => {
  const known = answers.get(file);
  if (known) return known;
  const { stand, bag } = openCase(file);
  const { result } = solveStand(stand, bag);
  if (!result?.ok) throw new Error(result?.reason ?? 'not searched');
  answers.set(file, result.balance);
  return result.balance;
};

describe('reference stands', () => {
  it('have a case whose best sets are pairs', () => {
    expect(STANDS.filter((c) => c.expect.ranking.some((r) => r.filterIds.length > 1))).not.toHaveLength(0);
  });

  it.each(STANDS)('$name', ({ file, expect: wanted }) => {
    const balance = solved(file);
    expect(balance.spanStops).toBeCloseTo(wanted.spanStops, 3);
    expect(balance.neededStops).toBeCloseTo(wanted.neededStops, 3);
    wanted.ranking.forEach((expected, i) => {
      const at = balance.ranking.findIndex((r) => sameSet(r.set, expected.filterIds));
      const found = balance.ranking[at];
      // the order is told apart only by more than the tolerance of the scores
      const next = wanted.ranking[i + 1];
      const before = wanted.ranking[i - 1];
      const isClear = (other: typeof next) =>
        !other || Math.abs(other.scoreStops - expected.scoreStops) > 0.02;
      if (isClear(next) && isClear(before)) expect(at).toBe(i);
      expect(Math.abs((found?.scoreStops ?? 9) - expected.scoreStops)).toBeLessThan(0.01);
      expect(Math.abs((found?.fitStops ?? 9) - expected.fitStops)).toBeLessThan(0.01);
      // a seat that hands can set may cost a little, and no more
      const settable = balance.best.find((c) => sameSet(c.set, expected.filterIds));
      expect(Math.abs((settable?.scoreStops ?? 9) - expected.scoreStops)).toBeLessThan(0.03);
    });
  });

  it('give the figures of the best set where its settable seat is the raw one', () => {
    let compared = 0;
    for (const { file, expect: wanted } of STANDS) {
      const [best] = solved(file).best;
      const [expected] = wanted.ranking;
      if (
        !best ||
        !expected ||
        best.seat?.offsetMm !== expected.offsetMm ||
        best.seat?.turnDeg !== expected.turnDeg
      )
        continue;
      compared++;
      expect(best.unevenStops).toBeCloseTo(expected.unevenStops, 2);
      expect(best.levelStops).toBeCloseTo(expected.levelStops, 2);
      expect(best.spillStops).toBeCloseTo(expected.spillStops, 2);
      expect(best.leakStops).toBeCloseTo(expected.leakStops, 2);
      expect(best.playMm).toEqual(expected.playMm);
    }
    expect(compared).toBeGreaterThan(2);
  });
});

describe('what practitioners would fit', () => {
  it.each(CHOICES)('$name', ({ file, accept, upsideDown }) => {
    const { ranking, upsideDown: flipped } = solved(file);
    expect(accept).toContainEqual(ranking[0]?.set.map((s) => s.id));
    expect(flipped).toBe(upsideDown);
  });
});
