import { type Outing } from '@/model/outing';
import { dayBounds, outingDay, placeDay } from '@/model/outing';
import { testStand } from '@/testing/fixtures';
import { fullPlans } from '@/testing/plans';
import { outingCard } from '.';

const outing = fullPlans.outings[0] as Outing;
const stand = testStand({ id: 'a' });
const PACKING = {
  things: [
    { key: 'extra:x1', what: 'extra', name: 'Torch', grams: 90, neededFor: [], isPacked: true },
    {
      key: 'glass:hard-2',
      what: 'glass',
      name: '2 stops, hard',
      grams: null,
      neededFor: ['Far shore'],
      isPacked: false,
    },
  ],
  missing: [{ what: 'lens', name: '24 to 70 mm', neededFor: ['Far shore'] }],
  grams: 90,
  withoutWeight: 1,
} as const;

describe('the card of an outing', () => {
  const day = outingDay(
    outing,
    placeDay(outing.place!, dayBounds(outing.day, outing.zone)),
    (id) => (id === 'a' ? stand : null),
    null,
  );
  const card = outingCard(outing, day, PACKING);
  const partOf = (title: RegExp) => [...card.day, ...card.packing].find((p) => title.test(p.title))!;

  it('says the day, its zone, and sun and moon in its hours', () => {
    expect(card.name).toBe('Marl Pan at low water');
    expect(card.head).toMatch(
      /^Sunday, 29 March 2026 · hours of Europe\/London · .*sunrise 06:\d\d.*sunset 19:\d\d/,
    );
    expect(card.foot).toMatch(/forecast.*estimate/);
  });

  it('has each framing with its hours, the way back, the tide by its table, and the notes', () => {
    expect(partOf(/Framings/).rows.map((r) => r.figure)).toEqual([
      expect.stringMatching(/^\d\d:\d\d–\d\d:\d\d$/),
      expect.stringMatching(/^\d\d:\d\d–\d\d:\d\d$/),
      expect.stringMatching(/^\d\d:\d\d$/),
    ]);
    // by the clock of the place, which changed that night
    expect(partOf(/^Tide, by Harbour office/).rows).toEqual([
      { text: '05:10', figure: '0.6 m' },
      { text: '11:20', figure: '4.9 m' },
    ]);
    expect(partOf(/Noted/).rows).toContainEqual({ text: 'Knows of it', figure: 'The warden, by ten' });
    expect(partOf(/Weather/).rows.length).toBeGreaterThan(1);
  });

  it('has what is to be packed, what is missing, and cautions that defer at the end', () => {
    expect(partOf(/To pack/).rows).toEqual([
      { text: 'Torch', isTicked: true },
      { text: '2 stops, hard', isTicked: false },
    ]);
    expect(partOf(/Missing/).rows[0]!.text).toMatch(/24 to 70 mm is not in the bag, for Far shore/);
    expect(card.cautions.join(' ')).toMatch(
      /Swell.*wardens and signs come before anything that is said here\.$/,
    );
  });

  it('is there without a place, with what needs none', () => {
    const without = outingCard({ ...outing, tides: undefined, weather: undefined }, null, PACKING);
    expect(without.worth).toEqual([]);
    expect(without.day.map((p) => p.title)).toEqual(['Noted']);
    expect(without.foot).toBe('');
  });
});
