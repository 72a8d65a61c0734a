import fc from 'fast-check';
import { allThatIsOn, deriveStand, exposureSeconds, type Stand, withThrough } from '@/model';
import { timeColumn, wantedTimes, withTimeWay } from '@/model/expose';
import { anyStand, bagWithNds, testStand } from '@/testing/fixtures';

const bag = { ...bagWithNds(), slots: 4 };
const derived = (stand: Stand) => deriveStand(stand, bag, null);
const column = (stand: Stand) => timeColumn(stand, bag, derived(stand));
const fitted = (...ids: string[]) => ids.map((filterId) => ({ filterId }));

const anyOnLens = fc.shuffledSubarray(['p1', 'n6', 'n10']);
const chosen = { filterIds: ['hard-2'], offsetMm: 4, turnDeg: 2 };

/** Stands of either way in, with glass on and off since. */
const anyTimed = fc
  .record({
    stand: anyStand,
    on: anyOnLens,
    then: anyOnLens,
    hasSheet: fc.boolean(),
    isThrough: fc.boolean(),
  })
  .map(({ stand, on, then, hasSheet, isThrough }): Stand => {
    const choice = hasSheet ? { choice: chosen } : {};
    if (!isThrough) return { ...stand, ...choice, fitted: fitted(...on) };
    const bare: Stand = { ...stand, readings: [], ...choice, fitted: fitted(...then) };
    const light = { aperture: 8, iso: 200, shutter: '1/30', ...allThatIsOn(bare, derived(bare).chosen) };
    return { ...withThrough(bare, light), fitted: fitted(...on) };
  });

describe('the column of a time', () => {
  it('adds everything that is on the lens once and once only: its foot is the time that is exposed', () => {
    let withRows = 0;
    fc.assert(
      fc.property(anyTimed, (stand) => {
        const found = column(stand);
        const seconds = exposureSeconds(stand, derived(stand));
        if (seconds === null) return expect(found).toBeNull();
        const total = found!.rows.reduce((sum, { stops }) => sum + stops, 0);
        expect(found!.base.seconds * 2 ** total).toBeCloseTo(seconds, 9);
        expect(found!.rows.at(-1)?.seconds ?? found!.base.seconds).toBeCloseTo(seconds, 9);
        const ids = found!.rows.flatMap((r) => ('filter' in r ? r.filter.id : []));
        expect(new Set(ids).size).toBe(ids.length);
        if (ids.length) withRows++;
      }),
      { numRuns: 30 },
    );
    expect(withRows).toBeGreaterThan(3);
  });

  it('is the same in whatever order the glass went on', () => {
    fc.assert(
      fc.property(anyTimed, anyOnLens, (stand, order) => {
        const on = stand.fitted!.map((f) => f.filterId);
        const again = { ...stand, fitted: fitted(...order.filter((id) => on.includes(id))) };
        const rest = on.filter((id) => !order.includes(id));
        const turned = { ...again, fitted: [...again.fitted, ...fitted(...rest)] };
        const [a, b] = [column(stand), column(turned)];
        expect(b?.seconds ?? null).toEqual(a ? expect.closeTo(a.seconds, 9) : null);
        expect(b?.rows.map((r) => r.kind)).toEqual(a?.rows.map((r) => r.kind));
      }),
      { numRuns: 20 },
    );
  });

  it('charges a polariser that was read through nothing, and says so', () => {
    const [sky, land] = testStand().readings;
    const through = testStand({
      readings: [
        { ...sky!, throughFilterIds: ['p1'] },
        { ...land!, throughFilterIds: ['p1'] },
      ],
      fitted: fitted('p1', 'n6'),
    });
    const found = column(through)!;
    expect(found.readThrough.map((f) => f.id)).toEqual(['p1']);
    expect(found.rows.map((r) => [r.kind, r.stops])).toEqual([['nd', 6]]);
    const after = column(testStand({ fitted: fitted('n6', 'p1') }))!;
    expect(after.rows.map((r) => [r.kind, r.stops])).toEqual([
      ['polariser', 1.5],
      ['nd', 6],
    ]);
  });

  it('adds back to a reading what it was taken through, and charges it once', () => {
    const [sky, land] = testStand().readings;
    const bare = column(testStand({ fitted: fitted('n6') }))!;
    const read = { ...land!, ev100: 4, throughFilterIds: ['n6'] };
    const found = column(testStand({ readings: [sky!, read], fitted: fitted('n6') }))!;
    expect(found.seconds).toBeCloseTo(bare.seconds, 9);
    expect(found.addedBack.map((f) => f.id)).toEqual(['n6']);
  });

  it('goes by what was measured, and keeps what is printed beside it', () => {
    const measured = {
      ...bag,
      filters: bag.filters.map((f) => (f.id === 'n6' ? { ...f, measuredStops: 6.4 } : f)),
    };
    const stand = testStand({ fitted: fitted('n6') });
    const [row] = timeColumn(stand, measured, deriveStand(stand, measured, null))!.rows;
    expect(row).toMatchObject({ kind: 'nd', stops: 6.4, nominalStops: 6 });
  });

  it('begins at the settings that the darker side was read at, and trims to those that are exposed with', () => {
    const readings = [
      { id: 's', role: 'sky' as const, ev100: 11 },
      { id: 'l', role: 'land' as const, aperture: 8, shutter: '1/30', iso: 200 },
    ];
    const { base, rows, seconds } = column(testStand({ readings, exposure: { aperture: 11, iso: 100 } }))!;
    expect(base).toMatchObject({ aperture: 8, iso: 200, seconds: expect.closeTo(1 / 32, 9) });
    expect(rows.map((r) => [r.kind, Math.round(r.stops)])).toEqual([
      ['aperture', 1],
      ['iso', 1],
    ]);
    expect(seconds).toBeCloseTo(1 / 8, 9);
  });

  it('what glass for a time, and what time with that glass, are inverse', () => {
    let tried = 0;
    fc.assert(
      fc.property(anyTimed, fc.double({ min: 0.1, max: 600, noNaN: true }), (stand, wantSeconds) => {
        const asked = { wantSeconds, longestSeconds: 3600 };
        for (const way of wantedTimes(stand, bag, derived(stand), asked).ways.slice(0, 3)) {
          const next = withTimeWay(stand, bag, way);
          // another ISO changes what the sensor holds, and with it what is held back for the highlights
          if (next.exposure.iso !== stand.exposure.iso) continue;
          // another aperture, or an ND in the slot before it, moves what a grad takes of the land
          if (stand.choice && next.exposure.aperture !== stand.exposure.aperture) continue;
          tried++;
          const off = Math.abs(Math.log2(exposureSeconds(next, derived(next))! / way.seconds));
          expect(off).toBeLessThan(stand.choice ? 0.2 : 1e-6);
        }
      }),
      { numRuns: 20 },
    );
    expect(tried).toBeGreaterThan(3);
  });
});
