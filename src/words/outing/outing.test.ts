import { type Caution } from '@/model/outing';
import {
  broughtPlacesText,
  cautionText,
  compassText,
  minutesText,
  missingText,
  outingDayText,
  outingName,
  waterText,
  weatherFollows,
  weightText,
  worthText,
} from '.';

const moment = {
  atMs: 0,
  framingId: 's',
  why: 'sun-in-frame',
  offDeg: 12.3,
  comes: true,
  spanStops: 3,
  hasWater: null,
} as const;
const HOUR_MS = 3_600_000;

describe('the sentences of an outing', () => {
  it('say why a moment is worth being there for, on which side, and of the water what was wanted', () => {
    expect(worthText(moment)).toBe('The sun comes up within the frame, 12° right of its middle.');
    expect(worthText({ ...moment, comes: false, offDeg: -1, hasWater: true })).toBe(
      'The sun goes down within the frame, in its middle; the water is as you want it.',
    );
    expect(worthText({ ...moment, why: 'glow', hasWater: false })).toMatch(
      /before sunrise.*not as you want it/,
    );
  });

  it.each<[Caution, RegExp]>([
    [{ what: 'dark-back', lightLeftMinutes: 20 }, /^Back with 20 min of light left: take a torch/],
    [{ what: 'dark-back', lightLeftMinutes: -95 }, /ends 1 h 35 min after dusk/],
    [
      { what: 'rising-water', fromMs: 6 * HOUR_MS, highMs: 11.5 * HOUR_MS },
      /rises from 06:00 until 11:30: it can come behind you.*local tide table, the warden/,
    ],
    [{ what: 'sun-in-finder' }, /no solar filters/],
    [{ what: 'tide-not-known' }, /local table/],
    [{ what: 'lightning' }, /warnings/],
    [{ what: 'ice' }, /local notices/],
    [{ what: 'nobody-knows' }, /Nobody is noted/],
  ])('caution by %j', (caution, text) => expect(cautionText(caution, 'UTC')).toMatch(text));

  it('say what follows from the weather, and nothing of what was not said', () => {
    expect(weatherFollows()).toEqual([]);
    expect(weatherFollows({ rain: 'dry', air: 'mild' })).toEqual([]);
    expect(weatherFollows({ cloud: 'moving', wind: 'gusts', rain: 'rain', air: 'frost' })).toHaveLength(4);
  });

  it('say what became of the places of a file', () => {
    expect(broughtPlacesText({ taken: 1, leftOut: 0, refused: [] })).toBe('One place is in.');
    const refused = [{ path: 'wpt[0].lat', message: 'lat is a number' }];
    expect(broughtPlacesText({ taken: 3, leftOut: 2, refused })).toBe(
      '3 places are in; 2 more have no room: take some out first; 1 not taken (wpt[0].lat: lat is a number).',
    );
  });

  it('say what is missing, and for which framing', () => {
    expect(missingText({ what: 'ring', name: 'usual holder', threadMm: 72, neededFor: ['Quill Rim'] })).toBe(
      'No 72 mm ring for the usual holder, for Quill Rim',
    );
    expect(missingText({ what: 'not-along', name: '3 stops, hard', neededFor: ['A', 'B'] })).toBe(
      '3 stops, hard is not in the pouch, needed for A and B',
    );
  });

  it('tell the hours at which the water serves, in the clock of the place', () => {
    const span = { fromMs: Date.parse('2026-03-29T04:10:00Z'), toMs: Date.parse('2026-03-29T06:00:00Z') };
    expect(waterText([span], 'Europe/London')).toBe('water serves 05:10 to 07:00, estimated');
    expect(waterText([], 'UTC')).toMatch(/never serves/);
  });

  it.each([
    [265, '265° W'],
    [359.6, '0° N'],
    [-45, '315° NW'],
  ])('%d degrees is %s', (deg, text) => expect(compassText(deg)).toBe(text));

  it('name a day, a length of time, a weight, and an outing that has no name', () => {
    expect(outingDayText('2026-03-29')).toBe('Sunday, 29 March 2026');
    expect([45, 60, 110].map(minutesText)).toEqual(['45 min', '1 h', '1 h 50 min']);
    expect([640, 2_440].map(weightText)).toEqual(['640 g', '2.4 kg']);
    expect(outingName({ name: ' ', place: { latitudeDeg: 0, longitudeDeg: 0, name: 'Marl Pan' } })).toBe(
      'Marl Pan',
    );
    expect(outingName({ name: '' })).toBe('Outing without a name');
  });
});
