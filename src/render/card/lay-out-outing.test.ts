import fc from 'fast-check';
import { PAPER_NAMES } from '@/core/units';
import { part, saidOn, words, worstOutside, worstOverlap } from '@/testing/card-marks';
import { measureByFont } from '@/testing/card-type';
import { dayMarks, type DayLight } from './day-marks';
import { layOutOuting, type OutingCard } from './lay-out-outing';
import { type Mark } from './marks';
import { cardSize } from './on-sheets';

const measure = measureByFont();
const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;

const day = (change: Partial<DayLight> = {}): DayLight => ({
  fromMs: 0,
  toMs: DAY_MS,
  moments: Array.from({ length: 61 }, (_, i) => ({
    atMs: 5 * HOUR_MS + i * 10 * 60_000,
    skyEv: 14 - Math.abs(i - 30) / 3,
    landEv: 11 - Math.abs(i - 30) / 3,
  })),
  events: [
    { atMs: 6 * HOUR_MS, text: 'sunrise 06:00' },
    { atMs: 18 * HOUR_MS, text: 'sunset 18:00' },
  ],
  hours: [0, 6, 12, 18, 24].map((h) => ({ atMs: h * HOUR_MS, hour: `${h}:00` })),
  worth: [17.5 * HOUR_MS],
  tide: [
    { atMs: 2 * HOUR_MS, heightM: 0.5 },
    { atMs: 8 * HOUR_MS, heightM: 4.5 },
  ],
  ...change,
});

const anyCard: fc.Arbitrary<OutingCard> = fc.record({
  text: fc.record({
    name: words(200),
    head: words(260),
    worth: fc.array(fc.record({ hour: fc.constant('17:30'), why: words(160) }), { maxLength: 3 }),
    day: fc.array(part(12), { maxLength: 4 }),
    packing: fc.array(part(20), { maxLength: 2 }),
    cautions: fc.array(words(200), { maxLength: 7 }),
    foot: fc.constantFrom('', 'The light is a forecast, off by 1.5 stops or more.'),
  }),
  light: fc.option(fc.constant(day())),
});

const plain: OutingCard = {
  text: {
    name: 'Marl Pan at low water',
    head: 'Sunday, 29 March 2026 · sunset 18:00',
    worth: [{ hour: '17:30', why: 'Low light from the side: every furrow has its shadow.' }],
    day: [{ title: 'Framings', rows: [{ text: 'Far shore: looks W', figure: '17:00–17:40' }] }],
    packing: [{ title: 'To pack', rows: [{ text: 'Torch', isTicked: true }] }],
    cautions: ['Back with 20 min of light left: take a torch each.'],
    foot: 'The light is a forecast.',
  },
  light: day(),
};

describe('the card of an outing', () => {
  it('keeps whatever it says on the paper, with no line over another', () => {
    fc.assert(
      fc.property(anyCard, fc.constantFrom(...PAPER_NAMES), (card, paper) => {
        const size = cardSize(paper, false);
        const marks = layOutOuting(card, size, measure);
        expect(worstOutside(marks, size)).toBeLessThan(0.01);
        expect(worstOverlap(marks)).toBeLessThan(0.35);
      }),
      { numRuns: 25 },
    );
  });

  it.each(PAPER_NAMES)('says all of a usual outing on %s', (paper) => {
    const said = saidOn(layOutOuting(plain, cardSize(paper, false), measure)).join(' ');
    for (const text of [
      'Marl Pan',
      '17:30',
      'every furrow',
      'Far shore',
      '17:00–17:40',
      'Torch',
      'take a torch',
    ])
      expect(said).toContain(text);
    expect(said).toContain('sunset 18:00');
    expect(said).not.toContain('more');
  });

  it('is there without a day, while the place is not known', () => {
    const marks = layOutOuting({ ...plain, light: null }, cardSize('A6', false), measure);
    expect(saidOn(marks).join(' ')).toContain('Torch');
    expect(saidOn(marks).join(' ')).not.toContain('6:00');
  });
});

describe('the day on it', () => {
  const drawn = (of: DayLight) => dayMarks(of, [10, 20], { width: 100, height: 40, type: 2.4, measure });
  const areas = (marks: readonly Mark[]) => marks.filter((m) => m.kind === 'area');

  it('has sky above land wherever the sky is brighter, inside the strip', () => {
    const [span] = areas(drawn(day()));
    const half = span!.spots.length / 2;
    for (let i = 0; i < half; i++) {
      const [sky, land] = [span!.spots[i]!, span!.spots.at(-1 - i)!];
      expect(sky[0]).toBeCloseTo(land[0]);
      expect(sky[1]).toBeLessThan(land[1]);
    }
    for (const [x, y] of drawn(day()).flatMap((m) => ('spots' in m ? m.spots : []))) {
      expect(x).toBeGreaterThanOrEqual(10);
      expect(x).toBeLessThanOrEqual(110);
      expect(y).toBeGreaterThanOrEqual(20);
      expect(y).toBeLessThanOrEqual(60);
    }
  });

  it('parts what is known before and after a gap, and draws no light where none is', () => {
    const { moments } = day();
    const gap = [...moments.slice(0, 20), ...moments.slice(30)];
    expect(areas(drawn(day({ moments: gap })))).toHaveLength(2);
    expect(areas(drawn(day({ moments: [] })))).toHaveLength(0);
  });

  it('leaves out a name that would lie on another', () => {
    const close = [6, 6.1, 18].map((h) => ({ atMs: h * HOUR_MS, text: `sunrise ${h}` }));
    expect(saidOn(drawn(day({ events: close, hours: [] })))).toEqual(['sunrise 6', 'sunrise 18']);
  });
});
