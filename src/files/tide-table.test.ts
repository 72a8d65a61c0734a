import fc from 'fast-check';
import { readTideTable } from './tide-table';

const read = (text: string) =>
  readTideTable(text).map(({ read: r }) =>
    r.ok ? [r.value.hour, r.value.heightM, r.value.dayAfter] : r.error.code,
  );

describe('a tide table as it is pasted', () => {
  it.each([
    [
      '04:12 0.6\n10:20 4.9',
      [
        ['04:12', 0.6, 0],
        ['10:20', 4.9, 0],
      ],
    ],
    [
      'LW 0412 0.6 m\nHW 1020 4.9 m',
      [
        ['04:12', 0.6, 0],
        ['10:20', 4.9, 0],
      ],
    ],
    ['Low water\t4:12\t0,6 m', [['04:12', 0.6, 0]]],
    ['High 4.9m at 10.20', [['10:20', 4.9, 0]]],
    ['HW 10:20 16.1 ft', [['10:20', 4.91, 0]]],
    [
      '22:40 4.7\n04:50 0.5\n11:05 5.0',
      [
        ['22:40', 4.7, 0],
        ['04:50', 0.5, 1],
        ['11:05', 5, 1],
      ],
    ],
    ['05:10 -0.2 m', [['05:10', -0.2, 0]]],
  ])('%j is understood', (text, rows) => expect(read(text)).toEqual(rows));

  it('says of each line that it does not understand what is lacking, and takes the others', () => {
    expect(read('Harbour of Tholl\n10:20\n10:20 4.9\n\n12:00 99 m')).toEqual([
      'missing',
      'missing',
      ['10:20', 4.9, 0],
      'out-of-range',
    ]);
  });

  it('takes whatever is pasted without a fault', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 400 }), (text) => {
        for (const { read: r } of readTideTable(text))
          if (r.ok) {
            expect(r.value.hour).toMatch(/^([01]\d|2[0-3]):[0-5]\d$/);
            expect(Math.abs(r.value.heightM)).toBeLessThanOrEqual(20);
          }
      }),
    );
  });
});
