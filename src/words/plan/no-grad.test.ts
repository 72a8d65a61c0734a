import { type Bag, sampleBag, type Stand, studyStand } from '@/model';
import { answer, BRIGHT, LAND, lit, SKY } from '@/testing/answers';
import { bagWithNds, testStand } from '@/testing/fixtures';
import { safetyText } from './looks';

describe('no grad (fault 16)', () => {
  const all = sampleBag();
  it.each([
    ['the bag has none', { ...all, filters: [] }, BRIGHT, /the bag has no grad: add those that you own/],
    [
      'none is along',
      { ...all, pouch: [] },
      BRIGHT,
      /no grad is along today: mark those that are in the bag/,
    ],
    [
      'none goes into the holder',
      { ...all, holder: { sheetWidthMm: 150 } },
      BRIGHT,
      /no grad that is along has the width that the holder takes/,
    ],
    [
      'no slot is left',
      { ...bagWithNds(), slots: 1 },
      { ...BRIGHT, fitted: [{ filterId: 'n6' }] },
      /leaves no slot for a grad: take an ND off/,
    ],
  ] as const)('says that %s, and the way out', (_, bag, stand, why) => {
    const { glass, warned } = answer(stand, bag as Bag);
    expect(glass).toMatch(/^No grad at hand \|/);
    expect(glass).toMatch(why);
    expect(warned.join(' ')).toMatch(new RegExp(why.source, 'i'));
    expect(glass).not.toMatch(/more than it helps/);
  });

  it('compares only what goes into the holder', () => {
    const mixed = {
      ...all,
      holder: { sheetWidthMm: 101 },
      filters: all.filters.map((f, i) => (i % 2 ? f : { ...f, sheetWidthMm: 84 })),
    };
    const { derived } = answer(BRIGHT, mixed);
    const compared = derived.balance!.ranking.flatMap((r) => r.set.map((s) => s.widthMm));
    expect(compared.length).toBeGreaterThan(0);
    expect(new Set(compared)).toEqual(new Set([100]));
  });

  it('is not needed where the difference may stay', () => {
    const even = testStand({ readings: [{ ...SKY, ev100: 10.4 }, LAND] });
    expect(answer(even, { ...all, filters: [] }).glass).toMatch(
      /^Leave the grads in the bag: 0\.4 stops fit the sensor.*\| No grad needed$/,
    );
  });
});

describe('where no sheet suits', () => {
  it('says that the span is too much for the bag, by how much, and that a bracket does', () => {
    const { glass } = answer(testStand({ readings: lit(18, 8) }), sampleBag());
    expect(glass).toMatch(
      /No sheet suits this span: the sky left 6\.0 too bright; a bracket of 2 or another/,
    );
  });

  it('says what a peak loses, and that one frame without glass holds it', () => {
    const peak = [0.7, 0.7, 0.05, 0.7, 0.7].map((v, i) => ({ u: [0, 0.35, 0.5, 0.65, 1][i]!, v }));
    const { glass } = answer(testStand({ readings: lit(14, 10), skyline: peak }), sampleBag());
    expect(glass).toMatch(
      /No sheet suits this skyline: 3 stops off the land in the middle; one frame without/,
    );
    expect(glass).toMatch(/the land lifted 1\.5 stops/);
  });

  it('says nothing of it where one does, where it was chosen by hand, or where there is none', () => {
    const said = (stand: Stand, bag = sampleBag()) => answer(stand, bag).glass;
    expect(said(testStand({ readings: lit(13, 10) }))).not.toMatch(/suits/);
    const choice = { filterIds: ['soft-2'], offsetMm: 0, turnDeg: 0 };
    expect(said(testStand({ readings: lit(18, 8), choice }))).not.toMatch(/suits/);
    expect(said(testStand({ readings: lit(18, 8) }), { ...sampleBag(), filters: [] })).not.toMatch(/suits/);
  });

  it('says by what the best misses where none serves better (fault 58)', () => {
    const { glass } = answer(testStand({ readings: lit(11.02, 10) }), sampleBag());
    expect(glass).toMatch(
      /^No grad serves here \| hardly more on the sky than wanted, too little for a grad/,
    );
  });
});

describe('where a grad can hardly help (fault 26)', () => {
  it('says that on a long lens any sheet acts as an ND', () => {
    const long = testStand({ readings: lit(14, 10), lens: { focalLengthMm: 600 } });
    expect(answer(long, sampleBag()).warned.join(' ')).toMatch(/^.*At 600 mm .* acts as an ND here/);
    const wide = testStand({ readings: lit(14, 10), lens: { focalLengthMm: 24 } });
    expect(answer(wide, sampleBag()).warned.join(' ')).not.toMatch(/acts as an ND/);
  });

  it('never calls the glass the best for spans that it falls short of', () => {
    const { derived, glass } = answer(testStand({ readings: lit(19, 10) }), sampleBag());
    expect(glass).toMatch(/No sheet suits this span: the sky left \d\.\d too bright/);
    const { safety } = studyStand(testStand({ readings: lit(19, 10) }), sampleBag());
    expect(derived.plan!.figures!.levelStops).toBeLessThan(-1);
    expect(safetyText(safety, sampleBag(), []).join(' ')).not.toMatch(/best for/i);
  });
});
