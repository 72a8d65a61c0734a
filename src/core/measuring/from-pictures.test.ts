import fc from 'fast-check';
import sharp from 'sharp';
import { densityAt, type DensityProfile } from '@/core/glass';
import { normalRandom, seededRandom } from '@/core/numerics';
import { reducePixels } from '@/core/photo';
import { srgbFromLinear } from '@/core/units';
import { evenGlass, profileFromPhoto, sheetCast, type SheetPhoto, takenCells } from '.';

const FRAME = { widthMm: 36, heightMm: 24 };
const [COLUMNS, ROWS] = [60, 40];

/** Cells of light that a function of the place tells, three colours each, with noise. */
function cells(rgbAt: (u: number, v: number) => readonly [number, number, number], noise = 0, seed = 1) {
  const random = seededRandom(seed);
  const rgb = new Float32Array(3 * COLUMNS * ROWS);
  const luminance = new Float32Array(COLUMNS * ROWS);
  for (let i = 0; i < COLUMNS * ROWS; i++) {
    const own = rgbAt(((i % COLUMNS) + 0.5) / COLUMNS, (Math.floor(i / COLUMNS) + 0.5) / ROWS).map(
      (x) => x * (1 + noise * normalRandom(random)),
    );
    rgb.set(own, 3 * i);
    luminance[i] = 0.2126 * own[0]! + 0.7152 * own[1]! + 0.0722 * own[2]!;
  }
  const none = new Float32Array(COLUMNS * ROWS);
  return { columns: COLUMNS, rows: ROWS, rgb, luminance, blown: none, black: none };
}

describe('glass that covers the whole frame, by two pictures of something even', () => {
  it('has its strength and its colour, whatever the patch and the exposures are', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 10, noNaN: true }),
        fc.double({ min: -0.6, max: 0.6, noNaN: true }),
        fc.double({ min: -0.6, max: 0.6, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        (stops, red, blue, longer) => {
          const patch = [0.3, 0.28, 0.2] as const;
          const uneven = (u: number, v: number) => 1 - 0.3 * (u - 0.5) ** 2 - 0.2 * v;
          const without = cells((u, v) => patch.map((p) => p * uneven(u, v)) as never, 0.01, 1);
          const by = [2 ** -red, 1, 2 ** -blue].map((t) => t * 2 ** (longer - stops));
          const through = cells((u, v) => patch.map((p, k) => p * by[k]! * uneven(u, v)) as never, 0.01, 2);
          const found = evenGlass(takenCells(without, through, FRAME, longer)!)!;
          const luminance = 0.2126 * 0.3 * 2 ** -red + 0.7152 * 0.28 + 0.0722 * 0.2 * 2 ** -blue;
          const own = stops - Math.log2(luminance / (0.2126 * 0.3 + 0.7152 * 0.28 + 0.0722 * 0.2));
          expect(Math.abs(found.stops.value - own)).toBeLessThan(Math.max(0.01, found.stops.giveOrTake));
          expect(Math.abs(found.cast.red - red)).toBeLessThan(0.01);
          expect(Math.abs(found.cast.blue - blue)).toBeLessThan(0.01);
        },
      ),
    );
  });

  it('is told by no pictures of two shapes, and by none that is all blown', () => {
    const one = cells(() => [0.3, 0.3, 0.3]);
    expect(takenCells(one, { ...one, columns: 59 }, FRAME)).toBeNull();
    const blown = { ...one, blown: new Float32Array(COLUMNS * ROWS).fill(1) };
    expect(evenGlass(takenCells(one, blown, FRAME)!)).toBeNull();
  });
});

describe('the colour of a sheet', () => {
  it('is that of its dense end against its clear one', () => {
    const takenBy = (v: number) => 3 * Math.min(1, Math.max(0, (0.7 - v) / 0.4));
    const without = cells((u) => [0.4 + 0.1 * u, 0.4, 0.3], 0.01, 1);
    const through = cells(
      (u, v) => {
        const t = takenBy(v);
        // warm by a drift of the light too, which is at both ends alike
        return [(0.4 + 0.1 * u) * 2 ** (-1.1 * t), 0.4 * 2 ** -t, 0.3 * 2 ** (-0.9 * t + 0.2)];
      },
      0.01,
      2,
    );
    const taken = takenCells(without, through, FRAME)!;
    const cast = sheetCast(
      taken,
      taken.map((c) => takenBy(0.5 - c.h / FRAME.heightMm)),
    )!;
    expect(cast.red).toBeCloseTo(0.3, 1);
    expect(cast.blue).toBeCloseTo(-0.3, 1);
    expect(
      sheetCast(
        taken,
        taken.map(() => 3),
      ),
    ).toBeNull();
  });
});

/** A sheet of 100 by 150 mm as it was photographed: tilted, against a light that is not even, with noise, as a JPEG. */
async function photographed(profile: DensityProfile, seamMm: number, seed: number) {
  const [columns, rows] = [900, 1100];
  const corners: SheetPhoto['corners'] = [
    { u: 0.24, v: 0.08 },
    { u: 0.73, v: 0.11 },
    { u: 0.77, v: 0.9 },
    { u: 0.2, v: 0.86 },
  ];
  const onSheet = fromPicture(corners);
  const random = seededRandom(seed);
  const bytes = new Uint8Array(3 * columns * rows);
  for (let i = 0; i < columns * rows; i++) {
    const [u, v] = [((i % columns) + 0.5) / columns, (Math.floor(i / columns) + 0.5) / rows];
    const sky = 0.55 * 2 ** (0.5 * (u - 0.5) - 0.6 * (v - 0.4) - 0.5 * (u - 0.4) ** 2);
    const { across, along } = onSheet(u, v);
    const isOn = across > 0 && across < 1 && along > 0 && along < 1;
    const stops = isOn ? densityAt(profile, seamMm - 150 * along) : 0;
    const light = sky * 2 ** -stops * (1 + 0.015 * normalRandom(random));
    for (const [k, tone] of [0.95, 1, 1.06].entries())
      bytes[3 * i + k] = Math.round(255 * srgbFromLinear(Math.min(1, light * tone)));
  }
  const raw = { width: columns, height: rows, channels: 3 as const };
  const jpeg = await sharp(bytes, { raw }).jpeg({ quality: 88 }).toBuffer();
  const { data, info } = await sharp(jpeg).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  const pixels = { columns: info.width, rows: info.height, rgba: new Uint8ClampedArray(data) };
  return { light: reducePixels(pixels, 700), corners, lengthMm: 150 };
}

/** From a picture's parts to the sheet's, by Newton's steps on the way there. */
function fromPicture(corners: SheetPhoto['corners']) {
  const [a, b, c, d] = corners;
  // the homography of the unit square (Heckbert 1989)
  const [sx, sy] = [a.u - b.u + c.u - d.u, a.v - b.v + c.v - d.v];
  const [dx1, dx2, dy1, dy2] = [b.u - c.u, d.u - c.u, b.v - c.v, d.v - c.v];
  const den = dx1 * dy2 - dx2 * dy1;
  const [g, h] = [(sx * dy2 - dx2 * sy) / den, (dx1 * sy - sx * dy1) / den];
  const m = [b.u - a.u + g * b.u, d.u - a.u + h * d.u, a.u, b.v - a.v + g * b.v, d.v - a.v + h * d.v, a.v];
  const [A, B, C, D, E, F] = m as [number, number, number, number, number, number];
  return (u: number, v: number) => {
    const [p, q, r] = [A - g * u, B - h * u, u - C];
    const [s, t, w] = [D - g * v, E - h * v, v - F];
    const det = p * t - q * s;
    return { across: (r * t - q * w) / det, along: (p * w - r * s) / det };
  };
}

describe('the profile of a sheet from a photo of it', () => {
  it.each([
    ['hard', { kind: 'graduated', stops: 2.9, transitionMm: 8 }, 75],
    ['soft', { kind: 'graduated', stops: 1.9, transitionMm: 45 }, 70],
    ['reverse', { kind: 'reverse', stops: 3, transitionMm: 8, fadeMm: 45, floorStops: 1 }, 80],
  ] as const)('follows a %s one, tilted, unevenly lit, noisy and from a JPEG', async (_, sheet, seamMm) => {
    const found = profileFromPhoto(await photographed(sheet as never, seamMm, 5));
    if (!found.ok) throw new Error(found.reason);
    const { samples, seamFromDarkEndMm, stops } = found.profile;
    const measured = { kind: 'measured', samples } as DensityProfile;
    // the seam of a profile is where it takes half of its most
    const half = stops / 2;
    let truth: number = seamMm;
    const at = (mm: number) => densityAt(sheet as never, seamMm - mm);
    for (let mm = 150; mm > 0; mm -= 0.01)
      if (at(mm) >= half) {
        truth = mm;
        break;
      }
    expect(Math.abs(seamFromDarkEndMm - truth)).toBeLessThan(0.5);
    const offs = Array.from({ length: 140 }, (_, i) => {
      const mm = 5 + i;
      return Math.abs(densityAt(measured, seamFromDarkEndMm - mm) - at(mm));
    });
    // to a twentieth of a stop, but within a millimetre of a steep edge
    expect(offs.toSorted((a, b) => a - b)[Math.floor(0.9 * offs.length)]!).toBeLessThan(0.05);
    expect(Math.abs(stops - sheet.stops)).toBeLessThan(0.05);
    expect(samples.length).toBeLessThan(80);
  });

  it('is refused for corners that are crossed, where no light is beside it, and where nothing changes', async () => {
    const photo = await photographed({ kind: 'graduated', stops: 2, transitionMm: 10 }, 75, 6);
    const [a, b, c, d] = photo.corners;
    const reasonOf = (change: Partial<SheetPhoto>) => {
      const found = profileFromPhoto({ ...photo, ...change });
      return found.ok ? null : found.reason;
    };
    expect(reasonOf({ corners: [a, a, a, a] })).toBe('corners');
    for (const lengthMm of [0, 3, 4.5, 12]) expect(reasonOf({ lengthMm })).toBe('too-short');
    expect(
      reasonOf({
        corners: [
          { u: 0, v: 0 },
          { u: 1, v: 0 },
          { u: 1, v: 1 },
          { u: 0, v: 1 },
        ],
      }),
    ).toBe('no-light-beside');
    expect(reasonOf({ corners: [{ ...a, v: 0.7 }, { ...b, v: 0.7 }, c, d] })).toBe('no-transition');
    const blown = new Float32Array(photo.light.blown.length).fill(1);
    expect(reasonOf({ light: { ...photo.light, blown } })).not.toBeNull();
  });
});
