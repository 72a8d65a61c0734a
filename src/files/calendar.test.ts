import fc from 'fast-check';
import ICAL from 'ical.js';
import { type CalendarEntry } from '@/model/outing';
import { writeCalendar } from './calendar';

const NOW = Date.parse('2026-03-28T18:00:00Z');
const entry = (change: Partial<CalendarEntry> = {}): CalendarEntry => ({
  id: 'o1-s1',
  fromMs: Date.parse('2026-03-29T04:40:00Z'),
  toMs: Date.parse('2026-03-29T05:20:00Z'),
  title: 'Far shore',
  text: 'Span about 3.1 stops; water serves',
  place: { name: 'Marl Pan', latitudeDeg: 56.02, longitudeDeg: -3.1 },
  alarmMinutes: [60, 10],
  ...change,
});

/** The events as another library reads them. */
const read = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));

describe('a calendar, as another library reads it', () => {
  it('has each entry at its moment, with place and text', () => {
    const [event] = read(writeCalendar('Marl Pan', [entry()], NOW));
    expect(event!.summary).toBe('Far shore');
    expect(event!.description).toBe('Span about 3.1 stops; water serves');
    expect(event!.location).toMatch(/^Marl Pan/);
    expect(event!.uid).toBe('o1-s1@pale-seam');
    expect(event!.startDate.toJSDate().toISOString()).toBe('2026-03-29T04:40:00.000Z');
    expect(event!.endDate.toJSDate().toISOString()).toBe('2026-03-29T05:20:00.000Z');
  });

  it('has its alarms so long before', () => {
    const [event] = read(writeCalendar('Marl Pan', [entry()], NOW));
    const alarms = event!.component.getAllSubcomponents('valarm');
    const before = alarms.map((a) => (a.getFirstPropertyValue('trigger') as ICAL.Duration).toSeconds());
    expect(before).toEqual([-3600, -600]);
    expect(alarms[0]!.getFirstPropertyValue('action')).toBe('DISPLAY');
  });

  it.each([
    ['before the clocks go on', '2026-03-29T00:30:00Z', '00:30'],
    ['after the clocks have gone on', '2026-03-29T04:40:00Z', '05:40'],
    ['before the clocks go back', '2026-10-25T00:30:00Z', '01:30'],
    ['after the clocks have gone back', '2026-10-25T05:40:00Z', '05:40'],
  ])('is shown right by a clock of a place %s', (_, at, shown) => {
    const fromMs = Date.parse(at);
    const [event] = read(writeCalendar('', [entry({ fromMs, toMs: fromMs + 60_000 })], NOW));
    const clock = new Intl.DateTimeFormat('en-GB', { timeStyle: 'short', timeZone: 'Europe/London' });
    expect(clock.format(event!.startDate.toJSDate())).toBe(shown);
  });

  it('holds no entry that a name, an id or a place has brought in (fault 125)', () => {
    const planted = 'A\r\nEND:VEVENT\nBEGIN:VEVENT\u2028UID:x\u0085SUMMARY:planted';
    const place = { name: planted, latitudeDeg: 1, longitudeDeg: 2 };
    const text = writeCalendar(planted, [entry({ id: planted, title: planted, text: planted, place })], NOW);
    const events = read(text);
    expect(events).toHaveLength(1);
    expect(events[0]!.uid).toContain('END:VEVENT');
    expect(events[0]!.uid).not.toMatch(/[\r\n]/);
    // as the file stands, line by line, whatever reads it
    const lines = text.split(/\r\n|\n|\r/);
    expect(lines.filter((l) => l.startsWith('BEGIN:VEVENT'))).toHaveLength(1);
    expect(lines.filter((l) => l.startsWith('UID:'))).toHaveLength(1);
  });

  it('keeps every text as it was, whatever stands in it', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', minLength: 1, maxLength: 200 }), (text) => {
        // eslint-disable-next-line no-control-regex
        fc.pre(!/[\u0000-\u001f\u007f]/.test(text) && text.trim() === text);
        const [event] = read(writeCalendar(text, [entry({ title: text, text })], NOW));
        expect([event!.summary, event!.description]).toEqual([text, text]);
      }),
    );
  });
});
