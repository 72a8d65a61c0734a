import fc from 'fast-check';
import { skylineAt } from '@/core/field';
import { makeScene } from '@/core/scene';
import { simplifyTo, standingFeatures } from '.';

describe('what stands up from a skyline', () => {
  it('is nothing on a level or an evenly sloping one', () => {
    for (const [left, right] of [
      [0.4, 0.4],
      [0.2, 0.7],
      [0.9, 0.1],
    ] as const)
      expect(
        standingFeatures([
          { u: 0, v: left },
          { u: 1, v: right },
        ]),
      ).toEqual([]);
  });

  it('is a fir, outlined from foot to tip to foot', () => {
    const fir = [
      { u: 0, v: 0.5 },
      { u: 0.29, v: 0.5 },
      { u: 0.3, v: 0.2 },
      { u: 0.31, v: 0.5 },
      { u: 1, v: 0.6 },
    ];
    const [outline, ...others] = standingFeatures(fir);
    expect(others).toEqual([]);
    const us = outline!.map((p) => p.u);
    expect(Math.min(...us)).toBeGreaterThan(0.28);
    expect(Math.max(...us)).toBeLessThan(0.32);
    expect(Math.min(...outline!.map((p) => p.v))).toBeCloseTo(0.2, 1);
  });

  it('is both cones of a saddle, each with its own top', () => {
    const { skyline } = makeScene({ landscape: 'cones', seed: 7, columns: 120 });
    const points = simplifyTo(
      Array.from(skyline, (v, i) => ({ u: (i + 0.5) / 120, v })),
      0.005,
      40,
    );
    const features = standingFeatures(points);
    expect(features).toHaveLength(2);
    const tops = features.map((f) => f.reduce((a, b) => (b.v < a.v ? b : a)).u);
    expect(tops[0]).toBeCloseTo(0.3, 1);
    expect(tops[1]).toBeCloseTo(0.73, 1);
  });

  it('keeps to the frame and under the skyline, for any line', () => {
    const v = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(fc.array(v, { minLength: 2, maxLength: 40 }), (vs) => {
        const line = vs.map((height, i) => ({ u: i / (vs.length - 1), v: height }));
        const at = skylineAt(line);
        for (const outline of standingFeatures(line)) {
          expect(outline.length).toBeGreaterThanOrEqual(3);
          expect(outline.length).toBeLessThanOrEqual(24);
          for (const p of outline) {
            expect(p.u >= 0 && p.u <= 1).toBe(true);
            expect(p.v).toBeGreaterThan(at(p.u) - 0.02);
          }
        }
      }),
      { numRuns: 60 },
    );
  });
});
