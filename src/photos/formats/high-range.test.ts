import fc from 'fast-check';
import { DataTexture, FloatType, RGBAFormat } from 'three';
import { EXRExporter } from 'three/addons/exporters/EXRExporter.js';
import { lightFigures, lightOfFigures, reduceLinear } from '@/core/photo';
import { radianceFile } from '@/testing/radiance-file';
import { type HighRangeType, photoHeader } from '.';
import { readHighRange } from './high-range';

const [COLUMNS, ROWS] = [24, 14];
/** Light of a scene of 15 stops, no two pixels alike, brightest above. */
const lightAt = (column: number, row: number): readonly number[] => {
  const y = 2 ** (6 - row - column / COLUMNS);
  return [1.5 * y, y, 0.5 * y];
};

const radiance = () => radianceFile(COLUMNS, ROWS, lightAt);

async function exr(): Promise<Uint8Array> {
  const data = new Float32Array(4 * COLUMNS * ROWS);
  for (let i = 0; i < COLUMNS * ROWS; i++)
    // a texture has its lowest row first
    data.set([...lightAt(i % COLUMNS, ROWS - 1 - Math.floor(i / COLUMNS)), 1], 4 * i);
  const texture = new DataTexture(data, COLUMNS, ROWS, RGBAFormat, FloatType);
  return new Uint8Array(await new EXRExporter().parse(texture, { type: FloatType }));
}

const FILES: readonly [HighRangeType, () => Uint8Array | Promise<Uint8Array>][] = [
  ['image/vnd.radiance', radiance],
  ['image/x-exr', exr],
];

// its reader says what of a hostile header it passes over
beforeAll(() => void jest.spyOn(console, 'warn').mockImplementation(() => {}));

describe.each(FILES)('a picture of type %s', (type, make) => {
  it('is known by its bytes, with its size', async () => {
    expect(photoHeader(await make())).toEqual({ ok: true, header: { type, columns: COLUMNS, rows: ROWS } });
  });

  it('is read as linear light, its upper row first', async () => {
    const { columns, rows, rgb } = readHighRange((await make()).slice().buffer, type);
    expect([columns, rows]).toEqual([COLUMNS, ROWS]);
    for (let i = 0; i < columns * rows; i++) {
      const truth = lightAt(i % columns, Math.floor(i / columns));
      // a byte of mantissa: half a hundredth
      truth.forEach((x, k) => expect(Math.abs(rgb[3 * i + k]! / x - 1)).toBeLessThan(0.02));
    }
  });

  it('is figures of all its stops', async () => {
    const reduced = reduceLinear(readHighRange((await make()).slice().buffer, type), 120);
    const light = lightOfFigures(lightFigures(reduced));
    expect([...light.known].every((k) => k === 0)).toBe(true);
    const stops = Math.log2(light.luminance[0]! / light.luminance[13 * COLUMNS]!);
    expect(stops).toBeCloseTo(13, 0);
  });

  it('that is damaged or too large is refused', async () => {
    const whole = await make();
    expect(() => readHighRange(whole.slice(0, whole.length / 2).slice().buffer, type)).toThrow();
    const text = Buffer.from(whole).toString('latin1');
    const huge =
      type === 'image/x-exr'
        ? text.replace(/(dataWindow\0box2i\0....)(.{16})/s, '$1' + '\0\0\0\0\0\0\0\0\xff\xff\0\0\xff\xff\0\0')
        : text.replace(`-Y ${ROWS}`, '-Y 2000000');
    expect(huge).not.toBe(text);
    expect(photoHeader(Buffer.from(huge, 'latin1'))).toEqual({ ok: false, fault: 'too-many-pixels' });
    const without = text.replace('dataWindow', 'dateWindow').replace('-Y', '-y');
    expect(photoHeader(Buffer.from(without, 'latin1'))).toEqual({ ok: false, fault: 'damaged' });
  });

  it('that is cut anywhere is refused (fault 76)', async () => {
    const whole = await make();
    for (let length = 1; length < whole.length; length += 1 + Math.floor(whole.length / 200)) {
      const found = photoHeader(whole.slice(0, length));
      expect([length, found.ok]).toEqual([length, false]);
    }
  });

  it('whose size is more than its bytes can hold, or told twice, is refused (faults 60, 76)', async () => {
    const text = Buffer.from(await make()).toString('latin1');
    const grown =
      type === 'image/x-exr'
        ? text.replace(/(dataWindow\0box2i\0....)(.{16})/s, '$1' + '\0\0\0\0\0\0\0\0\xff\x0f\0\0\xff\x0f\0\0')
        : text.replace(`-Y ${ROWS} +X ${COLUMNS}`, '-Y 4096 +X 4096');
    expect(photoHeader(Buffer.from(grown, 'latin1'))).toMatchObject({ ok: false, fault: 'truncated' });
    const twice =
      type === 'image/x-exr'
        ? text.replace(/(dataWindow\0box2i\0....(?:.{16}))/s, '$1$1')
        : text.replace('FORMAT', `-Y 9 +X 9\nFORMAT`);
    expect(photoHeader(Buffer.from(twice, 'latin1'))).toEqual({ ok: false, fault: 'damaged' });
  });

  it('never hangs and gives no more than it says, whatever is done to its bytes', async () => {
    const whole = await make();
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(), fc.nat(255)), { minLength: 1, maxLength: 30 }),
        fc.option(fc.nat()),
        (changes, cut) => {
          const hostile = whole.slice();
          for (const [at, byte] of changes) hostile[at % hostile.length] = byte;
          const file = cut === null ? hostile : hostile.slice(0, cut % hostile.length);
          const found = photoHeader(file);
          // what is large is for its worker to give up, not for this test to wait for
          if (!found.ok || found.header.type !== type || found.header.columns * found.header.rows > 1e5)
            return;
          let read: ReturnType<typeof readHighRange>;
          try {
            read = readHighRange(file.slice().buffer, type);
          } catch {
            return;
          }
          expect(read.rgb).toHaveLength(3 * read.columns * read.rows);
        },
      ),
      { numRuns: 300 },
    );
  });
});

it.each([
  ['brighter than a document holds', 2 ** 80],
  ['dimmer than a document holds', 2 ** -100],
])('light that is %s is held to it, and that is told (fault 64)', (_, unit) => {
  const file = radianceFile(COLUMNS, ROWS, (c, r) => lightAt(c, r).map((x) => x * unit));
  const read = readHighRange(file.slice().buffer, 'image/vnd.radiance');
  expect(read.isHeld).toBe(true);
  const { topStops } = lightFigures(reduceLinear(read, 120));
  expect(Math.abs(topStops)).toBeLessThanOrEqual(40);
  expect(readHighRange(radiance().slice().buffer, 'image/vnd.radiance').isHeld).toBe(false);
});
