import { daylightLux } from './daylight';
import { isSunUp, sunAltitudeDeg, sunDirection } from './sun-altitude';

/** A place of the Orrin March, which lies on the equator's side of sixty degrees and on the prime meridian. */
const PLACE = { latitudeDeg: 56, longitudeDeg: 0 };
const DAY = Date.UTC(2026, 2, 20);
const MINUTE_MS = 60_000;

/** Minutes of the afternoon of the equinox at which the sun's true centre stands so low. */
const minuteAt = (altitude: number): number => {
  for (let minute = 12 * 60; minute < 24 * 60; minute++)
    if (sunAltitudeDeg(PLACE, DAY + minute * MINUTE_MS) < altitude) return minute;
  throw new Error('never');
};

describe('the sun’s altitude', () => {
  it('at noon of the equinox is what the latitude leaves', () => {
    const noon = Math.max(
      ...Array.from({ length: 60 }, (_, i) => sunAltitudeDeg(PLACE, DAY + (11 * 60 + 35 + i) * MINUTE_MS)),
    );
    expect(noon).toBeCloseTo(34, 0);
  });

  it('is the true one for the light that it gives: twilight is not brightened by refraction (fault 55)', () => {
    // in the equinox's dusk the sun sinks by a quarter degree a minute times the cosine of the latitude
    const sinking = 0.25 * Math.cos((56 * Math.PI) / 180);
    const minutes = minuteAt(-6) - minuteAt(0);
    expect(minutes * sinking).toBeCloseTo(6, 0);
    const at = sunAltitudeDeg(PLACE, DAY + minuteAt(-6) * MINUTE_MS);
    // half a degree more is what refraction would have added, and more than half a stop
    const brightened = Math.log2((daylightLux(at + 0.5) as number) / (daylightLux(at) as number));
    expect(brightened).toBeGreaterThan(0.5);
    expect(at).toBeLessThan(-6 + 0.01);
  });

  it('leaves the sun in sight until refraction has set it', () => {
    const set = minuteAt(-0.5);
    expect(isSunUp(PLACE, DAY + set * MINUTE_MS)).toBe(true);
    expect(isSunUp(PLACE, DAY + minuteAt(-1.2) * MINUTE_MS)).toBe(false);
  });
});

describe('where the sun stands', () => {
  it('is south at noon in the north, in the east in the morning', () => {
    expect(sunDirection(PLACE, Date.UTC(2026, 5, 21, 12)).azimuthDeg).toBeCloseTo(180, -1);
    const morning = sunDirection(PLACE, Date.UTC(2026, 2, 20, 6, 10));
    expect(morning.azimuthDeg).toBeGreaterThan(85);
    expect(morning.azimuthDeg).toBeLessThan(95);
    expect(Math.abs(morning.altitudeDeg)).toBeLessThan(1.5);
  });
});
