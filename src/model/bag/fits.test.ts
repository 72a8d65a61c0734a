import { cornerVignette } from '@/core/optics';
import { exactAperture } from '@/core/units';
import { type Bag, sampleBag } from '@/model';
import { lensFits } from './fits';
import { openingsOf } from './openings';

const FRAME = { widthMm: 36, heightMm: 24 };
const wide = { id: 'l1', name: 'wide', shortestMm: 16, longestMm: 35, pupilToFilterMm: 40 };
const long = { id: 'l2', name: 'long', shortestMm: 70, longestMm: 200 };
const ring = { name: 'adapter ring', diameterMm: 77, behindSlotMm: 8 };
const bag: Bag = {
  ...sampleBag(),
  holder: { rings: [ring], slotOpeningMm: 90 },
  holders: [
    { id: 'h1', slots: 2, sheetWidthMm: 150, rings: [{ ...ring, diameterMm: 120 }], lensIds: ['l1'] },
    { id: 'h2', slots: 1 },
  ],
  lenses: [wide, long, { ...long, id: 'l3', archived: true }],
};

describe('what goes on what', () => {
  const rows = lensFits(bag, FRAME);

  it('has a row for each lens in use and a cell for each holder, its own marked', () => {
    expect(rows.map((r) => r.lens.id)).toEqual(['l1', 'l2']);
    expect(rows.map((r) => r.fits.map((f) => f.goesOn))).toEqual([
      [false, true, false],
      [true, false, false],
    ]);
  });

  it('loses in the corner what the optics say, and names the ring', () => {
    const lens = {
      focalLengthMm: 16,
      aperture: exactAperture(11),
      pupilToFilterMm: 40,
      pupilEstimated: false,
    };
    const { stops, by } = cornerVignette(lens, FRAME, openingsOf(bag, lens), 0);
    const { corners } = rows[0]!.fits[0]!;
    expect(stops).toBeGreaterThan(0.3);
    expect(corners).toMatchObject({ levelStops: stops, by });
    expect(corners!.turnedStops).toBeGreaterThanOrEqual(stops);
  });

  it('says from where on a zoom is clear', () => {
    const { clearFromMm } = rows[0]!.fits[0]!.corners!;
    const lostAt = (focalLengthMm: number) => {
      const lens = { focalLengthMm, aperture: exactAperture(11), pupilToFilterMm: 40, pupilEstimated: false };
      return cornerVignette(lens, FRAME, openingsOf(bag, lens), 0).stops;
    };
    expect(lostAt(clearFromMm!)).toBeLessThan(0.1);
    expect(lostAt(clearFromMm! - 1.1)).toBeGreaterThan(0.1);
  });

  it('is clear on a long lens and a wide holder, and not known without rings', () => {
    expect(rows[1]!.fits[0]!.corners).toMatchObject({ levelStops: 0, by: null, clearFromMm: null });
    expect(rows[0]!.fits[1]!.corners!.levelStops).toBeLessThan(rows[0]!.fits[0]!.corners!.levelStops);
    expect(rows[0]!.fits[2]!.corners).toBeNull();
  });
});
