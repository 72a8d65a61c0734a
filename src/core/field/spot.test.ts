import fc from 'fast-check';
import { meterCircle } from '@/core/optics';
import { gridFor, KNOWN, type LightField, mapRegions, roleAt, spotOf, strayPart, strayStops } from '.';

const frame = { widthMm: 36, heightMm: 24 };
const level = [
  { u: 0, v: 0.5 },
  { u: 1, v: 0.5 },
];
const map = mapRegions(gridFor(frame), level, []);
/** Sky at EV 13 over land at EV 10, the right half of the sky blown. */
const field: LightField = {
  ...map,
  ev: Float64Array.from(map.regions, (region) => (region === 0 ? 13 : 10)),
  known: Uint8Array.from(map.regions, (region, i) =>
    region === 0 && i % map.grid.columns >= 120 ? KNOWN.atLeast : KNOWN.measured,
  ),
  readings: [],
};
const circle = (u: number, v: number, angleDeg: number, focalLengthMm = 24) =>
  meterCircle({ u, v }, angleDeg, { focalLengthMm, frame });

describe('a spot of the light field', () => {
  it('reads the light under it, and says where the picture tells no more', () => {
    expect(spotOf(field, circle(0.2, 0.2, 1))).toEqual({ ev100: 13, known: KNOWN.measured });
    expect(spotOf(field, circle(0.8, 0.2, 1))).toMatchObject({ known: KNOWN.atLeast });
    expect(spotOf(field, circle(0.5, 0.9, 5))!.ev100).toBeCloseTo(10, 9);
    // smaller than a cell, at the very corner
    expect(spotOf(field, circle(1, 1, 0.05))!.ev100).toBeCloseTo(10, 9);
  });

  it('over the skyline reads the mean of both lights', () => {
    expect(spotOf(field, circle(0.3, 0.5, 5))!.ev100).toBeCloseTo(Math.log2((2 ** 13 + 2 ** 10) / 2), 1);
  });
});

describe('the role of a place', () => {
  it('is that of its region, and none where it is left out of account', () => {
    expect([0.1, 0.9].map((v) => roleAt(map, { u: 0.5, v }))).toEqual(['sky', 'land']);
    const corner = {
      id: 'x',
      region: 'ignore' as const,
      points: [0, 0.4, 0].map((u, i) => ({ u, v: i * 0.2 })),
    };
    expect(roleAt(mapRegions(gridFor(frame), level, [corner]), { u: 0.05, v: 0.2 })).toBeNull();
  });
});

describe('a meter’s circle over the skyline', () => {
  const at = () => 0.5;

  it('strays by the part of a disc that a chord cuts off', () => {
    fc.assert(
      fc.property(fc.double({ min: -0.95, max: 0.95, noNaN: true }), (offset) => {
        const spot = circle(0.5, 0.5, 8, 100);
        const r = spot.radial;
        const d = Math.abs(offset);
        const cut = (Math.acos(d) - d * Math.sqrt(1 - d * d)) / Math.PI;
        expect(Math.abs(strayPart({ ...spot, v: 0.5 + offset * r }, at, 1.5) - cut)).toBeLessThan(0.05);
      }),
    );
    expect(strayPart(circle(0.5, 0.7, 3), at, 1.5)).toBe(0);
  });

  it('costs what the reference says: a tenth of a sky 3 stops brighter reads 0.77 high', () => {
    const land = 10;
    const read = Math.log2(0.9 * 2 ** land + 0.1 * 2 ** (land + 3));
    expect(strayStops(read, land + 3, 0.1)).toBeCloseTo(0.77, 2);
    expect(strayStops(10, 14, 0.5)).toBeNull();
  });

  it('is drawn out off the axis, outwards more than across', () => {
    const [middle, corner] = [circle(0.5, 0.5, 5, 16), circle(0.02, 0.02, 5, 16)];
    expect(middle.radial).toBe(middle.tangential);
    const off = Math.atan(Math.hypot(0.48 * 36, 0.48 * 24) / 16);
    expect(corner.tangential / middle.tangential).toBeCloseTo(1 / Math.cos(off), 9);
    expect(corner.radial / middle.radial).toBeCloseTo(1 / Math.cos(off) ** 2, 9);
    // a camera's spot of 3 % of the frame at 16 mm is 20 degrees across (physics 1)
    const spot = circle(0.5, 0.5, 20, 16);
    expect((Math.PI * spot.radial ** 2) / 1.5).toBeCloseTo(0.03, 2);
  });
});
