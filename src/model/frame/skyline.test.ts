import fc from 'fast-check';
import { skylineAt } from '@/core/field';
import { testStand } from '@/testing/fixtures';
import { addSkylinePoint, drawSkyline, moveSkylinePoint, removeSkylinePoint, withSkyline } from './skyline';

const part = fc.double({ min: -0.5, max: 1.5, noNaN: true });

describe('a skyline drawn by hand', () => {
  const line = [0, 0.25, 0.5, 0.75, 1].map((u) => ({ u, v: 0.5 }));
  const stand = testStand({ skyline: line });

  it('replaces the stretch that was swept, and leaves the rest', () => {
    const stroke = Array.from({ length: 30 }, (_, i) => ({
      u: 0.3 + i * 0.01,
      v: 0.4 - 0.1 * Math.sin((i / 29) * Math.PI),
    }));
    const { skyline } = drawSkyline(stand, stroke);
    expect(skyline.filter((p) => p.u < 0.3 || p.u > 0.6)).toEqual([line[0], line[1], line[3], line[4]]);
    const at = skylineAt(skyline);
    for (const { u, v } of stroke) expect(Math.abs(at(u) - v)).toBeLessThan(0.01);
    expect(skyline.length).toBeLessThan(20);
  });

  it('backwards, back and forth or beyond the frame stays a line from left to right', () => {
    fc.assert(
      fc.property(fc.array(fc.record({ u: part, v: part }), { minLength: 2, maxLength: 80 }), (stroke) => {
        const { skyline } = drawSkyline(stand, stroke);
        expect(skyline.length).toBeGreaterThanOrEqual(2);
        skyline.forEach((p, i) => {
          expect(p.u).toBeGreaterThanOrEqual(skyline[i - 1]?.u ?? 0);
          expect(p.v >= 0 && p.v <= 1).toBe(true);
        });
      }),
    );
  });

  it('where a stroke goes back over itself, what was drawn last counts', () => {
    const there = Array.from({ length: 21 }, (_, i) => ({ u: 0.2 + i * 0.02, v: 0.3 }));
    const back = Array.from({ length: 11 }, (_, i) => ({ u: 0.6 - i * 0.02, v: 0.4 }));
    const at = skylineAt(drawSkyline(stand, [...there, ...back]).skyline);
    expect(at(0.3)).toBeCloseTo(0.3, 2);
    for (const u of [0.45, 0.5, 0.55]) expect(at(u)).toBeCloseTo(0.4, 2);
  });
});

/** A found line has hundreds of points. */
const found = testStand({
  skyline: Array.from({ length: 200 }, (_, i) => ({ u: i / 199, v: 0.5 + 0.02 * Math.sin(i / 9) })),
});

describe('the points of a skyline', () => {
  it('a tap far off a line of close points is a slip, and adds no spike (fault 34)', () => {
    expect(addSkylinePoint(found, { u: 0.5, v: 0.2 })).toBe(found);
    expect(addSkylinePoint(found, { u: 0.501, v: skylineAt(found.skyline)(0.501) }).skyline).toHaveLength(
      201,
    );
    expect(addSkylinePoint(testStand(), { u: 0.5, v: 0.1 }).skyline).toHaveLength(3);
  });

  it('a point goes no further across than to its neighbours, and the next one lies on its right side (fault 35)', () => {
    const three = addSkylinePoint(testStand(), { u: 0.4, v: 0.3 });
    const moved = moveSkylinePoint(three, 1, { u: 1.4, v: 0.2 });
    expect(moved.skyline.map((p) => p.u)).toEqual([0, 1, 1]);
    const within = moveSkylinePoint(addSkylinePoint(three, { u: 0.6, v: 0.3 }), 1, { u: 0.8, v: 0.3 });
    expect(within.skyline.map((p) => p.u)).toEqual([0, 0.6, 0.6, 1]);
  });

  it('whatever is done to it, a line never runs back', () => {
    const at = fc.record({ u: part, v: part });
    const deed = fc.oneof(
      at.map((p) => (s: typeof found) => addSkylinePoint(s, p)),
      fc.tuple(fc.nat(9), at).map(
        ([i, p]) =>
          (s: typeof found) =>
            moveSkylinePoint(s, i % s.skyline.length, p),
      ),
      fc.nat(9).map((i) => (s: typeof found) => removeSkylinePoint(s, i % s.skyline.length)),
      fc.array(at, { minLength: 2, maxLength: 9 }).map((ps) => (s: typeof found) => drawSkyline(s, ps)),
      fc.array(at, { minLength: 2, maxLength: 9 }).map((ps) => (s: typeof found) => withSkyline(s, ps)),
    );
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 12 }), (deeds) => {
        const { skyline } = deeds.reduce((s, run) => run(s), testStand());
        skyline.forEach((p, i) => expect(p.u).toBeGreaterThanOrEqual(skyline[i - 1]?.u ?? 0));
      }),
    );
  });
});
