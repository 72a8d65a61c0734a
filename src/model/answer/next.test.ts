import { testStand } from '@/testing/fixtures';
import { prepared } from '@/testing/fixtures';
import { nextReading, readingsFromPhoto } from './next';
import { type Stand, type StandPhoto } from '../stand/stand';
import { type Study } from './study';

const NOW = Date.parse('2026-05-01T19:30:00Z');
const next = (stand: Stand, study: Study | null = null) =>
  nextReading(stand, { prepared: prepared(stand) }, study, NOW);
const [SKY, LAND] = testStand().readings as [Stand['readings'][number], Stand['readings'][number]];

/** A picture of four rows: a bright sky with a brighter corner over a dark land. */
const PICTURE: StandPhoto = {
  sha256: '0'.repeat(64),
  type: 'image/jpeg',
  columns: 120,
  rows: 80,
  light: {
    columns: 6,
    rows: 4,
    topStops: 0,
    cells: [
      ...Array<string>(5).fill('e0'),
      'f8',
      ...Array<string>(6).fill('e0'),
      ...Array<string>(12).fill('90'),
    ].join(''),
  },
  exposure: { aperture: 8, shutter: '1/60', iso: 100 },
};

describe('which reading next', () => {
  it('is land, then sky, then the brightest to hold, asked for once', () => {
    expect(next(testStand({ way: 'meter', readings: [] }))).toMatchObject({ code: 'unread', role: 'land' });
    expect(next(testStand({ readings: [{ ...LAND, role: 'water' }] }))).toMatchObject({
      code: 'unread',
      role: 'sky',
    });
    expect(next(testStand())).toMatchObject({ code: 'to-hold' });
    expect(next(testStand({ nothingToHold: true }))).toBeNull();
    expect(next(testStand({ readings: [SKY, LAND, { ...SKY, id: 'r3', limit: true }] }))).toBeNull();
  });

  it('is pointed at on its own side of the skyline', () => {
    const land = next(testStand({ way: 'meter', readings: [] }));
    const sky = next(testStand({ readings: [LAND] }));
    expect(land && 'place' in land && land.place!.v).toBeGreaterThan(0.45);
    expect(sky && 'place' in sky && sky.place!.v).toBeLessThan(0.45);
  });

  it('is the oldest one again when the light has moved on, and none of another day', () => {
    const taken = (sky: string, land: string) =>
      testStand({
        nothingToHold: true,
        readings: [
          { ...SKY, takenAt: sky },
          { ...LAND, takenAt: land },
        ],
      });
    expect(next(taken('2026-05-01T19:12:00Z', '2026-05-01T19:15:00Z'))).toMatchObject({
      code: 'stale',
      reading: { id: 'r1' },
    });
    expect(next(taken('2026-05-01T19:25:00Z', '2026-05-01T19:25:00Z'))).toBeNull();
    expect(next(taken('2026-04-01T19:25:00Z', '2026-04-01T19:25:00Z'))).toBeNull();
  });

  it('is the one that decides, a feature without a reading first', () => {
    const shape = {
      id: 's1',
      name: 'fir',
      region: 'feature' as const,
      points: [
        { u: 0.1, v: 0.5 },
        { u: 0.2, v: 0.2 },
        { u: 0.3, v: 0.5 },
      ],
    };
    const stand = testStand({ nothingToHold: true, shapes: [shape] });
    const study = (deciding: Study['safety']['deciding']): Study => ({
      key: '',
      looks: [],
      stock: null,
      leftBehind: null,
      safety: { bestForSpans: null, close: [], deciding },
    });
    const taken = { kind: 'taken' as const, readingId: 'r2', otherwise: [] };
    expect(next(stand, study([taken]))).toMatchObject({ code: 'deciding', reading: { id: 'r2' } });
    expect(next(stand, study([taken, { kind: 'missing', shape, otherwise: [] }]))).toMatchObject({
      code: 'feature',
      place: { u: expect.closeTo(0.2, 9) as number, v: expect.closeTo(0.4, 9) as number },
    });
  });

  it('is none where a time for the whole scene or the sun does', () => {
    expect(next(testStand({ readings: [], wholeScene: { ev100: 12 } }))).toBeNull();
    expect(next(testStand({ readings: [], look: { school: 'sun', sun: 'side' } }))).toBeNull();
  });
});

describe('readings from a picture at once', () => {
  const stand = testStand({
    way: 'meter',
    readings: [],
    picture: PICTURE,
    skyline: [
      { u: 0, v: 0.5 },
      { u: 1, v: 0.5 },
    ],
  });

  it('are its middling land and sky, and the brightest to be held, each on its side', () => {
    const readings = readingsFromPhoto(stand, prepared(stand));
    expect(readings.map((r) => [r.role, !!r.limit, r.fromPicture])).toEqual([
      ['land', false, true],
      ['sky', false, true],
      ['sky', true, true],
    ]);
    expect(readings[0]!.v!).toBeGreaterThan(0.5);
    expect(readings[2]!.u!).toBeGreaterThan(0.8);
    // 0x50 steps of the figures lie between sky and land
    expect(readings[1]!.ev100! - readings[0]!.ev100!).toBeGreaterThan(2);
  });

  it('are none where nothing ties the picture to EV', () => {
    const { exposure: _, ...untied } = PICTURE;
    const bare = { ...stand, picture: untied };
    expect(readingsFromPhoto(bare, prepared(bare))).toEqual([]);
  });
});
