import fc from 'fast-check';
import { meteredEv, type Reading } from '@/model';
import { sampleBag } from '@/model';
import { type PastedReading, readReadingsCsv, type ReadingsContext, writeReadingsCsv } from './readings-csv';

const CONTEXT: ReadingsContext = {
  bag: { ...sampleBag(), filters: [...sampleBag().filters, { id: 'n6', kind: 'neutral', stops: 6 }] },
  aperture: 8,
  iso: 100,
  day: '2026-03-14T12:00:00Z',
};
const sheet = CONTEXT.bag.filters[0]!.id;
const read = (text: string): (PastedReading | string)[] =>
  readReadingsCsv(text, CONTEXT).map((r) => (r.ok ? r.reading : `${r.line} ${r.column}: ${r.message}`));

const anyReading: fc.Arbitrary<Reading> = fc
  .record({
    role: fc.constantFrom<Reading['role']>('sky', 'land', 'water', 'feature'),
    light: fc.oneof(
      // a table knows no minus before a nought
      fc.record({ ev100: fc.double({ min: -10, max: 25, noNaN: true }).map((ev) => ev || 0) }),
      fc.record({
        aperture: fc.constantFrom(1.2, 8, 11, 12.3),
        shutter: fc.constantFrom<string | number>('1/60', '30', '0.4', '2.5s', 1 / 70, 47, 0.000002),
        iso: fc.constantFrom(50, 100, 6400),
      }),
    ),
    place: fc.option(fc.tuple(fc.integer({ min: 0, max: 1000 }), fc.integer({ min: 0, max: 1000 })), {
      nil: null,
    }),
    minute: fc.option(fc.integer({ min: 0, max: 59 }), { nil: null }),
    limit: fc.boolean(),
    wantedToneStops: fc.option(fc.constantFrom(1.7, -1.5), { nil: undefined }),
    spotAngleDeg: fc.option(fc.constantFrom(1, 5), { nil: undefined }),
    through: fc.constantFrom('none', 'nd', 'grad'),
  })
  .map(({ light, place, minute, limit, through, wantedToneStops, spotAngleDeg, role }) => ({
    id: 'r1',
    role,
    ...light,
    ...(place ? { u: place[0] / 1000, v: place[1] / 1000 } : {}),
    ...(minute === null ? {} : { takenAt: `2026-03-14T05:${String(minute).padStart(2, '0')}:10.000Z` }),
    ...(limit ? { limit } : {}),
    ...(wantedToneStops === undefined ? {} : { wantedToneStops }),
    ...(spotAngleDeg === undefined ? {} : { spotAngleDeg }),
    ...(through === 'none' ? {} : { throughFilterIds: through === 'nd' ? ['n6'] : [sheet, 'n6'] }),
    ...(through === 'grad' ? { seat: { filterId: sheet, offsetMm: -3.5, turnDeg: 12 } } : {}),
  }));

describe('readings as a table', () => {
  it('come back as they were written, times by what they stand for', () => {
    fc.assert(
      fc.property(fc.array(anyReading, { maxLength: 6 }), (readings) => {
        const back = read(writeReadingsCsv(readings)) as PastedReading[];
        const rest = ({ id: _, shutter: __, ...r }: Reading) => r;
        expect(back.map((r) => rest({ ...r, id: '' }))).toEqual(readings.map(rest));
        back.forEach((r, i) => expect(meteredEv(r)).toBeCloseTo(meteredEv(readings[i]!), 9));
      }),
    );
  });

  it('are read as a notebook has them, aperture and ISO kept from the line before', () => {
    expect(read('sky, 8, 250, 100\nland, 30\nwater, 5.6, 1/60\nsky hold, EV 15.3')).toEqual([
      { role: 'sky', aperture: 8, shutter: '1/250', iso: 100 },
      { role: 'land', aperture: 8, shutter: '1/30', iso: 100 },
      { role: 'water', aperture: 5.6, shutter: '1/60', iso: 100 },
      { role: 'sky', ev100: 15.3, limit: true },
    ]);
    expect(readReadingsCsv('land, 30', CONTEXT)[0]).toMatchObject({ assumed: ['f/8', 'ISO 100'] });
  });

  it('are read as words alone', () => {
    expect(
      read('s f/8 1/250 400\nl 30\nland 2s\ncloud held EV 14 at ISO 400\nland 320 cd/m2\nw 8 4s'),
    ).toEqual([
      { role: 'sky', aperture: 8, shutter: '1/250', iso: 400 },
      { role: 'land', aperture: 8, shutter: '1/30', iso: 400 },
      { role: 'land', aperture: 8, shutter: '2', iso: 400 },
      { role: 'sky', ev100: 12, limit: true },
      { role: 'land', ev100: expect.closeTo(11.322, 3) as number },
      { role: 'water', aperture: 8, shutter: '4', iso: 400 },
    ]);
  });

  it('are read by named columns in any order, with semicolons, decimal commas and times of day', () => {
    const [reading] = read(
      'ISO;Role;f;time;across percent;down percent;at;hold\n100;sky;5,6;0,4s;30;12,5;05:41;x',
    );
    expect(reading).toMatchObject({
      role: 'sky',
      aperture: 5.6,
      shutter: '0.4',
      u: 0.3,
      v: 0.125,
      limit: true,
    });
    const at = new Date((reading as PastedReading).takenAt!);
    expect([at.getHours(), at.getMinutes()]).toEqual([5, 41]);
  });

  it.each([
    [
      'colour,brightness\nred,1',
      '1 headings: begin with what was read, as in "sky, 8, 250, 100", or name the columns: "role" and more',
    ],
    ['role,colour\nsky,red', '1 colour: the column "colour" is not known here'],
    ['sky, 8, 250\nmoon, 8, 250', '2 role: "moon" is not sky, land, water or feature'],
    ['sky, 8, 250\nconstructor, 8, 250', '2 role: "constructor" is not sky, land, water or feature'],
    ['sky, 8, fast', '1 shutter: "fast" is nothing that a meter shows'],
    ['sky, 8, 1/99999999', '1 shutter: "1/99999999" is out of range'],
    ['sky, wide, 250', '1 aperture: "wide" is no number'],
    ['sky, 8, 250, many', '1 iso: "many" is no number'],
    ['sky\n', '1 shutter: "" is nothing that a meter shows'],
    ['role,ev\nsky,99', '2 ev100: 99 is out of range'],
    ['role,ev,across percent\nsky,9,10', '2 down_percent: across and down come together or not at all'],
    ['role,ev,across percent,down percent\nsky,9,10,200', '2 down_percent: "200" is not between 0 and 100'],
    ['role,ev,at\nsky,9,25:10', '2 taken_at: "25:10" is no time: write 05:41, or 2026-03-14T05:41:00Z'],
    ['role,ev,hold\nsky,9,perhaps', '2 hold: "perhaps" is neither yes nor no'],
    ['role,ev,through\nsky,9,wood', '2 through: the bag has no filter "wood"'],
    ['role,ev,seat_mm\nsky,9,3', '2 seat_mm: a seat belongs to a grad that is named under "through"'],
  ])('with a fault names its line and column, and the other lines stand: %p', (text, fault) => {
    expect(read(text)).toContain(fault);
  });

  it.each([
    ['sky 1/250 f/8', ['sky 8 1/250 100']],
    ['sky: 1/250 f/8 iso 200', ['sky 8 1/250 200']],
    ['05:41 sky 8 1/250', ['sky 8 1/250 100']],
    ['1. beach f/11 1/30\n2. sea f/11 1/60', ['land 11 1/30 100', 'water 11 1/60 100']],
    ['rock, f/8, 30', ['land 8 1/30 100']],
    ['foreground 8 30 400', ['land 8 1/30 400']],
    ['trees: EV 9', ['feature EV 9']],
    ['clouds hold EV 15', ['sky EV 15 held']],
    ['sky EV 14.3 / land EV 10.7', ['sky EV 14.3', 'land EV 10.7']],
    ['sky 0.4 f/8', ['sky 8 0.4 100']],
  ])('a notebook’s line is understood as it is written (fault 40): %p', (text, spots) => {
    const said = readReadingsCsv(text, CONTEXT).map((r) => {
      if (!r.ok) return r.message;
      const { role, aperture, shutter, iso, ev100, limit } = r.reading;
      return [role, ev100 === undefined ? `${aperture} ${shutter} ${iso}` : `EV ${ev100}`, limit && 'held']
        .filter(Boolean)
        .join(' ');
    });
    expect(said).toEqual(spots);
  });

  it('a decimal that no shutter has is asked about, and refuses itself alone (fault 40)', () => {
    const [sky, land, odd] = readReadingsCsv('sky 14.3 / land EV 10.7\nwall 8 250', CONTEXT);
    expect(sky).toMatchObject({
      ok: false,
      message: '14.3 can be an EV or seconds: write EV 14.3, or 14.3 s',
    });
    expect(land).toMatchObject({ ok: true, reading: { role: 'land', ev100: 10.7 } });
    expect(odd).toMatchObject({ ok: false, line: 2, column: 'role' });
  });

  it('never throws, whatever is pasted', () => {
    fc.assert(fc.property(fc.string(), (text) => void readReadingsCsv(text, CONTEXT)));
    fc.assert(
      fc.property(fc.string(), (text) => void readReadingsCsv(`sky, ${text}\nrole,ev,at\n`, CONTEXT)),
    );
    fc.assert(
      fc.property(fc.string(), (text) => void readReadingsCsv(`role,shows,at,hold,f\nsky,${text}`, CONTEXT)),
    );
  });
});
