import { readFileSync } from 'node:fs';
import { degreesApart } from '@/core/units';
import { moonDirection, moonLook, skyEvents } from './sky-day';
import { trueSunDirection } from './sun-altitude';

interface Stands {
  readonly hour: number;
  readonly altitudeDeg: number;
  readonly azimuthDeg: number;
}
interface Crossing {
  readonly at: string;
  readonly up: boolean;
}
interface PlaceDays {
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly days: readonly {
    readonly day: string;
    readonly sun: readonly Stands[];
    readonly moon: readonly Stands[];
    readonly sunCrossings: readonly Crossing[];
    readonly moonCrossings: readonly Crossing[];
    readonly civil: readonly Crossing[];
  }[];
}

/** By another library: `tools/ephemeris.mjs`. */
const PLACES = JSON.parse(readFileSync('tests/vectors/ephemeris.json', 'utf8')) as readonly PlaceDays[];
const HOUR_MS = 3_600_000;
const MINUTE_MS = 60_000;

const days = PLACES.flatMap(({ days: all, ...place }) => all.map((day) => ({ ...place, ...day })));

/** Crossings of a day as the product has them. */
const crossingsOf = (place: (typeof days)[number], [rise, set]: readonly [string, string]) => {
  const from = Date.parse(`${place.day}T00:00:00Z`);
  return skyEvents(place, from, from + 24 * HOUR_MS)
    .filter((e) => e.kind === rise || e.kind === set)
    .map((e) => ({ atMs: e.atMs, up: e.kind === rise }));
};

const toAMinute = (found: readonly { atMs: number; up: boolean }[], known: readonly Crossing[]) => {
  expect(found.map((f) => f.up)).toEqual(known.map((k) => k.up));
  found.forEach((f, i) => expect(Math.abs(f.atMs - Date.parse(known[i]!.at))).toBeLessThanOrEqual(MINUTE_MS));
};

describe('beside another ephemeris, at ten places all over the globe', () => {
  it.each(days)('the sun stands where it does at $name on $day, to 0.02 degree', (place) => {
    for (const { hour, altitudeDeg, azimuthDeg } of place.sun) {
      const sun = trueSunDirection(place, Date.parse(`${place.day}T00:00:00Z`) + hour * HOUR_MS);
      expect(Math.abs(sun.altitudeDeg - altitudeDeg)).toBeLessThan(0.02);
      const across = degreesApart(sun.azimuthDeg, azimuthDeg) * Math.cos((altitudeDeg * Math.PI) / 180);
      expect(across).toBeLessThan(0.02);
    }
  });

  it.each(days)('the sun rises and sets as it does at $name on $day, to a minute', (place) => {
    toAMinute(crossingsOf(place, ['sunrise', 'sunset']), place.sunCrossings);
    toAMinute(crossingsOf(place, ['civil-dawn', 'civil-dusk']), place.civil);
  });

  it.each(days)('the moon stands, rises and sets as it does at $name on $day', (place) => {
    for (const { hour, altitudeDeg, azimuthDeg } of place.moon) {
      // behind no air: far from the horizon alone is it the same
      if (altitudeDeg < 20) continue;
      const moon = moonDirection(place, Date.parse(`${place.day}T00:00:00Z`) + hour * HOUR_MS);
      expect(Math.abs(moon.altitudeDeg - altitudeDeg)).toBeLessThan(0.06);
      const across = degreesApart(moon.azimuthDeg, azimuthDeg) * Math.cos((altitudeDeg * Math.PI) / 180);
      expect(across).toBeLessThan(0.03);
    }
    toAMinute(crossingsOf(place, ['moonrise', 'moonset']), place.moonCrossings);
  });
});

describe('what happens in the sky of a day', () => {
  const from = Date.UTC(2026, 2, 29);
  const day = skyEvents({ latitudeDeg: 56, longitudeDeg: -3 }, from, from + 24 * HOUR_MS);

  it('comes in the order of a day, each twilight inside the next', () => {
    const ofSun = day.map((e) => e.kind).filter((kind) => !kind.startsWith('moon'));
    expect(ofSun).toEqual([
      'astronomical-dawn',
      'nautical-dawn',
      'civil-dawn',
      'sunrise',
      'sun-highest',
      'sunset',
      'civil-dusk',
      'nautical-dusk',
      'astronomical-dusk',
    ]);
  });

  it('has the sun in the east in the morning, in the south at its highest and in the west in the evening', () => {
    const at = (kind: string) => day.find((e) => e.kind === kind)!.direction;
    expect(at('sunrise').azimuthDeg).toBeCloseTo(84, -1);
    expect(degreesApart(at('sun-highest').azimuthDeg, 180)).toBeLessThan(0.1);
    expect(at('sunset').azimuthDeg).toBeCloseTo(276, -1);
  });

  it('tells how the moon looks: full opposite the sun, and waxing before', () => {
    // by the same book: full on 2 April 2026, 02:12
    expect(moonLook(Date.UTC(2026, 3, 2, 2, 12)).litPart).toBeGreaterThan(0.99);
    expect(moonLook(from)).toMatchObject({ isWaxing: true });
    expect(moonLook(Date.UTC(2026, 3, 6))).toMatchObject({ isWaxing: false });
  });
});
