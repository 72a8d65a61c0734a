import { brightPartOf } from '@/core/balance/bright-part';
import { testStand } from '@/testing/fixtures';
import { type Bag, deriveStand, sampleBag, solveStand, type Stand } from '..';

const level = [
  { u: 0, v: 0.6 },
  { u: 1, v: 0.6 },
];

describe('evening out the top alone', () => {
  const bag: Bag = sampleBag();
  const stand = (look: Partial<Stand['look']>, top = 14): Stand => {
    const [sky, land] = testStand().readings as [Stand['readings'][number], Stand['readings'][number]];
    return testStand({
      look: { school: 'natural', ...look },
      skyline: level,
      readings: [
        { ...sky, id: 'top', u: 0.5, v: 0.05, ev100: top },
        { ...sky, id: 'foot', u: 0.5, v: 0.5, ev100: 12 },
        { ...land, ev100: 11 },
      ],
    });
  };
  const answer = (s: Stand) => deriveStand(s, bag, solveStand(s, bag));

  it('takes what the top has over the rest, lays the line through the open sky, softly, and exposes as before', () => {
    const top = answer(stand({ evensTop: true }));
    const part = brightPartOf(top.prepared.input.field)!;
    expect(top.balance!.neededStops).toBeCloseTo(part.aboveStops, 9);
    const { seam, exposure } = top.plan!.outcome;
    const at = seam!.at as { left: number; right: number };
    expect(at.left).toBeGreaterThan(0.05);
    expect(at.left).toBeLessThan(0.4);
    expect(at.left).toBeCloseTo(at.right, 6);
    const [sheet] = top.plan!.filters;
    expect(sheet).toMatchObject({ kind: 'graduated' });
    expect((sheet as { transitionMm: number }).transitionMm).toBeGreaterThan(20);
    expect(exposure!.evMidGrey).toBeCloseTo(11, 0);
  });

  it('says by name where the top is even already', () => {
    expect(answer(stand({ evensTop: true }, 12)).fault).toMatchObject({ reason: 'top-even-already' });
  });
});
