import fc from 'fast-check';
import { COMING_LIGHT } from '@/testing/vectors';
import { beamLux, domeLux, forecastRange, groundEv, levelLuxPerZenithCandela, SKY_STATES, skyEv } from '.';

const off = (a: number | null, b: number) => Math.abs((a as number) / b - 1);

describe('light of a sky', () => {
  it.each(COMING_LIGHT.dome)('$sky, the sun at $sunAltitudeDeg degrees: by the sky alone', (v) => {
    expect(off(domeLux(v.sky, v.sunAltitudeDeg), v.lux)).toBeLessThan(1e-3);
  });

  it.each(COMING_LIGHT.beam)('$sky, the sun at $sunAltitudeDeg degrees: by the sun', (v) => {
    if (v.lux === 0) expect(beamLux(v.sky, v.sunAltitudeDeg)).toBe(0);
    else expect(off(beamLux(v.sky, v.sunAltitudeDeg), v.lux)).toBeLessThan(1e-3);
  });

  it.each(COMING_LIGHT.skyPattern)('$sky, the sun at $sunAltitudeDeg degrees: its pattern summed', (v) => {
    expect(off(levelLuxPerZenithCandela(v.sky, v.sunAltitudeDeg), v.levelLuxPerZenithCandela)).toBeLessThan(
      2e-3,
    );
  });

  it.each(COMING_LIGHT.sky)(
    '$sky, the sun at $sunAltitudeDeg degrees, $degreesFromSunAcross from it',
    (v) => {
      const place = { fromSunAcrossDeg: v.degreesFromSunAcross, altitudeDeg: v.skyAltitudeDeg };
      expect(skyEv(v.sky, v.sunAltitudeDeg, place)).toBeCloseTo(v.ev100, 2);
    },
  );

  it.each(COMING_LIGHT.ground)('$sky, the sun at $sunAltitudeDeg degrees, on the ground', (v) => {
    const { reflectance, lit: isLit, incidenceDeg } = v;
    const ground = { reflectance, isLit, incidenceDeg: incidenceDeg ?? undefined };
    expect(groundEv(v.sky, v.sunAltitudeDeg, ground)).toBeCloseTo(v.ev100, 3);
  });

  it.each(COMING_LIGHT.change)(
    '$sky, from $fromSunAltitudeDeg to $toSunAltitudeDeg degrees: what sky and land lose',
    (v) => {
      const place = { fromSunAcrossDeg: v.degreesFromSunAcross, altitudeDeg: v.skyAltitudeDeg };
      const sky = (h: number) => skyEv(v.sky, h, place) as number;
      const land = (h: number, isLit: boolean) => groundEv(v.sky, h, { reflectance: 0.18, isLit }) as number;
      const [from, to] = [v.fromSunAltitudeDeg, v.toSunAltitudeDeg];
      const skyStops = sky(to) - sky(from);
      const landStops = land(to, v.landLitAfter) - land(from, v.landLitBefore);
      expect(skyStops).toBeCloseTo(v.skyStops, 2);
      expect(landStops).toBeCloseTo(v.landStops, 2);
      expect(skyStops - landStops).toBeCloseTo(v.spanStops, 2);
    },
  );

  it('is said within its range alone, and never jumps where its formulas meet', () => {
    for (const sky of SKY_STATES) {
      for (const beyond of [-12.1, 60.1]) {
        expect(domeLux(sky, beyond)).toBeNull();
        expect(skyEv(sky, beyond, { fromSunAcrossDeg: 0, altitudeDeg: 10 })).toBeNull();
        expect(groundEv(sky, beyond, { reflectance: 0.18, isLit: false })).toBeNull();
      }
      fc.assert(
        fc.property(fc.double({ min: -11.9, max: 59.9, noNaN: true }), fc.nat(180), (h, across) => {
          const place = { fromSunAcrossDeg: across, altitudeDeg: 10 };
          const [a, b] = [skyEv(sky, h, place) as number, skyEv(sky, h + 1e-6, place) as number];
          expect(Math.abs(a - b)).toBeLessThan(0.02);
        }),
        { numRuns: 30 },
      );
    }
  });
});

describe('the range of a forecast', () => {
  it('grows with the time ahead, to one and a half stops', () => {
    expect(forecastRange(0, 'clear')).toEqual({ darker: 0.2, brighter: 0.2 });
    expect(forecastRange(15, 'clear').darker).toBeCloseTo(0.6, 9);
    expect(forecastRange(600, 'clear').darker).toBe(1.5);
    expect(forecastRange(600, 'broken').darker).toBe(2);
  });

  it('is wider on the bright side of the glow that a sun leaves', () => {
    const glow = (sunAltitudeDeg: number, fromSunAcrossDeg: number) =>
      forecastRange(0, 'clear', { sunAltitudeDeg, fromSunAcrossDeg }).brighter;
    expect([glow(-2, 20), glow(2, 20), glow(-2, 90)]).toEqual([1.2, 0.2, 0.2]);
  });
});
