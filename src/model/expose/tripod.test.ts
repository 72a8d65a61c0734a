import { deriveStand, solveStand, type Stand, TRIPOD_STEPS, type Wind } from '@/model';
import { stillSeconds, tripodFaults, tripodList, withTripodUpTo } from '@/model/expose';
import { bagWithNds, testStand } from '@/testing/fixtures';

const bag = { ...bagWithNds(), slots: 4 };
const NOW = Date.parse('2026-05-01T19:00:00Z');
const fitted = (...ids: string[]) => ids.map((filterId) => ({ filterId }));
const derived = (stand: Stand) => deriveStand(stand, bag, solveStand(stand, bag));
const list = (stand: Stand) => tripodList(stand, bag, derived(stand));
const faults = (stand: Stand) => tripodFaults(stand, bag, derived(stand), NOW);

describe('the list at the tripod', () => {
  it('is made from the stand: what it has no use for is not asked for', () => {
    const bare = list(testStand({ readings: [] }));
    expect(bare.steps).not.toEqual(expect.arrayContaining(['grad', 'nd', 'rail', 'polariser', 'leave-out']));
    const full = list(testStand({ fitted: fitted('p1', 'n10'), leaveOut: ['a mast'] }));
    expect(full.steps).toEqual(TRIPOD_STEPS);
    expect(list(testStand({ fitted: fitted('n6') })).steps).toContain('rail');
  });

  it('shows the next thing; going on implies the ones before, also where the list has changed since', () => {
    const stand = testStand();
    expect(list(stand)).toMatchObject({ done: 0, next: 'compose' });
    const focused = withTripodUpTo(stand, 'focus');
    expect(list(focused)).toMatchObject({ done: 3, next: 'camera' });
    // a polariser that comes later stands where it belongs
    const polarised = { ...withTripodUpTo(stand, 'camera'), fitted: fitted('p1') };
    expect(list(polarised).next).toBe('polariser');
    expect(list(withTripodUpTo(stand, 'still')).next).toBeNull();
    expect(withTripodUpTo(focused, undefined)).toEqual(stand);
  });

  it('waits longer behind a longer lens, and in the wind', () => {
    const wait = (focalLengthMm: number, wind?: Wind) =>
      stillSeconds(testStand({ lens: { focalLengthMm }, wind }));
    expect([wait(24), wait(70), wait(300)]).toEqual([2, 5, 10]);
    expect([wait(24, 'breeze'), wait(24, 'gusts'), wait(300, 'gusts')]).toEqual([5, 10, 10]);
  });

  it('interrupts only where the order has gone wrong', () => {
    const takenAt = new Date(NOW - 60_000).toISOString();
    const fresh = testStand({ readings: testStand().readings.map((r) => ({ ...r, takenAt })) });
    expect(faults(fresh)).toEqual([]);
    expect(faults(withTripodUpTo(fresh, 'still'))).toEqual([]);
    const dense = { ...fresh, fitted: fitted('n10') };
    // who never took the list up goes by another
    expect(faults(dense)).toEqual([]);
    expect(faults(withTripodUpTo(dense, 'tripod'))).toEqual(['not-focused']);
    expect(faults(withTripodUpTo(dense, 'nd'))).toEqual(['rail-not-read']);
    expect(faults(withTripodUpTo(dense, 'rail'))).toEqual([]);
    expect(faults({ ...fresh, fitted: fitted('p1') })).toEqual(['polariser-later']);
    const through = fresh.readings.map((r) => ({ ...r, throughFilterIds: ['p1'] }));
    expect(faults({ ...fresh, fitted: fitted('p1'), readings: through })).toEqual([]);
    const old = new Date(NOW - 30 * 60_000).toISOString();
    expect(faults({ ...fresh, readings: fresh.readings.map((r) => ({ ...r, takenAt: old })) })).toEqual([
      'readings-old',
    ]);
  });
});
