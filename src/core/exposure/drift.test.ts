import fc from 'fast-check';
import { exactAperture, exactIso } from '@/core/units';
import { carriedStops, lightFall, secondsForEv } from '.';

const MINUTE = 60_000;
const at = (minutes: number, ev100: number) => ({ atMs: minutes * MINUTE, ev100 });

describe('the fall of light', () => {
  it('is found whatever the spots are against one another', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.4, max: 0.4, noNaN: true }),
        fc.array(
          fc.tuple(
            fc.double({ min: -5, max: 16, noNaN: true }),
            fc.uniqueArray(fc.integer({ min: 0, max: 30 }), { minLength: 2, maxLength: 5 }),
          ),
          { minLength: 1, maxLength: 4 },
        ),
        (fall, spots) => {
          const found = lightFall(spots.map(([ev, minutes]) => minutes.map((m) => at(m, ev - fall * m))));
          expect(found!.stopsPerMinute).toBeCloseTo(fall, 9);
        },
      ),
    );
  });

  it('is not known from single looks, nor from looks within a minute', () => {
    expect(lightFall([[at(0, 12)], [at(9, 8)]])).toBeNull();
    expect(lightFall([[at(0, 12), at(0.9, 11)]])).toBeNull();
    expect(lightFall([])).toBeNull();
  });

  it('says how sure it is: a third of a stop over five minutes stands out, over one it is as good as nothing', () => {
    const far = lightFall([[at(0, 12), at(5, 12 - 1 / 3)]])!;
    expect(far.stopsPerMinute).toBeGreaterThan(2 * far.giveOrTake);
    const near = lightFall([[at(0, 12), at(1, 12)]])!;
    expect(near.giveOrTake).toBeCloseTo(1 / 3 / Math.sqrt(12) / Math.sqrt(0.5), 12);
  });
});

describe('carrying light', () => {
  const fall = lightFall([[at(0, 12), at(4, 11)]])!;

  it('goes by the minute', () => {
    expect(carriedStops(fall, 4 * MINUTE, 8 * MINUTE)).toBeCloseTo(-1, 12);
    expect(carriedStops(fall, 0, 8 * MINUTE)).toBeCloseTo(-2, 12);
  });

  it('ends three times as long after the last look as the light was watched, twenty minutes at most, and never goes back', () => {
    expect(carriedStops(fall, 4 * MINUTE, 60 * MINUTE)).toBeCloseTo(-3, 12);
    expect(carriedStops({ ...fall, overMinutes: 30 }, 4 * MINUTE, 90 * MINUTE)).toBeCloseTo(-5, 12);
    expect(carriedStops(fall, 4 * MINUTE, 0)).toBeCloseTo(0, 12);
  });

  it('to the middle of the exposure gathers what integrating over it does, within 0.03 for a change of a stop', () => {
    const settings = { aperture: exactAperture(11), iso: exactIso(100) };
    fc.assert(
      fc.property(
        fc.double({ min: -0.5, max: 0.5, noNaN: true }),
        fc.double({ min: 1, max: 120, noNaN: true }),
        fc.double({ min: 0, max: 12, noNaN: true }),
        (stopsPerMinute, seconds, ev) => {
          const middle = carriedStops(
            { stopsPerMinute, overMinutes: 10, lastMs: 0, giveOrTake: 0 },
            0,
            seconds * 500,
          );
          const byMiddle = seconds * 2 ** (ev + middle);
          const steps = 2000;
          let integral = 0;
          for (let i = 0; i < steps; i++)
            integral += (2 ** (ev - (stopsPerMinute / 60) * seconds * ((i + 0.5) / steps)) * seconds) / steps;
          expect(Math.abs(Math.log2(byMiddle / integral))).toBeLessThan(0.03);
          // and asks for the time that such light asks for
          expect(secondsForEv(ev + middle, settings)).toBeCloseTo(
            secondsForEv(ev, settings) * 2 ** -middle,
            6,
          );
        },
      ),
    );
  });
});
