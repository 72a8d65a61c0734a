import fc from 'fast-check';
import { groundEv, skyEv, SKY_STATES } from '@/core/sky';
import { carryOf, deriveStand, type Reading, solveStand, type Stand } from '@/model';
import {
  comingHour,
  comingNds,
  type ComingSky,
  comingTurns,
  latestFor,
  mayLookIntoSun,
  secondsAt,
  standAt,
} from '@/model/expose';
import { bagWithNds, testStand } from '@/testing/fixtures';

const bag = bagWithNds();
const NOW = Date.parse('2026-05-01T19:00:00Z');
const minutes = (n: number) => n * 60_000;

/** A sun that sinks by a fifth of a degree a minute from a height, straight below the direction of 280 degrees. */
const sinking = (fromDeg: number, change: Partial<ComingSky> = {}): ComingSky => ({
  sky: 'clear',
  viewAzimuthDeg: 280,
  landLit: true,
  litUntilMs: null,
  sunAt: (atMs) => ({ azimuthDeg: 280, altitudeDeg: fromDeg - (0.2 * (atMs - NOW)) / minutes(1) }),
  ...change,
});

const hourOf = (stand: Stand, from: ComingSky) => {
  const derived = deriveStand(stand, bag, solveStand(stand, bag));
  return comingHour({ stand, bag, derived, carry: carryOf(stand, bag, NOW), nowMs: NOW, sky: from });
};

/** A stand whose readings were taken so many minutes ago. */
const readAgo = (n: number, change: Partial<Stand> = {}) => {
  const takenAt = new Date(NOW - minutes(n)).toISOString();
  return testStand({ readings: testStand().readings.map((r) => ({ ...r, takenAt })), ...change });
};

describe('the coming hour', () => {
  it('is anchored to what was read, and goes on as the model of the light does', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SKY_STATES),
        fc.double({ min: 1, max: 40, noNaN: true }),
        (sky, fromDeg) => {
          const from = sinking(fromDeg, { sky });
          const { moments } = hourOf(readAgo(0), from);
          expect(moments).toHaveLength(13);
          expect([moments[0]!.sky!.ev100, moments[0]!.land!.ev100]).toEqual([
            expect.closeTo(13, 9),
            expect.closeTo(10, 9),
          ]);
          for (const m of moments.filter((m) => m.sunAltitudeDeg > -12)) {
            const place = { fromSunAcrossDeg: 0, altitudeDeg: 36 };
            const skyChange = skyEv(sky, m.sunAltitudeDeg, place)! - skyEv(sky, fromDeg, place)!;
            const land = (h: number) => groundEv(sky, h, { reflectance: 0.4, isLit: h > 0 })!;
            expect(m.sky!.ev100 - 13).toBeCloseTo(skyChange, 6);
            expect(m.land!.ev100 - 10).toBeCloseTo(land(m.sunAltitudeDeg) - land(fromDeg), 6);
            expect(m.spanStops).toBeCloseTo(m.sky!.ev100 - m.land!.ev100, 9);
            expect(m.needStops!).toBeGreaterThanOrEqual(0);
          }
        },
      ),
      { numRuns: 12 },
    );
  });

  it('carries a reading that is not fresh to now by the forecast since it was taken', () => {
    const from = sinking(5);
    const place = { fromSunAcrossDeg: 0, altitudeDeg: 36 };
    const since = skyEv('clear', 5, place)! - skyEv('clear', 5 + 0.2 * 20, place)!;
    const old = hourOf(readAgo(20), from).moments[0]!;
    expect(old.sky!.ev100).toBeCloseTo(13 + since, 6);
    // and the time with it, by the land
    const fresh = hourOf(readAgo(0), from).moments[0]!;
    expect(Math.log2(old.baseSeconds! / fresh.baseSeconds!)).toBeCloseTo(
      fresh.land!.ev100 - old.land!.ev100,
      6,
    );
  });

  it('goes out from the camera’s own reading where that is all there is: a time, and no span', () => {
    const through = { aperture: 11, iso: 100, shutter: '1/8', takenAt: new Date(NOW).toISOString() };
    const { moments } = hourOf(testStand({ readings: [], through }), sinking(5));
    expect(moments[0]).toMatchObject({ sky: null, spanStops: null, baseSeconds: expect.closeTo(1 / 8, 9) });
    const fallen = moments[0]!.land!.ev100 - moments[6]!.land!.ev100;
    expect(fallen).toBeGreaterThan(2);
    expect(Math.log2(moments[6]!.baseSeconds! / moments[0]!.baseSeconds!)).toBeCloseTo(fallen, 6);
  });

  it('goes by a watched fall at first, by the forecast after twenty minutes', () => {
    const watched = (r: Reading): Reading => ({
      ...r,
      takenAt: new Date(NOW).toISOString(),
      earlier: [{ ev100: r.ev100! + 5, takenAt: new Date(NOW - minutes(10)).toISOString() }],
    });
    const from = sinking(20);
    const plain = hourOf(readAgo(0), from).moments;
    const { moments } = hourOf(testStand({ readings: testStand().readings.map(watched) }), from);
    const change = (of: typeof moments, i: number) => of[i + 1]!.land!.ev100 - of[i]!.land!.ev100;
    // half a stop a minute was watched: nearly all of it in the first five minutes
    expect(change(moments, 0)).toBeLessThan(-1.9);
    expect(change(moments, 0)).toBeGreaterThan(-2.5);
    for (const i of [4, 8, 11]) expect(change(moments, i)).toBeCloseTo(change(plain, i), 6);
  });

  it('loses the land’s sun when it sets, or when something nearer takes it', () => {
    const { moments } = hourOf(readAgo(0), sinking(10, { litUntilMs: NOW + minutes(12) }));
    const [before, after] = [moments[2]!, moments[3]!];
    expect(before.land!.ev100 - after.land!.ev100).toBeGreaterThan(0.6);
    expect(after.spanStops! - before.spanStops!).toBeGreaterThan(0.6);
    const inShade = hourOf(readAgo(0), sinking(10, { landLit: false })).moments;
    expect(inShade[3]!.land!.ev100 - inShade[2]!.land!.ev100).toBeGreaterThan(-0.5);
  });

  it('tells when a time passes half a minute, two and four, and when none is long enough, each in its turn', () => {
    const hour = hourOf(readAgo(0), sinking(2));
    const turns = comingTurns(hour, 6);
    expect(turns.map((t) => t.seconds ?? t.kind)).toEqual(expect.arrayContaining(['sun-gone', 30]));
    expect(turns.map((t) => t.atMs)).toEqual(turns.map((t) => t.atMs).toSorted((a, b) => a - b));
    for (const { kind, seconds, atMs } of turns) {
      const before = hour.moments.findLast((m) => m.atMs <= atMs)!;
      const after = hour.moments.find((m) => m.atMs > atMs) ?? before;
      if (kind !== 'passes') continue;
      expect(secondsAt(before, 6)!).toBeLessThanOrEqual(seconds! * (1 + 1e-9));
      expect(secondsAt(after, 6) ?? Infinity).toBeGreaterThan(seconds!);
    }
    const end = turns.find((t) => t.kind === 'no-time')!;
    expect(latestFor(hour, 6)).toBeLessThan(end.atMs);
    expect(latestFor(hour, 0)).toBeGreaterThan(latestFor(hour, 6)!);
  });

  it('takes the time from what the shutter gathers while the light falls: no more, no less', () => {
    for (const m of hourOf(readAgo(0), sinking(4)).moments) {
      const seconds = secondsAt(m, 3);
      if (seconds === null) continue;
      const steps = 4000;
      let gathered = 0;
      for (let i = 0; i < steps; i++)
        gathered += (seconds / steps) * 2 ** ((-m.fallPerMinute / 60) * ((i + 0.5) / steps) * seconds);
      expect(gathered / (m.baseSeconds! * 8)).toBeCloseTo(1, 4);
    }
  });

  it('names the ND for a wanted time from the moment on at which it comes nearest', () => {
    const sets = [0, 3, 6].map((stops) => ({ ids: [`n${stops}`], stops }));
    const hour = hourOf(readAgo(0), sinking(8));
    const changes = comingNds(hour, sets, 4);
    expect(changes.length).toBeGreaterThan(1);
    const stops = changes.flatMap(({ set }) => set?.stops ?? []);
    // in falling light the glass gets thinner
    expect(stops).toEqual(stops.toSorted((a, b) => b - a));
    for (const { set, seconds } of changes)
      if (set) expect(Math.abs(Math.log2(seconds! / 4))).toBeLessThanOrEqual(1);
  });

  it('is solved for at a moment as a stand that is read then', () => {
    const stand = readAgo(0);
    const derived = deriveStand(stand, bag, solveStand(stand, bag));
    const hour = hourOf(stand, sinking(10, { litUntilMs: NOW + minutes(12) }));
    const then = hour.moments[6]!;
    const ahead = deriveStand(standAt(stand, derived, hour, then), bag, null);
    expect(ahead.spanStops).toBeCloseTo(then.spanStops!, 6);
    expect(solveStand(standAt(stand, derived, hour, then), bag).result).toMatchObject({ ok: true });
  });

  it('warns of a low sun where the frame looks, and of none elsewhere', () => {
    expect(mayLookIntoSun(hourOf(readAgo(0), sinking(8)))).toBe(true);
    expect(mayLookIntoSun(hourOf(readAgo(0), sinking(8, { viewAzimuthDeg: 90 })))).toBe(false);
    expect(mayLookIntoSun(hourOf(readAgo(0), sinking(8, { viewAzimuthDeg: null })))).toBe(false);
    expect(mayLookIntoSun(hourOf(readAgo(0), sinking(-3)))).toBe(false);
  });

  it('says from when on the sun is too low for it', () => {
    const { moments, endsMs } = hourOf(readAgo(0), sinking(-6));
    expect(endsMs).toBe(NOW + minutes(35));
    expect(moments.at(-1)).toMatchObject({ sky: null, land: null, spanStops: null, baseSeconds: null });
    expect(hourOf(readAgo(0), sinking(30)).endsMs).toBeNull();
  });
});
