import fc from 'fast-check';
import { NEAR_STOPS, type NdSet, secondsThrough, timesFor, type WantedTime } from '.';

const set = (...stops: number[]): NdSet => ({
  ids: stops.map((s) => `n${s}`),
  stops: stops.reduce((a, b) => a + b, 0),
});
const BAG = [set(), set(3), set(6), set(10), set(3, 6), set(3, 10), set(6, 10)];
const wanted = (change: Partial<WantedTime> = {}): WantedTime => ({
  baseSeconds: 1 / 8,
  wantSeconds: 8,
  longestSeconds: 240,
  sets: BAG,
  aperture: [-6, 3],
  iso: [-9, 3],
  ...change,
});

describe('glass for a wanted time', () => {
  it('is one sheet where one does, and nothing else is moved', () => {
    const [first] = timesFor(wanted());
    expect(first).toMatchObject({ ids: ['n6'], seconds: 8, errorStops: 0, apertureThirds: 0, isoThirds: 0 });
  });

  it('is none where aperture and ISO make it alone', () => {
    const [first] = timesFor(wanted({ wantSeconds: 1 / 2 }));
    // two stops: one by the ISO, one by the aperture
    expect(first).toMatchObject({ ids: [], apertureThirds: 3, isoThirds: 3, errorStops: 0 });
  });

  it('is never longer than one will wait', () => {
    for (const option of timesFor(wanted({ wantSeconds: 600, longestSeconds: 30 })))
      expect(option.seconds).toBeLessThanOrEqual(30 * (1 + 1e-9));
  });

  it('says the nearest where nothing comes near', () => {
    const [first] = timesFor(wanted({ wantSeconds: 3600, longestSeconds: Infinity, sets: [set(), set(3)] }));
    expect(first!.ids).toEqual(['n3']);
    expect(first!.errorStops).toBeLessThan(-NEAR_STOPS);
  });

  /** Every set, aperture and ISO in turn. */
  function everyWay({ baseSeconds, wantSeconds, longestSeconds, sets, aperture, iso }: WantedTime) {
    const all: { sheets: number; error: number }[] = [];
    for (const { ids, stops } of sets)
      for (let a = aperture[0]; a <= aperture[1]; a++)
        for (let i = iso[0]; i <= iso[1]; i++) {
          const seconds = secondsThrough(baseSeconds, stops + (a + i) / 3);
          if (seconds <= longestSeconds * (1 + 1e-9))
            all.push({ sheets: ids.length, error: Math.abs(Math.log2(seconds / wantSeconds)) });
        }
    return all;
  }

  it('is what every combination, tried in turn, comes to: fewest sheets that come near, and no nearer time with them', () => {
    fc.assert(
      fc.property(
        fc.record({
          baseSeconds: fc.double({ min: 1 / 4000, max: 60, noNaN: true }),
          wantSeconds: fc.double({ min: 1 / 8, max: 600, noNaN: true }),
          longestSeconds: fc.double({ min: 1, max: 1200, noNaN: true }),
          sets: fc.subarray(BAG, { minLength: 1 }),
          aperture: fc.tuple(fc.integer({ min: -9, max: 0 }), fc.integer({ min: 0, max: 6 })),
          iso: fc.tuple(fc.integer({ min: -9, max: 0 }), fc.integer({ min: 0, max: 4 })),
        }),
        (order) => {
          const options = timesFor(order);
          const all = everyWay(order);
          expect(options.length > 0).toBe(all.length > 0);
          if (!options[0]) return;
          const [first] = options;
          const near = all.filter((o) => o.error <= NEAR_STOPS);
          const error = Math.abs(first.errorStops);
          if (near.length) {
            const fewest = Math.min(...near.map((o) => o.sheets));
            expect(first.ids).toHaveLength(fewest);
            const least = Math.min(...near.filter((o) => o.sheets === fewest).map((o) => o.error));
            // errors within a sixth are alike, and the one that moves least is taken
            expect(error).toBeLessThanOrEqual(least + 1 / 6 + 1e-6);
          } else expect(error).toBeLessThanOrEqual(Math.min(...all.map((o) => o.error)) + 1 / 6 + 1e-6);
          for (const o of options) {
            expect(o.apertureThirds).toBeGreaterThanOrEqual(order.aperture[0]);
            expect(o.apertureThirds).toBeLessThanOrEqual(order.aperture[1]);
            expect(o.isoThirds).toBeGreaterThanOrEqual(order.iso[0]);
            expect(o.isoThirds).toBeLessThanOrEqual(order.iso[1]);
            const thirds = o.apertureThirds + o.isoThirds;
            expect(o.seconds).toBeCloseTo(secondsThrough(order.baseSeconds, o.stops + thirds / 3), 6);
          }
        },
      ),
      { numRuns: 400 },
    );
  });
});
