import fc from 'fast-check';
import { type DensityProfile, densityAt, type Sheet, sheetDensityAt, stopsOfGlass } from '@/core/glass';
import { exactAperture } from '@/core/units';
import { PHYSICS } from '@/testing/vectors';
import {
  atSlot,
  averagedInTwoSlots,
  averagedOverBeam,
  beamDiameterMm,
  cornerAngleDeg,
  cornerSlant,
  cornerVignette,
  dimmingAt,
  dimmingField,
  dimmingOfPoint,
  dimmingOnTurns,
  estimatedPupilToFilterMm,
  laterHeightMm,
  passedByRing,
  passedBySlot,
  pupilDistanceFromPhotos,
  sampleSheet,
  seamAtEdges,
  sensorPoint,
  sheetHeightMm,
  stackOf,
  tableDimmingAt,
  tableGrid,
  transitionOf,
  vignetteAt,
  vignetteField,
  WIDE_ANGLE_DEG,
  type Lens,
  type Seat,
} from '.';

function profileOf(f: (typeof PHYSICS.dimming)[number]['filter']): DensityProfile {
  const { stops, transition: transitionMm } = f;
  switch (f.kind) {
    case 'grad':
      return { kind: 'graduated', stops, transitionMm };
    case 'reverse':
      return {
        kind: 'reverse',
        stops,
        transitionMm,
        fadeMm: f.fade as number,
        floorStops: f.floor as number,
      };
    default:
      return { kind: 'band', stops, transitionMm, bandWidthMm: f.width as number };
  }
}

const lensOf = (focalLengthMm: number, aperture: number, pupilToFilterMm: number): Lens => ({
  focalLengthMm,
  aperture: exactAperture(aperture),
  pupilToFilterMm,
  pupilEstimated: false,
});

/** The integral as the text has it: a plain sum over many chords of the disc. */
function bySum(sheet: Sheet, y: number, beam: number): number {
  const n = 20_000;
  let passed = 0;
  for (let i = 0; i < n; i++) {
    const q = -1 + (2 * (i + 0.5)) / n;
    passed +=
      (2 / Math.PI) * Math.sqrt(1 - q * q) * 2 ** -sheetDensityAt(sheet, y + (q * beam) / 2) * (2 / n);
  }
  return -Math.log2(passed);
}

const anySheet: fc.Arbitrary<Sheet> = fc.record({
  profile: fc.constantFrom<DensityProfile>(
    { kind: 'graduated', stops: 2, transitionMm: 3 },
    { kind: 'graduated', stops: 4, transitionMm: 45 },
    { kind: 'reverse', stops: 3, transitionMm: 8, fadeMm: 45, floorStops: 1 },
    { kind: 'band', stops: 2, transitionMm: 10, bandWidthMm: 6 },
    {
      kind: 'measured',
      samples: [
        { mm: -12, stops: 0 },
        { mm: -2, stops: 0.3 },
        { mm: 3, stops: 1.8 },
        { mm: 30, stops: 2.1 },
      ],
    },
  ),
  reachMm: fc.constantFrom<readonly [number, number]>([-75, 75], [-20, 12]),
});

describe('dimming through the entrance pupil', () => {
  it.each(PHYSICS.dimming)('case %# of the reference numbers', (c) => {
    const lens = lensOf(c.focalLengthMm, c.aperture, c.pupilToFilterMm);
    const y = sheetHeightMm(lens, c.turnDeg, { x: c.xMm, h: c.hMm }) - c.offsetMm;
    const stack = stackOf([{ profile: profileOf(c.filter) }]);
    expect(Math.abs(dimmingAt(stack, y, beamDiameterMm(lens)) - c.dimmingStops)).toBeLessThan(1e-3);
  });

  it('agrees with a plain sum over the disc, ends of the sheet included', () => {
    fc.assert(
      fc.property(
        anySheet,
        fc.double({ min: -90, max: 90, noNaN: true }),
        fc.constantFrom(1, 5, 18, 150),
        (sheet, y, beam) => {
          expect(Math.abs(dimmingAt(stackOf([sheet]), y, beam) - bySum(sheet, y, beam))).toBeLessThan(1e-3);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('through a pinhole is the density itself, and through any beam lies between none and full', () => {
    fc.assert(
      fc.property(
        anySheet,
        fc.double({ min: -60, max: 60, noNaN: true }),
        fc.double({ min: 0.5, max: 200, noNaN: true }),
        (sheet, y, beam) => {
          const stack = stackOf([sheet]);
          expect(Math.abs(dimmingAt(stack, y, 1e-5) - sheetDensityAt(sheet, y))).toBeLessThan(
            stopsOfGlass(sheet.profile) * 2e-3 + (nearEnd(sheet, y) ? 9 : 0),
          );
          const a = dimmingAt(stack, y, beam);
          expect(a).toBeGreaterThanOrEqual(0);
          expect(a).toBeLessThanOrEqual(stopsOfGlass(sheet.profile) + 1e-9);
        },
      ),
    );
  });

  it('adds the densities of two sheets inside the integral', () => {
    const hard: Sheet = { profile: { kind: 'graduated', stops: 2, transitionMm: 8 } };
    const soft: Sheet = { profile: { kind: 'graduated', stops: 1, transitionMm: 45 } };
    const both = stackOf([hard, soft]);
    expect(both.densityAt(1)).toBeCloseTo(densityAt(hard.profile, 1) + densityAt(soft.profile, 1), 12);
    expect(dimmingAt(both, 60, 10)).toBeCloseTo(3, 9);
  });
});

const nearEnd = ({ reachMm }: Sheet, y: number): boolean =>
  !!reachMm && reachMm.some((end) => Math.abs(y - end) < 1e-3);

describe('the seam in the picture', () => {
  // the figures of the specification hold for a transition of 4 mm, the hard one of its reference numbers
  const hard: Sheet[] = [{ profile: { kind: 'graduated', stops: 2, transitionMm: 4 } }];
  const frame = { widthMm: 36, heightMm: 24 };

  it.each([
    [85, 8, 0.05],
    [200, 11, 0.13],
  ])('lies towards the dark end: by %p mm f/%p, about %p of the height', (f, n, parts) => {
    const lens = lensOf(f, n, estimatedPupilToFilterMm(f));
    const { halfMm } = transitionOf(hard, beamDiameterMm(lens));
    const shift = (halfMm * lens.focalLengthMm) / lens.pupilToFilterMm / frame.heightMm;
    expect(shift).toBeGreaterThan(0);
    expect(Math.abs(shift - parts)).toBeLessThan(0.006);
  });

  it('has two lines for a band, which clears up again, and one for other sheets', () => {
    const band: Sheet[] = [{ profile: { kind: 'band', stops: 2, transitionMm: 10, bandWidthMm: 24 } }];
    const { halfMm, farHalfMm } = transitionOf(band, 2);
    // both are read between the samples (fault 67)
    expect(farHalfMm).toBeCloseTo(-halfMm, 6);
    expect(halfMm).toBeCloseTo(-12, 0);
    expect(transitionOf(hard, 2).farHalfMm).toBeNull();
    const reverse: Sheet[] = [
      { profile: { kind: 'reverse', stops: 3, transitionMm: 8, fadeMm: 45, floorStops: 1 } },
    ];
    expect(transitionOf(reverse, 2).farHalfMm).toBeNull();
  });

  it('meets both edges where a level sheet is seated, and slopes with a turned one', () => {
    const lens = lensOf(24, 11, 48);
    expect(seamAtEdges({ offsetMm: 0, turnDeg: 0 }, 0, lens, frame)).toEqual({ left: 0.5, right: 0.5 });
    // 12 mm on the sheet is 6 mm on the sensor, a quarter of the height
    expect(seamAtEdges({ offsetMm: 12, turnDeg: 0 }, 0, lens, frame)).toEqual({ left: 0.25, right: 0.25 });
    expect(seamAtEdges({ offsetMm: 12, turnDeg: 180 }, 0, lens, frame)).toMatchObject({
      left: expect.closeTo(0.75, 9),
    });
    const turned = seamAtEdges({ offsetMm: 0, turnDeg: 10 }, 0, lens, frame) as {
      left: number;
      right: number;
    };
    expect(turned.left).toBeLessThan(0.5);
    expect(turned.right).toBeGreaterThan(0.5);
    expect(seamAtEdges({ offsetMm: 0, turnDeg: 80 }, 0, lens, frame)).toHaveProperty('top');
  });
});

describe('the dimming of a whole field', () => {
  const raster = (lens: Lens, seat: Seat) => ({
    lens,
    seat,
    frame: { widthMm: 36, heightMm: 24 },
    columns: 30,
    rows: 20,
  });

  it('is that of every cell by itself, at any seat, dyed glass and ends of sheets too', () => {
    fc.assert(
      fc.property(
        anySheet,
        fc.boolean(),
        fc.double({ min: -40, max: 40, noNaN: true }),
        fc.constantFrom(-173, -45, -0.001, 0, 0.25, 8, 90, 180),
        fc.constantFrom(16, 50, 200),
        (sheet, dyed, offsetMm, turnDeg, focal) => {
          const lens = lensOf(focal, 8, 20 + focal);
          const seat = { offsetMm, turnDeg };
          const given = { ...sheet, dyed };
          const { columns, rows, frame } = raster(lens, seat);
          const grid = tableGrid(beamDiameterMm(lens), 220);
          const slant = cornerSlant(lens, frame);
          const tables = {
            square: averagedOverBeam(grid, [sampleSheet(grid, given)]),
            slanting: dyed
              ? { table: averagedOverBeam(grid, [sampleSheet(grid, given, slant)]), slant }
              : null,
          };
          const field = dimmingField(tables, raster(lens, seat));
          for (const [column, row] of [
            [0, 0],
            [29, 19],
            [14, 3],
            [7, 12],
          ] as const) {
            const point = sensorPoint(frame, (column + 0.5) / columns, (row + 0.5) / rows);
            const exact = dimmingOfPoint({ lens, sheets: [given], seat }, point);
            // where a sheet ends its light falls off within a step of the table
            const y = sheetHeightMm(lens, turnDeg, point) - offsetMm;
            const byEnd = (given.reachMm ?? []).some(
              (end) => Math.abs(y - end) < beamDiameterMm(lens) / 2 + 0.3,
            );
            expect(Math.abs(field[row * columns + column]! - exact)).toBeLessThan(byEnd ? 0.12 : 0.02);
          }
        },
      ),
      { numRuns: 80 },
    );
  });

  it('of two sheets in two slots counts each where its own slot stands', () => {
    const lens = lensOf(24, 8, 42);
    const seat = { offsetMm: 6, turnDeg: 0 };
    const sheets: Sheet[] = [
      { profile: { kind: 'graduated', stops: 2, transitionMm: 8 } },
      { profile: { kind: 'graduated', stops: 1, transitionMm: 22 } },
    ];
    const grid = tableGrid(beamDiameterMm(lens), 80);
    const [near, far] = sheets.map((s) => sampleSheet(grid, s));
    const table = averagedInTwoSlots(grid, [near!, far!], (y) =>
      laterHeightMm(lens, atSlot(lens, 1), seat.offsetMm, y),
    );
    for (const h of [-12, -3, 0, 3.5, 4, 9]) {
      const y = sheetHeightMm(lens, 0, { x: 0, h }) - seat.offsetMm;
      const exact = dimmingOfPoint({ lens, sheets, seat }, { x: 0, h });
      expect(Math.abs(tableDimmingAt(table, y) - exact)).toBeLessThan(3e-3);
    }
  });

  it('of holders on different turns is the sum of what each takes', () => {
    const lens = lensOf(24, 8, 42);
    const sheets: Sheet[] = [{ profile: { kind: 'graduated', stops: 2, transitionMm: 8 } }];
    const one = { lens, sheets, seat: { offsetMm: 0, turnDeg: 0 } };
    const other = { ...one, seat: { offsetMm: 0, turnDeg: 90 } };
    expect(dimmingOnTurns([one, other], { x: 15, h: 10 })).toBeCloseTo(4, 6);
    expect(dimmingOnTurns([one, other], { x: -15, h: 10 })).toBeCloseTo(2, 6);
  });
});

describe('dyed glass', () => {
  it('turns 10 stops into about 11.85 in the corner of a 16 mm picture, coated glass into none more', () => {
    const lens = lensOf(16, 11, 40);
    const corner = { x: 18, h: 12 };
    const seat = { offsetMm: -100, turnDeg: 0 };
    const profile: DensityProfile = { kind: 'graduated', stops: 10, transitionMm: 8 };
    expect(dimmingOfPoint({ lens, sheets: [{ profile, dyed: true }], seat }, corner)).toBeCloseTo(11.85, 2);
    expect(dimmingOfPoint({ lens, sheets: [{ profile }], seat }, corner)).toBeCloseTo(10, 9);
  });
});

describe('the entrance pupil', () => {
  it('comes back from two test pictures', () => {
    const lens = lensOf(35, 8, 61);
    const frame = { widthMm: 36, heightMm: 24 };
    const at = (offsetMm: number) =>
      (seamAtEdges({ offsetMm, turnDeg: 0 }, 0, lens, frame) as { left: number }).left;
    const movedPart = at(0) - at(7);
    expect(pupilDistanceFromPhotos(35, frame, { slidMm: 7, movedPart })).toBeCloseTo(61, 9);
  });

  it('sees near subjects through less glass, and nothing this side of the sheet', () => {
    const lens = lensOf(50, 2.8, 55);
    expect(beamDiameterMm(lens, 550)).toBeCloseTo(beamDiameterMm(lens) * 0.9, 9);
    expect(() => beamDiameterMm(lens, 55)).toThrow(RangeError);
  });

  it('says where it may wander', () => {
    const frame = { widthMm: 36, heightMm: 24 };
    expect(cornerAngleDeg(lensOf(16, 8, 40), frame)).toBeGreaterThan(WIDE_ANGLE_DEG);
    expect(cornerAngleDeg(lensOf(50, 8, 40), frame)).toBeLessThan(WIDE_ANGLE_DEG);
  });
});

describe('vignetting', () => {
  it.each(PHYSICS.vignette)('case %# of the reference numbers', (c) => {
    const lens = lensOf(c.focalLengthMm, c.aperture, 40);
    const opening = { radiusMm: c.openingRadiusMm, distanceMm: c.openingDistanceMm };
    expect(passedByRing(lens, opening, c.rhoMm)).toBeCloseTo(c.passed, 3);
  });

  const lens = lensOf(16, 4, 40);
  const frame = { widthMm: 36, heightMm: 24 };

  it('of a slot takes half of a beam whose middle lies on its edge, and turns with the holder', () => {
    // 45 mm at 40 mm of distance is 18 mm on the sensor of a 16 mm lens
    const slot = { widthMm: 90, distanceMm: 40 };
    expect(passedBySlot(lens, slot, 0, { x: 18, h: 0 })).toBeCloseTo(0.5, 9);
    expect(passedBySlot(lens, slot, 0, { x: 0, h: 18 })).toBe(1);
    expect(passedBySlot(lens, slot, 90, { x: 0, h: 18 })).toBeCloseTo(0.5, 9);
    expect(passedBySlot(lens, slot, 0, { x: 24, h: 0 })).toBeCloseTo(0, 9);
  });

  it('names the ring or the slot at fault in the worst corner, and is worst there of the whole field', () => {
    const openings = {
      rings: [
        { name: 'adapter ring', radiusMm: 49, distanceMm: 36 },
        { name: 'step-up ring', radiusMm: 60, distanceMm: 30 },
      ],
      slot: { widthMm: 120, distanceMm: 40 },
    };
    const corner = cornerVignette(lens, frame, openings, 0);
    expect(corner.by).toBe('adapter ring');
    expect(corner.stops).toBeGreaterThan(0.2);
    const field = vignetteField(lens, frame, openings, { turnDeg: 0, columns: 24, rows: 16 });
    expect(Math.max(...field)).toBeLessThanOrEqual(corner.stops);
    expect(field[8 * 24 + 12]).toBe(0);
    expect(vignetteAt(lens, openings, 0, { x: 60, h: 60 }).stops).toBe(Infinity);
    expect(cornerVignette(lens, frame, { rings: [], slot: null }, 0)).toEqual({ stops: 0, by: null });
  });
});
