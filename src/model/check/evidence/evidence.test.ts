import {
  deriveStand,
  differencesFrom,
  evidenceOf,
  nextStand,
  nudgeOf,
  prepareStand,
  sampleBag,
  type Seen,
  seenStand,
  solveStand,
  type Solved,
  type Stand,
  takenUpAgain,
  takeOf,
  takeThrough,
  withoutSeen,
  withSeen,
  withTake,
} from '@/model';
import { testStand } from '@/testing/fixtures';

const bag = sampleBag();
const SHOT_AT = '2026-05-01T05:30:00.000Z';

const solved = (kept: Stand): Solved => {
  const stand = seenStand(kept, bag);
  return { stand, bag, derived: deriveStand(stand, bag, solveStand(stand, bag)) };
};

/** A stand that was shot as its slip said. */
function shot(change: Partial<Stand> = {}): Stand {
  const stand = testStand(change);
  return withTake(stand, takeOf(solved(stand), 't1', SHOT_AT)!);
}

const saw = (stand: Stand, told: Pick<Seen, 'what' | 'much' | 'of' | 'at' | 'raw'>): Stand =>
  withSeen(stand, bag, { id: `w${stand.seen?.length ?? 0}`, takeId: 't1', ...told }, { by: 'evidence' });

const shifts = (stand: Stand) => Object.fromEntries(evidenceOf(stand, bag).shifts);
const seconds = (stand: Stand) => solved(stand).derived.inUse!.outcome.exposure!.seconds;

describe('a shot', () => {
  it('is kept as the slip says it: settings, glass, seat, light', () => {
    const [take] = shot().takes!;
    expect(take).toMatchObject({
      id: 't1',
      takenAt: SHOT_AT,
      exposure: { aperture: 11, iso: 100 },
      light: { sky: 13, land: 10 },
    });
    expect(take!.filterIds).toEqual(solved(testStand()).derived.inUse!.filterIds);
    expect(take!.seat).toEqual(solved(testStand()).derived.inUse!.seat);
    expect(take!.exposure.seconds).toBeCloseTo(seconds(testStand()), 9);
  });

  it('keeps how far the second sheet of a pair was slid by itself, is looked at and taken up with it', () => {
    const choice = { filterIds: ['hard-2', 'soft-1'], offsetMm: 2, turnDeg: 0, apartMm: 3 };
    const stand = shot({ choice });
    const [take] = stand.takes!;
    expect(take!.apartMm).toBe(3);
    const { set, seat } = takeThrough(take!, stand, bag);
    expect({ set, seat }).toEqual({
      set: solved(stand).derived.inUse!.set,
      seat: { offsetMm: 2, turnDeg: 0 },
    });
    expect(takenUpAgain(testStand(), take!).choice).toEqual(choice);
    const together = { ...stand, choice: { ...choice, apartMm: 0 } };
    expect(differencesFrom(take!, solved(together))).toMatchObject({ movedMm: null, apartMm: -3 });
  });

  it('says what was advised, where other sheets were on by choice', () => {
    const [advised] = solved(testStand()).derived.plan!.filterIds;
    const choose = (id: string) => shot({ choice: { filterIds: [id], offsetMm: 4, turnDeg: 0 } }).takes![0]!;
    expect(choose('soft-3')).toMatchObject({ filterIds: ['soft-3'], advisedFilterIds: [advised] });
    expect(choose(advised!)).not.toHaveProperty('advisedFilterIds');
  });

  it('is none while nothing says how long to expose', () => {
    const unread = testStand({ readings: [] });
    expect(takeOf(solved(unread), 't1', SHOT_AT)).toBeNull();
  });

  it('that the countdown has just closed has the time that it was open, and is made once', () => {
    const stand = testStand({
      exposures: [{ openedAt: '2026-05-01T05:29:00.000Z', plannedSeconds: 4, seconds: 5 }],
    });
    const take = takeOf(solved(stand), 't1', SHOT_AT)!;
    expect(take.exposure.seconds).toBe(5);
    expect(take.planned!.seconds).toBeCloseTo(seconds(testStand()), 9);
    const again = takeOf(solved(withTake(stand, take)), 't2', SHOT_AT)!;
    expect(again.planned).toBeUndefined();
    expect(takeOf(solved(stand), 't1', '2026-05-01T09:00:00.000Z')!.planned).toBeUndefined();
  });
});

describe('what is seen of the light', () => {
  it.each([
    [
      { what: 'too-dark', much: 'clearly' },
      { r1: -1, r2: -1 },
    ],
    [
      { what: 'too-bright', much: 'far' },
      { r1: 2, r2: 2 },
    ],
    [{ what: 'too-bright' }, { r1: 0.5, r2: 0.5 }],
    [{ what: 'sky-pale', much: 'much' }, { r1: 1.3 }],
    [{ what: 'sky-dark', much: 'little' }, { r1: -0.7 }],
    [{ what: 'blocked', much: 'all', of: 'land' }, { r2: -1.5 }],
  ] as const)('%j puts readings otherwise: %j', (told, expected) => {
    expect(shifts(saw(shot(), told))).toEqual(expected);
  });

  it('twice as dark is twice as long, and the glass stays', () => {
    const before = shot();
    const after = saw(before, { what: 'too-dark', much: 'clearly' });
    expect(seconds(after) / seconds(before)).toBeCloseTo(2, 6);
    expect(solved(after).derived.inUse!.filterIds).toEqual(solved(before).derived.inUse!.filterIds);
    const { time, sheetsWere, movedMm } = differencesFrom(before.takes![0]!, solved(after));
    expect(time!.stops).toBeCloseTo(1, 6);
    expect([sheetsWere, movedMm]).toEqual([null, null]);
  });

  it('a sky that is too pale asks for more glass', () => {
    const after = solved(saw(shot(), { what: 'sky-pale', much: 'much' }));
    expect(after.derived.balance!.neededStops).toBeCloseTo(2 + 1.3, 6);
  });

  it('a speck that is gone is held, which shortens the time, and no reading is put otherwise', () => {
    const before = shot();
    const after = saw(before, { what: 'blown', much: 'speck', of: 'sky', raw: true });
    const { added, shifts: moved } = evidenceOf(after, bag);
    expect(moved.size).toBe(0);
    expect(added).toMatchObject([{ id: 'w0', role: 'sky', limit: true }]);
    expect(solved(after).derived.inUse!.outcome.exposure!.capped).toBe(true);
    // held half a stop under the room, it had lain half a stop above: a stop shorter
    expect(Math.log2(seconds(after) / seconds(before))).toBeCloseTo(-1, 1);
  });

  it.each(['water', 'feature'] as const)('so is what is gone of %s', (of) => {
    const before = shot();
    const after = saw(before, { what: 'blown', much: 'part', of, raw: true });
    expect(evidenceOf(after, bag).added).toMatchObject([{ limit: true }]);
    expect(Math.log2(seconds(after) / seconds(before))).toBeLessThan(-1);
  });

  it('of the JPEG on the screen less is gone than of the raw file', () => {
    const evOf = (raw: { raw?: true }) =>
      evidenceOf(saw(shot(), { what: 'blown', much: 'speck', of: 'sky', ...raw }), bag).added[0]!.ev100!;
    expect(evOf({ raw: true }) - evOf({})).toBeCloseTo(3 - 2.3, 6);
  });

  it('most of a sky that is gone is a sky that was read too dark', () => {
    const { shifts: moved, added } = evidenceOf(saw(shot(), { what: 'blown', much: 'most', of: 'sky' }), bag);
    expect(added).toEqual([]);
    expect(moved.get('r1')).toBeGreaterThan(1);
  });

  it('knows that a shot was made otherwise than planned: what it shows is what was to be seen', () => {
    const stand = shot();
    const [take] = stand.takes!;
    const over = {
      ...stand,
      takes: [
        {
          ...take!,
          planned: take!.exposure,
          exposure: { ...take!.exposure, seconds: 4 * take!.exposure.seconds },
        },
      ],
    };
    expect(shifts(saw(over, { what: 'too-bright', much: 'far' }))).toEqual({});
  });

  it('a reading that is newer than the shot takes its place', () => {
    const stand = saw(shot(), { what: 'sky-pale', much: 'much' });
    const readAgain = {
      ...stand,
      readings: stand.readings.map((r) =>
        r.role === 'sky' ? { ...r, ev100: 13.4, takenAt: '2026-05-01T05:40:00Z' } : r,
      ),
    };
    expect(shifts(readAgain)).toEqual({});
  });

  it('moves the camera’s own time where nothing else was read', () => {
    const stand = shot({
      readings: [],
      through: { aperture: 11, shutter: '1/15', iso: 100 },
      choice: { filterIds: [], offsetMm: 0, turnDeg: 0 },
    });
    const after = saw(stand, { what: 'too-dark', much: 'clearly' });
    expect(evidenceOf(after, bag).throughShift).toBe(-1);
    const time = (s: Stand) => solved(s).derived.through!.seconds;
    expect(time(after) / time(stand)).toBeCloseTo(2, 6);
  });

  it('is taken back by itself, and goes on to the next framing in its readings', () => {
    const one = saw(shot(), { what: 'too-dark', much: 'clearly' });
    const two = saw(one, { what: 'sky-pale', much: 'little' });
    expect(shifts(withoutSeen(two, 'w0'))).toEqual({ r1: 0.7 });
    expect(withoutSeen(withoutSeen(two, 'w0'), 'w1')).toEqual(shot());
    const next = nextStand(seenStand(one, bag), { id: 'st-n', name: 'next', createdAt: SHOT_AT });
    expect(next.readings.map((r) => r.ev100)).toEqual([12, 9]);
    expect(next).not.toHaveProperty('seen');
    expect(next).not.toHaveProperty('takes');
  });
});

describe('what is seen of the line', () => {
  const nudge = (stand: Stand) => nudgeOf(stand, bag, prepareStand(seenStand(stand, bag), bag));

  it('a strip of light asks for a lower sheet, a dark top for a higher one: as much as was shown', () => {
    // 0.05 of 24 mm, seen 50 mm from the pupil through 24 mm: 2.5 mm on the sheet
    expect(nudge(saw(shot(), { what: 'strip', much: 'little' }))).toEqual({ offsetMm: -2.5, turnDeg: 0 });
    expect(nudge(saw(shot(), { what: 'dark-top', much: 'much' })).offsetMm).toBe(6);
    expect(nudge(saw(shot(), { what: 'strip', at: { u: 0.5, v: 0.35 } })).offsetMm).toBe(-5);
  });

  it('the end that lies too high is brought down', () => {
    expect(nudge(saw(shot(), { what: 'turned', of: 'left', much: 'much' })).turnDeg).toBe(-5);
    expect(nudge(saw(shot(), { what: 'turned', of: 'right', much: 'little' })).turnDeg).toBe(2.5);
  });

  it('is in what is set, and in no figure of the plan', () => {
    const before = solved(shot()).derived.inUse!;
    const after = solved(saw(shot(), { what: 'strip', much: 'little' })).derived.inUse!;
    expect(after.seat).toEqual(before.seat);
    expect(after.sticksOutMm).toBe(before.sticksOutMm! - 2.5);
    expect(after.outcome.seam).toEqual(before.outcome.seam);
  });

  it('stays where it was seen when more is learnt of the light', () => {
    const strip = saw(shot(), { what: 'strip', much: 'little' });
    const both = saw(strip, { what: 'sky-pale', much: 'little' });
    const at = (s: Stand) => {
      const { seat, filterIds } = solved(s).derived.inUse!;
      return { set: filterIds, mm: seat!.offsetMm + nudge(s).offsetMm };
    };
    if (at(strip).set.join() === at(both).set.join()) expect(at(both).mm).toBeCloseTo(at(strip).mm, 0);
    expect(nudge(both).offsetMm).not.toBe(0);
  });
});
