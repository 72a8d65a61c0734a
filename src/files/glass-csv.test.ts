import fc from 'fast-check';
import { type Filter, sampleBag } from '@/model';
import { anyBag } from '@/testing/fixtures';
import { readGlassCsv, writeGlassCsv } from './glass-csv';

const empty = { filters: [] };
const filters = (text: string): (Filter | string)[] =>
  readGlassCsv(text, empty).map((r) => (r.ok ? r.filter : `${r.line} ${r.column}: ${r.message}`));

describe('glass as a table', () => {
  it('comes back the same as it was written, but for ids', () => {
    const bare = ({ id: _, ...f }: Filter) => JSON.parse(JSON.stringify(f)) as object;
    fc.assert(
      fc.property(anyBag, ({ filters: all }) => {
        const written = all.filter((f) => f.kind !== 'measured');
        const read = filters(writeGlassCsv(all));
        expect(read.map((f) => bare(f as Filter))).toEqual(
          written.map((f) => expect.objectContaining(bare(f)) as object),
        );
      }),
      { numRuns: 50 },
    );
    expect(filters(writeGlassCsv(sampleBag().filters))).toHaveLength(sampleBag().filters.length);
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
    expect(readGlassCsv('kind,stops\ngraduated,2', empty)[0]).toMatchObject({ assumed: ['transition'] });
  });

  it('gives ids that are free in the bag', () => {
    const bag = { filters: [{ id: 'g1', kind: 'neutral', stops: 1 } as const] };
    const ids = readGlassCsv('label\nND8\nND64', bag).map((r) => r.ok && r.filter.id);
    expect(ids).toEqual(['g2', 'g3']);
  });

  it.each([
    ['colour\nred', '1 headings: the first line names the columns: "label", or "kind" and "stops"'],
    ['label,colour\nND8,red', '1 colour: the column "colour" is not known here'],
    ['label\nlovely', '2 label: "lovely" is not understood (no-strength)'],
    ['label\nND8\n8 hard', '3 label: "8 hard" is not understood (ambiguous)'],
    ['kind,stops\nprism,2', '2 kind: "prism" is not graduated, reverse, band, neutral or polariser'],
    ['kind,stops\nneutral,many', '2 stops: "many" is no number'],
    ['kind,stops\nneutral,99', '2 stops: 99 is out of range'],
    [
      'kind,stops,length_mm,seam_from_dark_end_mm\ngraduated,2,150,200',
      '2 seam_from_dark_end_mm: the seam lies on the sheet: at most length_mm',
    ],
    ['kind,stops,floor_stops\nreverse,2,3', '2 floor_stops: at most its 2 stops'],
    ['label,body\nND8,wood', '2 body: "wood" is not dyed or coated'],
  ])('with a fault names its line and column: %p', (text, fault) => {
    expect(filters(text)).toContain(fault);
  });

  it('never throws, and writes nothing that a table would reckon with', () => {
    fc.assert(fc.property(fc.string(), (text) => void readGlassCsv(`label,stops\n${text}`, empty)));
    expect(writeGlassCsv([{ id: 'x', name: '=1+1', kind: 'neutral', stops: 1 }])).toContain("'=1+1");
  });
});
