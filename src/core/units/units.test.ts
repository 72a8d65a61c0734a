import fc from 'fast-check';
import {
  APERTURE_MARKS,
  degreesFromRadians,
  densityFromStops,
  exactAperture,
  exactIso,
  exactShutter,
  factorFromStops,
  ISO_MARKS,
  LONGEST_MARK_SECONDS,
  nearestShutterMark,
  wholeThirds,
  nominalOf,
  radiansFromDegrees,
  SHUTTER_MARKS,
  shutterFromFileText,
  shutterFromTyping,
  stopsFromDensity,
  stopsFromFactor,
  stopsFromTransmittance,
  transmittanceFromStops,
} from '.';

describe('camera scales', () => {
  it.each([
    [1 / 60, 1 / 64],
    [1 / 250, 1 / 256],
    [30, 32],
    [1 / 6, 2 ** (-8 / 3)],
    [1 / 3, 2 ** -1.5],
    [0.7, 2 ** -0.5],
    [47, 47],
  ])('shutter %p stands for %p s', (nominal, exact) => {
    expect(exactShutter(nominal)).toBeCloseTo(exact, 12);
  });

  it.each([
    [11, 11.3137],
    [13, 12.6992],
    [1.2, 1.2599],
    [1.7, 2 ** 0.75],
    [27, 2 ** 4.75],
    [5.3, 5.3],
  ])('aperture f/%p is %p', (nominal, exact) => {
    expect(exactAperture(nominal)).toBeCloseTo(exact, 4);
  });

  it('takes ISO 50 as exactly 50 and the rest in thirds', () => {
    expect(exactIso(50)).toBeCloseTo(50, 12);
    expect(exactIso(125)).toBeCloseTo(125.992, 3);
    expect(exactIso(73)).toBe(73);
  });

  it('names every mark within a sixth of a stop of what it stands for, and ascending or descending evenly', () => {
    for (const marks of [SHUTTER_MARKS, APERTURE_MARKS, ISO_MARKS])
      for (const mark of marks)
        expect(Math.abs(Math.log2(nominalOf(mark.name) / mark.exact))).toBeLessThan(1 / 6);
    const thirds = SHUTTER_MARKS.filter((m) => m.scale === 'third');
    thirds.slice(1).forEach((mark, i) => {
      expect(Math.log2((thirds[i] as typeof mark).exact / mark.exact)).toBeCloseTo(1 / 3, 9);
    });
  });

  it('finds the nearest mark within a sixth of a stop, and none beyond the longest', () => {
    fc.assert(
      fc.property(fc.double({ min: -14.9, max: Math.log2(LONGEST_MARK_SECONDS), noNaN: true }), (power) => {
        const near = nearestShutterMark(2 ** power);
        expect(Math.abs(near?.errorStops ?? 1)).toBeLessThanOrEqual(1 / 6 + 1e-9);
      }),
    );
    expect(nearestShutterMark(LONGEST_MARK_SECONDS * 1.01)).toBeNull();
    expect(nearestShutterMark(0)).toBeNull();
  });
});

describe('shutter times as text', () => {
  it.each([
    ['1/30', 1 / 32],
    ['30', 32],
    ['0.4', 2 ** (-4 / 3)],
    ['2.5s', 2 ** (4 / 3)],
    ['47', 47],
    ['1/3', 2 ** -1.5],
  ])('in a file %p is %p s', (text, seconds) => {
    const read = shutterFromFileText(text);
    expect(read.ok && read.seconds).toBeCloseTo(seconds, 9);
  });

  it.each([
    ['250', 1 / 256],
    ['1/250', 1 / 256],
    ['0.4s', 2 ** (-4 / 3)],
    ['30s', 32],
    ['30"', 32],
    ['0,5', 0.5],
    ['2 min', 120],
    ['2m 8s', 128],
    [' 8 ', 1 / 8],
  ])('typed %p is %p s', (text, seconds) => {
    const read = shutterFromTyping(text);
    expect(read.ok && read.seconds).toBeCloseTo(seconds, 9);
  });

  it.each(['', 'fast', '1/0', '1//60', '-4', 'NaN', '1/2/3', '0', '1e9s', '9999999 min'])(
    'refuses %p',
    (text) => {
      expect(shutterFromTyping(text).ok).toBe(false);
      expect(shutterFromFileText(text).ok).toBe(false);
    },
  );

  it('reads every mark back from a file as exactly what it stands for', () => {
    for (const mark of SHUTTER_MARKS.filter((m) => m.scale === 'third'))
      expect(shutterFromFileText(mark.name)).toEqual({ ok: true, seconds: mark.exact });
  });

  it('never throws on any text', () => {
    fc.assert(fc.property(fc.string(), (text) => void [shutterFromTyping(text), shutterFromFileText(text)]));
  });
});

describe('conversions', () => {
  const pairs: [string, (x: number) => number, (x: number) => number][] = [
    ['transmittance', transmittanceFromStops, stopsFromTransmittance],
    ['density', densityFromStops, stopsFromDensity],
    ['factor', factorFromStops, stopsFromFactor],
    ['angle', degreesFromRadians, radiansFromDegrees],
  ];
  it.each(pairs)('%s comes back the same both ways', (_, there, back) => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 20, noNaN: true }), (x) => {
        expect(back(there(x))).toBeCloseTo(x, 9);
      }),
    );
  });
});

describe('half-way between two marks (fault 22)', () => {
  it('goes to the longer time, whatever the last bit says', () => {
    for (let k = -40; k <= 12; k++) {
      const half = 2 ** ((k + 0.5) / 3);
      for (const seconds of [half, half * (1 + 1e-15), half * (1 - 1e-15)]) {
        expect(nearestShutterMark(seconds)?.mark.exact).toBeCloseTo(2 ** ((k + 1) / 3), 9);
        expect(wholeThirds(seconds) + 0).toBe(k + 1);
      }
    }
  });

  it('is told of no time that no camera has (fault 24)', () => {
    expect(nearestShutterMark(1 / 32_768)?.mark.name).toBe('1/32000');
    expect(nearestShutterMark(1 / 60_000)).toBeNull();
  });
});
