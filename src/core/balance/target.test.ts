import { REGION_CODES } from '@/core/field';
import { type Stand, type StandShape } from '@/model';
import { prepared, testStand } from '@/testing/fixtures';
import { balance } from './plan';
import { targetFor } from './target';

const reading = (
  id: string,
  role: 'sky' | 'land' | 'water' | 'feature',
  v: number,
  ev100: number,
  u = 0.5,
) => ({ id, role, u, v, ev100 });
const target = (stand: Stand) => {
  const result = targetFor(prepared(stand).input);
  if (!result.ok) throw new Error(result.reason);
  return result.target;
};
const reasonOf = (stand: Stand) => {
  const result = targetFor(prepared(stand).input);
  return result.ok ? null : result.reason;
};
const peak: StandShape = {
  id: 's1',
  region: 'feature',
  points: [
    { u: 0.4, v: 0.5 },
    { u: 0.5, v: 0.2 },
    { u: 0.6, v: 0.5 },
  ],
};
const at = (u: number, v: number) => Math.floor(v * 160) * 240 + Math.floor(u * 240);

describe('the target', () => {
  it('asks the need of an even sky and nothing of the land', () => {
    const t = target(testStand());
    expect(t.sides).toMatchObject({ spanStops: 3, neededStops: 2, brighter: 'sky' });
    expect([t.stops[at(0.5, 0.1)], t.stops[at(0.5, 0.9)]]).toEqual([expect.closeTo(2, 9), 0]);
    expect([t.bright[at(0.5, 0.1)], t.bright[at(0.5, 0.9)]]).toEqual([1, 0]);
    expect(t.skylineTurnDeg).toBe(0);
  });

  it('evens out half of the sky by default, and more of it where asked', () => {
    const readings = [
      reading('a', 'sky', 0.02, 12),
      reading('b', 'sky', 0.4, 14),
      reading('c', 'land', 0.8, 10),
    ];
    const half = target(testStand({ readings }));
    const none = target(testStand({ readings, look: { school: 'natural', follow: 0 } }));
    expect(half.stops[at(0.5, 0.4)]!).toBeCloseTo(2 + 0.5 * 1, 1);
    expect(none.stops[at(0.5, 0.4)]).toBe(2);
    expect(half.glow).toBe(true);
  });

  it('turns upside down where the land is the brighter, features not among it', () => {
    const t = target(
      testStand({ readings: [reading('a', 'sky', 0.2, 10), reading('b', 'land', 0.8, 13)], shapes: [peak] }),
    );
    expect(t.upsideDown).toBe(true);
    expect(t.skylineTurnDeg).toBe(180);
    expect(t.bright[at(0.1, 0.9)]).toBe(1);
    expect(t.bright[at(0.5, 0.4)]).toBe(0);
    expect(t.glow).toBe(false);
  });

  it('counts wanted tones in the span and a reading to hold in no mean', () => {
    const readings = [
      reading('a', 'sky', 0.2, 13),
      { ...reading('b', 'land', 0.8, 11.5), wantedToneStops: 1.5 },
      { ...reading('c', 'sky', 0.1, 17), limit: true },
    ];
    expect(target(testStand({ readings })).sides).toMatchObject({
      spanStops: 3,
      darkMeanEv: 10,
      brightMeanEv: 13,
    });
  });

  it('weighs features thrice, the skyline and a blown sky twice, and what is ignored not at all', () => {
    const ignored: StandShape = {
      ...peak,
      id: 's2',
      region: 'ignore',
      points: peak.points.map(({ u, v }) => ({ u: u - 0.3, v: v + 0.45 })),
    };
    const t = target(
      testStand({
        shapes: [peak, ignored],
        readings: [reading('a', 'sky', 0.2, 14), reading('b', 'land', 0.8, 10)],
      }),
    );
    expect(t.weights[at(0.5, 0.3)]).toBe(3);
    expect(t.weights[at(0.1, 0.5)]).toBe(2);
    expect(t.weights[at(0.9, 0.9)]).toBe(1);
    // four stops over mid-grey is a stop over the highlight room
    expect(t.weights[at(0.9, 0.05)]).toBe(2);
    expect(t.weights[at(0.2, 0.8)]).toBe(0);
    expect([t.far[at(0.5, 0.3)], t.far[at(0.1, 0.5)], t.far[at(0.9, 0.9)]]).toEqual([1, 0, 1]);
  });

  it.each([
    ['told to protect', 'protect' as const, 13, 0, 3],
    ['lit', undefined, 12.5, 1.5, 3],
    ['in shade', undefined, 10.5, 0, 3],
    ['dark already', undefined, 7.5, 0, 0],
    ['told to tame, brighter than the need', 'tame' as const, 15, 2, 3],
  ])('treats a feature %s', (_, treat, ev, wanted, weight) => {
    const shapes = [{ ...peak, treat }];
    const readings = [...testStand().readings, reading('f', 'feature', 0.4, ev)];
    const t = target(testStand({ shapes, readings }));
    expect(t.stops[at(0.5, 0.4)]).toBeCloseTo(wanted, 9);
    expect(t.weights[at(0.5, 0.4)]).toBe(weight);
  });

  it('names what is missing', () => {
    const [sky, land] = testStand().readings as [Stand['readings'][number], Stand['readings'][number]];
    const all: StandShape = {
      ...peak,
      region: 'ignore',
      points: [
        { u: -1, v: -1 },
        { u: 2, v: -1 },
        { u: 2, v: 2 },
        { u: -1, v: 2 },
      ],
    };
    expect(reasonOf(testStand({ readings: [land] }))).toBe('no-sky-reading');
    expect(reasonOf(testStand({ readings: [sky, { ...land, limit: true }] }))).toBe('no-land-reading');
    expect(reasonOf(testStand({ shapes: [all] }))).toBe('nothing-to-judge');
    expect(
      reasonOf(
        testStand({
          skyline: [
            { u: 0, v: 0.01 },
            { u: 1, v: 0.01 },
          ],
        }),
      ),
    ).toBe('no-seam');
    expect(reasonOf(testStand({ look: { school: 'heavy' }, readings: [{ ...sky, ev100: 9 }, land] }))).toBe(
      'sky-already-darker',
    );
  });

  it('takes the region codes in their own order', () => {
    expect(REGION_CODES).toEqual(['sky', 'land', 'water', 'feature', 'ignore']);
  });
});

describe('a balance', () => {
  const best = (stand: Stand) => {
    const result = balance(prepared(stand));
    if (!result.ok) throw new Error(result.reason);
    return result.balance;
  };

  it('needs no glass where the span is no more than what is kept', () => {
    const { best: sets, neededStops } = best(
      testStand({ readings: [reading('a', 'sky', 0.2, 11), reading('b', 'land', 0.8, 10)] }),
    );
    expect(neededStops).toBe(0);
    expect(sets[0]?.set).toEqual([]);
  });

  it('takes more for Heavy than for Even, and more for Even than for Natural', () => {
    const needs = (['heavy', 'even', 'natural'] as const).map(
      (school) => best(testStand({ look: { school } })).neededStops,
    );
    expect(needs).toEqual([4, 3, 2]);
  });

  it('says which width would do where every sheet shows its edges', () => {
    const bag = {
      filters: [{ id: 'n', kind: 'graduated' as const, stops: 2, transitionMm: 8, sheetWidthMm: 50 }],
    };
    const result = balance(prepared(testStand({ lens: { focalLengthMm: 16, pupilToFilterMm: 40 } }), bag));
    expect(result).toMatchObject({ ok: false, reason: 'all-sheets-show-edges' });
    expect(!result.ok && result.neededWidthMm).toBeGreaterThan(90);
  });

  it('breaks a tie for less density and then by the order of the bag', () => {
    const sheet = { kind: 'graduated' as const, stops: 2, transitionMm: 8 };
    const bag = {
      filters: [
        { id: 'first', ...sheet },
        { id: 'second', ...sheet },
      ],
    };
    const result = balance(prepared(testStand(), bag));
    expect(result.ok && result.balance.ranking.map((r) => r.set[0]?.id)).toEqual([
      'first',
      'second',
      undefined,
    ]);
  });
});
