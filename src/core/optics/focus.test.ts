import fc from 'fast-check';
import { exactAperture } from '@/core/units';
import { blurMm, circleOfConfusionMm, focusBetweenMm, hyperfocalMm, sharpRangeMm } from '.';

const fullFrame = { widthMm: 36, heightMm: 24 };

describe('depth of field', () => {
  const input = fc.record({
    focalLengthMm: fc.double({ min: 8, max: 400, noNaN: true }),
    aperture: fc.constantFrom(2.8, 8, 16).map(exactAperture),
    confusionMm: fc.constant(circleOfConfusionMm(fullFrame)),
  });

  it('reaches from half the hyperfocal distance to infinity when focused there', () => {
    fc.assert(
      fc.property(input, (lens) => {
        const h = hyperfocalMm(lens);
        const { nearMm, farMm } = sharpRangeMm(lens, h);
        expect(nearMm / h).toBeCloseTo(0.5, 6);
        expect(farMm).toBe(Infinity);
      }),
    );
  });

  it('blurs what lies at a distance as the lens does, the same at two that it is focused between', () => {
    fc.assert(
      fc.property(
        input,
        fc.double({ min: 500, max: 5000, noNaN: true }),
        fc.double({ min: 1.1, max: 50, noNaN: true }),
        (lens, near, times) => {
          const far = near * times;
          const s = focusBetweenMm(near, far);
          expect(blurMm(lens, s, near) / blurMm(lens, s, far)).toBeCloseTo(1, 6);
          const h = hyperfocalMm(lens);
          expect(blurMm(lens, h, Infinity) / lens.confusionMm).toBeCloseTo(1, 6);
          expect(blurMm(lens, s, s)).toBe(0);
          expect(focusBetweenMm(near, Infinity)).toBe(2 * near);
        },
      ),
    );
  });

  it('has at both its ends the blur that just counts as sharp (thin lens)', () => {
    fc.assert(
      fc.property(input, fc.double({ min: 0.05, max: 0.95, noNaN: true }), (lens, part) => {
        const s = 2 * lens.focalLengthMm + part * (hyperfocalMm(lens) - 2 * lens.focalLengthMm);
        const blur = (d: number) => {
          const image = (x: number) => 1 / (1 / lens.focalLengthMm - 1 / x);
          return ((lens.focalLengthMm / lens.aperture) * Math.abs(image(d) - image(s))) / image(d);
        };
        const { nearMm, farMm } = sharpRangeMm(lens, s);
        expect(blur(nearMm) / lens.confusionMm).toBeCloseTo(1, 4);
        expect(blur(farMm) / lens.confusionMm).toBeCloseTo(1, 4);
      }),
    );
  });
});
