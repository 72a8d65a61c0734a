import fc from 'fast-check';
import {
  assumedTransitionMm,
  densityAt,
  type DensityProfile,
  profileJoints,
  stopsOfGlass,
  sheetDensityAt,
  sheetReach,
  transitionName,
  TRANSITION_DEFAULTS_MM,
  type TransitionName,
} from '.';

const graduated: DensityProfile = { kind: 'graduated', stops: 3, transitionMm: 8 };
const reverse: DensityProfile = { kind: 'reverse', stops: 3, transitionMm: 8, fadeMm: 45, floorStops: 1 };
const band: DensityProfile = { kind: 'band', stops: 2, transitionMm: 10, bandWidthMm: 24 };

describe('density along a sheet', () => {
  it('rises from clear to full over the transition, half way at the seam', () => {
    expect(densityAt(graduated, -4)).toBe(0);
    expect(densityAt(graduated, 0)).toBe(1.5);
    expect(densityAt(graduated, 4)).toBe(3);
  });

  it('of a reverse sheet is densest at the seam and falls to its floor', () => {
    expect(densityAt(reverse, 4)).toBeCloseTo(3, 12);
    expect(densityAt(reverse, 4 + 22.5)).toBeCloseTo(2, 12);
    expect(densityAt(reverse, 200)).toBe(1);
  });

  it('of a band is clear on both sides', () => {
    expect([densityAt(band, -40), densityAt(band, 0), densityAt(band, 40)]).toEqual([0, 2, 0]);
  });

  it('never jumps and stays between none and full', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(graduated, reverse, band),
        fc.double({ min: -80, max: 80, noNaN: true }),
        (p, y) => {
          const here = densityAt(p, y);
          expect(here).toBeGreaterThanOrEqual(0);
          expect(here).toBeLessThanOrEqual(p.stops + 1e-12);
          expect(Math.abs(densityAt(p, y + 1e-6) - here)).toBeLessThan(1e-5);
        },
      ),
    );
  });

  it('ends where the sheet ends', () => {
    expect(sheetReach(150)).toEqual([-75, 75]);
    expect(sheetReach(150, 60)).toEqual([-90, 60]);
    const sheet = { profile: graduated, reachMm: sheetReach(150, 60) };
    expect(sheetDensityAt(sheet, 59)).toBe(3);
    expect(sheetDensityAt(sheet, 61)).toBe(0);
  });
});

describe('names of transitions', () => {
  it('come back from the length that is assumed for them, at any sheet width', () => {
    for (const name of Object.keys(TRANSITION_DEFAULTS_MM) as TransitionName[])
      for (const width of [67, 100, 150])
        expect(transitionName(assumedTransitionMm(name, width), width)).toBe(name);
  });
});

describe('a measured sheet', () => {
  const measured: DensityProfile = {
    kind: 'measured',
    samples: [
      { mm: -10, stops: 0.1 },
      { mm: 0, stops: 1 },
      { mm: 5, stops: 2.2 },
    ],
  };

  it('is straight between its samples and level beyond them', () => {
    expect([-40, -10, -5, 0, 2.5, 5, 60].map((y) => densityAt(measured, y))).toEqual(
      [0.1, 0.1, 0.55, 1, 1.6, 2.2, 2.2].map((stops) => expect.closeTo(stops, 12)),
    );
    expect(stopsOfGlass(measured)).toBe(2.2);
    expect(profileJoints(measured)).toEqual([-10, 0, 5]);
  });
});
