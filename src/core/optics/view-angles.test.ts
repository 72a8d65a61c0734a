import fc from 'fast-check';
import { angleLines, anglesOfViewDeg, gridStepDeg, sensorPoint } from '.';

const fullFrame = { widthMm: 36, heightMm: 24 };
const focal = fc.double({ min: 8, max: 1000, noNaN: true });

describe('angles of view', () => {
  it('of a 24 mm lens are those of the tables', () => {
    const { acrossDeg, upDeg, diagonalDeg } = anglesOfViewDeg(24, fullFrame);
    expect([acrossDeg, upDeg, diagonalDeg].map((a) => Math.round(a * 10) / 10)).toEqual([73.7, 53.1, 84.1]);
  });

  it('are parted by lines that lie at their angle from the axis, within the frame and neither few nor crowded', () => {
    fc.assert(
      fc.property(focal, (focalLengthMm) => {
        const step = gridStepDeg(focalLengthMm, fullFrame);
        const lines = angleLines(focalLengthMm, fullFrame.widthMm, step);
        expect(lines.length).toBeGreaterThanOrEqual(3);
        expect(lines.length).toBeLessThanOrEqual(13);
        for (const { deg, at } of lines) {
          const { x } = sensorPoint(fullFrame, at, 0.5);
          expect((Math.atan2(x, focalLengthMm) * 180) / Math.PI).toBeCloseTo(deg, 6);
          expect(at).toBeGreaterThanOrEqual(-1e-9);
          expect(at).toBeLessThanOrEqual(1 + 1e-9);
        }
      }),
    );
  });
});
