import fc from 'fast-check';
import { anyStand, bagWithNds, prepared, testStand } from '@/testing/fixtures';
import { carriedStand, carryOf, roleFalls } from './carry';
import { deriveStand } from '../answer/derive';
import { meteredEv } from '../stand/metered';
import { changeReading, forgetEarlier, readAgain } from './edits';
import { solutionKey } from '../answer/key';
import { type Stand } from '../stand/stand';

const START = Date.parse('2026-05-01T19:00:00Z');
const time = (minutes: number) => new Date(START + minutes * 60_000).toISOString();

const bag = bagWithNds();
const BASE: Stand = testStand({
  readings: testStand().readings.map((r) => ({ ...r, takenAt: time(0) })),
});
/** The sky falls by 0.2 stops a minute, the land by 0.1. */
const WATCHED = readAgain(readAgain(BASE, 'r1', { ev100: 12, takenAt: time(5) }), 'r2', {
  ev100: 9.5,
  takenAt: time(5),
});
const evsAt = (stand: Stand, minutes: number) =>
  carriedStand(stand, carryOf(stand, bag, START + minutes * 60_000)).readings.map(meteredEv);

describe('a spot that is read again', () => {
  it('keeps what it showed before, with its time and its glass', () => {
    const through = {
      ...BASE,
      readings: [{ ...BASE.readings[0]!, throughFilterIds: ['n6'] }, BASE.readings[1]!],
    };
    const [reading] = readAgain(through, 'r1', {
      aperture: 8,
      shutter: '1/60',
      iso: 100,
      takenAt: time(4),
    }).readings;
    expect(reading).toMatchObject({
      id: 'r1',
      u: 0.4,
      shutter: '1/60',
      earlier: [{ ev100: 13, takenAt: time(0), throughFilterIds: ['n6'] }],
    });
    expect(reading).not.toHaveProperty('ev100');
    expect(reading!.throughFilterIds).toBeUndefined();
  });

  it('within a minute is a correction, which leaves no history and the glass as it was', () => {
    const through = { ...BASE, readings: [{ ...BASE.readings[0]!, throughFilterIds: ['n6'] }] };
    const [reading] = readAgain(through, 'r1', { ev100: 12.7, takenAt: time(0.9) }).readings;
    expect(reading).toMatchObject({ ev100: 12.7, throughFilterIds: ['n6'] });
    expect(reading).not.toHaveProperty('earlier');
  });

  it('asks for no new search by its history alone', () => {
    expect(solutionKey(forgetEarlier(WATCHED, 'r1'), bag)).toBe(solutionKey(WATCHED, bag));
  });
});

describe('carrying readings', () => {
  it('derives each role its own fall', () => {
    expect(roleFalls(WATCHED, bag).map((f) => [f.role, f.stopsPerMinute.toFixed(3)])).toEqual([
      ['sky', '0.200'],
      ['land', '0.100'],
    ]);
  });

  it('carries each role by its own fall to the time, and leaves the stand alone when just read', () => {
    expect(evsAt(WATCHED, 10)).toEqual([expect.closeTo(11, 2), expect.closeTo(9, 2)]);
    expect(carriedStand(WATCHED, carryOf(WATCHED, bag, START + 5 * 60_000))).toBe(WATCHED);
  });

  it('lends a role that was read once the fall of the one most like it, and says so', () => {
    const half = forgetEarlier(WATCHED, 'r2');
    expect(roleFalls(half, bag)[1]).toMatchObject({ role: 'land', lentBy: 'sky' });
    expect(evsAt(half, 10)[1]).toBeCloseTo(9.5 - 1, 2);
  });

  it('adds back the glass that either look was through', () => {
    const through = readAgain(BASE, 'r1', { ev100: 6, takenAt: time(5), throughFilterIds: ['n6'] });
    expect(roleFalls(through, bag)[0]!.stopsPerMinute).toBeCloseTo(0.2, 9);
  });

  it('goes on to the middle of a long exposure', () => {
    const long = { ...WATCHED, fitted: [{ filterId: 'n6' }] };
    const carry = carryOf(long, bag, START + 5 * 60_000)!;
    expect(carry.halfExposureSeconds).toBeGreaterThan(5);
    const minutes = carry.halfExposureSeconds / 60;
    expect(carry.stops.get('r1')).toBeCloseTo(-0.2 * minutes, 1);
    // the time that follows is the one that its middle was taken from
    const lit = carriedStand({ ...long, look: { school: 'even' } }, carry);
    const { seconds } = deriveStand(lit, bag, null).inUse!.outcome.exposure!;
    expect(Math.abs(Math.log2(seconds / (2 * carry.halfExposureSeconds)))).toBeLessThan(0.05);
  });

  it('reckons the exposure by water where no land is read', () => {
    const long = { ...WATCHED, fitted: [{ filterId: 'n6' }] };
    const byWater = changeReading(long, 'r2', { role: 'water' });
    const half = (stand: Stand) => carryOf(stand, bag, START + 5 * 60_000)!.halfExposureSeconds;
    expect(half(byWater)).toBeCloseTo(half(long), 6);
  });

  it('says when the light runs out before any time is long enough', () => {
    const dark = changeReading(
      changeReading({ ...WATCHED, fitted: [{ filterId: 'n10' }] }, 'r2', { ev100: 2 }),
      'r2',
      { earlier: [{ ev100: 4, takenAt: time(0) }] },
    );
    expect(carryOf(dark, bag, START + 6 * 60_000)).toMatchObject({ runsOut: true, halfExposureSeconds: 0 });
  });

  it('leaves what was read from the picture, and what is a record of another day', () => {
    const pictured = changeReading(WATCHED, 'r2', { fromPicture: true });
    expect(evsAt(pictured, 10)[1]).toBe(9.5);
    expect(carryOf(WATCHED, bag, START + 24 * 60 * 60_000)).toBeNull();
  });

  it('changes nothing but the light, and only of readings that say when they were taken', () => {
    fc.assert(
      fc.property(anyStand, fc.integer({ min: 0, max: 60 }), (stand, minutes) => {
        const [first, ...rest] = stand.readings;
        const watched = {
          ...stand,
          readings: [
            { ...first!, takenAt: time(6), earlier: [{ ev100: meteredEv(first!) + 1, takenAt: time(0) }] },
            ...rest,
          ],
        };
        const carried = carriedStand(watched, carryOf(watched, bag, START + minutes * 60_000));
        expect(carried.readings.slice(1)).toEqual(rest);
        expect(prepared(carried).input.field.readings).toHaveLength(stand.readings.length);
        expect({ ...carried.readings[0], ev100: 0 }).toMatchObject({ id: first!.id, role: first!.role });
      }),
      { numRuns: 30 },
    );
  });
});
