import fc from 'fast-check';
import { endsOf, histogramOf, placeOfTone, toneAtPlace } from '.';

const ROOM = 2.3;

describe('a camera’s histogram', () => {
  it.each([
    // sRGB of 2^-2.3 = 0.203 of white
    [0, 0.488],
    [2.3, 1],
    [5, 1],
    [-2.7, 0.194],
  ])('tone %p stands at %p of its width', (tone, place) => {
    expect(placeOfTone(tone, ROOM)).toBeCloseTo(place, 2);
  });

  it('and back: a place tells the tone', () => {
    fc.assert(
      fc.property(fc.double({ min: -5, max: 2.3, noNaN: true }), (tone) => {
        expect(toneAtPlace(placeOfTone(tone, ROOM), ROOM)).toBeCloseTo(tone, 6);
      }),
    );
    expect(toneAtPlace(0, ROOM)).toBe(toneAtPlace(0.02, ROOM));
  });

  it('heaps up what is white, and its highest is 1', () => {
    const heights = histogramOf([9, 9, 9, 0, NaN, -Infinity], ROOM, 10);
    expect(heights.at(-1)).toBe(1);
    expect(heights[0]).toBeCloseTo(1 / 3, 9);
    expect(heights.reduce((a, b) => a + b, 0)).toBeCloseTo(5 / 3, 9);
  });

  it('ends where nearly all of it does: single cells are nobody’s end', () => {
    const tones = [...Array.from({ length: 998 }, (_, i) => i / 998), 40, -40];
    const [low, high] = endsOf(tones)!;
    expect(low).toBeGreaterThanOrEqual(0);
    expect(high).toBeLessThanOrEqual(1);
    expect(endsOf([NaN, Infinity])).toBeNull();
  });
});
