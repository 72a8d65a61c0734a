import { sampleBag } from '@/model';
import { testStand } from '@/testing/fixtures';
import { drawnStand, drawnWrong, isThere, loopTrial } from '@/testing/loop-trials';

/** The whole set of two hundred is `bench loop`. */
const CASES = 40;

describe('the loop, in scenes whose truth is known', () => {
  const trials = Array.from({ length: CASES }, (_, i) =>
    loopTrial(drawnStand(i + 1, testStand()), sampleBag(), drawnWrong(i + 1), 3),
  );

  it('comes within 0.3 stop and 2 mm of the best in three rounds, nine times of ten', () => {
    expect(trials.filter((came) => isThere(came.at(-1)!)).length).toBeGreaterThanOrEqual(0.9 * CASES);
  });

  it('has something to mend: few of the first shots are there', () => {
    expect(trials.filter((came) => isThere(came[0]!)).length).toBeLessThan(0.4 * CASES);
  });

  it('leaves a scene alone that was shot rightly', () => {
    const right = { sky: 0, land: 0, seat: { offsetMm: 0, turnDeg: 0 }, strength: 1, time: 0 };
    const [first, ...rest] = loopTrial(testStand(), sampleBag(), right, 3);
    expect(first!.landStops).toBeCloseTo(0, 6);
    expect(first!.seatMm).toBe(0);
    expect(rest).toEqual([]);
  });
});
