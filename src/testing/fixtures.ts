import fc from 'fast-check';
import { SHEET_KINDS } from '@/core/glass';
import { readStandFile } from '@/files';
import {
  asKind,
  type Bag,
  type Filter,
  newStand,
  prepareStand,
  type Prepared,
  sampleBag,
  type Stand,
  type StandPhoto,
} from '@/model';

/** A stand to begin tests from: the default camera, a level skyline at 0.45, one reading a side, 3 stops apart, nothing assumed. */
export function testStand(change: Partial<Stand> = {}): Stand {
  const made = { id: 'st-test', name: 'Hesk Terraces', createdAt: '2026-05-01T05:00:00Z' };
  const { assumed: _, ...said } = newStand(made);
  return {
    ...said,
    lens: { focalLengthMm: 24, pupilToFilterMm: 50 },
    skyline: [
      { u: 0, v: 0.45 },
      { u: 1, v: 0.45 },
    ],
    readings: [
      { id: 'r1', role: 'sky', u: 0.4, v: 0.2, ev100: 13 },
      { id: 'r2', role: 'land', u: 0.5, v: 0.75, ev100: 10 },
    ],
    ...change,
  };
}

/** The sample's sheets with two NDs and a polariser, in a holder of two slots. */
export const bagWithNds = (): Bag => ({
  ...sampleBag(),
  slots: 2,
  filters: [
    ...sampleBag().filters,
    { id: 'n6', kind: 'neutral', stops: 6 },
    { id: 'n10', kind: 'neutral', stops: 10 },
    { id: 'p1', kind: 'polariser', baseLossStops: 1.5 },
  ],
});

export function prepared(stand: Stand, bag: Bag = sampleBag()): Prepared {
  return prepareStand(stand, bag);
}

/** Opens a case of the reference numbers through the file reader. */
export function openCase(file: unknown): { stand: Stand; bag: Bag } {
  const read = readStandFile(JSON.stringify(file));
  if (!read.ok) throw new Error(`${read.error.path}: ${read.error.message}`);
  return read.value;
}

const part = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/**
 * Random stands for property tests, the nasty ones among them: long lenses at full aperture, portrait, skylines out of the
 * frame or so steep that the seat comes to its bounds, one reading to a role, all readings at one place, a span equal to the
 * gap, a feature that fills the frame.
 */
export const anyStand: fc.Arbitrary<Stand> = fc
  .record({
    focalLengthMm: fc.constantFrom(14, 16, 24, 35, 70, 180, 600),
    aperture: fc.constantFrom(2.8, 4, 8, 11, 16),
    orientation: fc.constantFrom<'landscape' | 'portrait'>('landscape', 'portrait'),
    skyline: fc.oneof(
      { weight: 6, arbitrary: fc.array(part(0.15, 0.85), { minLength: 2, maxLength: 6 }) },
      { weight: 1, arbitrary: fc.array(part(-0.6, -0.1), { minLength: 2, maxLength: 3 }) },
      { weight: 1, arbitrary: fc.constantFrom<number[]>([0.95, 0.15], [0.5, 0.5]) },
    ),
    sky: fc.array(fc.tuple(part(0, 1), part(0, 0.5), part(8, 16)), { minLength: 1, maxLength: 3 }),
    land: fc.array(fc.tuple(part(0, 1), part(0.5, 1), part(8, 13)), { minLength: 1, maxLength: 3 }),
    samePlace: fc.boolean(),
    feature: fc.option(fc.tuple(part(0.1, 0.8), part(0.1, 0.5), part(8, 14)), { nil: null }),
    featureFills: fc.boolean(),
    spanIsGap: fc.nat(5),
    picture: fc.option(fc.array(fc.integer({ min: 0, max: 255 }), { minLength: 24, maxLength: 24 }), {
      freq: 3,
      nil: null,
    }),
    school: fc.constantFrom<'even' | 'natural' | 'heavy'>('even', 'natural', 'heavy'),
  })
  .map((r) => {
    const place = (u: number, v: number) => (r.samePlace ? { u: 0.5, v: 0.5 } : { u, v });
    return testStand({
      camera: { sensorWidthMm: 36, sensorHeightMm: 24, orientation: r.orientation },
      lens: { focalLengthMm: r.focalLengthMm, pupilToFilterMm: 30 + r.focalLengthMm * 0.5 },
      exposure: { aperture: r.aperture, iso: 100 },
      skyline: r.skyline.map((v, i) => ({ u: i / (r.skyline.length - 1), v })),
      shapes: r.feature
        ? [
            {
              id: 's1',
              region: 'feature',
              points: [
                { u: r.featureFills ? -1 : r.feature[0], v: r.featureFills ? 1.5 : 0.6 },
                { u: r.feature[0] + 0.07, v: r.featureFills ? -0.5 : r.feature[1] },
                { u: r.featureFills ? 2 : r.feature[0] + 0.14, v: r.featureFills ? 1.5 : 0.6 },
              ],
            },
          ]
        : [],
      readings: [
        ...r.sky.map(([u, v, ev100], i) => ({
          id: `s${i}`,
          role: 'sky' as const,
          ...place(u, v),
          ev100: r.spanIsGap === 0 ? 11 : ev100,
        })),
        ...r.land.map(([u, v, ev100], i) => ({
          id: `l${i}`,
          role: 'land' as const,
          ...place(u, v),
          ev100: r.spanIsGap === 0 ? 10 : ev100,
        })),
        ...(r.feature
          ? [{ id: 'f0', role: 'feature' as const, u: r.feature[0] + 0.07, v: 0.55, ev100: r.feature[2] }]
          : []),
      ],
      look: { school: r.school },
      ...(r.picture ? { picture: picturedAs(r.picture), leaveOut: ['a mast'] } : {}),
    });
  });

/** A picture of six by four cells of light, each 0 (black) to 255 (blown). */
export const picturedAs = (cells: readonly number[]): StandPhoto => ({
  sha256: '0'.repeat(64),
  type: 'image/jpeg',
  columns: 1200,
  rows: 800,
  light: {
    columns: 6,
    rows: 4,
    topStops: 0,
    cells: cells.map((c) => c.toString(16).padStart(2, '0')).join(''),
  },
  exposure: { aperture: 8, shutter: '1/60', iso: 100 },
});

const anySheet: fc.Arbitrary<(id: string) => Filter> = fc
  .record({
    kind: fc.constantFrom(...SHEET_KINDS),
    stops: fc.constantFrom(0.5, 1, 2, 3, 4),
    transitionMm: fc.constantFrom(3, 8, 22, 45),
    body: fc.constantFrom('dyed', 'coated', undefined),
    size: fc.constantFrom(
      {},
      { sheetLengthMm: 150, sheetWidthMm: 100 },
      { sheetLengthMm: 120, seamFromDarkEndMm: 40 },
      { sheetLengthMm: 70 },
    ),
  })
  .map(({ kind, stops, transitionMm, body, size }) => (id: string): Filter => {
    const graduated: Filter = { id, body, kind: 'graduated', stops, transitionMm, ...size };
    return asKind(graduated, kind);
  });

/** Bags of every kind of sheet, some of whose ends lie in the picture, in a holder of one or two slots. */
export const anyBag: fc.Arbitrary<Bag> = fc
  .record({ slots: fc.constantFrom(1, 2), sheets: fc.array(anySheet, { minLength: 2, maxLength: 6 }) })
  .map(({ slots, sheets }) => ({ slots, filters: sheets.map((make, i) => make(`g${i}`)) }));
