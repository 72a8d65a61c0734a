import fc from 'fast-check';
import { PAPER_NAMES, PAPERS } from '@/core/units';
import { ROLES } from '@/core/field';
import { isSheet, sampleBag } from '@/model';
import { part, row, saidOn, textsOf, words, worstOutside, worstOverlap } from '@/testing/card-marks';
import { measureByFont } from '@/testing/card-type';
import { type Card } from './card';
import { layOut } from './lay-out';
import { type Mark, SEAM, type Spot } from './marks';
import { cardSize, onSheets } from './on-sheets';
import { segmentIn } from './picture-marks';

const measure = measureByFont();
const sheet = sampleBag().filters.find(isSheet)!;

const slipRow = (label: 'Glass' | 'Seat' | 'Expose') =>
  fc.record({ label: fc.constant(label), main: words(90), brief: fc.constant(''), aside: words(160) });

const anyCard: fc.Arbitrary<Card> = fc.record({
  text: fc.record({
    name: words(200),
    head: words(160),
    slip: fc.record({
      lead: fc.option(words(90)),
      rows: fc.tuple(slipRow('Glass'), slipRow('Seat'), slipRow('Expose')),
    }),
    known: fc.array(part(12), { maxLength: 3 }),
    toDo: fc.record({
      title: fc.constant('In this order'),
      rows: fc.array(row, { maxLength: 14 }),
      isNumbered: fc.constant(true),
    }),
    cautions: fc.array(words(90), { maxLength: 3 }),
    foot: fc.constant('Pale Seam, made 29 Nov 2026, 14:20'),
  }),
  frame: fc.constantFrom(
    { widthMm: 36, heightMm: 24 },
    { widthMm: 24, heightMm: 36 },
    { widthMm: 44, heightMm: 33 },
  ),
  picture: fc.constantFrom(null, 'data:,'),
  seams: fc.array(
    fc.record({
      left: fc.double({ min: -1, max: 2, noNaN: true }),
      right: fc.double({ min: -1, max: 2, noNaN: true }),
    }),
    { maxLength: 2 },
  ),
  crop: fc.constant(null),
  readings: fc.array(
    fc.record({
      role: fc.constantFrom(...ROLES),
      u: fc.double({ min: 0, max: 1, noNaN: true }),
      v: fc.double({ min: 0, max: 1, noNaN: true }),
    }),
    { maxLength: 5 },
  ),
  seated: fc.option(
    fc.record({
      filters: fc.constant([sheet]),
      seat: fc.record({
        offsetMm: fc.double({ min: -30, max: 30, noNaN: true }),
        turnDeg: fc.double({ min: -180, max: 180, noNaN: true }),
      }),
      apartMm: fc.constantFrom(0, 2.5),
      railMm: fc.constant(50),
      standOutMm: fc.constantFrom([27.5], [-3], [null]),
    }),
  ),
});

const plain = (change: Partial<Card['text']> = {}): Card => ({
  text: {
    name: 'Marl Pan',
    head: 'at 16 mm',
    slip: {
      lead: null,
      rows: [
        { label: 'Glass', main: '2 stops, hard, level', brief: '', aside: 'takes 2.0 of 2.7' },
        { label: 'Seat', main: 'Along the skyline, 42 % down', brief: '', aside: '29.5 mm above the rail' },
        { label: 'Expose', main: 'f/11, 1/15 s, ISO 100', brief: '', aside: '' },
      ],
    },
    known: [{ title: 'Times', rows: [{ text: 'ND of 6 stops', figure: '4 s' }] }],
    toDo: { title: 'In this order', rows: [{ text: 'Tripod, and level it' }], isNumbered: true },
    cautions: ['Never at the sun through a finder.'],
    foot: 'Pale Seam',
    ...change,
  },
  frame: { widthMm: 36, heightMm: 24 },
  picture: null,
  seams: [{ left: 0.4, right: 0.45 }],
  crop: null,
  readings: [],
  seated: null,
});

describe('a card', () => {
  it('keeps all on its paper, and no line over another, whatever it is to say', () => {
    fc.assert(
      fc.property(anyCard, fc.constantFrom(...PAPER_NAMES), fc.boolean(), (card, paper, isFour) => {
        const size = cardSize(paper, isFour);
        const marks = layOut(card, size, measure);
        // a line's own width, and a letter's overhang
        expect(worstOutside(marks, size)).toBeLessThan(0.6);
        expect(worstOverlap(marks)).toBeLessThan(0.35);
      }),
      { numRuns: 40 },
    );
  });

  it('says everything on the smallest paper in type that is read at arm’s length', () => {
    const marks = layOut(plain(), PAPERS.A6, measure);
    const said = saidOn(marks).join(' ');
    for (const text of [
      'Marl Pan',
      'GLASS',
      '2 stops, hard, level',
      '29.5 mm above the rail',
      '4 s',
      '1',
      'Tripod',
    ])
      expect(said).toContain(text);
    for (const { size } of textsOf(marks)) expect(size).toBeGreaterThanOrEqual(0.9 * 2.3);
  });

  it('counts the rows that there is no room for', () => {
    const rows = Array.from({ length: 60 }, (_, i) => ({ text: `reading ${i}`, figure: 'EV 12.0' }));
    const said = saidOn(layOut(plain({ known: [{ title: 'Read', rows }] }), PAPERS.A6, measure));
    const listed = said.filter((text) => text.startsWith('reading')).length;
    expect(listed).toBeGreaterThan(3);
    expect(said).toContain(`and ${60 - listed} more`);
  });

  it('draws no seam that lies outside the picture', () => {
    const seamsOf = (left: number) =>
      layOut({ ...plain(), seams: [{ left, right: left }] }, PAPERS.A6, measure).filter(
        (mark) => 'ink' in mark && mark.ink === SEAM,
      );
    expect(seamsOf(0.4)).toHaveLength(1);
    expect(seamsOf(-0.1)).toHaveLength(0);
  });
});

describe('the part of a line within a box', () => {
  const inBox = ([x, y]: Spot) => x > -1e-9 && y > -1e-9 && x < 3 + 1e-9 && y < 2 + 1e-9;
  it('lies in the box and on the line, and is not there only where the line passes by', () => {
    const at = fc.double({ min: -4, max: 6, noNaN: true });
    fc.assert(
      fc.property(at, at, at, at, (x1, y1, x2, y2) => {
        const within = segmentIn([x1, y1], [x2, y2], 3, 2);
        const places = Array.from({ length: 201 }, (_, i): Spot => {
          const part = i / 200;
          return [x1 + part * (x2 - x1), y1 + part * (y2 - y1)];
        });
        if (!within) return expect(places.some(([x, y]) => x > 0 && y > 0 && x < 3 && y < 2)).toBe(false);
        for (const spot of within) {
          expect(inBox(spot)).toBe(true);
          const off = (spot[0] - x1) * (y2 - y1) - (spot[1] - y1) * (x2 - x1);
          expect(Math.abs(off)).toBeLessThan(1e-6);
        }
      }),
    );
  });
});

describe('paper', () => {
  const card = layOut(plain(), cardSize('A4', true), measure);

  it('takes four cards, each in its quarter, with cuts between them', () => {
    const sheets = onSheets(Array<Mark[]>(6).fill(card), 'A4', true);
    expect(sheets.map((s) => saidOn(s.marks).filter((text) => text === 'Marl Pan').length)).toEqual([4, 2]);
    for (const sheet of sheets) {
      expect(worstOverlap(sheet.marks)).toBeLessThan(0.35);
      expect(worstOutside(sheet.marks, sheet)).toBeLessThan(0.6);
      expect(sheet.marks.filter((m) => m.kind === 'line' && m.isDashed)).toHaveLength(2);
    }
  });

  it('takes one where it is small, and where one is wanted', () => {
    expect(onSheets([card, card], 'A5', true)).toHaveLength(2);
    expect(onSheets([card, card], 'Letter', false)).toHaveLength(2);
    expect(cardSize('A6', true)).toEqual(PAPERS.A6);
  });
});
