import fc from 'fast-check';
import { exactAperture } from '@/core/units';
import { circleOfConfusionMm, hyperfocalMm, sharpRangeMm } from '.';

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
