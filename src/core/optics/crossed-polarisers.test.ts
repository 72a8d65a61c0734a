import fc from 'fast-check';
import { crossedChange, crossedInCorners, crossedWithin } from '.';

const FULL = { widthMm: 36, heightMm: 24 };

describe('two polarisers turned against each other', () => {
  it('change nothing on the axis, however far they are turned', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 12, noNaN: true }),
        fc.integer({ min: 0, max: 359 }),
        (stops, phi) => {
          expect(crossedChange(stops, 0, phi)).toBeCloseTo(0, 6);
        },
      ),
    );
  });

  it('are brighter across one diagonal and darker along the other: a cross', () => {
    // six stops, 40 degrees off the axis, worked out by hand: cos b = 1/8, sin^2 a = 0.4132 outside the film and 0.1836 within
    const bright = crossedChange(6, 40, 90);
    const near = crossedChange(6, 40, 0);
    expect(bright).toBeCloseTo(Math.log2(((0.125 + 0.1836 * 0.4375) / (1 - 0.1836 * 0.4375)) ** 2) + 6, 2);
    expect(near).toBeCloseTo(Math.log2(((0.125 - 0.1836 * 0.5625) / (1 - 0.1836 * 0.5625)) ** 2) + 6, 2);
    // along the other diagonal next to nothing passes any more
    expect(near).toBeLessThan(-3);
  });

  it('part the corners the more, the stronger they are set and the wider the lens', () => {
    const corners = (stops: number, mm: number) => crossedInCorners(stops, mm, FULL);
    expect(corners(2, 24)).toBeLessThan(corners(4, 24));
    expect(corners(4, 24)).toBeLessThan(corners(6, 24));
    expect(corners(4, 85)).toBeLessThan(corners(4, 24));
    expect(corners(0, 16)).toBeLessThan(0.3);
  });

  it('leave the frame even up to a strength that can be told', () => {
    for (const mm of [16, 24, 50, 200]) {
      const most = crossedWithin(0.5, mm, FULL);
      expect(crossedInCorners(most, mm, FULL)).toBeLessThanOrEqual(0.5);
      if (most < 20) expect(crossedInCorners(most + 1 / 3, mm, FULL)).toBeGreaterThan(0.5);
    }
    expect(crossedWithin(0.5, 16, FULL)).toBeLessThan(crossedWithin(0.5, 200, FULL));
  });
});
