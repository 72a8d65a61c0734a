import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { DateTime } from 'luxon';
import { writtenTide } from '@/testing/tide-writers';
import { type ReadTurn } from '@/model/outing';
import { readTideTable } from './tide-table';

const place = { day: '2026-03-28', zone: 'Europe/London' };

const told = ({ atMs, heightM, turn }: ReadTurn): string =>
  [DateTime.fromMillis(atMs, { zone: place.zone }).toFormat('dd HH:mm'), heightM, turn]
    .filter((t) => t !== null)
    .join(' ');

/** Lines as tables print them, and what each means. */
const CORPUS = readFileSync('tests/corpus/tide-lines.txt', 'utf8')
  .split('\n')
  .filter((line) => line && !line.startsWith('#'))
  .map((line) => line.split(' => ') as [string, string]);

describe('a tide table as it is pasted (faults 80, 122)', () => {
  it('is tried with a corpus of lines', () => expect(CORPUS.length).toBeGreaterThan(200));

  it.each(CORPUS)('%s', (text, meant) => {
    const rows = readTideTable(text.split(/ ?¶ ?/).join('\n'), place);
    const parts = meant.split('¶').map((part) => part.trim());
    expect(rows).toHaveLength(parts.length);
    rows.forEach(({ turns, error, line, says }, i) => {
      const part = parts[i] ?? '';
      if (part.startsWith('!')) {
        expect(turns).toEqual([]);
        expect(error?.message).toContain(part.slice(1).trim());
        expect(line).not.toBe('');
      } else {
        expect(error).toBeNull();
        expect(turns.map(told).join(' | ')).toBe(part);
        expect(says === null).toBe(turns.length > 0);
      }
    });
  });

  it('means the moments and heights that were written, however they are written, on nights when clocks change too', () => {
    fc.assert(
      fc.property(writtenTide, ({ day, zone, turns, text }) => {
        const rows = readTideTable(text, { day, zone });
        expect(rows.flatMap((r) => (r.error ? [`${r.line}: ${r.error.message}`] : []))).toEqual([]);
        const read = rows.flatMap((r) => r.turns);
        expect(read).toHaveLength(turns.length);
        read.forEach((r, i) => {
          const truth = turns[i]!;
          expect(Math.abs(r.heightM - truth.metres)).toBeLessThan(0.011);
          // an hour that comes twice in a night is taken for the first, and says so
          if (r.doubt === null) expect(r.atMs).toBe(truth.at.toMillis());
        });
      }),
      { numRuns: 400 },
    );
  });

  it('never takes a line in part: with a character put in, left out or doubled it means the same, or is named, or says what was passed over', () => {
    const line = 'Sat 28 Mar 04:12 0.6 m 10:20 4.9 m';
    const whole = readTideTable(line, place)[0]!.turns;
    for (let i = 0; i < line.length; i++) {
      const cut = readTideTable(line.slice(0, i) + line.slice(i + 1), place)[0]!;
      expect([0, whole.length]).toContain(cut.turns.length);
      for (const mark of '0?#x½−') {
        const put = readTideTable(line.slice(0, i) + mark + line.slice(i), place)[0]!;
        expect([0, whole.length]).toContain(put.turns.length);
      }
    }
  });

  it('says of an hour that the change of clocks makes doubtful that it is', () => {
    const doubts = (text: string, day: string) =>
      readTideTable(text, { day, zone: 'Europe/London' }).flatMap((r) => r.turns.map((t) => t.doubt));
    expect(doubts('01:30 4.9\n07:40 0.6', '2026-10-25')).toEqual(['twice', null]);
    expect(doubts('01:30 4.9\n07:40 0.6', '2026-03-29')).toEqual(['never', null]);
    expect(doubts('All times UTC\n01:30 4.9', '2026-10-25')).toEqual([null]);
  });

  it('names what was passed over, and refuses a table that is too long as a whole', () => {
    expect(readTideTable('Tholl Bar 10:20 4.9 springs', place)[0]!.leftOver).toBe('Tholl Bar springs');
    const long = readTideTable('10:20 4.9\n'.repeat(401), place);
    expect(long.map((r) => r.error?.code)).toEqual(['too-large']);
    expect(readTideTable(`10:20 4.9${' x'.repeat(300)}`, place)[0]!.error?.code).toBe('too-large');
  });

  it('takes whatever is pasted without a fault', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 400 }), (text) => {
        for (const { turns, error, line } of readTideTable(text, place)) {
          if (error) expect(turns).toEqual([]);
          expect(typeof line).toBe('string');
          for (const { atMs, heightM } of turns) {
            expect(Number.isFinite(atMs)).toBe(true);
            expect(Math.abs(heightM)).toBeLessThanOrEqual(20);
          }
        }
      }),
    );
  });
});
