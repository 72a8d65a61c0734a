import fc from 'fast-check';
import { isInside } from '@/core/field';
import { brushed, maskOf, outlineOf } from './brush';

const place = fc.record({
  u: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
  v: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
});
const ASPECT = 1.5;
const empty = maskOf([], ASPECT);
const PAINT = { radius: 0.04, wipes: false };

/** Distance in parts of the longer side. */
const apart = (a: { u: number; v: number }, b: { u: number; v: number }) =>
  Math.hypot(a.u - b.u, (a.v - b.v) / ASPECT);

describe('a shape that is brushed', () => {
  it('holds what the stroke went over, and nothing farther off than the brush is wide', () => {
    fc.assert(
      fc.property(place, place, place, (from, to, other) => {
        const outline = outlineOf(brushed(empty, [from, to], PAINT));
        for (const part of [0, 0.3, 0.7, 1]) {
          const u = from.u + part * (to.u - from.u);
          const v = from.v + part * (to.v - from.v);
          expect(isInside(outline, u, v)).toBe(true);
        }
        const nearest = Math.min(
          ...Array.from({ length: 101 }, (_, i) => ({
            u: from.u + (i / 100) * (to.u - from.u),
            v: from.v + (i / 100) * (to.v - from.v),
          })).map((p) => apart(p, other)),
        );
        if (nearest > PAINT.radius + 0.012) expect(isInside(outline, other.u, other.v)).toBe(false);
        expect(outline.length).toBeLessThanOrEqual(80);
      }),
      { numRuns: 60 },
    );
  });

  it('comes back from its outline as it was, but for its corners’ roundings', () => {
    fc.assert(
      fc.property(place, place, (from, to) => {
        const mask = brushed(empty, [from, to], PAINT);
        const again = maskOf(outlineOf(mask), ASPECT);
        const differ = mask.cells.filter((cell, i) => cell !== again.cells[i]).length;
        expect(differ).toBeLessThan(0.12 * mask.cells.filter(Boolean).length);
      }),
      { numRuns: 40 },
    );
  });

  it('grows by a second stroke, is wiped smaller, and wiped out', () => {
    const [a, b, c] = [
      { u: 0.2, v: 0.5 },
      { u: 0.5, v: 0.5 },
      { u: 0.8, v: 0.5 },
    ];
    const line = brushed(brushed(empty, [a, b], PAINT), [b, c], PAINT);
    expect(isInside(outlineOf(line), 0.75, 0.5)).toBe(true);
    // cut in two, the larger piece stays
    const cut = outlineOf(
      brushed(
        line,
        [
          { u: 0.65, v: 0.5 },
          { u: 0.65, v: 0.5 },
        ],
        { radius: 0.08, wipes: true },
      ),
    );
    expect([isInside(cut, 0.3, 0.5), isInside(cut, 0.8, 0.5)]).toEqual([true, false]);
    expect(outlineOf(brushed(line, [a, c], { radius: 0.1, wipes: true }))).toEqual([]);
  });
});
