import { isDensity } from '@/core/glass';
import { addReading, type Bag, putFitted, sampleBag, type Stand } from '@/model';
import { type Card } from '@/render/card/card';
import { drawing } from '@/testing/drawing';
import { bagWithNds, testStand } from '@/testing/fixtures';
import { cardOf } from './card';

const NOW = Date.parse('2026-11-29T06:30:00Z');

async function card(stand: Stand, bag: Bag = sampleBag(), own = drawing()): Promise<Card> {
  const steps = cardOf({ stand, bag, photo: null, seatBy: 'line', ndGoes: 'last', nowMs: NOW }, own.means);
  for (;;) {
    const step = await steps.next();
    if (step.done) return step.value;
  }
}

describe('a stand’s card', () => {
  it('says the slip, the light, the glass and what to do, and has the sheet in its holder', async () => {
    const own = drawing();
    const { text, seated, seams, picture, readings } = await card(testStand(), sampleBag(), own);
    const [glass, seat, expose] = text.slip.rows;
    expect(glass.main).toMatch(/stops?, (?:hard|soft)/);
    expect(seat.aside).toContain(`${seated!.standOutMm[0]!.toFixed(1).replace('.0', '')} mm above the rail`);
    expect(expose.main).toMatch(/^f\/11, .*ISO 100$/);
    expect(text.known.map((part) => part.title)).toEqual(['Read', 'On the lens, outwards', 'Times']);
    expect(text.known[0]!.rows.at(-1)).toMatchObject({ text: 'Span' });
    expect(text.toDo.rows.map((row) => row.text)).toContain('Grad in, and turned');
    expect(text.cautions[0]).toContain('no solar filters');
    expect(seams).toHaveLength(1);
    expect(readings).toHaveLength(testStand().readings.length);
    expect(picture).toBe('data:,');
    expect(own.drawn).toHaveLength(1);
  });

  it('lists the NDs of the pouch against the time without any, on or not', async () => {
    const bag = bagWithNds();
    const nd = bag.filters.find(isDensity)!;
    const times = async (stand: Stand) =>
      (await card(stand, bag)).text.known.find((part) => part.title === 'Times')!.rows;
    const without = await times(testStand());
    expect(without[0]!.text).toBe('Without any ND');
    expect(without.length).toBeGreaterThan(2);
    expect(await times(putFitted(testStand(), nd.id, true))).toEqual(without);
  });

  it('tells many readings by their sides, and minds the shore where water was read', async () => {
    const [first] = testStand().readings;
    const many = Array.from({ length: 9 }, (_, i) => ({ ...first!, id: `w${i}`, role: 'water' as const }));
    const stand = many.reduce(addReading, testStand());
    const { text } = await card(stand);
    const read = text.known[0]!.rows;
    expect(read).toContainEqual(expect.objectContaining({ text: 'Water, 9 readings' }));
    expect(read.length).toBeLessThan(7);
    expect(text.cautions.join(' ')).toContain('Tide, swell');
  });

  it('stands for a stand of which nothing is read', async () => {
    const { text, seated, seams } = await card(testStand({ readings: [], name: ' ' }));
    expect(text.name).toBe('Stand without a name');
    expect(text.slip.rows[0].main).toBe('Point the camera at the land, then at the sky');
    expect(text.known).toEqual([]);
    expect([seated, seams]).toEqual([null, []]);
  });
});
