import {
  remediesFor,
  deriveStand,
  differencesFrom,
  disturbed,
  doneAgain,
  doubtfulRows,
  givesWayAtDeg,
  lastTake,
  plannedHistogram,
  seenStand,
  shiftByHistogram,
  shotOtherwise,
  solveStand,
  type Solved,
  type Stand,
  type StandDocument,
  takenUpAgain,
  takeOf,
  type Told,
  withoutSeen,
  withoutTake,
  withRecordsOf,
  withSeen,
  withTake,
  withTakeBack,
} from '@/model';
import { bagWithNds, testStand } from '@/testing/fixtures';

const bag = bagWithNds();
const solved = (kept: Stand): Solved => {
  const stand = seenStand(kept, bag);
  return { stand, bag, derived: deriveStand(stand, bag, solveStand(stand, bag)) };
};
const shoot = (stand: Stand, id = 't1', at = '2026-05-01T05:30:00.000Z') =>
  withTake(stand, takeOf(solved(stand), id, at)!);
const answers = (stand: Stand, told: Told) => remediesFor(told, lastTake(stand)!, solved(stand));
const answered = (stand: Stand, told: Told) =>
  withSeen(stand, bag, { id: 'w', takeId: 't1', ...told }, answers(stand, told)[0] ?? null);

describe('what is no matter of the light is answered by a part of the stand', () => {
  it('a sky that is too pale by a polariser where the sun stands at the side, else by more grad', () => {
    expect(answers(shoot(testStand()), { what: 'sky-pale' }).map((a) => a.by)).toEqual(['evidence']);
    const side = testStand({ look: { school: 'natural', sun: 'side' } });
    expect(answers(shoot(side), { what: 'sky-pale' }).map((a) => a.by)).toEqual(['polariser', 'evidence']);
    const ahead = testStand({ look: { school: 'natural', sun: 'ahead' } });
    expect(answers(shoot(ahead), { what: 'sky-pale' }).map((a) => a.by)).toEqual(['evidence']);
    expect(answered(shoot(side), { what: 'sky-pale' }).fitted).toEqual([{ filterId: 'p1' }]);
  });

  it.each([
    ['rippled', 'little', 2],
    ['rippled', 'much', 4],
    ['no-streaks', 'much', 4],
    ['too-smooth', 'little', 1 / 2],
    ['too-smooth', 'much', 1 / 4],
  ] as const)('%s, %s: the time times %p, by ND, aperture and ISO', (what, much, times) => {
    const stand = shoot(testStand({ fitted: [{ filterId: 'n6' }] }));
    const [first] = answers(stand, { what, much });
    const was = lastTake(stand)!.exposure.seconds;
    expect(first).toMatchObject({ by: 'time', wantSeconds: was * times });
    const next = answered(stand, { what, much });
    expect(next.wantedTime!.seconds).toBeCloseTo(was * times, 9);
    const { time } = differencesFrom(lastTake(stand)!, solved(next));
    expect(Math.abs(time!.stops - Math.log2(times))).toBeLessThan(0.34);
  });

  it('a dull sky by drawing it out, a bright top by evening it out, and both are taken back whole', () => {
    const stand = shoot(testStand());
    const drawn = answered(stand, { what: 'dull' });
    expect(drawn.look.school).toBe('draw');
    expect(withoutSeen(drawn, 'w')).toEqual(stand);
    const [sky, land] = testStand().readings as [Stand['readings'][number], Stand['readings'][number]];
    const glowing = shoot(
      testStand({
        skyline: [0, 1].map((u) => ({ u, v: 0.6 })),
        readings: [
          { ...sky, u: 0.5, v: 0.05, ev100: 14 },
          { ...sky, id: 'low', u: 0.5, v: 0.5, ev100: 12 },
          { ...land, ev100: 11 },
        ],
      }),
    );
    const even = answered(glowing, { what: 'bright-top' });
    expect(even.look.evensTop).toBe(true);
    expect(solved(even).derived.plan).not.toBeNull();
    expect(withoutSeen(even, 'w')).toEqual(glowing);
    // a sky whose top was read no brighter has nothing to lay the line under: the plan stays
    expect(answers(stand, { what: 'bright-top' })).toEqual([]);
  });

  it('a line that shows by a sheet that draws a fainter one, or by a wider aperture', () => {
    const stand = shoot(
      testStand({ skyline: [0.5, 0.5, 0.3, 0.3, 0.5, 0.5].map((v, i) => ({ u: i / 5, v })) }),
    );
    const by = answers(stand, { what: 'line-shows' });
    expect(by.at(-1)).toMatchObject({ by: 'aperture', aperture: 8 });
    for (const answer of by)
      if (answer.by === 'glass')
        expect(answer.lineStops).toBeLessThan(solved(stand).derived.inUse!.figures!.line?.stops ?? 0);
  });

  it('a feature that is blocked up by placing the land brighter first', () => {
    const [first, second] = answers(shoot(testStand()), { what: 'blocked', of: 'feature', much: 'all' });
    expect(first).toMatchObject({ by: 'placement', placementStops: 1.5 });
    expect(second).toEqual({ by: 'evidence' });
  });

  it('glare by a polariser that is not on, but not on bare metal; each surface has its angle', () => {
    const stand = shoot(testStand());
    expect(answers(stand, { what: 'glare', of: 'water' })[0]).toMatchObject({ by: 'polariser' });
    expect(answers(stand, { what: 'glare', of: 'metal' })).toEqual([]);
    const on = shoot(testStand({ fitted: [{ filterId: 'p1' }] }));
    expect(answers(on, { what: 'glare', of: 'water' })).toEqual([]);
    expect(givesWayAtDeg('water')).toBeCloseTo(36.9, 1);
    expect(givesWayAtDeg('window')).toBeCloseTo(33.3, 1);
    expect(givesWayAtDeg('metal')).toBeNull();
  });

  it.each([
    ['left', { width: 5, height: 4, at: 1 }],
    ['right', { width: 5, height: 4, at: 0 }],
    ['top', { width: 16, height: 9, at: 1 }],
    ['foot', { width: 16, height: 9, at: 0 }],
  ] as const)('clutter at the %s edge by a crop that ends before it', (of, crop) => {
    const [first] = answers(shoot(testStand()), { what: 'clutter', of });
    expect(first).toEqual({ by: 'crop', crop });
    const upright = testStand({ camera: { ...testStand().camera, orientation: 'portrait' } });
    const isSide = of === 'left' || of === 'right';
    expect(answers(shoot(upright), { what: 'clutter', of })[0]).toMatchObject({
      crop: isSide ? { width: 9, height: 16 } : { width: 4, height: 5 },
    });
  });

  it('what is soft near by a smaller aperture, unless diffraction would show first', () => {
    const near = testStand({ lens: { focalLengthMm: 24, pupilToFilterMm: 50, nearestSubjectM: 0.6 } });
    expect(answers(shoot(near), { what: 'soft', of: 'foot' })[0]).toMatchObject({ by: 'aperture' });
    const stopped = testStand({ exposure: { aperture: 22, iso: 100 } });
    expect(answers(shoot(stopped), { what: 'soft', of: 'foot' })).toEqual([]);
    expect(answers(shoot(near), { what: 'soft', of: 'land' })).toEqual([]);
  });
});

describe('by the histogram', () => {
  const stand = shoot(testStand());
  const planned = plannedHistogram(lastTake(stand)!, solved(stand))!;

  it('the plan’s own ends say that all is as planned', () => {
    expect(planned.left).toBeLessThan(planned.right);
    expect(shiftByHistogram({ left: planned.left, right: planned.right }, planned)).toEqual({
      sky: 0,
      land: 0,
    });
  });

  it('an end that is off the edge is a brighter sky, to half a stop', () => {
    const { sky, land } = shiftByHistogram({ left: planned.left, right: 'off' }, planned);
    expect(sky).toBeGreaterThanOrEqual(1);
    expect(sky % 0.5).toBe(0);
    expect(land).toBe(0);
  });

  it('both ends lower are less light on all of it', () => {
    const half = (place: number) => place * 0.75;
    const { sky, land } = shiftByHistogram({ left: half(planned.left), right: half(planned.right) }, planned);
    expect([sky, land].every((s) => s < 0 && s >= -1.5)).toBe(true);
  });

  it('is not drawn where no light is known', () => {
    const unread = testStand({
      readings: [],
      through: { aperture: 11, shutter: '1/15', iso: 100 },
      choice: { filterIds: [], offsetMm: 0, turnDeg: 0 },
    });
    const shot = shoot(unread);
    expect(plannedHistogram(lastTake(shot)!, solved(shot))).toBeNull();
  });
});

describe('what must be done again', () => {
  it('is only what holds no longer, a polariser only where one is on, in working order', () => {
    expect(disturbed(testStand(), 'glass-out', false).doAgain).toEqual(['focus', 'rail', 'line']);
    const twice = disturbed(disturbed(testStand(), 'knock', true), 'recomposed', true);
    expect(twice.doAgain).toEqual(['level', 'skyline', 'focus', 'polariser', 'readings', 'rail', 'line']);
  });

  it('makes rows of the slip doubtful until it is ticked off', () => {
    const knocked = disturbed(testStand(), 'knock', false);
    expect([...doubtfulRows(knocked)]).toEqual(['seat']);
    expect([...doubtfulRows(disturbed(testStand(), 'recomposed', false))].sort()).toEqual([
      'expose',
      'glass',
      'seat',
    ]);
    const done = knocked.doAgain!.reduce(doneAgain, knocked);
    expect(done).toEqual(testStand());
  });
});

describe('shots are records', () => {
  const document = (stand: Stand): StandDocument => ({ stand, bag: null, used: [], minor: 0 });
  const two = shoot(shoot(testStand()), 't2', '2026-05-01T05:32:00.000Z');

  it('no undo takes them back, nor leaves what was seen of none', () => {
    const seen = answered(two, { what: 'too-dark' });
    const back = withRecordsOf(document(testStand()), document(seen));
    expect(back.stand.takes).toEqual(two.takes);
    expect(back.stand).not.toHaveProperty('seen');
    const gone = withRecordsOf(document(seen), document(testStand()));
    expect(gone.stand).not.toHaveProperty('takes');
    expect(gone.stand).not.toHaveProperty('seen');
  });

  it('are removed with what they showed, and put back in their place', () => {
    const seen = answered(two, { what: 'too-dark' });
    const removed = withoutTake(seen, 't1');
    expect(removed.takes!.map((t) => t.id)).toEqual(['t2']);
    expect(removed).not.toHaveProperty('seen');
    expect(withTakeBack(removed, seen, 't1')).toEqual(seen);
    expect(withTakeBack(seen, seen, 't1')).toBe(seen);
  });

  it('say where they were not made as planned, until they were', () => {
    const planned = two.takes![0]!.exposure;
    const over = shotOtherwise(two, 't1', { ...planned, aperture: 13 });
    expect(over.takes![0]).toMatchObject({ planned, exposure: { aperture: 13 } });
    expect(shotOtherwise(over, 't1', planned).takes![0]).toEqual(two.takes![0]);
  });

  it('are taken up again with their settings, glass and seat', () => {
    const changed = { ...two, exposure: { aperture: 5.6, iso: 400 }, fitted: [{ filterId: 'n6' }] };
    const again = takenUpAgain(changed, two.takes![0]!);
    expect(again.exposure).toEqual({ aperture: 11, iso: 100 });
    expect(again).not.toHaveProperty('fitted');
    expect(again.choice).toMatchObject({ filterIds: two.takes![0]!.filterIds });
  });

  it('are five hundred at most: of more, the oldest that nobody has spoken of goes', () => {
    let stand: Stand = {
      ...two,
      takes: Array.from({ length: 500 }, (_, i) => ({ ...two.takes![0]!, id: `k${i}` })),
    };
    stand = {
      ...stand,
      takes: stand.takes!.map((t, i) => (i === 0 ? { ...t, verdict: 'keep' as const } : t)),
    };
    const more = withTake(stand, { ...two.takes![0]!, id: 'new' });
    expect(more.takes).toHaveLength(500);
    expect(more.takes![0]!.id).toBe('k0');
    expect(more.takes!.some((t) => t.id === 'k1')).toBe(false);
  });
});
