import { type CalendarEntry } from '@/model/outing';
import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator';

const MINUTE_S = 60;

/**
 * Entries as an iCalendar (RFC 5545) that any calendar takes in, with their alarms. Every moment is written in universal time,
 * so that each calendar shows it by its own clock, whatever the clocks have done meanwhile.
 *
 * @param nowMs when it is made
 */
export function writeCalendar(name: string, entries: readonly CalendarEntry[], nowMs: number): string {
  const calendar = ical({
    name: line(name),
    prodId: { company: 'Pale Seam', product: 'Outings', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { id, fromMs, toMs, title, text, place, alarmMinutes } of entries) {
    const event = calendar.createEvent({
      id: `${line(id)}@pale-seam`,
      stamp: new Date(nowMs),
      start: new Date(fromMs),
      end: new Date(toMs),
      summary: line(title),
      description: plain(text),
      ...(place
        ? {
            location: {
              title: line(place.name) || `${place.latitudeDeg}, ${place.longitudeDeg}`,
              geo: { lat: place.latitudeDeg, lon: place.longitudeDeg },
            },
          }
        : {}),
    });
    for (const minutes of alarmMinutes)
      event.createAlarm({
        type: ICalAlarmType.display,
        trigger: minutes * MINUTE_S,
        description: line(title),
      });
  }
  return calendar.toString();
}

/** Text of one line: what ends a line in a calendar file would begin an entry of its own. */
const line = (text: string): string => plain(text).replace(/[\n\u0085\u2028\u2029]/g, ' ');

/** Text without what no calendar may hold: control characters and half characters. */
const plain = (text: string): string =>
  text
    .toWellFormed()
    // eslint-disable-next-line no-control-regex
    .replace(/[\u0000-\u0009\u000b-\u001f\u007f]/g, ' ');
