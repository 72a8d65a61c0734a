import {
  gridFor,
  KNOWN,
  type LightReading,
  mapRegions,
  pictureCells,
  pictureField,
  type PictureLight,
  placeReadings,
  REGION_CODES,
  tiePicture,
  unknownLight,
} from '.';

const frame = { widthMm: 36, heightMm: 24 };
const level = [
  { u: 0, v: 0.5 },
  { u: 1, v: 0.5 },
];
const map = mapRegions(gridFor(frame), level, []);

/** A picture whose upper half gives 8 times the light of its lower, as a camera with some contrast records it. */
function picture(contrast = 1, evOfOne?: number): PictureLight {
  const columns = 60;
  const rows = 40;
  const luminance = Float32Array.from({ length: columns * rows }, (_, i) =>
    i < (columns * rows) / 2 ? 8 ** (1 / contrast) : 1,
  );
  return { columns, rows, luminance, evOfOne };
}

const sky: LightReading = { id: 's', role: 'sky', ev100: 13, place: { u: 0.5, v: 0.2 } };
const land: LightReading = { id: 'l', role: 'land', ev100: 10, place: { u: 0.5, v: 0.8 } };
const at = (v: number) => Math.floor(v * 160) * 240 + 120;

describe('a picture as a light field', () => {
  it('is tied to EV by its exposure data where nothing is read', () => {
    const field = pictureField(map, [], pictureCells(map.grid, picture(1, 9)))!;
    expect(field.tie).toEqual({ offsetEv: 9, contrast: 1, by: 'exposure-data' });
    expect([field.ev[at(0.2)], field.ev[at(0.8)]]).toEqual([12, 9]);
  });

  it('takes its level from one reading, which wins over the exposure data', () => {
    const field = pictureField(map, [land], pictureCells(map.grid, picture(1, 3)))!;
    expect(field.tie.by).toBe('level');
    expect(field.ev[at(0.8)]).toBeCloseTo(10, 6);
    expect(field.ev[at(0.2)]).toBeCloseTo(13, 6);
  });

  it('takes its contrast too from readings that lie apart', () => {
    const field = pictureField(map, [sky, land], pictureCells(map.grid, picture(1.5)))!;
    expect(field.tie).toMatchObject({ by: 'contrast-and-level', contrast: expect.closeTo(1.5, 5) });
    expect(field.ev[at(0.2)]).toBeCloseTo(13, 5);
    expect(field.ev[at(0.8)]).toBeCloseTo(10, 5);
  });

  it('does not learn a contrast from readings that contradict its order of light, nor from ones without a place', () => {
    const reversed = [
      { ...sky, ev100: 10 },
      { ...land, ev100: 13 },
    ];
    expect(tiePicture(picture(), placeReadings(map, reversed))).toMatchObject({ by: 'level', contrast: 1 });
    const { place: _, ...rough } = land;
    expect(tiePicture(picture(), placeReadings(map, [rough]))).toBeNull();
    expect(pictureField(map, [], pictureCells(map.grid, picture()))).toBeNull();
  });

  it('is tied by a reading of a whole side, or of the whole frame, against the mean light there', () => {
    const cells = pictureCells(map.grid, picture(1, 3));
    const { place: _, ...rough } = land;
    const bySide = pictureField(map, [rough], cells)!;
    expect(bySide.tie).toMatchObject({ by: 'mean', contrast: 1 });
    const meanOf = (field: typeof bySide, counts: (i: number) => boolean) => {
      const lights = Array.from(field.ev).filter((_, i) => counts(i));
      return Math.log2(lights.reduce((sum, ev) => sum + 2 ** ev, 0) / lights.length);
    };
    const isLand = (i: number) => map.regions[i] === REGION_CODES.indexOf('land');
    expect(meanOf(bySide, isLand)).toBeCloseTo(land.ev100, 5);
    const byFrame = pictureField(map, [], cells, 11)!;
    expect(byFrame.tie.by).toBe('mean');
    expect(meanOf(byFrame, () => true)).toBeCloseTo(11, 5);
    // what was read on the picture wins, and what came out of it ties nothing
    expect(pictureField(map, [sky, rough], cells, 11)!.tie.by).toBe('level');
    expect(pictureField(map, [{ ...rough, fromPicture: true }], cells)!.tie.by).toBe('exposure-data');
  });

  it('holds the black of a picture to a floor, never to minus infinity', () => {
    const black = { ...picture(1, 9), luminance: new Float32Array(2400).fill(0, 1200).fill(1, 0, 1200) };
    const field = pictureField(map, [], pictureCells(map.grid, black))!;
    expect(field.ev[at(0.8)]).toBe(9 - 20);
  });

  describe('that is blown or black in parts', () => {
    const { columns, rows, ...rest } = picture();
    /** Blown over the left half of its sky, black over the lowest tenth. */
    const known = Uint8Array.from({ length: columns * rows }, (_, i) => {
      const [u, v] = [(i % columns) / columns, Math.floor(i / columns) / rows];
      return v < 0.5 && u < 0.5 ? KNOWN.atLeast : v >= 0.9 ? KNOWN.atMost : KNOWN.measured;
    });
    const cut: PictureLight = { ...rest, columns, rows, known };

    it('is not tied by a reading that lies there', () => {
      const blown = { ...sky, ev100: 19, place: { u: 0.2, v: 0.2 } };
      const tied = tiePicture(cut, placeReadings(map, [blown, sky, land]));
      expect(tied).toMatchObject({ offsetEv: expect.closeTo(10, 5), contrast: expect.closeTo(1, 5) });
      expect(tiePicture(cut, placeReadings(map, [blown]))).toBeNull();
    });

    it('says of each side how much it does not tell', () => {
      const field = pictureField(map, [sky, land], pictureCells(map.grid, cut))!;
      expect(field.known![at(0.2) - 60]).toBe(KNOWN.atLeast);
      expect(field.known![at(0.95)]).toBe(KNOWN.atMost);
      expect(unknownLight(field)).toEqual([
        { side: 'sky', blown: expect.closeTo(0.5, 2), black: 0 },
        { side: 'land', blown: 0, black: expect.closeTo(0.2, 2) },
      ]);
      expect(unknownLight(pictureField(map, [sky, land], pictureCells(map.grid, picture()))!)).toEqual([]);
    });
  });
});
