import { seededIds } from '@/testing/ids';
import { testStand } from '@/testing/fixtures';
import {
  addReading,
  addSkylinePoint,
  type Bag,
  bagForStand,
  bringsNothingNew,
  changeReading,
  choose,
  deriveStand,
  meteredEv,
  midpointAfter,
  moveSkylinePoint,
  newFilters,
  readAgain,
  offsetForSticksOutMm,
  oldestReadingMinutes,
  prepareStand,
  putFilter,
  removeFilter,
  removeReading,
  removeSkylinePoint,
  restoreFilter,
  sampleBag,
  type SheetFilter,
  solutionKey,
  solveStand,
  type Stand,
  warningsOf,
  withNewFilters,
  withoutPlace,
  withStand,
  withWorkspaceBag,
} from '.';
import { sticksOutMm } from './bag/bag';

const bag = sampleBag();
const sheet = (id: string): SheetFilter => bag.filters.find((f) => f.id === id) as SheetFilter;

describe('edits', () => {
  const stand = testStand();

  it('add, change and remove readings without touching the stand they came from', () => {
    const added = addReading(stand, { id: 'r3', role: 'water', ev100: 9 });
    expect(added.readings.at(-1)).toEqual({ id: 'r3', role: 'water', ev100: 9 });
    expect(changeReading(added, 'r3', { limit: true }).readings[2]).toMatchObject({ limit: true });
    expect(withoutPlace(stand, 'r1').readings).toEqual([
      { id: 'r1', role: 'sky', ev100: 13 },
      stand.readings[1],
    ]);
    expect(removeReading(added, 'r1').readings.map((r) => r.id)).toEqual(['r2', 'r3']);
    expect(stand.readings).toHaveLength(2);
  });

  it('keep the skyline in the frame, in order, and at two points at least', () => {
    const added = addSkylinePoint(stand, { u: 0.4, v: 0.3 });
    expect(added.skyline[1]).toEqual({ u: 0.4, v: 0.3 });
    expect(moveSkylinePoint(added, 1, { u: 0.4, v: -3 }).skyline[1]).toEqual({ u: 0.4, v: 0 });
    expect(removeSkylinePoint(added, 1).skyline).toEqual(stand.skyline);
    expect(removeSkylinePoint(stand, 0)).toBe(stand);
    expect(midpointAfter(added.skyline, 1)).toEqual({ u: 0.7, v: expect.closeTo(0.375, 9) });
  });

  it('put, remove and restore filters where they were', () => {
    const without = removeFilter(bag, 'hard-2');
    expect(without.filters.map((f) => f.id)).not.toContain('hard-2');
    expect(restoreFilter(without, sheet('hard-2'), 1, false)).toEqual(bag);
    expect(putFilter(bag, { ...sheet('hard-2'), name: 'Four' }).filters[1]).toMatchObject({
      name: 'Four',
    });
  });
});

describe('what stands above the rail', () => {
  it('comes back from the offset that it stands for', () => {
    const soft = { ...sheet('soft-2'), seamFromDarkEndMm: 60 };
    expect(sticksOutMm(soft, 5.5)).toBe(15.5);
    expect(offsetForSticksOutMm(soft, 15.5)).toBe(5.5);
    expect(sticksOutMm({ ...soft, sheetLengthMm: undefined }, 5.5)).toBeNull();
    expect(sticksOutMm({ ...soft, sheetWidthMm: 150 }, 0)).toBe(-15);
  });
});

describe('a prepared stand', () => {
  const reading = (change: object): Stand =>
    testStand({ readings: [{ ...testStand().readings[0]!, ...change }, testStand().readings[1]!] });
  const evs = (stand: Stand, b: Bag = bag) => prepareStand(stand, b).input.field.readings.map((r) => r.ev100);

  it('reads camera settings by what their marks stand for', () => {
    expect(meteredEv({ aperture: 8, shutter: '1/250', iso: 100 })).toBeCloseTo(14, 12);
    expect(meteredEv({ aperture: 8, shutter: 1 / 250, iso: 100 })).toBeCloseTo(6 + Math.log2(250), 12);
  });

  it('adds back what a filter took from a reading, a grad by its noted seat', () => {
    const withNd = {
      ...bag,
      filters: [
        ...bag.filters,
        { id: 'n6', kind: 'neutral' as const, stops: 6 },
        { id: 'p', kind: 'polariser' as const, baseLossStops: 1.5 },
      ],
    };
    expect(evs(reading({ ev100: 7, throughFilterIds: ['n6'] }), withNd)).toEqual([13, 10]);
    expect(evs(reading({ throughFilterIds: ['p'] }), withNd)).toEqual([13, 10]);
    const through = reading({
      ev100: 11,
      throughFilterIds: ['hard-2'],
      seat: { filterId: 'hard-2', offsetMm: -30, turnDeg: 0 },
    });
    expect(evs(through)).toEqual([13, 10]);
  });

  it('takes a grad whose seat was not noted as laid along the skyline, and a spot without a place as amid its side', () => {
    const through = { throughFilterIds: ['hard-2'] };
    const [sky] = evs(reading({ ev100: 11, u: 0.5, v: 0.05, ...through }));
    expect(sky).toBeCloseTo(13, 2);
    const [low] = evs(reading({ ev100: 11, u: 0.5, v: 0.95, ...through }));
    expect(low).toBeCloseTo(11, 2);
    const [rough] = evs(reading({ ev100: 11, u: undefined, v: undefined, ...through }));
    expect(rough).toBeGreaterThan(12);
    const chosen = { choice: { filterIds: ['hard-2'], offsetMm: -30, turnDeg: 0 } };
    expect(evs({ ...reading({ ev100: 11, u: 0.5, v: 0.95, ...through }), ...chosen })[0]).toBeCloseTo(13, 2);
  });

  it('counts a polariser once: what was read through it has lost its light already', () => {
    const withPolariser: Bag = {
      slots: 2,
      filters: [...bag.filters, { id: 'p', kind: 'polariser', baseLossStops: 1.5 }],
    };
    const fitted = [{ filterId: 'p' }];
    const through = testStand().readings.map((r) => ({ ...r, throughFilterIds: ['p'] }));
    const seconds = (stand: Stand) =>
      deriveStand(stand, withPolariser, null).inUse!.outcome.exposure!.seconds;
    const bare = seconds(testStand());
    expect(seconds(testStand({ fitted })) / bare).toBeCloseTo(2 ** 1.5, 9);
    expect(seconds(testStand({ fitted, readings: through })) / bare).toBeCloseTo(1, 9);
  });

  it('leaves no slot for a grad behind an ND in a holder of one', () => {
    const withNd: Bag = { slots: 1, filters: [...bag.filters, { id: 'n6', kind: 'neutral', stops: 6 }] };
    const stand = testStand({ fitted: [{ filterId: 'n6' }] });
    const derived = deriveStand(stand, withNd, solveStand(stand, withNd));
    expect(derived.plan?.filterIds).toEqual([]);
    expect(warningsOf(stand, withNd, derived, derived.plan!).map((w) => w.code)).toContain('no-grad-at-hand');
    expect(prepareStand(stand, { ...withNd, slots: 2 })).toMatchObject({
      freeSlots: 1,
      fitted: { stops: 6, dyedStops: 0 },
    });
  });
});

describe('a derived stand', () => {
  const stand = testStand();
  const solution = solveStand(stand, bag);

  it('advises the best set, and shows it until the photographer chooses', () => {
    const derived = deriveStand(stand, bag, solution);
    expect(derived.plan?.filterIds).toEqual(['hard-2']);
    expect(derived.inUse).toBe(derived.plan);
    expect(derived.stale).toBe(false);
    expect(derived.plan?.sticksOutMm).toBe(25 + derived.plan!.seat!.offsetMm);
  });

  it('shows a choice at its own seat, judged by the same figures', () => {
    const chosen = choose(stand, { filterIds: ['hard-2'], offsetMm: 30, turnDeg: 0 });
    const derived = deriveStand(chosen, bag, solution);
    expect(derived.inUse?.seat).toEqual({ offsetMm: 30, turnDeg: 0 });
    expect(derived.chosen!.figures!.fitStops).toBeGreaterThan(derived.plan!.figures!.fitStops + 0.3);
    expect(derived.stale).toBe(false);
    const there = choose(stand, { filterIds: ['hard-2'], ...derived.plan!.seat! });
    expect(deriveStand(there, bag, solution).chosen!.figures!.fitStops).toBeCloseTo(
      derived.plan!.figures!.fitStops,
      9,
    );
  });

  it('marks an answer that belongs to other readings, and any when there is none', () => {
    const brighter = changeReading(stand, 'r1', { ev100: 14 });
    expect(deriveStand(brighter, bag, solution).stale).toBe(true);
    expect(deriveStand(stand, bag, null)).toMatchObject({ stale: true, plan: null, spanStops: 3 });
    expect(solutionKey({ ...stand, name: 'Quill Rim' }, bag)).toBe(solution.key);
  });

  it('keeps the advice at a chosen set that is as good', () => {
    const even = testStand({
      readings: [{ ...stand.readings[0]!, ev100: 12.65 }, stand.readings[1]!],
      look: { school: 'even' },
    });
    const answer = solveStand(even, bag);
    if (!answer.result?.ok) throw new Error(answer.result?.reason);
    const { ranking } = answer.result.balance;
    const second = ranking[1]!.set.map((s) => s.id);
    const isClose = ranking[1]!.scoreStops - ranking[0]!.scoreStops <= 0.05;
    const derived = deriveStand(choose(even, { filterIds: second, offsetMm: 0, turnDeg: 0 }), bag, answer);
    expect(derived.plan?.filterIds).toEqual(isClose ? second : ranking[0]!.set.map((s) => s.id));
  });

  it('warns of an estimated pupil and of readings without a place', () => {
    const rough = testStand({
      lens: { focalLengthMm: 24 },
      readings: [{ id: 'a', role: 'sky', ev100: 13 }, stand.readings[1]!],
    });
    const derived = deriveStand(rough, bag, solveStand(rough, bag));
    expect(warningsOf(rough, bag, derived, derived.plan!).map((w) => w.code)).toEqual(
      expect.arrayContaining(['pupil-estimated', 'reading-without-place']),
    );
  });
});

describe('a stand document', () => {
  const document = { stand: testStand(), bag: null, used: [], minor: 0 };

  it('keeps copies of the filters it refers to, so that it opens unchanged without them', () => {
    const chosen = withStand(
      document,
      choose(document.stand, { filterIds: ['soft-3'], offsetMm: 0, turnDeg: 0 }),
      bag,
    );
    expect(chosen.used.map((f) => f.id)).toEqual(['soft-3']);
    const later = bagForStand(chosen, removeFilter(bag, 'soft-3'));
    expect(later.filters.map((f) => f.id)).toContain('soft-3');
    expect(bagForStand(chosen, bag)).toBe(bag);
  });

  it('is solved with the bag that it brought, and tells what is new in it', () => {
    const extra = { ...sheet('hard-2'), id: 'own', stops: 2.5 };
    const own = { ...document, bag: { slots: 1, filters: [...bag.filters, extra] } };
    expect(bagForStand(own, bag)).toBe(own.bag);
    expect(newFilters(own, bag)).toEqual([extra]);
    expect(bringsNothingNew(own, bag)).toBe(false);
    expect(bringsNothingNew({ ...document, bag: sampleBag() }, bag)).toBe(true);
  });

  it('adds what it brought to the bag without touching what is there, and then refers to that', () => {
    const other = { ...sheet('hard-2'), stops: 2.5, name: 'old hard' };
    const own = {
      ...document,
      stand: choose(document.stand, { filterIds: ['hard-2'], offsetMm: 3, turnDeg: 0 }),
      bag: { slots: 1, filters: [other, sheet('soft-2')] },
    };
    const grown = withNewFilters(own, bag, seededIds());
    expect(grown.filters).toHaveLength(bag.filters.length + 1);
    expect(grown.filters.slice(0, -1)).toEqual(bag.filters);
    const id = grown.filters.at(-1)!.id;
    expect(id).not.toBe('hard-2');
    expect(withWorkspaceBag(own, grown, seededIds())).toMatchObject({
      bag: null,
      stand: { choice: { filterIds: [id], offsetMm: 3 } },
    });
    expect(withWorkspaceBag(own, bag, seededIds()).stand.choice).toBeUndefined();
    expect(withWorkspaceBag(document, bag, seededIds())).toBe(document);
  });

  it('knows the age of its oldest reading', () => {
    const now = Date.parse('2026-05-01T06:00:00Z');
    const readings = [
      { ...testStand().readings[0]!, takenAt: '2026-05-01T05:48:00Z' },
      testStand().readings[1]!,
    ];
    expect(oldestReadingMinutes(testStand({ readings }), now)).toBe(12);
    expect(oldestReadingMinutes(testStand(), now)).toBeNull();
  });
});

it('what was read again of a reading that is gone is a reading of its own (fault 9)', () => {
  const stand = testStand();
  const light = { ev100: 8.5 };
  const instead = { id: 'new', role: 'land' as const, ...light };
  expect(readAgain(removeReading(stand, 'r2'), 'r2', light, instead).readings.at(-1)).toEqual(instead);
  expect(readAgain(stand, 'r2', light, instead).readings.map((r) => r.id)).toEqual(['r1', 'r2']);
});
