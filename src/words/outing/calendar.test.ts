import { newOuting, type Outing } from '@/model/outing';
import { dayBounds, outingDay, placeDay } from '@/model/outing';
import { calendarEntries } from '.';

const outing: Outing = {
  ...newOuting({
    id: 'o1',
    name: 'Marl Pan',
    createdAt: '2026-03-28T18:00:00Z',
    day: '2026-03-29',
    zone: 'Europe/London',
  }),
  place: { latitudeDeg: 56, longitudeDeg: -3 },
  framings: [
    { id: 's1', name: 'Far shore', azimuthDeg: 276, walkMinutes: 20, minutes: 40 },
    { id: 's2', name: 'The ford', minutes: 30 },
  ],
  startsAt: '18:00',
  walkOutMinutes: 30,
};
const sky = placeDay(outing.place!, dayBounds(outing.day, outing.zone));
const entriesOf = (of: Outing) =>
  calendarEntries(
    of,
    outingDay(of, sky, () => null, null),
  );
const clock = (ms: number) => new Date(ms).toISOString().slice(11, 16);

describe('an outing in a calendar', () => {
  it('has all of it, each framing in its hours, and the moments worth being there for', () => {
    const entries = entriesOf(outing);
    const hours = entries.slice(0, 3).map((e) => [e.title, clock(e.fromMs), clock(e.toMs)]);
    // the clocks went on that morning: 18:00 is 17:00 in universal time
    expect(hours).toEqual([
      ['Marl Pan', '17:00', '19:00'],
      ['Far shore', '17:20', '18:00'],
      ['The ford', '18:00', '18:30'],
    ]);
    expect(entries[0]!.alarmMinutes).toEqual([720, 60]);
    expect(entries[1]!.text).toMatch(/looks 276° W[\s\S]*span about/);
    expect(entries.length).toBeGreaterThan(3);
    expect(entries.slice(3).map((e) => e.title)).toContain(
      'The sun goes down within the frame, in its middle.',
    );
    expect(new Set(entries.map((e) => e.id)).size).toBe(entries.length);
  });

  it('has the moments alone while it is not said when it begins', () => {
    const { startsAt: _, ...open } = outing;
    expect(entriesOf(open).every((e) => e.alarmMinutes[0] === 30)).toBe(true);
  });

  it('tells two moments of one framing and reason apart, and calls them the same the next time (fault 103)', () => {
    const day = outingDay(outing, sky, () => null, null);
    const [moment] = day.worth;
    const twice = { ...day, worth: [moment!, { ...moment!, atMs: moment!.atMs + 3_600_000 }] };
    const ids = () => calendarEntries(outing, twice).map((e) => e.id);
    expect(new Set(ids()).size).toBe(ids().length);
    expect(ids()).toEqual(ids());
  });
});
