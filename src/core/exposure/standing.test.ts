import fc from 'fast-check';
import { framesForTime, recordedPart, standingSeconds } from '.';

const seconds = fc.double({ min: 0.001, max: 3600, noNaN: true });

it('a figure is recorded by the part of the exposure that it stood, and back', () => {
  fc.assert(
    fc.property(seconds, fc.double({ min: 0, max: 1, noNaN: true }), (exposure, part) => {
      expect(recordedPart(standingSeconds(part, exposure), exposure)).toBeCloseTo(part, 9);
    }),
  );
  expect([recordedPart(20, 10), recordedPart(-1, 10)]).toEqual([1, 0]);
});

it('frames averaged are as many as reach the time, and not one more', () => {
  fc.assert(
    fc.property(seconds, seconds, (frame, want) => {
      const frames = framesForTime(frame, want);
      expect(frames * frame).toBeGreaterThanOrEqual(want * (1 - 1e-6));
      expect(frames === 1 || (frames - 1) * frame < want).toBe(true);
    }),
  );
  expect(framesForTime(1 / 8, 5)).toBe(40);
});
