import fc from 'fast-check';
import { prepared, testStand } from '@/testing/fixtures';
import { sampleBag } from '../bag/bag';
import { deriveStand } from './derive';
import {
  exposedAt,
  exposedFor,
  exposureStepped,
  gapOf,
  placed,
  PLACEMENT_MOST,
  placingOf,
  withGap,
} from './exposure';
import { type Stand } from '../stand/stand';

const bag = sampleBag();
const STAND = testStand();
const of = (stand: Stand) => deriveStand(stand, bag, null, prepared(stand));
const seconds = (stand: Stand) => of(stand).inUse!.outcome.exposure!.seconds;
/** Thirds of a stop from a second. */
const thirds = (s: number) => 3 * Math.log2(s);

describe('moving the window', () => {
  it('sets the exposure to the third of a stop nearest to where it is put, and nothing else', () => {
    fc.assert(
      fc.property(fc.double({ min: -2, max: 1.5, noNaN: true }), (move) => {
        const { evMidGrey } = placingOf(STAND, of(STAND))!;
        const moved = exposedAt(STAND, of(STAND), evMidGrey + move);
        const exact = seconds(STAND) * 2 ** -move;
        // where the brightest reading would go over, the exposure stays held back
        const capped = of(moved).inUse!.outcome.exposure!.capped;
        if (capped) return;
        expect(thirds(seconds(moved))).toBeCloseTo(Math.round(thirds(seconds(moved))), 2);
        expect(Math.abs(Math.log2(seconds(moved) / exact))).toBeLessThan(1 / 6 + 1e-3);
        expect({ ...moved, look: STAND.look }).toEqual(STAND);
      }),
    );
  });

  it('goes by thirds a step, from a time that is on no mark to the next ones', () => {
    const once = exposureStepped(STAND, of(STAND), -1);
    const twice = exposureStepped(once, of(once), -1);
    expect(Math.log2(seconds(once) / seconds(twice))).toBeCloseTo(1 / 3, 3);
    const back = exposureStepped(twice, of(twice), 1);
    expect(seconds(back)).toBeCloseTo(seconds(once), 4);
  });

  it('takes a typed time as it is, and goes back', () => {
    const typed = exposedFor(STAND, of(STAND), 0.05);
    expect(seconds(typed)).toBeCloseTo(0.05, 5);
    expect(placed(typed, 0)).toEqual(STAND);
  });

  it('keeps to three stops either way, through what is on the lens too', () => {
    const { evMidGrey } = placingOf(STAND, of(STAND))!;
    expect(exposedAt(STAND, of(STAND), evMidGrey + 9).look.landPlacementStops).toBe(-PLACEMENT_MOST);
    const withNd = {
      ...bag,
      slots: 2,
      filters: [...bag.filters, { id: 'n6', kind: 'neutral' as const, stops: 6 }],
    };
    const behind = { ...STAND, fitted: [{ filterId: 'n6' }] };
    const derived = deriveStand(behind, withNd, null);
    const moved = exposedAt(behind, derived, placingOf(behind, derived)!.evMidGrey + 1);
    const time = deriveStand(moved, withNd, null).inUse!.outcome.exposure!.seconds;
    expect(thirds(time)).toBeCloseTo(Math.round(thirds(time)), 2);
  });

  it('is not for looks that say the exposure themselves, nor without one', () => {
    for (const school of ['least', 'bracket'] as const) {
      const stand: Stand = { ...STAND, look: { school } };
      expect(placingOf(stand, of(stand))).toBeNull();
      expect(exposedAt(stand, of(stand), 9)).toBe(stand);
    }
    const unread = testStand({ readings: [] });
    expect(exposedFor(unread, of(unread), 1)).toBe(unread);
  });
});

describe('the end of what is kept', () => {
  it('is held to a tenth and to what the look allows', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('natural' as const, 'heavy' as const),
        fc.double({ min: -5, max: 5, noNaN: true }),
        (school, gap) => {
          const set = gapOf(withGap({ ...STAND, look: { school } }, gap))!;
          const [low, high] = school === 'natural' ? [0.3, 2] : [-2, -0.3];
          expect(set).toBeGreaterThanOrEqual(low);
          expect(set).toBeLessThanOrEqual(high);
          expect(Math.abs(10 * set - Math.round(10 * set))).toBeLessThan(1e-9);
        },
      ),
    );
  });

  it('is none for looks without one', () => {
    for (const school of ['even', 'least', 'bracket'] as const) {
      const stand: Stand = { ...STAND, look: { school } };
      expect(gapOf(stand)).toBeNull();
      expect(withGap(stand, 1)).toBe(stand);
    }
  });
});
