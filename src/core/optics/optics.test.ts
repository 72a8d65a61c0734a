import fc from 'fast-check';
import { type DensityProfile, densityAt, type Sheet, sheetDensityAt } from '@/core/glass';
import { exactAperture } from '@/core/units';
import { PHYSICS } from '@/testing/vectors';
import {
  beamDiameterMm,
  dimmingAt,
  dimmingTable,
  estimatedPupilToFilterMm,
  type Lens,
  seamAtEdges,
  sheetHeightMm,
  stackOf,
  tableDimmingAt,
  transitionOf,
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
            sheet.profile.stops * 2e-3 + (nearEnd(sheet, y) ? 9 : 0),
          );
          const a = dimmingAt(stack, y, beam);
          expect(a).toBeGreaterThanOrEqual(0);
          expect(a).toBeLessThanOrEqual(sheet.profile.stops + 1e-9);
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

  it('comes out of a fine table as out of the integral', () => {
    const sheets: Sheet[] = [{ profile: { kind: 'graduated', stops: 3, transitionMm: 3 } }];
    const table = dimmingTable(sheets, 2, { fromMm: -10, toMm: 10, stepMm: 0.0625 });
    for (const y of [-3, -0.61, 0, 0.3, 1.17, 9, 40])
      expect(Math.abs(tableDimmingAt(table, y) - dimmingAt(stackOf(sheets), y, 2))).toBeLessThan(2e-3);
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
