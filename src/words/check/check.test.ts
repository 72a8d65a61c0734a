import { type Differences, type FileCheck, muchesOf, SIGHT_IDS, sightRecord, type Take } from '@/model';
import { bagWithNds } from '@/testing/fixtures';
import {
  adviceText,
  remedyText,
  causeQuestion,
  changesText,
  departureText,
  fileSays,
  histogramText,
  muchText,
  seenText,
  sightOfText,
  sightWords,
  takeGlassText,
  takeSettingsText,
} from '.';

const bag = bagWithNds();
const same: Differences = {
  sheetsWere: null,
  putOn: [],
  takenOff: [],
  movedMm: null,
  apartMm: null,
  turnedDeg: null,
  time: null,
  apertureWas: null,
  isoWas: null,
};
const changes = (change: Partial<Differences>, turnDeg = 0) => changesText({ ...same, ...change }, turnDeg);
const filter = (id: string) => bag.filters.find((f) => f.id === id)!;

describe('what is otherwise than in the shot', () => {
  it('is nothing where nothing is', () => {
    expect(changes({})).toEqual({ Glass: null, Seat: null, Expose: null });
  });

  it.each([
    [1, 'was 1/16 s: twice as long'],
    [-1, 'was 1/16 s: half as long'],
    [2, 'was 1/16 s: four times as long'],
    [-2, 'was 1/16 s: a quarter as long'],
    [0.33, 'was 1/16 s: 0.3 stops longer'],
    [-0.67, 'was 1/16 s: 0.7 stops shorter'],
    [3, 'was 1/16 s: 8 times as long'],
  ])('a time by %p stops: %s', (stops, text) => {
    const { Expose } = changes({ time: { wasSeconds: 1 / 16, stops } });
    expect(Expose).toBe(text.replace('1/16 s', '1/15 s'));
  });

  it('says which way the sheet goes, upside down too', () => {
    expect(changes({ movedMm: -3 }).Seat).toBe('3 mm lower');
    expect(changes({ movedMm: -3, apartMm: 2 }).Seat).toBe('3 mm lower, second sheet 2 mm further out');
    expect(changes({ movedMm: -3 }, 180).Seat).toBe('3 mm higher');
    expect(changes({ movedMm: 2.5, turnedDeg: -5 }).Seat).toBe('2.5 mm higher, turned 5° anticlockwise');
  });

  it('says what glass goes on, and that its seat is another then', () => {
    const { Glass, Seat } = changes({ sheetsWere: [filter('hard-1')], movedMm: null });
    expect(Glass).toMatch(/^in place of 1 stop, hard/);
    expect(Seat).toBe('seat it anew');
    expect(changes({ sheetsWere: [] }).Glass).toBe('in place of none');
    expect(changes({ putOn: [filter('n6')] }).Glass).toMatch(/^put on .*6 stops/);
    expect(changes({ takenOff: [filter('p1')], apertureWas: 11 })).toMatchObject({
      Glass: expect.stringMatching(/^take off .*olariser/) as string,
      Expose: 'was f/11',
    });
  });
});

describe('every sight', () => {
  it.each(SIGHT_IDS)('%s has its name, its amounts and its advice', (what) => {
    const { ofs = [] } = sightRecord(what);
    expect(sightWords(what).name).not.toBe('');
    for (const much of muchesOf(what)) expect(muchText(what, much)).not.toBe('');
    for (const of of ofs.length ? ofs : [undefined]) {
      const told = { what, ...(of ? { of } : {}) };
      expect(adviceText(told)).toMatch(/\.$/);
      if (of) expect(sightOfText(what, of)).not.toBe('');
      for (const { text, then } of causeQuestion(told)?.answers ?? [])
        expect(`${text}. ${then}`).toMatch(/\.$/);
    }
  });

  it('is told in a few words', () => {
    expect(seenText({ id: 'w', takeId: 't', what: 'blown', of: 'sky', much: 'part', raw: true })).toBe(
      'Highlights gone, in the sky, a part, by the raw file',
    );
    expect(seenText({ id: 'w', takeId: 't', what: 'strip', at: { u: 0.5, v: 0.4 } })).toBe(
      'Bright strip, as shown',
    );
    expect(muchText('strip', 'much')).toBe('broad');
  });

  it('that glares has its angle, and bare metal none', () => {
    expect(adviceText({ what: 'glare', of: 'water' })).toContain('seen at 37° to its surface');
    expect(adviceText({ what: 'glare', of: 'metal' })).toContain('does not give way');
  });

  it('is answered in words that say what is done', () => {
    expect(remedyText({ by: 'evidence' }, { what: 'sky-pale' }, bag)).toBe('more grad');
    expect(remedyText({ by: 'look', to: 'draw' }, { what: 'dull' }, bag)).toBe('draw the sky out');
    expect(
      remedyText(
        { by: 'polariser', filterId: 'p1', promise: { darkerStops: [0.5, 1.2], banded: false } },
        { what: 'sky-pale' },
        bag,
      ),
    ).toBe('the polariser: 0.5 to 1.2 off the sky');
  });
});

describe('a shot', () => {
  const take: Take = {
    id: 't',
    takenAt: '2026-05-01T05:30:00Z',
    exposure: { aperture: 13, iso: 100, seconds: 0.5 },
    planned: { aperture: 11, iso: 100, seconds: 0.125 },
    filterIds: ['hard-2'],
    fitted: [{ filterId: 'n6' }],
  };

  it('says its settings, its glass, and in what it departs', () => {
    expect(takeSettingsText(take)).toBe('f/13, 0.5 s, ISO 100');
    expect(takeGlassText(take, bag)).toMatch(/2 stops, hard.* · .*6 stops/);
    expect(takeGlassText({ ...take, filterIds: [], fitted: [] }, bag)).toBe('no glass');
    expect(departureText(take)).toBe('f/13, planned f/11; 0.5 s, planned 1/8 s');
    expect(departureText({ ...take, planned: take.exposure })).toBeNull();
  });
});

describe('what is measured', () => {
  it.each([
    [0, 0, 'As planned.'],
    [1, 1, 'All of it 1 stop brighter than planned.'],
    [0.5, 0, 'The sky 0.5 stops brighter than planned; the land as planned.'],
    [0, -1.5, 'The sky as planned; the land 1.5 stops darker than planned.'],
  ])('sky %p, land %p: %s', (sky, land, text) => {
    expect(histogramText({ sky, land })).toBe(text);
  });

  it('leads with what is robust, and names what cannot be told', () => {
    const check: FileCheck = {
      comparison: {
        overall: { by: -0.62, giveOrTake: 0.2 },
        skyAgainstLand: { by: 0.05, giveOrTake: 0.25 },
        line: null,
        contrast: 0.85,
      },
      refusals: ['no-line'],
      departs: null,
      clipped: [{ role: 'sky', blown: 0.04, black: 0 }],
    };
    expect(fileSays(check)).toEqual([
      '0.6 stops darker than planned, give or take 0.2.',
      expect.stringMatching(/^The sky is to the land as planned, give or take 0\.[23]\.$/),
      '4 % of the sky is blown in it.',
      expect.stringContaining('Where the line lies cannot be told from it'),
    ]);
    const turned: FileCheck = {
      ...check,
      refusals: [],
      clipped: [],
      comparison: {
        ...check.comparison!,
        line: { offsetMm: { by: 3.2, giveOrTake: 0.7 }, turnDeg: { by: -4, giveOrTake: 1.4 } },
      },
    };
    expect(fileSays(turned).slice(2)).toEqual([
      'The line lies 3 mm of the sheet too far towards its dark end, give or take 0.5.',
      'It is turned 4° anticlockwise of where it was to be.',
    ]);
  });
});
