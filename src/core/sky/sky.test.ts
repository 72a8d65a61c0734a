import fc from 'fast-check';
import { PHYSICS } from '@/testing/vectors';
import {
  type CameraView,
  darkenedSky,
  darkestAxisDeg,
  daylightLux,
  fallPerMinute,
  glareLeft,
  mirrorLossStops,
  overcastSpan,
  polarisedFrame,
  polarisedSky,
  SKY_CLARITY,
  waterReflectance,
} from '.';

describe('daylight', () => {
  it.each(PHYSICS.daylightLux)('with the sun at $sunAltitudeDeg degrees', ({ sunAltitudeDeg, lux }) => {
    expect(Math.abs((daylightLux(sunAltitudeDeg) ?? 0) / lux - 1)).toBeLessThan(1e-3);
  });

  it('knows its range, and its segments meet within 0.014 stop', () => {
    expect([daylightLux(-18.1), daylightLux(90.1), fallPerMinute(-20, 0.2)]).toEqual([null, null, null]);
    for (const boundary of [20, 5, -0.8, -5, -12])
      expect(
        Math.abs(Math.log2((daylightLux(boundary) as number) / (daylightLux(boundary - 1e-9) as number))),
      ).toBeLessThan(0.0145);
  });

  it('falls as the figures of two moments say it does', () => {
    fc.assert(
      fc.property(fc.double({ min: -17.9, max: 60, noNaN: true }), (altitude) => {
        fc.pre([20, 5, -0.8, -5, -12].every((b) => Math.abs(altitude - b) > 0.01));
        const minute = 0.001;
        const sinking = 0.2;
        const fallen = Math.log2(
          (daylightLux(altitude) as number) / (daylightLux(altitude - sinking * minute) as number),
        );
        expect(fallPerMinute(altitude, sinking)).toBeCloseTo(fallen / minute, 2);
      }),
    );
    // about 0.13 stop a minute at a sunset of the middle latitudes
    expect(fallPerMinute(-0.8, 0.17)).toBeGreaterThan(0.1);
    expect(fallPerMinute(-0.8, 0.17)).toBeLessThan(0.2);
  });

  it('under an overcast has the spans of the text', () => {
    expect(overcastSpan(15, 0.18)).toBeCloseTo(1.85, 2);
    expect(overcastSpan(15, 0.8)).toBeCloseTo(-0.3, 1);
  });
});

describe('a polariser on the sky, brighter positive as the docs say (fault 56)', () => {
  it.each(PHYSICS.polarisedSky)('case %# of the reference numbers', (c) => {
    const view: CameraView = {
      azimuthDeg: c.cameraAzimuthDeg,
      altitudeDeg: c.cameraAltitudeDeg,
      focalLengthMm: c.focalLengthMm,
      frame: { widthMm: c.sensorWidthMm, heightMm: c.sensorHeightMm },
    };
    const sun = { azimuthDeg: c.sunAzimuthDeg, altitudeDeg: c.sunAltitudeDeg };
    const spot = polarisedSky(view, sun, c.axisDeg, c.pMax, c);
    expect(spot.angleFromSunDeg).toBeCloseTo(c.angleFromSunDeg, 3);
    expect(spot.degree).toBeCloseTo(c.degree, 3);
    // the reference counts what is lost, as dimming is counted
    expect(-spot.changeStops).toBeCloseTo(c.skyStops, 3);
  });

  const wide: CameraView = {
    azimuthDeg: 0,
    altitudeDeg: 10,
    focalLengthMm: 16,
    frame: { widthMm: 36, heightMm: 24 },
  };
  const side = { azimuthDeg: 90, altitudeDeg: 10 };
  const isSky = (_: number, v: number) => v < 0.6;

  it('is darkest a quarter turn from its brightest, and the same again each half turn', () => {
    const darkest = darkestAxisDeg(wide, side, SKY_CLARITY.clear, isSky)!;
    const mean = (axis: number) => polarisedFrame(wide, side, axis, SKY_CLARITY.clear, isSky)!.meanStops;
    for (let axis = 0; axis < 180; axis += 7) {
      expect(mean(axis)).toBeGreaterThanOrEqual(mean(darkest) - 1e-9);
      expect(mean(axis)).toBeCloseTo(mean(axis + 180), 9);
    }
    expect(mean(darkest + 90)).toBeGreaterThan(mean(darkest) + 0.5);
  });

  it('bands a wide sky and does nothing to an overcast one', () => {
    const axis = darkestAxisDeg(wide, side, SKY_CLARITY.clear, isSky)!;
    expect(polarisedFrame(wide, side, axis, SKY_CLARITY.clear, isSky)).toMatchObject({ banded: true });
    expect(polarisedFrame(wide, side, axis, SKY_CLARITY.overcast, isSky)).toMatchObject({
      darkest: 0,
      brightest: 0,
    });
    expect(polarisedFrame(wide, side, axis, SKY_CLARITY.clear, () => false)).toBeNull();
    expect(darkestAxisDeg(wide, side, SKY_CLARITY.clear, () => false)).toBeNull();
  });

  it('does nothing straight into the sun or away from it', () => {
    for (const azimuthDeg of [0, 180]) {
      const sun = { azimuthDeg, altitudeDeg: azimuthDeg ? -10 : 10 };
      expect(polarisedSky(wide, sun, 30, 0.75, { u: 0.5, v: 0.5 }).changeStops).toBeCloseTo(0, 6);
    }
  });
});

describe('the sky at an angle from the sun', () => {
  it.each([
    [0, 0.75, 0],
    [180, 0.75, 0],
    [90, 0.75, 2],
    [90, 0.5, 1],
    [90, 0, 0],
  ])('%d degrees away, with %d of it polarised, is darkened by %d stops', (angle, greatest, stops) => {
    expect(darkenedSky(angle, greatest)).toBeCloseTo(stops, 9);
  });
});

describe('still water', () => {
  it.each(PHYSICS.waterGlare)('seen $depressionDeg degrees down', (c) => {
    const { rs, rp } = waterReflectance(c.depressionDeg);
    expect(rs).toBeCloseTo(c.rs, 5);
    expect(rp).toBeCloseTo(c.rp, 5);
  });

  it('loses 0.8 stop at 5 degrees, 1.5 at 10, 2.2 at 15, and clears to a polariser near 37', () => {
    expect([5, 10, 15].map((d) => Number(mirrorLossStops(d).toFixed(1)))).toEqual([0.8, 1.5, 2.2]);
    expect(glareLeft(37)).toBeLessThan(0.001);
    expect(glareLeft(1)).toBeGreaterThan(0.8);
  });
});
