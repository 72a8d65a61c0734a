import {
  blurTimes,
  sharpnessOf,
  streakSeconds,
  TIMED_BLURS,
  waveLook,
  whiteBalanceShot,
} from '@/model/expose';
import { deriveStand } from '@/model';
import { bagWithNds, testStand } from '@/testing/fixtures';

const bag = bagWithNds();

describe('times for a look', () => {
  const at = (focalLengthMm: number) => testStand({ lens: { focalLengthMm } });

  it('lie between their ends, and what is near takes less through a long lens and more through a very wide one', () => {
    for (const blur of TIMED_BLURS) {
      const [from, usual, to] = blurTimes(blur, at(24));
      expect(from).toBeLessThan(usual);
      expect(usual).toBeLessThan(to);
    }
    expect(blurTimes('soft', at(24))).toEqual(blurTimes('soft', at(35)));
    expect(blurTimes('soft', at(70))[0]).toBeCloseTo(blurTimes('soft', at(35))[0] / 2, 9);
    expect(blurTimes('soft', at(12))[0]).toBeGreaterThan(blurTimes('soft', at(24))[0]);
    expect(blurTimes('people', at(200))).toEqual(blurTimes('people', at(24)));
  });

  it('of clouds go by how fast one crossed, and waves by their period', () => {
    expect(streakSeconds(60, 1 / 3, 1 / 2)).toBeCloseTo(90, 9);
    expect([3, 20, 50].map((s) => waveLook(s, 8))).toEqual(['lines', 'between', 'milk']);
  });
});

describe('what is sharp', () => {
  const with24 = (lens: object, aperture = 11) =>
    sharpnessOf(testStand({ lens: { focalLengthMm: 24, ...lens }, exposure: { aperture, iso: 100 } }));

  it('is from half the hyperfocal distance to the far end, unless focused otherwise', () => {
    const usual = with24({});
    expect(usual.focusedM).toBe(usual.hyperfocalM);
    expect(usual.nearM / usual.hyperfocalM).toBeCloseTo(0.5, 6);
    expect(usual).toMatchObject({ farM: Infinity, holdsNear: true, holdsFar: true, both: null });
    const near = with24({ focusedM: 1, nearestSubjectM: 0.8 });
    expect(near.farM).toBeGreaterThan(1);
    expect(near.farM).toBeLessThan(Infinity);
    expect(near).toMatchObject({ holdsNear: true, holdsFar: false });
    expect(with24({ focusedM: 1, farthestSubjectM: 1.2 }).holdsFar).toBe(true);
  });

  it('names the widest aperture that holds both, which then does, and none where diffraction shows first', () => {
    const asked = { nearestSubjectM: 1.5, farthestSubjectM: 40 };
    const { both } = with24(asked, 2.8);
    const held = with24({ ...asked, focusedM: both!.focusM }, both!.aperture);
    expect([held.holdsNear, held.holdsFar]).toEqual([true, true]);
    const wider = with24({ ...asked, focusedM: both!.focusM }, both!.aperture / 1.26);
    expect(wider.holdsNear && wider.holdsFar).toBe(false);
    expect(with24({ nearestSubjectM: 0.15 }).both).toBeNull();
  });
});

it('a white balance through the glass is worth doing through dense glass alone, and says whether it can be held', () => {
  const shot = (ids: string[], ev = 13) => {
    const stand = testStand({
      fitted: ids.map((filterId) => ({ filterId })),
      readings: [{ id: 's', role: 'sky', ev100: ev }],
      lens: { focalLengthMm: 24, widestAperture: 4 },
    });
    return whiteBalanceShot(stand, bag, deriveStand(stand, bag, null));
  };
  expect(shot([])).toMatchObject({ isWorthIt: false, ndStops: 0 });
  expect(shot(['n6'])).toMatchObject({ isWorthIt: true, canBeHeld: true, aperture: 4 });
  // f/4 at ISO 6400, 10 stops: 16 / 2^(13 - 10 + 6)
  expect(shot(['n10']).seconds).toBeCloseTo(16 / 2 ** 9, 6);
  expect(shot(['n6', 'n10'], 9).canBeHeld).toBe(false);
});
