import fc from 'fast-check';
import { type Filter, sampleBag } from '@/model';
import { filterDetail } from '@/words/glass/labels';
import { anyBag } from '@/testing/fixtures';
import { seededIds } from '@/testing/ids';
import { MAX_LINES } from './csv-table';
import { type GlassRow, readGlassCsv, writeGlassCsv } from './glass-csv';

const empty = { filters: [] };
const rows = (text: string): readonly GlassRow[] => readGlassCsv(text, empty, seededIds());
const filters = (text: string): (Filter | string)[] =>
  rows(text).map((r) => (r.ok ? r.filter : `${r.line} ${r.column}: ${r.message}`));

describe('glass as a table', () => {
  it('comes back the same as it was written, but for ids', () => {
    const bare = ({ id: _, ...f }: Filter) => JSON.parse(JSON.stringify(f)) as object;
    fc.assert(
      fc.property(anyBag, ({ filters: all }) => {
        const written = all.filter((f) => f.kind !== 'measured');
        const read = filters(writeGlassCsv(all));
        expect(read.map((f) => bare(f as Filter))).toEqual(written.map(bare));
      }),
      { numRuns: 50 },
    );
    expect(filters(writeGlassCsv(sampleBag().filters))).toHaveLength(sampleBag().filters.length);
  });

  it('keeps where glass sits, how wide it is round, what was not understood of its label, and what was only assumed (fault 130)', () => {
    const all: Filter[] = [
      {
        id: 'a',
        name: 'screw-in',
        kind: 'graduated',
        stops: 2,
        transitionMm: 20,
        sits: 'thread',
        diameterMm: 82,
      },
      {
        id: 'b',
        name: 'ring',
        kind: 'polariser',
        baseLossStops: 1.4,
        sits: 'behind',
        remarks: 'lot 7; worn',
      },
      { id: 'c', name: 'bare', kind: 'neutral', stops: 6 },
    ];
    const read = filters(writeGlassCsv(all)) as Filter[];
    expect(read.map(({ id: _, ...f }) => f)).toEqual(all.map(({ id: _, ...f }) => f));
    expect(filters('kind,stops,sits\nneutral,6,pocket')).toEqual([
      '2 sits: "pocket" is not slot, behind or thread',
    ]);
  });

  it('is read from labels alone, with semicolons, a mark of its encoding and empty lines', () => {
    const read = filters('\uFEFFName;Label\r\nold friend;0.9 soft\r\n\r\n;ND1000\r\n');
    expect(read).toMatchObject([
      { name: 'old friend', kind: 'graduated', stops: 3, transitionMm: 45 },
      { kind: 'neutral', stops: 10 },
    ]);
  });

  it('takes a transition by its name or its length, and marks what was assumed', () => {
    expect(filters('kind,stops,transition mm\ngraduated,2,soft\ngraduated,2,"12,5"')).toMatchObject([
      { transitionMm: 45 },
      { transitionMm: 12.5 },
    ]);
    const stated = filters('label,transition mm\n0.9 hard,8\n0.6 hard,\n0.3 hard,hard') as Filter[];
    expect(stated.map(filterDetail).map((d) => d.includes('assumed'))).toEqual([false, true, true]);
    // and says so still once it has been written and read
    const again = filters(writeGlassCsv(stated)) as Filter[];
    expect(again.map(filterDetail).map((d) => d.includes('assumed'))).toEqual([false, true, true]);
    expect(rows('kind,stops\ngraduated,2')[0]).toMatchObject({ assumed: ['transition'] });
  });

  it('keeps the label as the name, and tells equal ones apart (fault 39)', () => {
    const names = (text: string) => filters(text).map((f) => (f as Filter).name);
    expect(names('label\n0.9 soft\n0.9 soft\nND8\n0.9 soft')).toEqual([
      '0.9 soft',
      '0.9 soft (2)',
      'ND8',
      '0.9 soft (3)',
    ]);
    expect(names('name,label\nold friend,ND8\nold friend,ND8')).toEqual(['old friend', 'old friend (2)']);
  });

  it('takes what was measured beside what is printed, of glass that covers the whole frame', () => {
    const read = filters('label,measured_stops\nND64,6.4\n0.9 soft,2.8') as Filter[];
    expect(read.map((f) => f.measuredStops)).toEqual([6.4, undefined]);
    expect(filters(writeGlassCsv(read))).toMatchObject([{ stops: 6, measuredStops: 6.4 }, { stops: 3 }]);
  });

  it('gives each filter an id of its own', () => {
    const ids = rows('label\nND8\nND64').map((r) => r.ok && r.filter.id);
    expect(new Set(ids).size).toBe(2);
    for (const id of ids) expect(id).toMatch(/^g-[0-9a-z]{12}$/);
  });

  it('gives names that look like formulas back as they were, quoted for other programs (faults 13, 78)', () => {
    const named = ['-2 stops', '=1+1', "'=quoted", "'plain", '@x', '+', 'x;=1+1', 'a\t=b', '"q", r'];
    const all = named.map((name, i): Filter => ({ id: `n${i}`, name, kind: 'neutral', stops: 1 }));
    const text = writeGlassCsv(all);
    expect(filters(text).map((f) => (f as Filter).name)).toEqual(named);
    expect(text).toContain('"x;=1+1"');
    expect(text).toContain("'=1+1");
  });

  it.each([
    ['kind,stops,transition_mm\ngraduated,2,constructor', '2 transition_mm: "constructor" is no number'],
    ['kind,stops,transition_mm\ngraduated,2,__proto__', '2 transition_mm: "__proto__" is no number'],
    ['label\n0.9 soft 0 x 150', '2 label: "0.9 soft 0 x 150" is not understood (out-of-range)'],
    ['label\n0.9 soft 100 x 99999', '2 label: "0.9 soft 100 x 99999" is not understood (out-of-range)'],
    ['label,width_mm\nND8,1e9', '2 width_mm: 1000000000 is out of range'],
    [`name,label\n${'n'.repeat(10_001)},ND8`, '2 table: a cell has at most 10000 characters'],
  ])('with what no bag may hold names its cell (fault 63): %p', (text, fault) => {
    expect(filters(text)).toEqual([fault]);
  });

  it('of more than is read is refused by its first line too many, at once (fault 59)', () => {
    expect(filters(`label\n${'ND8\n'.repeat(1_000_000)}`)).toEqual(['1 table: a table has at most 1 MB']);
    expect(filters(`label\n${'ND8\n'.repeat(MAX_LINES)}`)).toEqual([
      `${MAX_LINES + 1} table: a table has at most ${MAX_LINES} lines`,
    ]);
  });

  it.each([
    ['colour\nred', '1 headings: the first line names the columns: "label", or "kind" and "stops"'],
    ['label,colour\nND8,red', '1 colour: the column "colour" is not known here'],
    ['label\nlovely', '2 label: "lovely" is not understood (no-strength)'],
    ['label\nND8\n8 hard', '3 label: "8 hard" is not understood (ambiguous)'],
    ['kind,stops\nprism,2', '2 kind: "prism" is not neutral, graduated, reverse, band or polariser'],
    ['kind,stops\nneutral,many', '2 stops: "many" is no number'],
    ['kind,stops\nneutral,99', '2 stops: 99 is out of range'],
    [
      'kind,stops,length_mm,seam_from_dark_end_mm\ngraduated,2,150,200',
      '2 seam_from_dark_end_mm: the seam lies on the sheet: at most length_mm',
    ],
    ['kind,stops,floor_stops\nreverse,2,3', '2 floor_stops: floor_stops lies between 0 and stops (2)'],
    ['label,body\nND8,wood', '2 body: "wood" is not dyed or coated'],
  ])('with a fault names its line and column: %p', (text, fault) => {
    expect(filters(text)).toContain(fault);
  });

  it('never throws, and writes nothing that a table would reckon with', () => {
    fc.assert(fc.property(fc.string(), (text) => void rows(`label,stops\n${text}`)));
    expect(writeGlassCsv([{ id: 'x', name: '=1+1', kind: 'neutral', stops: 1 }])).toContain("'=1+1");
  });
});
