import fc from 'fast-check';
import { skylineAt } from '@/core/field';
import { linearFromSrgb, srgbFromLinear } from '@/core/units';
import {
  codedInStops,
  evOfWhite,
  lightFigures,
  lightOfFigures,
  linearOfByte,
  type Pixels,
  reduceLinear,
  reducePixels,
  simplifyLine,
  simplifyTo,
} from '.';

/** A picture of one grey a row, as bytes. */
const rowsOf = (columns: number, greys: readonly number[]): Pixels => ({
  columns,
  rows: greys.length,
  rgba: Uint8ClampedArray.from(greys.flatMap((g) => Array(columns).fill([g, g, g, 255]).flat())),
});

describe('a picture reduced to cells', () => {
  it('adds light, not stored values: black and white rows make half the light of white', () => {
    const { luminance } = reducePixels(rowsOf(4, [0, 255, 0, 255]), 2);
    expect([...luminance]).toEqual([
      expect.closeTo(0.5, 6),
      expect.closeTo(0.5, 6),
      expect.closeTo(0.5, 6),
      expect.closeTo(0.5, 6),
    ]);
  });

  it('is the mean of its pixels over every size, and keeps their sum', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 40 }),
        fc.array(fc.integer({ min: 0, max: 255 }), { minLength: 1, maxLength: 40 }),
        fc.integer({ min: 1, max: 12 }),
        (columns, greys, side) => {
          const { luminance, columns: c, rows: r } = reducePixels(rowsOf(columns, greys), side);
          expect(Math.max(c, r)).toBeLessThanOrEqual(Math.max(side, 1));
          const lights = greys.map((g) => linearFromSrgb(g / 255));
          for (const y of luminance) {
            expect(y).toBeGreaterThanOrEqual(Math.min(...lights) - 1e-6);
            expect(y).toBeLessThanOrEqual(Math.max(...lights) + 1e-6);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('tells what is blown and what is black', () => {
    const { blown, black } = reducePixels(rowsOf(1, [255, 128, 1]), 3);
    expect([...blown]).toEqual([1, 0, 0]);
    expect([...black]).toEqual([0, 0, 1]);
  });

  it('takes linear light as it is, and holds what is no number to nothing', () => {
    const rgb = Float32Array.from([4, 4, 4, NaN, -1, Infinity]);
    const { luminance, black } = reduceLinear({ columns: 2, rows: 1, rgb }, 2);
    expect([...luminance]).toEqual([expect.closeTo(4, 5), 0]);
    expect([...black]).toEqual([0, 1]);
  });
});

describe('a picture in figures', () => {
  it('keeps every measured cell to a thirty-second of a stop, over fifteen stops', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -15, max: 0, noNaN: true }), { minLength: 2, maxLength: 60 }),
        (stops) => {
          const luminance = Float32Array.from(stops, (s) => 2 ** s);
          const none = new Float32Array(stops.length);
          const figures = lightFigures({
            columns: stops.length,
            rows: 1,
            rgb: none,
            luminance,
            blown: none,
            black: none,
          });
          const light = lightOfFigures(figures);
          light.luminance.forEach((y, i) => {
            expect(light.known[i]).toBe(0);
            expect(Math.abs(Math.log2(y) - stops[i]!)).toBeLessThanOrEqual(1 / 32 + 1e-6);
          });
        },
      ),
      { numRuns: 80 },
    );
  });

  it('marks what is blown and black as not measured, at the ends of what it holds', () => {
    const figures = lightFigures(reducePixels(rowsOf(1, [255, 118, 0]), 3));
    expect(figures.cells).toMatch(/^ff[0-9a-f]{2}00$/);
    const { known, luminance } = lightOfFigures(figures);
    expect([...known]).toEqual([2, 0, 1]);
    expect(luminance[0]).toBe(1);
    expect(luminance[2]).toBeLessThan(2 ** -15);
  });

  it('holds light above white, of high dynamic range', () => {
    const rgb = Float32Array.from([1000, 1000, 1000, 1, 1, 1]);
    const { topStops, cells } = lightFigures(reduceLinear({ columns: 2, rows: 1, rgb }, 2));
    expect(topStops).toBe(10);
    const { luminance } = lightOfFigures({ columns: 2, rows: 1, topStops, cells });
    expect(Math.log2(luminance[0]!)).toBeCloseTo(Math.log2(1000), 1);
    expect(Math.log2(luminance[1]!)).toBeCloseTo(0, 1);
  });

  it('does not lose the land to a sun in the picture: it is what is beyond', () => {
    const rgb = Float32Array.from({ length: 300 }, (_, i) => (i < 3 ? 2 ** 20 : i < 150 ? 8 : 0.25));
    const light = lightOfFigures(lightFigures(reduceLinear({ columns: 100, rows: 1, rgb }, 100)));
    expect(light.known[0]).toBe(2);
    expect([...light.known.subarray(1)].every((k) => k === 0)).toBe(true);
    expect(Math.log2(light.luminance[10]! / light.luminance[90]!)).toBeCloseTo(5, 1);
  });

  it('puts mid-grey where the exposure was', () => {
    const grey = Math.log2(linearFromSrgb(srgbFromLinear(0.18)));
    expect(evOfWhite(12) + grey).toBeCloseTo(12, 9);
  });
});

describe('a kept copy in stops', () => {
  it('gives back the light of each channel to a thirty-second of a stop, and none where it had none', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -12, max: 3, noNaN: true }), { minLength: 3, maxLength: 30 }),
        (stops) => {
          const rgb = Float32Array.from(stops.slice(0, 3 * Math.floor(stops.length / 3)), (s) => 2 ** s);
          const columns = rgb.length / 3;
          const { rgba } = codedInStops(reduceLinear({ columns, rows: 1, rgb }, columns), 3);
          const linear = linearOfByte({ of: 'stops', topStops: 3 });
          rgb.forEach((x, i) => {
            const back = linear[rgba[4 * Math.floor(i / 3) + (i % 3)]!]!;
            expect(Math.abs(Math.log2(back / x))).toBeLessThanOrEqual(1 / 32 + 1e-6);
          });
        },
      ),
    );
    expect(linearOfByte({ of: 'stops', topStops: 3 })[0]).toBe(0);
    expect(linearOfByte({ of: 'screen' })[255]).toBeCloseTo(1, 6);
  });

  it('blows where a sensor is full, and nowhere without one', () => {
    const rgb = Float32Array.from([0.99, 0.5, 0.2, 0.9, 0.9, 0.9]);
    expect([...reduceLinear({ columns: 2, rows: 1, rgb, white: 1 }, 2).blown]).toEqual([1, 0]);
    expect([...reduceLinear({ columns: 2, rows: 1, rgb }, 2).blown]).toEqual([0, 0]);
  });
});

describe('a simplified line', () => {
  const line = fc
    .array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 3, maxLength: 120 })
    .map((vs) => vs.map((v, i) => ({ u: i / (vs.length - 1), v: 0.5 + 0.2 * v })));

  it('keeps its ends and strays from no point by more than the tolerance', () => {
    fc.assert(
      fc.property(line, fc.double({ min: 0.001, max: 0.2, noNaN: true }), (points, tolerance) => {
        const simple = simplifyLine(points, tolerance);
        expect([simple[0], simple.at(-1)]).toEqual([points[0], points.at(-1)]);
        const at = skylineAt(simple);
        // a distance to a line is at most the difference of heights, which can be more by its slope
        const steepest = Math.max(
          ...simple.slice(1).map((p, i) => Math.abs((p.v - simple[i]!.v) / (p.u - simple[i]!.u))),
        );
        for (const { u, v } of points)
          expect(Math.abs(at(u) - v)).toBeLessThanOrEqual(tolerance * Math.hypot(1, steepest) + 1e-9);
      }),
      { numRuns: 80 },
    );
  });

  it('of three on a straight line has two, and never more than asked for', () => {
    const straight = [0, 0.3, 1].map((u) => ({ u, v: 0.2 + u / 2 }));
    expect(simplifyLine(straight, 1e-6)).toEqual([straight[0], straight[2]]);
    fc.assert(
      fc.property(line, (points) => expect(simplifyTo(points, 0.001, 12).length).toBeLessThanOrEqual(12)),
      { numRuns: 40 },
    );
  });
});
