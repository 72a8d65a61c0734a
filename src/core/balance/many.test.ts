import { type Bag, type Filter, type Stand } from '@/model';
import { prepared, testStand } from '@/testing/fixtures';
import { finish } from '@/core/numerics';
import { balance, balanceSteps } from './plan';
import { safetySteps } from './safety';
import { type BalanceResult, type SheetSet } from './problem/types';
import { bestSeat, roughSearch } from './valleys';

/** Sheets of many strengths and transitions, no two alike. */
const bagOf = (count: number, slots = 2): Bag => ({
  slots,
  filters: Array.from({ length: count }, (_, i): Filter => ({
    id: `g${i}`,
    kind: 'graduated',
    stops: 0.5 + (i % 17) * 0.25,
    transitionMm: 4 + ((i * 7) % 53),
    sheetLengthMm: 150,
    sheetWidthMm: 100,
  })),
});
/** Hills on one side, and a span that no single sheet of the bag takes. */
const stand: Stand = testStand({
  skyline: [
    { u: 0, v: 0.5 },
    { u: 0.4, v: 0.35 },
    { u: 0.7, v: 0.55 },
    { u: 1, v: 0.5 },
  ],
  readings: [
    { id: 'r1', role: 'sky', u: 0.4, v: 0.1, ev100: 15 },
    { id: 'r2', role: 'land', u: 0.5, v: 0.8, ev100: 8 },
  ],
});
const idsOf = (set: SheetSet | undefined) => set?.map((s) => s.id).toSorted();
const bestOf = (result: BalanceResult) => (result.ok ? result.balance.ranking[0] : undefined);

describe('a bag of many sheets (fault 71)', () => {
  const posed = prepared(stand, bagOf(34));

  it('has its single sheets told first, and then the best of all, as if every pair had been followed to its end', () => {
    const told: BalanceResult[] = [];
    const result = finish(balanceSteps(posed, 5, (interim) => told.push(interim)));
    expect(told).toHaveLength(1);
    const alone = bestOf(balance(prepared(stand, bagOf(34, 1))));
    expect(idsOf(bestOf(told[0]!)?.set)).toEqual(idsOf(alone?.set));
    const { sheets } = posed.input;
    const all = sheets.flatMap((a, i) => [[a], ...sheets.slice(i + 1).map((b) => [a, b])]);
    const scores = all.flatMap((set) => {
      const search = posed.searchFor(set);
      const seat = search && bestSeat(roughSearch(search, { limit: Infinity, turning: Infinity }));
      return seat ? [seat.score] : [];
    });
    const best = bestOf(result)!;
    expect(best.set).toHaveLength(2);
    // the pair's own slots may shift it by a little
    expect(best.scoreStops).toBeLessThan(Math.min(...scores) + 0.02);
    expect(result.ok && result.balance.compared).toBe(all.length + 1);
  });

  it('tells nothing beforehand where the whole takes no time', () => {
    const told = jest.fn();
    finish(balanceSteps(prepared(stand, bagOf(12)), 5, told));
    expect(told).not.toHaveBeenCalled();
  });

  it('finds the weakest that is enough as if every pair had been looked at', () => {
    const least: Stand = { ...stand, look: { school: 'least' } };
    const many = bestOf(balance(prepared(least, bagOf(34))));
    // under the number at which pairs are left out
    const few = bagOf(34);
    const strengths = many!.set.map((s) => s.id);
    const some = {
      ...few,
      filters: few.filters.filter((f, i) => i < 24 || strengths.includes(f.id)),
    };
    expect(idsOf(bestOf(balance(prepared(least, some)))?.set)).toEqual(idsOf(many?.set));
  });

  it('is searched in steps, forwards only, and so is how safe the answer is, with as many searches as are bearable', () => {
    const parts: number[] = [];
    const steps = balanceSteps(posed);
    for (let step = steps.next(); !step.done; step = steps.next()) parts.push(step.value);
    expect(parts.every((part, i) => part >= (parts[i - 1] ?? 0) && part <= 1)).toBe(true);
    const readings = Array.from({ length: 200 }, (_, i) => ({
      id: `x${i}`,
      role: i % 2 ? ('sky' as const) : ('land' as const),
      ev100: 9 + (i % 2) * 3,
      u: (i % 20) / 20,
      v: i % 2 ? 0.1 : 0.8,
    }));
    let searches = 0;
    const safety = safetySteps(prepared({ ...stand, readings }, bagOf(34, 1)));
    for (let step = safety.next(); !step.done; step = safety.next()) searches++;
    expect(searches).toBeLessThan(80);
  });
});
