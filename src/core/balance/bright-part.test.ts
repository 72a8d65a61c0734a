import { gridFor, lightField, mapRegions } from '@/core/field';
import { brightPartOf } from './bright-part';

const FRAME = { widthMm: 36, heightMm: 24 };
const level = [
  { u: 0, v: 0.6 },
  { u: 1, v: 0.6 },
];
const reading = (id: string, role: 'sky' | 'land', v: number, ev100: number) => ({
  id,
  role,
  ev100,
  place: { u: 0.5, v },
});
const skyOf = (top: number, foot: number) =>
  lightField(mapRegions(gridFor(FRAME), level, []), [
    reading('top', 'sky', 0.05, top),
    reading('foot', 'sky', 0.5, foot),
    reading('land', 'land', 0.8, 9),
  ]);

describe('the bright top of a sky', () => {
  it('is its upper third, so much brighter than the rest', () => {
    const part = brightPartOf(skyOf(14, 12))!;
    expect(part.v).toBeCloseTo(0.2, 1);
    expect(part.aboveStops).toBeGreaterThan(1);
    expect(part.aboveStops).toBeLessThan(2);
  });

  it('is none where the sky is even, brighter at its foot, or not there', () => {
    expect(brightPartOf(skyOf(12.1, 12))).toBeNull();
    expect(brightPartOf(skyOf(12, 14))).toBeNull();
    const all = [
      { u: 0, v: -1 },
      { u: 1, v: -1 },
    ];
    expect(
      brightPartOf(lightField(mapRegions(gridFor(FRAME), all, []), [reading('l', 'land', 0.5, 9)])),
    ).toBeNull();
  });
});
