import { asLearnt, type Heeded, ledgerOf, type Lesson, lessonsOf } from '@/model/ledger';
import { type Bag, type KeptStand, type Reading, type Stand, type Take, withThrough } from '@/model';
import { writeTakesCsv } from '@/files';
import { bagWithNds, testStand } from '@/testing/fixtures';
import { evidenceText, lessonText } from '@/words';

const bag: Bag = bagWithNds();
const NOTHING: Heeded = {
  placementStops: null,
  placementSince: null,
  gapStops: null,
  liked: {},
  forgotten: [],
};

const take = (change: Partial<Take> = {}): Take => ({
  id: 'k1',
  takenAt: '2026-05-01T05:30:00Z',
  exposure: { aperture: 11, iso: 100, seconds: 0.125 },
  filterIds: [],
  light: { sky: 13, land: 10 },
  ...change,
});
const kept = (i: number, change: Partial<Stand>): KeptStand => ({
  updatedAt: '2026-05-01T06:00:00Z',
  document: {
    stand: testStand({ id: `st-${i}`, name: `Orrin ${i}`, ...change }),
    bag: null,
    used: [],
    minor: 11,
  },
});
const lessons = (stands: readonly KeptStand[], heeded = NOTHING): Lesson[] =>
  lessonsOf(
    stands,
    ledgerOf(stands, () => bag),
    bag,
    heeded,
  );

/** A spot that was read without a filter and, two minutes on, through it. */
const twice = (stops: number, minutes = 2): Reading => ({
  id: 'r1',
  role: 'sky',
  ev100: 13 - stops,
  throughFilterIds: ['n6'],
  takenAt: new Date(Date.UTC(2026, 4, 1, 5, 10 + minutes)).toISOString(),
  earlier: [{ ev100: 13, takenAt: '2026-05-01T05:10:00.000Z' }],
});

describe('the ledger', () => {
  const stands = [
    kept(1, {
      takes: [
        take(),
        take({
          id: 'k2',
          takenAt: '2026-05-01T05:32:00Z',
          filterIds: ['hard-2'],
          seat: { offsetMm: 3, turnDeg: 0 },
          verdict: 'keep',
        }),
      ],
      seen: [{ id: 'w1', takeId: 'k1', what: 'too-dark', much: 'clearly' }],
    }),
    kept(2, {
      takes: [
        take({
          id: 'k3',
          takenAt: '2026-05-02T05:00:00Z',
          fitted: [{ filterId: 'n10' }],
          note: 'wind, and "gusts"',
        }),
      ],
    }),
    kept(3, {}),
  ];
  const entries = ledgerOf(stands, () => bag);

  it('has every shot, the last first, with what of its stand matters', () => {
    expect(entries.map((e) => [e.take.id, e.number, e.spanStops, e.ndStops, e.tooBrightStops])).toEqual([
      ['k3', 1, 3, 10, null],
      ['k2', 2, 3, 0, 0],
      ['k1', 1, 3, 0, -1],
    ]);
    expect(entries[1]!.takenStops).toBeCloseTo(2, 1);
    expect(entries[0]!.takenStops).toBe(0);
  });

  it('goes out as a table, a line each, quoted where it must be', () => {
    const lines = writeTakesCsv(entries, (id) => id)
      .trim()
      .split('\r\n');
    expect(lines).toHaveLength(4);
    expect(lines[0]).toMatch(/^stand,shot,taken_at,focal_mm,aperture,seconds,iso/);
    expect(lines[1]).toContain('Orrin 2,1,2026-05-02T05:00:00Z,24,11,0.125,100');
    expect(lines[1]).toContain('"wind, and ""gusts"""');
    expect(lines[3]).toContain('too-dark clearly');
  });
});

describe('what is learnt', () => {
  it('a label that lies: three looks through it that agree, and only those near in time', () => {
    const liars = [6.4, 6.5, 6.3].map((stops, i) => kept(i, { readings: [twice(stops)] }));
    const [lesson] = lessons(liars);
    expect(lesson).toMatchObject({ kind: 'label', measuredStops: 6.4, filter: { id: 'n6' } });
    expect(lessonText(lesson!)).toEqual({
      says: expect.stringMatching(/ takes 0.4 more than it says, 3 times\.$/) as string,
      offers: 'Use 6.4 stops',
    });
    expect(evidenceText(lesson!, lesson!.from[0]!)).toBe('Orrin 0: took 6.4 stops');
    expect(lessons(liars.slice(1))).toEqual([]);
    expect(lessons([6, 6.1, 5.9].map((s, i) => kept(i, { readings: [twice(s)] })))).toEqual([]);
    expect(lessons([6.4, 6.5, 6.3].map((s, i) => kept(i, { readings: [twice(s, 12)] })))).toEqual([]);
  });

  /** Two shots of one light, bare and two minutes on through the filter, both judged. */
  const shotTwice = (i: number, seconds: number, much: 'little' | 'clearly') =>
    kept(i, {
      takes: [
        take({ id: `a${i}`, verdict: 'keep' }),
        take({
          id: `b${i}`,
          takenAt: '2026-05-01T05:32:00Z',
          exposure: { aperture: 11, iso: 100, seconds },
          fitted: [{ filterId: 'n6' }],
        }),
      ],
      seen: [{ id: `w${i}`, takeId: `b${i}`, what: 'too-dark', much }],
    });

  /** The camera's own time, bare and through the filter. */
  const readTwice = (i: number, seconds: number) =>
    kept(i, {
      through: {
        aperture: 11,
        iso: 100,
        shutter: seconds,
        throughFilterIds: ['n6'],
        takenAt: '2026-05-01T05:32:00Z',
        earlier: [{ aperture: 11, iso: 100, shutter: '1/8', takenAt: '2026-05-01T05:31:00Z' }],
      },
    });

  it('a label that lies, by shots that were judged and by the camera’s own times', () => {
    // 8 s are six stops over 1/8 s: half a stop too dark is a filter of six and a half
    const shots = [1, 2, 3].map((i) => shotTwice(i, 8, 'little'));
    expect(lessons(shots).find((l) => l.kind === 'label')).toMatchObject({ measuredStops: 6.5 });
    const times = [11, 11.5, 10.5].map((s, i) => readTwice(i, s));
    expect(lessons(times)).toMatchObject([{ kind: 'label', measuredStops: 6.5, filter: { id: 'n6' } }]);
    // one of each agrees too
    const mixed = [shotTwice(1, 8, 'little'), readTwice(2, 11), kept(3, { readings: [twice(6.4)] })];
    expect(lessons(mixed)).toMatchObject([{ kind: 'label', from: [{}, {}, {}] }]);
    // as it is printed, nothing is learnt
    expect(lessons([8, 8, 8].map((s, i) => readTwice(i, s)))).toEqual([]);
    // nor where other glass changed with it
    const other = times.map((k) => {
      const { through } = k.document.stand;
      const throughFilterIds = ['n6', 'n10'];
      return kept(7, { through: { ...through!, throughFilterIds } });
    });
    expect(lessons(other)).toEqual([]);
  });

  it('the camera’s reading before goes into the history once other glass is on', () => {
    const first = withThrough(testStand(), { ev100: 12, takenAt: '2026-05-01T05:31:00Z' });
    const again = withThrough(first, { ev100: 12.1, takenAt: '2026-05-01T05:31:30Z' });
    expect(again.through).not.toHaveProperty('earlier');
    const behind = withThrough(again, {
      ev100: 5.7,
      throughFilterIds: ['n6'],
      takenAt: '2026-05-01T05:33:00Z',
    });
    expect(behind.through?.earlier).toEqual([{ ev100: 12.1, takenAt: '2026-05-01T05:31:30Z' }]);
    expect(withThrough(behind, undefined)).not.toHaveProperty('through');
  });

  it('is forgotten by its name, and offered no more once it is in force', () => {
    const liars = [6.4, 6.5, 6.3].map((stops, i) => kept(i, { readings: [twice(stops)] }));
    const [lesson] = lessons(liars);
    expect(lessons(liars, { ...NOTHING, forgotten: [lesson!.id] })).toEqual([]);
    const measured = {
      ...bag,
      filters: bag.filters.map((f) => (f.id === 'n6' ? { ...f, measuredStops: 6.4 } : f)),
    } as Bag;
    expect(lessonsOf(liars, [], measured, NOTHING)).toEqual([]);
  });

  const firstSeen = (what: 'too-dark' | 'too-bright', i: number) =>
    kept(i, {
      takes: [take({ id: `k${i}` })],
      seen: [{ id: `w${i}`, takeId: `k${i}`, what, much: 'little' }],
    });

  it('a hand that leans: first shots corrected alike, and a start that goes that way', () => {
    const dark = [1, 2, 3, 4, 5].map((i) => firstSeen('too-dark', i));
    const right = kept(9, { takes: [take({ id: 'k9', verdict: 'keep' })] });
    const [lesson] = lessons([...dark, right]);
    expect(lesson).toMatchObject({ kind: 'placement', leaning: { by: 0.5, agreeing: 5, of: 6 } });
    expect(lessonText(lesson!).says).toBe('The first shot is corrected 0.5 stops brighter, 5 times of 6.');
    // once it is taken, what was shot without it teaches nothing more
    const taken = { ...NOTHING, placementStops: 2 / 3, placementSince: '2026-05-01T06:00:00Z' };
    expect(lessons([...dark, right], taken)).toEqual([]);
    const mixed = [1, 2, 3, 4, 5, 6].map((i) => firstSeen(i % 2 ? 'too-dark' : 'too-bright', i));
    expect(lessons(mixed)).toEqual([]);
  });

  it('the usual gap: kept shots whose glass leaves another one', () => {
    const weak = [1, 2, 3, 4].map((i) =>
      kept(i, {
        takes: [
          take({ id: `k${i}`, verdict: 'keep', filterIds: ['hard-1'], seat: { offsetMm: 3, turnDeg: 0 } }),
        ],
      }),
    );
    expect(lessons(weak)).toMatchObject([{ kind: 'gap', gapStops: 2 }]);
    expect(lessons(weak, { ...NOTHING, gapStops: 2 })).toEqual([]);
    const usual = weak.map((k, i) =>
      kept(i, { takes: k.document.stand.takes!.map((t) => ({ ...t, filterIds: ['hard-2'] })) }),
    );
    expect(lessons(usual)).toEqual([]);
  });

  it('the usual gap: weaker sheets than were advised, time after time', () => {
    const fitted = (i: number, filterId: string, advised?: string) =>
      kept(i, {
        takes: [
          take({
            id: `k${i}`,
            verdict: 'keep',
            filterIds: [filterId],
            seat: { offsetMm: 3, turnDeg: 0 },
            ...(advised ? { advisedFilterIds: [advised] } : {}),
          }),
        ],
      });
    const weak = [1, 2, 3, 4].map((i) => fitted(i, 'hard-1', 'hard-2'));
    const [lesson] = lessons([...weak, fitted(5, 'hard-2')]);
    expect(lesson).toMatchObject({ kind: 'gap', gapStops: 2, weaker: { by: 1, agreeing: 4, of: 5 } });
    expect(lessonText(lesson!).says).toBe('You fit 1 stop less than is advised, 4 times of 5.');
    expect(evidenceText(lesson!, lesson!.from[0]!)).toBe('Orrin 1: 1 stop less');
    // now and then is no habit
    expect(lessons([weak[0]!, weak[1]!, ...[5, 6, 7].map((i) => fitted(i, 'hard-2'))])).toEqual([]);
  });

  it('the liked blur: kept times of what moves', () => {
    const milk = [20, 30, 40].map((seconds, i) =>
      kept(i, {
        wantedTime: { seconds, blur: 'milk' },
        takes: [
          take({ id: `k${i}`, verdict: 'keep', light: {}, exposure: { aperture: 11, iso: 100, seconds } }),
        ],
      }),
    );
    expect(lessons(milk)).toMatchObject([{ kind: 'blur', blur: 'milk', seconds: 30, focalLengthMm: 24 }]);
    // with how far off and how often a wave came, where that is known most times
    const waves = milk.map((k, i) =>
      kept(i, {
        ...k.document.stand,
        lens: { ...k.document.stand.lens, focusedM: 12 },
        ...(i ? { waveSeconds: 8 + i } : {}),
      }),
    );
    expect(lessonText(lessons(waves)[0]!).says).toMatch(
      /you keep 30 s, at about 24 mm, 12 m off, a wave every 9\.5 s, 3 times/,
    );
    expect(lessons(milk, { ...NOTHING, liked: { milk: 28 } })).toEqual([]);
    expect(lessons(milk.slice(1))).toEqual([]);
  });

  it('is what a new stand begins with, where its look has a place for it', () => {
    const heeded = { ...NOTHING, placementStops: 1 / 3, gapStops: 1.4 };
    expect(asLearnt(testStand(), heeded).look).toEqual({
      school: 'natural',
      landPlacementStops: 1 / 3,
      gapStops: 1.4,
    });
    expect(asLearnt(testStand({ look: { school: 'least' } }), heeded).look).toEqual({ school: 'least' });
    expect(asLearnt(testStand(), NOTHING)).toEqual(testStand());
  });
});
