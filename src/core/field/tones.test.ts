import fc from 'fast-check';
import { brightestPlace, gridFor, lightField, mapRegions, roleAt, toneSpread, typicalPlace } from '.';

const grid = gridFor({ widthMm: 36, heightMm: 24 });
const line = [
  { u: 0, v: 0.4 },
  { u: 1, v: 0.6 },
];
const field = lightField(mapRegions(grid, line, []), [
  { id: 'a', role: 'sky', ev100: 13, place: { u: 0.2, v: 0.1 } },
  { id: 'b', role: 'sky', ev100: 15, place: { u: 0.8, v: 0.3 } },
  { id: 'c', role: 'land', ev100: 10, place: { u: 0.5, v: 0.8 } },
]);
const circleAt = (place: { u: number; v: number }) => ({
  ...place,
  radial: 0.03,
  tangential: 0.03,
  outwards: { u: 0, v: 1 },
});

describe('how light is spread over the scale', () => {
  it('adds up to the frame, each step holding its own light', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -8, max: 18, noNaN: true }), { minLength: 1, maxLength: 60 }),
        (evs) => {
          const ev = Float64Array.from([...evs, NaN]);
          const spread = toneSpread({ ev, regions: new Uint8Array(ev.length) })!;
          expect(spread.parts.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
          for (const value of evs) {
            const step = (value - spread.fromEv) / spread.stepEv;
            // at the edge of two steps rounding decides
            const near = [step - 1e-6, step + 1e-6].map((at) => spread.parts[Math.floor(at)] ?? 0);
            expect(Math.max(...near)).toBeGreaterThan(0);
          }
        },
      ),
    );
  });

  it('is none without light', () => {
    expect(toneSpread({ ev: Float64Array.of(NaN), regions: new Uint8Array(1) })).toBeNull();
  });
});

describe('where to aim', () => {
  it('is inside the region with the whole of the circle', () => {
    for (const region of ['sky', 'land'] as const) {
      const place = typicalPlace(field, region, circleAt as never)!;
      for (const dv of [-0.03, 0, 0.03]) expect(roleAt(field, { u: place.u, v: place.v + dv })).toBe(region);
    }
  });

  it('finds the brightest', () => {
    const place = brightestPlace(field, 'sky', circleAt as never)!;
    expect(Math.hypot(place.u - 0.8, place.v - 0.3)).toBeLessThan(0.25);
  });

  it('is nowhere in a region that is not there', () => {
    expect(typicalPlace(field, 'water', circleAt as never)).toBeNull();
    expect(brightestPlace(field, 'feature', circleAt as never)).toBeNull();
  });
});
