import fc from 'fast-check';
import { exactAperture, exactIso, type ExactSeconds, shutterFromFileText } from '@/core/units';
import { PHYSICS } from '@/testing/vectors';
import { ev100, secondsForEv, secondsInChangingLight, secondsThrough } from '.';

const secondsOf = (text: string): ExactSeconds => {
  const read = shutterFromFileText(text);
  if (!read.ok) throw new Error(text);
  return read.seconds;
};

describe('exposure value', () => {
  it.each(PHYSICS.ev100)('of f/$aperture, $shutter s, ISO $iso is $ev100', (c) => {
    const settings = { aperture: exactAperture(c.aperture), iso: exactIso(c.iso) };
    expect(ev100({ ...settings, seconds: secondsOf(c.shutter) })).toBeCloseTo(c.ev100, 3);
  });

  it('comes back from the time that it asks for', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -10, max: 25, noNaN: true }),
        fc.constantFrom(1.4, 8, 11, 13, 22),
        fc.constantFrom(50, 100, 6400),
        (ev, n, s) => {
          const settings = { aperture: exactAperture(n), iso: exactIso(s) };
          const seconds = secondsForEv(ev, settings) as ExactSeconds;
          expect(ev100({ ...settings, seconds })).toBeCloseTo(ev, 9);
        },
      ),
    );
  });

  it('counts marks for what they stand for: f/5.6 at 1/30 against 1/1000 is five stops', () => {
    const at = (shutter: string) =>
      ev100({ aperture: exactAperture(5.6), iso: exactIso(100), seconds: secondsOf(shutter) });
    expect(at('1/1000') - at('1/30')).toBeCloseTo(5, 9);
  });

  it.each([
    ['1/8', 10, 128],
    ['1/15', 6, 4],
    ['1/4', 3, 2],
    ['1/1000', 10, 1],
  ])('%s s behind %p stops is %p s', (base, stops, seconds) => {
    expect(secondsThrough(secondsOf(base), stops)).toBeCloseTo(seconds, 9);
  });
});

describe('a time in changing light', () => {
  it.each(PHYSICS.drift)('of $t0Seconds s while it falls by $fallStopsPerMinute stops a minute', (c) => {
    const seconds = secondsInChangingLight(c.t0Seconds, c.fallStopsPerMinute);
    if (c.seconds === null) expect(seconds).toBeNull();
    else expect(seconds).toBeCloseTo(c.seconds, 3);
  });

  it('gathers the same light as a shorter time in light that stays', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 300, noNaN: true }),
        fc.double({ min: -0.5, max: 0.25, noNaN: true }),
        (constant, fall) => {
          const seconds = secondsInChangingLight(constant, fall);
          if (seconds === null) return;
          const steps = 4000;
          let light = 0;
          for (let i = 0; i < steps; i++) light += 2 ** ((-fall / 60) * seconds * ((i + 0.5) / steps));
          expect((light * seconds) / steps / constant).toBeCloseTo(1, 4);
        },
      ),
      { numRuns: 40 },
    );
  });
});
