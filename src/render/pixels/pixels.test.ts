import fc from 'fast-check';
import { srgbFromLinear } from '@/core/units';
import { type Cells, rowReader } from './between';
import { displayLight } from './display-light';
import { type Plate, recordedPixels } from './plate';

/** Between the four nearest centres, by the definition. */
function read({ columns, rows, values }: Cells, u: number, v: number): number {
  const [x, y] = [
    Math.min(columns - 1, Math.max(0, u * columns - 0.5)),
    Math.min(rows - 1, Math.max(0, v * rows - 0.5)),
  ];
  const [c, r] = [Math.floor(x), Math.floor(y)];
  const at = (i: number, j: number) => values[Math.min(rows - 1, j) * columns + Math.min(columns - 1, i)]!;
  const mix = (a: number, b: number, part: number) => a + part * (b - a);
  return mix(mix(at(c, r), at(c + 1, r), x - c), mix(at(c, r + 1), at(c + 1, r + 1), x - c), y - r);
}

const cellsOf = fc
  .tuple(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 5 }))
  .chain(([columns, rows]) =>
    fc
      .array(fc.double({ min: 0, max: 6, noNaN: true }), {
        minLength: columns * rows,
        maxLength: columns * rows,
      })
      .map((values): Cells => ({ columns, rows, values })),
  );

describe('a raster read row by row', () => {
  it('is read between its centres, and level beyond the outermost', () => {
    fc.assert(
      fc.property(
        cellsOf,
        fc.integer({ min: 1, max: 13 }),
        fc.integer({ min: 1, max: 9 }),
        (cells, columns, rows) => {
          const rowOf = rowReader(cells, columns, rows);
          for (let row = 0; row < rows; row++) {
            const line = rowOf(row);
            for (let column = 0; column < columns; column++)
              expect(line[column]).toBeCloseTo(read(cells, (column + 0.5) / columns, (row + 0.5) / rows), 4);
          }
        },
      ),
    );
  });
});

describe('a plate as it is recorded', () => {
  it('is within a level of the light of each channel, by the definition', () => {
    const pixel = fc.record({
      log: fc.double({ min: -14, max: 2, noNaN: true }),
      colour: fc.array(fc.double({ min: 0, max: 3, noNaN: true }), { minLength: 3, maxLength: 3 }),
    });
    fc.assert(
      fc.property(
        fc.array(pixel, { minLength: 4, maxLength: 4 }),
        fc.record({
          evMidGrey: fc.double({ min: 4, max: 16, noNaN: true }),
          highlightRoom: fc.double({ min: 1, max: 6, noNaN: true }),
          offsetEv: fc.double({ min: 4, max: 16, noNaN: true }),
          contrast: fc.double({ min: 0.5, max: 1.6, noNaN: true }),
          lost: fc.double({ min: 0, max: 12, noNaN: true }),
          isMonochrome: fc.boolean(),
        }),
        (pixels, { evMidGrey, highlightRoom, offsetEv, contrast, lost, isMonochrome }) => {
          const plate: Plate = {
            columns: 2,
            rows: 2,
            log: Float32Array.from(pixels, (p) => p.log),
            colour: Float32Array.from(pixels.flatMap((p) => p.colour)),
          };
          const window = { highlightRoom, shadowRoom: 6, printRoom: 4, highlightCutStops: 0 } as never;
          const tint = [1, 0.7, 0.4] as const;
          const castPerStop = isMonochrome ? null : ([0.1, 0, -0.05] as const);
          const { rgba } = recordedPixels(plate, {
            tie: { offsetEv, contrast },
            evMidGrey,
            window,
            lost: { columns: 1, rows: 1, values: [lost] },
            tint,
            castPerStop,
            isMonochrome,
          });
          pixels.forEach(({ log, colour }, i) => {
            const light = displayLight(offsetEv + contrast * log - lost - evMidGrey, { highlightRoom });
            for (let k = 0; k < 3; k++) {
              const cast = 2 ** (-lost * (castPerStop?.[k] ?? 0));
              const own = Math.min(1, light * tint[k]! * cast * (isMonochrome ? 1 : colour[k]!));
              expect(Math.abs(rgba[4 * i + k]! - 255 * srgbFromLinear(own))).toBeLessThanOrEqual(1);
            }
            expect(rgba[4 * i + 3]).toBe(255);
          });
        },
      ),
    );
  });
});
