import { sameSet } from '@/core/balance';
import { testStand } from '@/testing/fixtures';
import { type Bag, deriveStand, sampleBag, solveStand, type Stand } from '..';

const bag: Bag = { ...sampleBag(), slots: 2 };
const withChosen = (...filterIds: string[]): Stand =>
  testStand({
    skyline: [
      { u: 0, v: 0.3 },
      { u: 1, v: 0.5 },
    ],
    choice: { filterIds, offsetMm: 0, turnDeg: 0, follows: true },
  });

describe('the seat of glass that was chosen and follows the light', () => {
  it.each([[['hard-1', 'soft-1']], [['soft-3']], [['reverse-3']]])(
    'of %j is its own, however much of the search is worked out, and that of its row',
    (ids) => {
      const stand = withChosen(...ids);
      const seats = [1, 5, 40].map((workedOut) => {
        const { chosen } = deriveStand(stand, bag, solveStand(stand, bag, { workedOut }));
        return chosen!.seat;
      });
      // and before anything was found
      seats.push(deriveStand(stand, bag, null).chosen!.seat);
      expect(new Set(seats.map((s) => JSON.stringify(s))).size).toBe(1);
      const { result } = solveStand(stand, bag, { workedOut: 40 });
      const row = result?.ok ? result.balance.best.find((c) => sameSet(c.set, ids)) : undefined;
      if (row) expect(seats[0]).toEqual(row.seat);
      expect(seats[0]).not.toEqual({ offsetMm: 0, turnDeg: 0 });
    },
  );

  it('is along the skyline where nothing is to be taken by what was read', () => {
    const [sky, land] = testStand().readings;
    const even = {
      ...withChosen('hard-2'),
      readings: [
        { ...sky!, ev100: 10 },
        { ...land!, ev100: 10 },
      ],
    };
    const bare = { ...withChosen('hard-2'), readings: [] };
    const seatOf = (stand: Stand) => deriveStand(stand, bag, solveStand(stand, bag)).chosen!.seat;
    expect(seatOf(even)).toEqual(seatOf(bare));
  });
});
