import { type FramePoint } from '@/core/field';
import { type Bag, sampleBag, type Stand } from '@/model';
import { prepared, testStand } from '@/testing/fixtures';
import { balance, fitsAlong, judgeChoice } from './plan';
import { darkerThanReflection } from './reflection';
import { safetyOf } from './safety';
import { type Balance } from './problem/types';

const [sky, land] = testStand().readings as [Stand['readings'][number], Stand['readings'][number]];
const two: Bag = { ...sampleBag(), slots: 2 };

const solved = (change: Partial<Stand>, bag: Bag = sampleBag()): Balance => {
  const result = balance(prepared(testStand(change), bag));
  if (!result.ok) throw new Error(result.reason);
  return result.balance;
};
const refused = (change: Partial<Stand>, bag: Bag = sampleBag()) => {
  const result = balance(prepared(testStand(change), bag));
  return result.ok ? 'a plan' : result.reason;
};
const ids = (b: Balance) => b.best[0]?.set.map((s) => s.id);
const square = (u: number, v: number, side: number): FramePoint[] => [
  { u, v },
  { u: u + side, v },
  { u: u + side, v: v + side },
  { u, v: v + side },
];

describe('least glass', () => {
  const least: Partial<Stand> = { look: { school: 'least' } };

  it('is no glass where one exposure holds everything, and says how far the land must be lifted', () => {
    const b = solved(least);
    expect(ids(b)).toEqual([]);
    // EV 13 at 2.5 above mid-grey leaves EV 10 at 0.5 below
    expect(b.least).toMatchObject({ enough: true, liftStops: expect.closeTo(0.5, 9), tooDark: [] });
  });

  it('is the weakest that does, though a stronger one would fit as well', () => {
    const b = solved({ ...least, readings: [{ ...sky, ev100: 17.2 }, land] });
    expect(b.neededStops).toBeCloseTo(7.2 - 2.5 - 3.93, 1);
    expect(b.least?.enough).toBe(true);
    expect(b.best[0]!.set.map((s) => s.id)).toEqual([expect.stringMatching(/-1$/)]);
  });

  it('shows what comes nearest where none does, and what is missing', () => {
    const b = solved({ ...least, readings: [{ ...sky, ev100: 22 }, land] });
    expect(b.least).toMatchObject({ enough: false });
    expect(b.least!.printShortStops).toBeGreaterThan(1);
    expect(b.best[0]!.set[0]!.id).toMatch(/3$/);
  });

  it('lets a silhouette go black, and nothing else', () => {
    const shapes = [{ id: 's1', region: 'feature' as const, points: square(0.1, 0.3, 0.2) }];
    const dark = { id: 'f', role: 'feature' as const, u: 0.2, v: 0.4, ev100: 4 };
    const readings = [sky, land, dark];
    const silhouette = shapes.map((s) => ({ ...s, treat: 'silhouette' as const }));
    expect(solved({ ...least, readings, shapes: silhouette }).least?.tooDark).toEqual([]);
    const protect = shapes.map((s) => ({ ...s, treat: 'protect' as const }));
    expect(solved({ ...least, readings, shapes: protect }).least?.tooDark).toEqual(['f']);
  });
});

describe('by the sun', () => {
  it.each([
    ['behind', 1],
    ['side', 2],
    ['ahead', 3],
    ['hidden', 2],
  ] as const)('asks for what the sun %s makes likely', (sun, stops) => {
    const b = solved({ look: { school: 'sun', sun }, readings: [] });
    expect(b).toMatchObject({ spanStops: null, neededStops: stops, brighter: 'sky' });
    expect(b.best[0]!.set[0]!.id).toBe(`hard-${stops}`);
  });

  it('goes by directions where they are given, over north too', () => {
    const b = (viewAzimuthDeg: number, sunAzimuthDeg: number, sunAltitudeDeg?: number) =>
      solved({ look: { school: 'sun', viewAzimuthDeg, sunAzimuthDeg, sunAltitudeDeg }, readings: [] })
        .neededStops;
    expect([b(350, 10), b(350, 10, 25), b(0, 90), b(10, 200), b(-170, 170)]).toEqual([3, 2, 2, 1, 3]);
  });

  it('wants none over snow under cloud, and a direction before anything', () => {
    const snow = [{ ...land, wantedToneStops: 1.7 }];
    const b = solved({ look: { school: 'sun', sun: 'hidden' }, readings: snow });
    expect([b.neededStops, ids(b)]).toEqual([0, []]);
    expect(refused({ look: { school: 'sun' }, readings: [] })).toBe('no-sun-direction');
  });
});

describe('draw the sky out', () => {
  const even: Stand['readings'] = [{ ...sky, ev100: 10.2 }, land];
  const drawn = (gapStops?: number): Partial<Stand> => ({
    readings: even,
    look: { school: 'draw', ...(gapStops === undefined ? {} : { gapStops }) },
  });

  it('takes what it was asked for off a sky that is hardly brighter than the land', () => {
    expect(solved(drawn())).toMatchObject({ neededStops: 1, brighter: 'sky' });
    expect(solved({ readings: even, look: { school: 'natural' } }).neededStops).toBe(0);
    const one = solved(drawn());
    expect(ids(one)).toHaveLength(1);
    const two = solved(drawn(-2));
    expect(two.neededStops).toBe(2);
    const stops = (b: Balance) => b.best[0]!.set[0]!.sheet.profile as { stops: number };
    expect(stops(two).stops).toBeGreaterThan(stops(one).stops);
  });

  it('asks the same however bright the sky is, and nothing of one that is darker already', () => {
    expect(solved({ ...drawn(), readings: [{ ...sky, ev100: 14 }, land] }).neededStops).toBe(1);
    expect(refused({ ...drawn(), readings: [{ ...sky, ev100: 9 }, land] })).toBe('sky-already-darker');
  });
});

describe('heavy', () => {
  it('takes more than the span, and nothing where the sky is the darker already', () => {
    const b = solved({ look: { school: 'heavy' } }, two);
    expect(b.neededStops).toBeCloseTo(4, 9);
    expect(b.brighter).toBe('sky');
    expect(refused({ look: { school: 'heavy' }, readings: [{ ...sky, ev100: 9 }, land] })).toBe(
      'sky-already-darker',
    );
  });
});

describe('pairs', () => {
  it('are fitted where no single sheet has what is needed, at one seat in two slots', () => {
    const b = solved({ readings: [{ ...sky, ev100: 16 }, land] }, two);
    expect(ids(b)).toHaveLength(2);
    expect(b.compared).toBe(9 + 36 + 1);
    expect(solved({ readings: [{ ...sky, ev100: 16 }, land] }).best[0]!.set).toHaveLength(1);
  });

  it('cost more than one sheet, so that one is kept where it serves', () => {
    expect(ids(solved({}, two))).toEqual(['hard-2']);
  });

  it('go in upside down together over bright land', () => {
    const b = solved(
      {
        readings: [
          { ...sky, ev100: 10 },
          { ...land, ev100: 16 },
        ],
      },
      two,
    );
    expect(b.upsideDown).toBe(true);
    expect(ids(b)).toHaveLength(2);
    expect(Math.abs(b.best[0]!.seat!.turnDeg)).toBeGreaterThan(90);
  });

  it('share their slots with an ND: two slots and one of them taken leave single sheets', () => {
    const bag: Bag = { ...two, filters: [...two.filters, { id: 'n6', kind: 'neutral', stops: 6 }] };
    const b = solved({ fitted: [{ filterId: 'n6' }] }, bag);
    expect(b.compared).toBe(9 + 1);
    expect(b.ranking.every((r) => r.set.length < 2)).toBe(true);
  });
});

describe('a frame without two sides', () => {
  const everywhere = [
    { u: 0, v: 1.5 },
    { u: 1, v: 1.5 },
  ];
  it('names why there is no seam', () => {
    expect(refused({ skyline: everywhere })).toBe('no-seam');
    const ignored = [{ id: 'i', region: 'ignore' as const, points: square(-0.5, -0.5, 2) }];
    expect(refused({ shapes: ignored })).toBe('nothing-to-judge');
    expect(refused({ readings: [land] })).toBe('no-sky-reading');
    expect(refused({ readings: [sky] })).toBe('no-land-reading');
  });

  it('says what sheet would do where all of them show their edges', () => {
    const narrow: Bag = {
      filters: [{ id: 'n', kind: 'graduated', stops: 2, transitionMm: 8, sheetWidthMm: 40 }],
    };
    const result = balance(prepared(testStand({ lens: { focalLengthMm: 16, pupilToFilterMm: 45 } }), narrow));
    // 36 mm of frame at 45 / 16 is 101 mm of glass, and 1.4 mm of beam
    expect(result).toEqual({ ok: false, reason: 'all-sheets-show-edges', neededWidthMm: 103 });
  });

  it('is laid along a line drawn within the sky, sky above and sky below', () => {
    const shapes = [{ id: 'w', region: 'land' as const, points: square(0, 0.4, 1) }];
    expect(solved({ skyline: everywhere, shapes }).brighter).toBe('sky');
  });
});

describe('how safe an answer is', () => {
  it('names what is best a little beyond where it changes, and nothing where it is far from there', () => {
    const at = (ev100: number) =>
      prepared(
        testStand({
          readings: [
            { id: 'r1', role: 'sky', u: 0.4, v: 0.2, ev100 },
            { id: 'r2', role: 'land', u: 0.5, v: 0.75, ev100: 10 },
          ],
        }),
      );
    const known = new Map<string, string>();
    const bestAt = (ev100: number) => {
      const key = ev100.toFixed(3);
      const answer = known.has(key) ? null : balance(at(ev100));
      if (answer) known.set(key, (answer.ok && answer.balance.ranking[0]?.set.map((s) => s.id).join()) || '');
      return known.get(key) ?? '';
    };
    const evs = Array.from({ length: 30 }, (_, i) => 11.5 + i / 10);
    const before = evs.find((ev) => bestAt(ev) && bestAt(ev + 0.1) !== bestAt(ev))!;
    const [end] = safetyOf(at(before)).close.filter((c) => c.spanStops > 0);
    expect(end!.spanStops).toBeCloseTo(1 / 6, 9);
    expect(end!.otherwise!.map((s) => s.id).join()).toBe(bestAt(before + 1 / 6));
    const far = evs.find((ev) => [-0.5, 0.5].every((by) => bestAt(ev + by) === bestAt(ev)))!;
    expect(safetyOf(at(far)).close).toEqual([]);
  });

  it('names a reading without which another sheet would be best', () => {
    const readings = [sky, { ...sky, id: 'r3', ev100: 16.6, u: 0.8 }, { ...sky, id: 'r4', u: 0.2 }, land];
    const { deciding, bestForSpans } = safetyOf(prepared(testStand({ readings })));
    expect(deciding).toContainEqual(expect.objectContaining({ kind: 'taken', readingId: 'r3' }));
    expect(bestForSpans![0]).toBeLessThanOrEqual(4.2);
    expect(bestForSpans![1]).toBeGreaterThanOrEqual(4.2);
    // of two readings neither is left out: the other alone would say nothing of the side
    const two = safetyOf(prepared(testStand({ readings: readings.filter((r) => r.id !== 'r4') })));
    expect(two.deciding).toEqual([]);
  });

  it('names an unread feature whose light would decide, and none that is told what to be', () => {
    const points = [
      { u: 0.2, v: 0.45 },
      { u: 0.25, v: 0.02 },
      { u: 0.7, v: 0.02 },
      { u: 0.8, v: 0.45 },
    ];
    const ridge = { id: 's1', name: 'lit ridge', region: 'feature' as const, points };
    const readings = [{ ...sky, ev100: 14 }, land];
    const asked = safetyOf(prepared(testStand({ readings, shapes: [ridge] }))).deciding;
    expect(asked).toContainEqual(expect.objectContaining({ kind: 'missing', shape: ridge }));
    const told = { ...ridge, treat: 'protect' as const };
    const { deciding } = safetyOf(prepared(testStand({ readings, shapes: [told] })));
    expect(deciding.filter((d) => d.kind === 'missing')).toEqual([]);
  });

  it('has no spans where nothing was measured', () => {
    const stand = testStand({ look: { school: 'sun', sun: 'side' }, readings: [] });
    expect(safetyOf(prepared(stand))).toEqual({ bestForSpans: null, close: [], deciding: [] });
  });
});

describe('still water under the sky', () => {
  const water = [{ id: 'w', region: 'water' as const, points: square(0, 0.46, 1) }];
  const at = (stops: number, seat: { offsetMm: number; turnDeg: number } | null) => {
    const { input } = prepared(
      testStand({ shapes: water, lens: { focalLengthMm: 50, pupilToFilterMm: 55 } }),
    );
    return darkerThanReflection(
      input,
      input.sheets.filter((s) => s.id === `hard-${stops}`),
      seat,
    );
  };
  it('tells where a grad makes the sky darker than its own picture', () => {
    const found = at(3, { offsetMm: 1, turnDeg: 0 })!;
    // a 50 mm frame sees water no more than 14 degrees down: at most 2 stops are lost there
    expect(found.stops).toBeGreaterThan(0.5);
    expect(found.ceilingStops).toBeLessThan(2.2);
    expect(at(1, { offsetMm: 1, turnDeg: 0 })!.stops).toBeLessThan(found.stops);
    expect(at(3, null)).toBeNull();
    expect(darkerThanReflection(prepared(testStand()).input, [], null)).toBeNull();
  });
});

describe('how well a sheet serves as it slides', () => {
  const posed = prepared(testStand());
  const result = balance(posed);
  const best = result.ok ? result.balance.best[0]! : null;

  it('is best about where it is seated, half a millimetre apart either way, and worse at either end', () => {
    const along = fitsAlong(posed, best!.set, best!.seat!, 14);
    expect(along).toHaveLength(57);
    expect(along[1]!.offsetMm - along[0]!.offsetMm).toBe(0.5);
    const least = along.reduce((a, b) => (b.fitStops < a.fitStops ? b : a));
    expect(Math.abs(least.offsetMm - best!.seat!.offsetMm)).toBeLessThanOrEqual(2);
    for (const end of [along[0]!, along.at(-1)!]) expect(end.fitStops).toBeGreaterThan(least.fitStops + 0.2);
  });

  it('is the fit that a seat chosen there would have', () => {
    for (const { offsetMm, fitStops } of fitsAlong(posed, best!.set, best!.seat!, 6)) {
      const seat = { ...best!.seat!, offsetMm };
      expect(fitStops).toBeCloseTo(judgeChoice(posed, { set: best!.set, seat })!.fitStops, 1);
    }
  });

  it('is not known without a target', () => {
    const bare = prepared(testStand({ readings: [] }));
    expect(fitsAlong(bare, best!.set, best!.seat!, 6)).toEqual([]);
  });
});
