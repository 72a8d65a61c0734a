import fc from 'fast-check';
import { middleOf, MOST_TIMES, panned, pointAt, WHOLE, type Zoom, zoomedAbout } from './zoom';

const part = fc.double({ min: 0, max: 1, noNaN: true });
const step: fc.Arbitrary<(zoom: Zoom) => Zoom> = fc.oneof(
  fc.tuple(fc.double({ min: 0.2, max: 5, noNaN: true }), part, part).map(
    ([factor, u, v]) =>
      (zoom: Zoom) =>
        zoomedAbout(zoom, factor, { u, v }),
  ),
  fc.tuple(fc.double({ min: -3, max: 3, noNaN: true }), part).map(
    ([across, down]) =>
      (zoom: Zoom) =>
        panned(zoom, across, down),
  ),
);

describe('what is looked at of the frame', () => {
  it('never reaches beyond it, nor closer than it may', () => {
    fc.assert(
      fc.property(fc.array(step, { maxLength: 12 }), (steps) => {
        const { times, left, top } = steps.reduce((zoom, next) => next(zoom), WHOLE);
        expect(times).toBeGreaterThanOrEqual(1);
        expect(times).toBeLessThanOrEqual(MOST_TIMES);
        for (const from of [left, top]) {
          expect(from).toBeGreaterThanOrEqual(0);
          expect(from + 1 / times).toBeLessThanOrEqual(1 + 1e-9);
        }
      }),
    );
  });

  it('holds the point under the finger, where the edges let it', () => {
    fc.assert(
      fc.property(part, part, fc.double({ min: 1.1, max: 7, noNaN: true }), (x, y, factor) => {
        const zoom = zoomedAbout(WHOLE, factor, { u: x, v: y });
        const under = pointAt(zoom, x, y);
        expect(under.u).toBeCloseTo(x, 9);
        expect(under.v).toBeCloseTo(y, 9);
      }),
    );
  });

  it('comes back to the whole, and moves by what is seen', () => {
    expect(zoomedAbout(zoomedAbout(WHOLE, 4, { u: 0.9, v: 0.1 }), 1 / 4, { u: 0.2, v: 0.3 })).toEqual(WHOLE);
    const close = zoomedAbout(WHOLE, 4, { u: 0.5, v: 0.5 });
    expect(middleOf(panned(close, 0.5, 0))).toEqual({ u: 0.625, v: 0.5 });
  });
});
