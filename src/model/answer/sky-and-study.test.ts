import { mean } from '@/core/numerics';
import {
  type Bag,
  deriveStand,
  openingsOf,
  polariserBand,
  polariserOn,
  polariserPromise,
  sampleBag,
  seamViews,
  solutionKey,
  solveStand,
  type Stand,
  studySteps,
  studyStand,
  sunSideOf,
  waterBehindPolariser,
  withSchool,
} from '..';
import { prepared, testStand } from '@/testing/fixtures';

const bag: Bag = {
  slots: 2,
  filters: [...sampleBag().filters, { id: 'p', kind: 'polariser', baseLossStops: 1.5 }],
};
const [, land] = testStand().readings as [Stand['readings'][number], Stand['readings'][number]];
const looking = { school: 'natural' as const, viewAzimuthDeg: 0, sunAzimuthDeg: 90, sunAltitudeDeg: 10 };

describe("a polariser on a stand's lens", () => {
  const stand = testStand({ look: looking, fitted: [{ filterId: 'p' }] });

  it('says nothing of a sky whose directions are not known, nor of one it is not in front of', () => {
    expect(polariserOn(testStand({ fitted: [{ filterId: 'p' }] }), bag)).toBeNull();
    expect(polariserBand(testStand({ look: looking }), bag, { columns: 12, rows: 8 })).toBeNull();
    expect(polariserBand(stand, bag, { columns: 12, rows: 8 })).not.toBeNull();
  });

  it('changes the sky about its mean, more on one side of the frame than on the other', () => {
    const band = polariserBand(stand, bag, { columns: 24, rows: 24 })!;
    // the sky is the frame above 0.45 of its height, as the effect looks at it
    const over = band.slice(0, 24 * Math.round(0.45 * 24));
    expect(mean([...over])).toBeCloseTo(0, 1);
    expect(Math.max(...over) - Math.min(...over)).toBeGreaterThan(0.5);
  });

  it('follows the axis that is noted', () => {
    const { darkestAxisDeg, atAxis, atDarkest } = polariserOn(stand, bag)!;
    expect(atAxis).toEqual(atDarkest);
    const across = { ...stand, fitted: [{ filterId: 'p', axisDeg: darkestAxisDeg + 90 }] };
    expect(polariserOn(across, bag)!.atAxis.meanStops).toBeGreaterThan(atDarkest.meanStops + 0.5);
  });

  it('is promised by a word for the sun before it is on: strong at the side, none into it (physics 6)', () => {
    const promised = (look: Stand['look']) => polariserPromise(testStand({ look }), bag);
    const natural = { school: 'natural' as const };
    expect(promised(natural)).toBeNull();
    expect(promised({ ...natural, sun: 'side' })!.darkerStops[1]).toBeCloseTo(2, 9);
    expect(promised({ ...natural, sun: 'ahead' })!.darkerStops[1]).toBeLessThan(1.2);
    expect(promised({ ...natural, sun: 'hidden' })!.darkerStops).toEqual([0, 0]);
    const byAngles = promised(looking)!;
    expect(byAngles.darkerStops[1]).toBeCloseTo(-polariserOn(stand, bag)!.atDarkest.meanStops, 9);
    expect(byAngles.darkerStops[0]).toBeLessThan(byAngles.darkerStops[1]);
  });

  it('clears water the better the steeper it is seen, and says nothing where there is none', () => {
    expect(waterBehindPolariser(stand)).toBeNull();
    const wet = { ...stand, readings: [...stand.readings, { ...land, id: 'w', role: 'water' as const }] };
    const [wide, long] = [16, 85].map((focalLengthMm) =>
      waterBehindPolariser({ ...wet, lens: { focalLengthMm } }),
    );
    expect(wide!.depressionDeg).toBeGreaterThan(long!.depressionDeg);
    expect(wide!.glareLeft).toBeLessThan(long!.glareLeft);
  });
});

describe('what the sun rule goes by', () => {
  it('takes what is said outright over directions, and knows nothing without either', () => {
    expect(sunSideOf(testStand())).toBeNull();
    expect(sunSideOf(testStand({ look: { ...looking, sun: 'hidden' } }))).toBe('hidden');
    expect(
      [30, 59, 60, 120, 121, 300].map((sunAzimuthDeg) =>
        sunSideOf(testStand({ look: { ...looking, sunAzimuthDeg } })),
      ),
    ).toEqual(['ahead', 'ahead', 'side', 'side', 'behind', 'side']);
  });
});

describe('the seam as it is seen', () => {
  it('is wider in the finder than it is recorded, and narrower stopped down', () => {
    const stand = testStand({
      lens: { focalLengthMm: 50, pupilToFilterMm: 55 },
      exposure: { aperture: 8, iso: 100 },
    });
    const derived = deriveStand(stand, bag, solveStand(stand, bag));
    const views = seamViews(stand, derived.prepared!, derived.plan!)!;
    expect(views.open.spread).toBeGreaterThan(views.taking.spread);
    expect(views.stoppedDown.spread).toBeLessThan(views.taking.spread);
    expect([views.open.aperture, views.openIsAssumed]).toEqual([2.8, true]);
    expect(views.near).toBeNull();
    const near = (nearestSubjectM: number) =>
      seamViews({ ...stand, lens: { ...stand.lens, nearestSubjectM } }, derived.prepared!, derived.plan!)!
        .near;
    // half a metre away the beam is a ninth narrower; this side of the sheet there is no beam
    expect(near(0.5)!.spread).toBeLessThan(views.taking.spread);
    expect(near(5000)!.spread).toBeCloseTo(views.taking.spread, 3);
    expect(near(0.05)).toBeNull();
    const known = { ...stand, lens: { ...stand.lens, widestAperture: 4 } };
    expect(seamViews(known, derived.prepared!, derived.plan!)).toMatchObject({
      open: { aperture: 4 },
      openIsAssumed: false,
    });
  });
});

describe('the openings of a holder', () => {
  it('lie behind or before the slot, by the distance of each', () => {
    const { lens } = prepared(testStand()).input;
    const rings = [{ name: 'adapter ring', diameterMm: 82, behindSlotMm: 8 }];
    expect(openingsOf({ ...bag, holder: { rings, slotOpeningMm: 96 } }, lens)).toEqual({
      rings: [{ name: 'adapter ring', radiusMm: 41, distanceMm: 42 }],
      slot: { widthMm: 96, distanceMm: 50 },
    });
    expect(openingsOf(bag, lens)).toEqual({ rings: [], slot: null });
  });
});

describe('a study', () => {
  it('tells how far it is, ever further, and gives the same in one go', () => {
    const stand = testStand();
    const parts: number[] = [];
    const steps = studySteps(stand, sampleBag());
    let step = steps.next();
    for (; !step.done; step = steps.next()) parts.push(step.value);
    expect(parts.every((p, i) => p >= (parts[i - 1] ?? 0) && p <= 1)).toBe(true);
    expect(step.value).toEqual(studyStand(stand, sampleBag()));
    expect(step.value.key).toBe(solutionKey(stand, sampleBag()));
  });

  it('says of each other look what it would fit, with that look’s own gap', () => {
    const stand = testStand({ look: { school: 'natural', gapStops: 2 } });
    expect(withSchool(stand, 'even').look).toEqual({ school: 'even' });
    const { looks } = studyStand(stand, sampleBag());
    expect(looks.find((l) => l.school === 'even')).toMatchObject({ neededStops: 3, filterIds: ['hard-3'] });
    expect(looks.find((l) => l.school === 'bracket')).toMatchObject({ frames: 1, fault: null });
    expect(looks.find((l) => l.school === 'sun')).toMatchObject({ fault: { reason: 'no-sun-direction' } });
  });

  it('names a sheet that is not in the bag only where it does better', () => {
    const poor: Bag = { slots: 1, filters: sampleBag().filters.filter((f) => f.id === 'soft-1') };
    expect(studyStand(testStand(), poor).stock).toMatchObject({ sheet: { stops: 2 } });
    const owned = {
      ...poor,
      filters: [{ id: 'own', kind: 'graduated' as const, stops: 2, transitionMm: 3 }],
    };
    expect(studyStand(testStand(), owned).stock).toBeNull();
  });
});
