import fc from 'fast-check';
import { type KeptStand, type Stand, type Take } from '@/model';
import { ledgerOf } from '@/model/ledger';
import { bagWithNds, testStand } from '@/testing/fixtures';
import { filterName } from '@/words';
import { readTakesCsv, type TakeRow, writeTakesCsv } from './takes-csv';

const bag = bagWithNds();
const nameOf = (id: string) => filterName(bag.filters.find((f) => f.id === id)!);
const read = (text: string, stands: readonly Stand[]): TakeRow[] =>
  readTakesCsv(
    text,
    stands.map((stand) => ({ stand, bag })),
    filterName,
  );
const written = (stands: readonly Stand[]) =>
  writeTakesCsv(
    ledgerOf(
      stands.map((stand): KeptStand => ({
        updatedAt: stand.createdAt,
        document: { stand, bag: null, used: [], minor: 11 },
      })),
      () => bag,
    ),
    nameOf,
  );

const [sheet] = bag.filters.filter((f) => f.kind === 'graduated');
const take = fc
  .record({
    at: fc.integer({ min: 0, max: 1e6 }),
    aperture: fc.constantFrom(5.6, 8, 11),
    seconds: fc.double({ min: 1e-4, max: 900, noNaN: true }),
    sheets: fc.boolean(),
    isBehind: fc.boolean(),
    light: fc.boolean(),
    verdict: fc.constantFrom('keep' as const, 'again' as const, undefined),
    note: fc.constantFrom(undefined, 'wind, and "gusts"', '=1+1', 'zwei; drei'),
  })
  .map((r): Omit<Take, 'id'> => ({
    takenAt: new Date(Date.UTC(2026, 4, 1) + 1000 * r.at).toISOString(),
    exposure: { aperture: r.aperture, iso: 100, seconds: r.seconds },
    filterIds: r.sheets ? [sheet!.id] : [],
    ...(r.sheets ? { seat: { offsetMm: 3.5, turnDeg: -2 }, standsOutMm: 28.5 } : {}),
    ...(r.isBehind ? { fitted: [{ filterId: 'n6' }] } : {}),
    ...(r.light ? { light: { sky: 13.25, land: 10 } } : {}),
    ...(r.verdict ? { verdict: r.verdict } : {}),
    ...(r.note ? { note: r.note } : {}),
  }));

describe('shots as a table', () => {
  it('come back to their stands as they went out', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(take, { minLength: 1, maxLength: 6, selector: (t) => t.takenAt }),
        (takes) => {
          const stand = testStand({ name: 'Sarrat Dune' });
          const full = { ...stand, takes: takes.map((t, i) => ({ ...t, id: `k${i}` })) };
          const table = written([full]);
          const rows = read(table, [stand]);
          const back = rows.map((r) => (r.ok ? r.take : r));
          const inTime = takes.toSorted((a, b) => Date.parse(b.takenAt) - Date.parse(a.takenAt));
          expect(back).toEqual(inTime);
          // and are known where they are already
          expect(read(table, [full]).every((r) => r.ok && r.isKnown)).toBe(true);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('name glass whatever it is called, also with what parts the names of a cell (fault 130)', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[|\\ a-z]{1,12}$/), (called) => {
        fc.pre(called.trim() === called);
        const odd = { ...bag, filters: bag.filters.map((f) => (f === sheet ? { ...f, name: called } : f)) };
        const oddName = (id: string) => filterName(odd.filters.find((f) => f.id === id)!);
        const stand = testStand({ name: 'Sarrat Dune' });
        const exposure = { aperture: 11, iso: 100, seconds: 1 };
        const shot = { id: 'k', takenAt: '2026-05-01T05:30:00.000Z', exposure, filterIds: [sheet!.id] };
        const document = { stand: { ...stand, takes: [shot] }, bag: null, used: [], minor: 11 };
        const table = writeTakesCsv(
          ledgerOf([{ updatedAt: stand.createdAt, document }], () => odd),
          oddName,
        );
        const [row] = readTakesCsv(table, [{ stand, bag: odd }], filterName);
        expect(row).toMatchObject({ ok: true, take: { filterIds: [sheet!.id] } });
      }),
    );
  });

  const HEAD = 'stand,taken_at,aperture,seconds,iso';
  const LINE = 'Sarrat Dune,2026-05-01T05:30:00Z,11,1/8,100';
  const dune = testStand({ id: 'dune', name: 'Sarrat Dune', createdAt: '2026-03-01T05:00:00Z' });

  it('are of the stand of their name, of several the one that is nearest in time', () => {
    const later = { ...dune, id: 'later', createdAt: '2026-05-01T05:00:00Z' };
    expect(read(`${HEAD}\n${LINE}`, [dune, later])).toMatchObject([
      { ok: true, line: 2, stand: { id: 'later' }, take: { exposure: { seconds: 1 / 8 } } },
    ]);
    expect(read(`${HEAD}\n${LINE.replace('Sarrat Dune', 'sarrat dune')}`, [dune])).toMatchObject([
      { ok: true },
    ]);
  });

  it.each([
    ['stand', LINE.replace('Sarrat', 'Other'), 'no stand is called "Other Dune"'],
    ['taken_at', LINE.replace('2026-05-01T05:30:00Z', '5:30'), 'no time'],
    ['taken_at', LINE.replace('2026', '9026'), 'no year'],
    ['seconds', LINE.replace('1/8', 'soon'), 'no time of a shot'],
    ['seconds', LINE.replace('1/8', '1e9'), 'no time of a shot'],
    ['aperture', LINE.replace(',11,', ',,'), 'a shot has one'],
    ['iso', LINE.replace(',100', ',many'), 'no number'],
  ])('that are not understood in %s name it, and refuse themselves alone', (column, bad, message) => {
    const rows = read(`${HEAD}\n${bad}\n${LINE}`, [dune]);
    expect(rows[0]).toMatchObject({
      ok: false,
      line: 2,
      column,
      message: expect.stringContaining(message) as string,
    });
    expect(rows[1]).toMatchObject({ ok: true, line: 3 });
  });

  it('with glass that the bag lacks, too many sheets or an unknown verdict are refused by name', () => {
    const rows = read(
      [
        `${HEAD},glass,verdict`,
        `${LINE},old friend,`,
        `${LINE},"n6 | n10 | n6",`,
        `${LINE},,lovely`,
        `${LINE},n6,keep`,
      ].join('\n'),
      [dune],
    );
    expect(rows.map((r) => (r.ok ? 'ok' : `${r.column}: ${r.message}`))).toEqual([
      'glass: the bag has no filter "old friend"',
      'glass: a shot has two sheets at most',
      'verdict: "lovely" is none of keep, again, learnt',
      'ok',
    ]);
  });

  it('without a column that every shot has are refused as a whole', () => {
    expect(read('stand,taken_at,aperture,iso\nx', [dune])).toMatchObject([{ ok: false, column: 'seconds' }]);
    expect(read('', [dune])).toMatchObject([{ ok: false }]);
  });
});
