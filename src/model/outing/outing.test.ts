import { landCrossings } from '@/core/sky';
import { moonLook } from '@/core/sky/sky-day';
import { type Stand } from '@/model';
import { testStand } from '@/testing/fixtures';
import { joinParts } from '../records/join';
import { dueOn } from './again';
import { cautionsOf } from './cautions';
import {
  movedFraming,
  newOuting,
  outingAgain,
  putOuting,
  standOfFraming,
  framingOf,
  withOuting,
  withPacked,
} from './edits';
import { aimOf, offTo } from './aim';
import { framingLight } from './light';
import { placeDay } from './place-day';
import { PLANS_PARTS } from './parts';
import { NO_PLANS, type Outing, type Framing, type Plans } from './plans';
import { scheduleOf } from './schedule';
import { worthMoments } from './worth';
import { dayBounds, hourOf, momentAt } from './zone';

const PLACE = { latitudeDeg: 56, longitudeDeg: -3 };
const DAY = '2026-03-29';
const ZONE = 'Europe/London';
const BOUNDS = dayBounds(DAY, ZONE);
const DAY_LIGHT = placeDay(PLACE, BOUNDS);
const EVENTS = DAY_LIGHT.events;
const sunset = EVENTS.find((e) => e.kind === 'sunset')!;
const at = (hour: string) => new Date(momentAt(DAY, hour, ZONE)).toISOString();

const outing = (change: Partial<Outing> = {}): Outing => ({
  ...newOuting({ id: 'o1', name: 'Marl Pan', createdAt: '2026-03-28T18:00:00Z', day: DAY, zone: ZONE }),
  ...change,
});
const framing = (change: Partial<Framing> = {}): Framing => ({ id: 's1', name: 'Far shore', ...change });

/** A stand that looks to where the sun sets, over a level skyline. */
const intoSunset = (change: Partial<Stand> = {}) =>
  testStand({ look: { school: 'natural', viewAzimuthDeg: sunset.direction.azimuthDeg }, ...change });

const light = (of: Outing, s: Framing, stand: Stand | null) => framingLight(of, s, stand, DAY_LIGHT);

describe('a framing by its stand', () => {
  it('knows the height of its own skyline over its width, the lowest of it on the level', () => {
    const slope = intoSunset({
      skyline: [
        { u: 0, v: 0.3 },
        { u: 1, v: 0.6 },
      ],
    });
    const { azimuthDeg, halfWidthDeg, landAt } = aimOf(framing(), slope);
    expect(halfWidthDeg).toBeCloseTo(36.9, 1);
    const right = landAt!(azimuthDeg! + 36);
    const left = landAt!(azimuthDeg! - 36);
    expect(right).toBeCloseTo(0, 0);
    expect(left).toBeGreaterThan(8);
    expect(landAt!(azimuthDeg! + 60)).toBeNull();
  });

  it('stands as much higher as its foot is said to', () => {
    const { azimuthDeg, landAt } = aimOf(framing({ skylineUpDeg: 4 }), intoSunset());
    expect(landAt!(azimuthDeg!)).toBeCloseTo(4, 2);
  });

  it('knows no skyline that is only assumed, and no direction that nobody has said', () => {
    expect(aimOf(framing(), intoSunset({ assumed: ['skyline'] })).landAt).toBeNull();
    expect(aimOf(framing({ azimuthDeg: 70 }), null)).toEqual({
      azimuthDeg: 70,
      halfWidthDeg: null,
      landAt: null,
    });
    expect(aimOf(framing(), testStand()).azimuthDeg).toBeNull();
  });

  it.each([
    [350, 10, 20],
    [10, 350, -20],
    [90, 270, -180],
    [0, -30, -30],
  ])('lies off from %d to %d by %d degrees', (from, to, off) => expect(offTo(from, to)).toBe(off));
});

describe('the light of a day over a framing', () => {
  it('has a wider span into the sunset than away from it, and says how wide it may be', () => {
    const into = light(outing(), framing(), intoSunset()).moments;
    const away = light(
      outing(),
      framing({ azimuthDeg: sunset.direction.azimuthDeg - 180 }),
      intoSunset(),
    ).moments;
    const before = (m: { atMs: number }) => Math.abs(m.atMs - (sunset.atMs - 30 * 60_000)) <= 5 * 60_000;
    expect(into.find(before)!.spanStops).toBeGreaterThan(away.find(before)!.spanStops + 1);
    for (const m of into) {
      expect(m.rangeStops[0]).toBeLessThan(m.spanStops);
      expect(m.rangeStops[1]).toBeGreaterThan(m.spanStops);
    }
  });

  it('serves from twelve degrees below the horizon', () => {
    const { moments } = light(outing(), framing(), null);
    expect(Math.min(...moments.map((m) => m.sunAltitudeDeg))).toBeGreaterThan(-12);
    expect(moments[0]!.fromSunDeg).toBeNull();
  });

  it('has the polariser at its best at a right angle to the sun, and none under cloud', () => {
    const south = light(outing(), framing({ azimuthDeg: 180 }), null).polariser!;
    const off = Math.abs(offTo(180, DAY_LIGHT.sunAt(south.atMs).azimuthDeg));
    expect(off).toBeGreaterThan(70);
    expect(south.darkerStops).toBeGreaterThan(1.7);
    expect(
      light(outing({ weather: { cloud: 'covered' } }), framing({ azimuthDeg: 180 }), null).polariser,
    ).toBeNull();
    expect(light(outing(), framing(), null).polariser).toBeNull();
  });

  it('loses the sun behind the frame’s own skyline, earlier where that stands higher', () => {
    const level = light(outing(), framing(), intoSunset()).land;
    const high = light(outing(), framing({ skylineUpDeg: 5 }), intoSunset()).land;
    expect(level.map((c) => c.comesOut)).toEqual([false]);
    expect(high[0]!.atMs).toBeLessThan(level[0]!.atMs - 20 * 60_000);
  });

  it('has the water as it is wanted where a table tells of it', () => {
    const tides = [
      { at: at('05:00'), heightM: 0.5 },
      { at: at('11:00'), heightM: 4.5 },
    ];
    const low = framing({ tide: { side: 'below', heightM: 1.5 } });
    const [span] = light(outing({ tides }), low, null).water!;
    expect(hourOf(span!.fromMs, ZONE)).toBe('05:00');
    expect(hourOf(span!.toMs, ZONE)).toBe('07:00');
    expect(light(outing(), low, null).water).toBeNull();
  });
});

describe('the moments worth being there for', () => {
  const worth = (of: Outing, framings: readonly Framing[], stand: Stand | null) =>
    worthMoments({
      framings: framings.map((s) => ({ framing: s, light: light(of, s, stand) })),
      events: EVENTS,
      moon: moonLook(BOUNDS.fromMs),
      isCovered: of.weather?.cloud === 'covered',
    });

  it('has the sun that sets in the frame first, and three at most, apart and in order', () => {
    const found = worth(outing(), [framing()], intoSunset());
    expect(found.length).toBeLessThanOrEqual(3);
    const inFrame = found.find((m) => m.why === 'sun-in-frame')!;
    expect(inFrame.atMs).toBe(sunset.atMs);
    expect(inFrame.offDeg).toBeCloseTo(0, 6);
    found.slice(1).forEach((m, i) => expect(m.atMs - found[i]!.atMs).toBeGreaterThanOrEqual(25 * 60_000));
  });

  it('has low light from the side where the frame looks across the sun', () => {
    const [first] = worth(outing(), [framing({ azimuthDeg: 0 })], null).filter((m) => m.why === 'side-light');
    expect(Math.abs(DAY_LIGHT.sunAt(first!.atMs).altitudeDeg - 4)).toBeLessThan(2);
  });

  it('says that the sun comes out again from behind a peak, in the evening too', () => {
    const { altitudeDeg, azimuthDeg } = DAY_LIGHT.seenAt(sunset.atMs - 60 * 60_000);
    const peak = (az: number) => (Math.abs(offTo(azimuthDeg, az)) < 3 ? altitudeDeg + 5 : 0);
    const land = landCrossings(DAY_LIGHT.seenAt, peak, BOUNDS.fromMs, BOUNDS.toMs);
    const found = worthMoments({
      framings: [
        { framing: framing(), light: { ...light(outing(), framing(), intoSunset()), land, moments: [] } },
      ],
      events: [],
      moon: moonLook(BOUNDS.fromMs),
      isCovered: false,
    });
    expect(land.some((c) => c.comesOut)).toBe(true);
    for (const m of found.filter((f) => f.why === 'over-land'))
      expect(m.comes).toBe(land.find((c) => c.atMs === m.atMs)!.comesOut);
    expect(found.filter((f) => f.why === 'over-land').length).toBeGreaterThan(0);
  });

  it('under a covered sky asks for the even light of dawn and dusk alone', () => {
    const found = worth(outing({ weather: { cloud: 'covered' } }), [framing()], intoSunset());
    expect(new Set(found.map((m) => m.why))).toEqual(new Set(['even']));
  });

  it('puts a moment with the wrong water behind one with the right', () => {
    const tides = [
      { at: at('06:00'), heightM: 4.5 },
      { at: at('12:10'), heightM: 0.5 },
      { at: at('18:20'), heightM: 4.5 },
    ];
    const wet = framing({
      id: 'wet',
      azimuthDeg: sunset.direction.azimuthDeg,
      tide: { side: 'below', heightM: 1 },
    });
    const found = worth(outing({ tides }), [wet], null);
    expect(found.find((m) => m.atMs === sunset.atMs)?.hasWater ?? false).toBe(false);
  });
});

describe('the hours of an outing', () => {
  const framings = [
    framing({ id: 'a', walkMinutes: 20, minutes: 40 }),
    framing({ id: 'b', walkMinutes: 10, standId: 'st-test' }),
  ];
  const shot = testStand({
    exposures: [{ openedAt: '2026-03-01T18:00:00.000Z', plannedSeconds: 230, seconds: 240 }],
  });

  it('follow from when it begins, each walk and each stay, by what its exposures took before', () => {
    const found = scheduleOf(
      outing({ framings, startsAt: '17:00', walkOutMinutes: 30 }),
      () => shot,
      EVENTS,
    )!;
    expect(found.framings.map((s) => hourOf(s.fromMs, ZONE))).toEqual(['17:20', '18:10']);
    // four minutes of exposures and twelve of handling
    expect(found.framings[1]!.minutes).toBe(16);
    expect(hourOf(found.backMs, ZONE)).toBe('18:56');
    const dusk = EVENTS.find((e) => e.kind === 'civil-dusk')!;
    expect(found.lightLeftMinutes).toBe(Math.round((dusk.atMs - found.backMs) / 60_000));
  });

  it('are not told while it is not said when it begins', () => {
    expect(scheduleOf(outing({ framings }), () => null, EVENTS)).toBeNull();
  });

  it('warn of a way back in the dark', () => {
    const late = outing({ framings, startsAt: '19:00', walkOutMinutes: 60 });
    const schedule = scheduleOf(late, () => null, EVENTS);
    const cautions = cautionsOf({ outing: late, lights: [], events: EVENTS, schedule, ...BOUNDS });
    expect(cautions[0]).toEqual({ what: 'dark-back', lightLeftMinutes: schedule!.lightLeftMinutes });
    expect(schedule!.lightLeftMinutes).toBeLessThan(0);
  });
});

describe('what can hurt', () => {
  const told = (of: Outing, lights = [light(of, framing(), null)]) =>
    cautionsOf({
      outing: of,
      lights,
      events: EVENTS,
      schedule: scheduleOf(of, () => null, EVENTS),
      ...BOUNDS,
    });

  it('is the water that rises while they are on a shore, and a table that nobody has looked up', () => {
    const shore = outing({ risks: ['shore'], startsAt: '06:00', framings: [framing({ minutes: 120 })] });
    expect(told(shore)).toContainEqual({ what: 'tide-not-known' });
    const tides = [
      { at: at('05:00'), heightM: 0.5 },
      { at: at('11:00'), heightM: 4.5 },
    ];
    expect(told({ ...shore, tides })).toContainEqual({
      what: 'rising-water',
      fromMs: Date.parse(at('06:00')),
      highMs: Date.parse(at('11:00')),
    });
    const falling = [
      { at: at('05:00'), heightM: 4.5 },
      { at: at('11:00'), heightM: 0.5 },
    ];
    expect(told({ ...shore, tides: falling }).map((c) => c.what)).not.toContain('rising-water');
  });

  it('is the sun in the finder where a frame looks at it low, and nobody who knows', () => {
    expect(told(outing(), [light(outing(), framing(), intoSunset())])).toEqual([
      { what: 'sun-in-finder' },
      { what: 'nobody-knows' },
    ]);
    expect(told(outing({ told: 'The warden, by ten' }))).toEqual([]);
  });

  it('is what was said of the place and of the weather', () => {
    const rough = outing({ risks: ['swell', 'edge'], weather: { air: 'frost', rain: 'showers' } });
    expect(told(rough).map((c) => c.what)).toEqual([
      'swell',
      'edge',
      'ice',
      'lightning',
      'cold',
      'nobody-knows',
    ]);
  });
});

describe('what is planned', () => {
  const one = outing({ framings: [framing({ id: 'a' }), framing({ id: 'b' }), framing({ id: 'c' })] });
  const plans = putOuting(NO_PLANS, one);

  it('has its framings moved in their turn, and no further than the ends', () => {
    const order = (o: Outing) => o.framings.map((s) => s.id).join('');
    expect(order(movedFraming(one, 'a', 1))).toBe('bac');
    expect(order(movedFraming(one, 'c', -2))).toBe('cab');
    expect(movedFraming(one, 'a', -1)).toBe(one);
    expect(movedFraming(one, 'x', 1)).toBe(one);
  });

  it('ticks and unticks what is packed, and is done once more with nothing packed', () => {
    const packed = withPacked(withPacked(one, 'glass:g', true), 'glass:g', true);
    expect(packed.packed).toEqual(['glass:g']);
    expect(withPacked(packed, 'glass:g', false)).toEqual(one);
    const again = outingAgain(
      { ...packed, tides: [], framings: [framing({ done: true })] },
      { id: 'o2', name: 'Marl Pan 2', createdAt: '2026-04-01T00:00:00Z', day: '2026-04-02' },
    );
    expect(again).toEqual({
      ...outing(),
      id: 'o2',
      name: 'Marl Pan 2',
      createdAt: '2026-04-01T00:00:00Z',
      day: '2026-04-02',
      framings: [framing()],
    });
  });

  it('keeps both where two tabs have changed the same outing, and the change of one alone, weights too (fault 81)', () => {
    const named = (name: string) => withOuting(plans, 'o1', (o) => ({ ...o, name }));
    const rules = {
      nameOf: (i: { name?: string | undefined }) => i.name ?? '',
      from: 'other tab',
      newId: () => 'o9',
    };
    const both = joinParts<Plans>(
      PLANS_PARTS,
      { base: plans, ours: named('Ours'), theirs: named('Theirs') },
      rules,
    ).joined;
    expect(both.outings.map((o) => o.name)).toEqual(['Theirs', 'Ours (other tab)']);
    const alone = joinParts<Plans>(
      PLANS_PARTS,
      { base: plans, ours: named('Ours'), theirs: plans },
      rules,
    ).joined;
    expect(alone.outings.map((o) => o.name)).toEqual(['Ours']);
    // what was weighed in either stays, and of a thing that both have weighed theirs
    const weighed = (weights: Record<string, number>): Plans => ({ ...plans, weights });
    const versions = {
      base: weighed({ 'glass:a': 100, 'glass:b': 50, 'lens:c': 700 }),
      ours: weighed({ 'glass:a': 110, 'glass:b': 60, 'holder:d': 90 }),
      theirs: weighed({ 'glass:a': 100, 'glass:b': 70, 'lens:c': 700, 'extra:e': 1 }),
    };
    expect(joinParts<Plans>(PLANS_PARTS, versions, rules).joined.weights).toEqual({
      'glass:a': 110,
      'glass:b': 70,
      'holder:d': 90,
      'extra:e': 1,
    });
  });

  it('begins the stand of a framing with the place, the direction and the sky of the outing', () => {
    const of = outing({
      place: { ...PLACE, name: 'Marl Pan' },
      weather: { cloud: 'moving', wind: 'breeze' },
    });
    expect(standOfFraming(testStand(), of, framing({ azimuthDeg: 70 }))).toMatchObject({
      name: 'Far shore',
      place: PLACE,
      wind: 'breeze',
      coming: { sky: 'broken' },
      look: { viewAzimuthDeg: 70 },
    });
    expect(standOfFraming(testStand(), outing(), framing({ name: '' }))).toEqual(testStand());
  });

  it('begins a framing with the stand that it is', () => {
    expect(framingOf('s9', testStand())).toEqual({ id: 's9', name: 'Hesk Terraces', standId: 'st-test' });
  });
});

describe('a place to come back to', () => {
  const place = { id: 'p1', name: 'Far shore', ...PLACE };
  const day = { ...BOUNDS, sunAt: DAY_LIGHT.seenAt };

  it('is offered on a day on which the sun stands there again, and not on another', () => {
    const wish = { id: 'w1', sunAzimuthDeg: sunset.direction.azimuthDeg, sunAltitudeDeg: 0 };
    const [due] = dueOn({ ...place, again: [wish] }, outing(), day);
    expect(Math.abs(due!.atMs - sunset.atMs)).toBeLessThan(30 * 60_000);
    const summer = dayBounds('2026-06-21', ZONE);
    expect(dueOn({ ...place, again: [wish] }, outing(), { ...day, ...summer })).toEqual([]);
  });

  it('is offered where the water is as it was wanted, once a table tells of it', () => {
    const wish = { id: 'w1', tide: { side: 'below' as const, heightM: 1 } };
    expect(dueOn({ ...place, again: [wish] }, outing(), day)).toEqual([]);
    const tides = [
      { at: at('06:00'), heightM: 0.5 },
      { at: at('12:10'), heightM: 4.5 },
    ];
    const [due] = dueOn({ ...place, again: [wish] }, outing({ tides }), day);
    expect(hourOf(due!.atMs, ZONE)).toBe('06:00');
  });
});
