import fc from 'fast-check';
import sharp, { type Sharp } from 'sharp';
import { photoData, photoHeader, RAW_TYPE } from '.';

const EXIF = {
  IFD0: { Make: 'none' },
  IFD2: {
    FNumber: '110/10',
    ExposureTime: '1/60',
    ISOSpeedRatings: '200',
    FocalLength: '24/1',
    DateTimeOriginal: '2026:03:14 05:41:10',
    OffsetTimeOriginal: '+02:00',
  },
  IFD3: {
    GPSLatitudeRef: 'S',
    GPSLatitude: '10/1 30/1 0/1',
    GPSLongitudeRef: 'E',
    GPSLongitude: '20/1 15/1 0/1',
  },
};

/** Files as an independent program writes them. */
const plain = (columns = 30, rows = 20) =>
  sharp({ create: { width: columns, height: rows, channels: 3, background: '#8899aa' } });
const WRITERS = {
  'image/jpeg': (s: Sharp) => s.jpeg(),
  'image/png': (s: Sharp) => s.png(),
  'image/webp': (s: Sharp) => s.webp(),
  'image/avif': (s: Sharp) => s.avif(),
} as const;
type Type = keyof typeof WRITERS;
const TYPES = Object.keys(WRITERS) as Type[];
const write = async (type: Type, image = plain()) => new Uint8Array(await WRITERS[type](image).toBuffer());

describe.each(TYPES)('a picture of type %s', (type) => {
  it('is known by its bytes, with its size', async () => {
    expect(photoHeader(await write(type))).toEqual({ ok: true, header: { type, columns: 30, rows: 20 } });
  });

  it('tells how it was taken', async () => {
    const data = photoData(await write(type, plain().withExif(EXIF)), type);
    expect(data).toEqual({
      exposure: { aperture: 11, shutter: '1/60', iso: 200 },
      focalLengthMm: 24,
      takenAt: '2026-03-14T03:41:10.000Z',
      place: { latitudeDeg: -10.5, longitudeDeg: 20.25 },
    });
  });

  it('without exposure data has none', async () => {
    expect(photoData(await write(type), type)).toEqual({});
  });

  it('that breaks off is refused', async () => {
    const bytes = await write(type, plain(200, 150));
    for (const part of [0.3, 0.6, 0.95]) {
      const found = photoHeader(bytes.slice(0, Math.floor(part * bytes.length)));
      expect(found).toMatchObject({ ok: false, fault: expect.stringMatching(/truncated|damaged/) });
    }
  });
});

describe('a file that is no usable picture', () => {
  it.each([
    ['empty', new Uint8Array()],
    ['not-a-picture', new TextEncoder().encode('<svg onload="alert(1)"></svg>')],
    ['not-a-picture', new TextEncoder().encode('{"format":"pale-seam"}')],
    ['unsupported', new TextEncoder().encode('GIF89a..............')],
    ['unsupported', new TextEncoder().encode('BM\x10\0\0\0..........')],
    ['damaged', new TextEncoder().encode('#?RADIANCE\n')],
    ['damaged', Uint8Array.from([0x76, 0x2f, 0x31, 0x01, 2, 0, 0, 0])],
  ])('is refused as %s', (fault, bytes) => {
    expect(photoHeader(bytes)).toEqual({ ok: false, fault });
  });

  it('but may be what a camera recorded is left to the reader of such', () => {
    const tiff = new TextEncoder().encode('II*\0............');
    for (const bytes of [tiff, new Uint8Array(600_000).fill(7)])
      expect(photoHeader(bytes)).toMatchObject({ ok: true, header: { type: 'image/x-raw' } });
  });

  it('because it moves is refused', async () => {
    const webp = await write('image/webp', plain().withExif(EXIF));
    expect(String.fromCharCode(...webp.subarray(12, 16))).toBe('VP8X');
    webp[20]! |= 0x02;
    expect(photoHeader(webp)).toEqual({ ok: false, fault: 'animated' });
    const png = await write('image/png');
    const chunk = Uint8Array.from([
      0,
      0,
      0,
      8,
      ...new TextEncoder().encode('acTL'),
      0,
      0,
      0,
      2,
      0,
      0,
      0,
      0,
      0,
      0,
      0,
      0,
    ]);
    const moving = new Uint8Array([...png.subarray(0, 33), ...chunk, ...png.subarray(33)]);
    expect(photoHeader(moving)).toEqual({ ok: false, fault: 'animated' });
  });

  it('of a hundred megapixels is refused before it is decoded', async () => {
    const bytes = await write('image/png', plain(10, 10));
    new DataView(bytes.buffer).setUint32(16, 10_000);
    new DataView(bytes.buffer).setUint32(20, 10_000);
    expect(photoHeader(bytes)).toEqual({ ok: false, fault: 'too-many-pixels' });
  });

  it('never throws and never hangs, whatever is done to its bytes', async () => {
    const whole = await Promise.all(
      TYPES.map(async (type) => ({ type, bytes: await write(type, plain(60, 40).withExif(EXIF)) })),
    );
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...whole),
        fc.array(fc.tuple(fc.nat(), fc.nat(255)), { minLength: 1, maxLength: 30 }),
        fc.option(fc.nat()),
        async ({ type, bytes }, changes, cut) => {
          const hostile = Uint8Array.from(bytes);
          for (const [at, byte] of changes) hostile[at % hostile.length] = byte;
          const file = cut === null ? hostile : hostile.slice(0, cut % hostile.length);
          const found = photoHeader(file);
          // a camera's own has no size that its first bytes tell
          if (found.ok && found.header.type !== RAW_TYPE) {
            expect(found.header.columns * found.header.rows).toBeGreaterThan(0);
            expect(found.header.columns * found.header.rows).toBeLessThanOrEqual(80_000_000);
          }
          const data = photoData(file, type);
          if (data.focalLengthMm !== undefined) expect(data.focalLengthMm).toBeGreaterThan(0);
        },
      ),
      { numRuns: 400 },
    );
  });
});
