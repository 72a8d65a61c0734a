import { lightFigures, type Reduced } from '@/core/photo';
import { seededIds } from '@/testing/ids';
import { prepared, testStand } from '@/testing/fixtures';
import {
  markFeatures,
  proposedFeatures,
  focusHelp,
  photoOffers,
  photoReading,
  deriveStand,
  solutionKey,
  solveStand,
  type Stand,
  type StandPhoto,
  withOffer,
  withPhoto,
  withPictureTime,
  warningsOf,
} from '..';
import { sampleBag } from '../bag/bag';

/** A picture whose upper part gives 8 times the light of its lower, its seam at 0.45. */
function picture(change: Partial<StandPhoto> = {}): StandPhoto {
  const [columns, rows] = [30, 20];
  const luminance = Float32Array.from({ length: columns * rows }, (_, i) => (i < columns * 9 ? 0.8 : 0.1));
  const none = new Float32Array(columns * rows);
  const reduced: Reduced = { columns, rows, rgb: none, luminance, blown: none, black: none };
  return {
    sha256: 'a'.repeat(64),
    type: 'image/jpeg',
    columns: 1500,
    rows: 1000,
    light: lightFigures(reduced),
    ...change,
  };
}

describe('a stand with a picture', () => {
  const at = (stand: Stand, v: number) => {
    const { field } = prepared(stand).input;
    return field.ev[Math.floor(v * field.grid.rows) * field.grid.columns + 120]!;
  };

  it('takes its light from it, tied to the readings', () => {
    const stand = withPhoto(testStand(), picture());
    expect(prepared(stand).input.field.tie).toMatchObject({ by: 'contrast-and-level' });
    expect(at(stand, 0.2)).toBeCloseTo(13, 1);
    expect(at(stand, 0.75)).toBeCloseTo(10, 1);
  });

  it('goes by the exposure of the picture where nothing was read', () => {
    const exposure = { aperture: 8, shutter: '1/60', iso: 100 };
    const stand = withPhoto(testStand({ readings: [] }), picture({ exposure }));
    expect(prepared(stand).input.field.tie).toMatchObject({ by: 'exposure-data', contrast: 1 });
    // mid-grey, 0.18, lies at EV 12
    expect(at(stand, 0.75)).toBeCloseTo(12 + Math.log2(0.1 / 0.18), 1);
  });

  it('gives a reading of a spot, and none where it shows less light than any file would hold (fault 7)', () => {
    const stand = withPhoto(testStand(), picture());
    const { field } = prepared(stand).input;
    const spot = { role: 'sky', place: { u: 0.5, v: 0.2 }, angleDeg: 3 } as const;
    const read = photoReading(stand, field, spot);
    expect(read?.isMeasured).toBe(true);
    expect(read?.reading.ev100).toBeCloseTo(13, 1);
    const darkened = (stops: number) => ({ ...field, ev: field.ev.map((ev) => ev - stops) });
    expect(photoReading(stand, darkened(20), spot)?.reading.ev100).toBeCloseTo(-7, 1);
    expect(photoReading(stand, darkened(60), spot)).toBeNull();
  });

  it('is tied by readings without a place too, and by nothing where nothing is known', () => {
    const readings = testStand().readings.map(({ u: _, v: __, ...r }) => r);
    const tieOf = (stand: Stand) => prepared(withPhoto(stand, picture())).input.field.tie;
    expect(tieOf(testStand({ readings }))).toMatchObject({ by: 'mean' });
    expect(tieOf(testStand({ readings: [] }))).toBeUndefined();
  });

  it('tells sky and land by one time of the camera, of the land or of the whole frame', () => {
    const empty = withPhoto(testStand({ readings: [] }), picture());
    const ids = seededIds();
    const light = { aperture: 8, shutter: '1/30', iso: 100 };
    const byLand = withPictureTime(empty, sampleBag(), { of: 'land', light, id: 'own', newId: ids });
    expect(byLand.readings.map((r) => [r.role, !!r.fromPicture])).toEqual([
      ['land', false],
      ['sky', true],
    ]);
    // the camera's own time stands for the land, and the sky lies above it as in the picture
    const [land, sky] = prepared(byLand).input.field.readings;
    expect(land!.ev100).toBeCloseTo(11, 6);
    expect(sky!.ev100 - land!.ev100).toBeCloseTo(3, 1);
    const byFrame = withPictureTime(empty, sampleBag(), { of: 'through', light, id: 'own', newId: ids });
    expect(byFrame.through).toMatchObject(light);
    expect(byFrame.readings.map((r) => r.role)).toEqual(['land', 'sky']);
    // a second time takes the place of what the first one told
    const again = withPictureTime(byLand, sampleBag(), { of: 'through', light, id: 'own', newId: ids });
    expect(again.readings.filter((r) => r.fromPicture)).toHaveLength(2);
  });

  it('warns of a sky that is blown in it, until its brightest is read to be held', () => {
    const own = picture().light;
    const cells = own.cells.slice(0, 60) + 'f'.repeat(60) + own.cells.slice(120);
    const stand = withPhoto(testStand(), picture({ light: { ...own, cells } }));
    const codes = (of: Stand) => {
      const solution = solveStand(of, sampleBag());
      const derived = deriveStand(of, sampleBag(), solution);
      return warningsOf(of, sampleBag(), derived, derived.inUse!).map((w) => w.code);
    };
    expect(codes(stand)).toContain('picture-blown');
    const held = { id: 'h', role: 'sky' as const, ev100: 15, u: 0.5, v: 0.07, limit: true };
    expect(codes({ ...stand, readings: [...stand.readings, held] })).not.toContain('picture-blown');
    expect(codes(withPhoto(testStand(), picture()))).not.toContain('picture-blown');
  });

  it('has another answer for another light, and the same for another name', () => {
    const stand = withPhoto(testStand(), picture());
    const key = solutionKey(stand, sampleBag());
    expect(solutionKey(withPhoto(stand, picture({ name: 'other.jpg' })), sampleBag())).toBe(key);
    const darker = { ...picture().light, cells: picture().light.cells.replaceAll('f9', 'e9') };
    expect(darker.cells).not.toBe(picture().light.cells);
    expect(solutionKey(withPhoto(stand, picture({ light: darker })), sampleBag())).not.toBe(key);
  });
});

describe('what a picture tells', () => {
  const tells = {
    exposure: { aperture: 8, shutter: '1/60', iso: 400 },
    focalLengthMm: 35,
    takenAt: '2026-05-02T05:00:00Z',
    place: { latitudeDeg: 54.2, longitudeDeg: -3.1 },
  };

  it('is offered where it differs, and taken over only one by one', () => {
    const stand = withPhoto(testStand(), picture({ columns: 800, rows: 1200 }));
    const offers = photoOffers(stand, tells);
    expect(offers.map((o) => o.of)).toEqual([
      'focalLength',
      'aperture',
      'iso',
      'orientation',
      'time',
      'place',
    ]);
    const taken = withOffer(stand, offers[0]!);
    expect(taken.lens.focalLengthMm).toBe(35);
    expect(taken.exposure).toEqual(stand.exposure);
    expect(photoOffers(offers.reduce(withOffer, stand), tells)).toEqual([]);
  });

  it('is not offered where it is the same, by the marks of the scales', () => {
    const stand = withPhoto(testStand(), picture());
    expect(
      photoOffers(stand, { focalLengthMm: 24, exposure: { aperture: 11, shutter: 1, iso: 100 } }),
    ).toEqual([]);
  });

  it('turns a camera that was only assumed, and none that was said', () => {
    const upright = picture({ columns: 800, rows: 1200 });
    expect(withPhoto(testStand({ assumed: ['camera'] }), upright).camera.orientation).toBe('portrait');
    expect(withPhoto(testStand(), upright).camera.orientation).not.toBe('portrait');
  });
});

describe('the focus helper', () => {
  it('gives the hyperfocal distance and half of it', () => {
    const help = focusHelp(testStand({ lens: { focalLengthMm: 24 }, exposure: { aperture: 11, iso: 100 } }));
    // f^2 / (N c) + f, c = 43.267 / 2000
    expect(help.focusM).toBeCloseTo((24 ** 2 / (11.3137 * 0.0216333) + 24) / 1000, 4);
    expect(help.nearM).toBeCloseTo(help.focusM / 2, 2);
    expect(help.tooNear).toBeNull();
    expect(help.airyMm).toBeCloseTo(2.44 * 0.00055 * 11.3137, 6);
  });

  it('names the aperture that would hold a nearer thing, or that none does', () => {
    const near = (nearestSubjectM: number, focalLengthMm = 24) =>
      focusHelp(testStand({ lens: { focalLengthMm, nearestSubjectM }, exposure: { aperture: 8, iso: 100 } }))
        .tooNear;
    expect(near(1.2)?.aperture).toBe(11);
    expect(near(0.3, 50)).toEqual({ subjectM: 0.3, aperture: null });
    expect(near(40)).toBeNull();
  });
});

/** Parts of the frame, and beyond it. */
it('what stands up from the skyline is marked to be protected, once', () => {
  const stand = testStand({
    skyline: [
      { u: 0, v: 0.5 },
      { u: 0.28, v: 0.5 },
      { u: 0.3, v: 0.2 },
      { u: 0.32, v: 0.5 },
      { u: 1, v: 0.5 },
    ],
  });
  const marked = markFeatures(stand, seededIds());
  expect(marked.shapes).toMatchObject([{ region: 'feature', treat: 'protect' }]);
  expect(proposedFeatures(marked)).toEqual([]);
  expect(markFeatures(marked, seededIds())).toEqual(marked);
});
