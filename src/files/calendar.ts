import { type CalendarEntry } from '@/model';
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
    name: plain(name),
    prodId: { company: 'Pale Seam', product: 'Outings', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { id, fromMs, toMs, title, text, place, alarmMinutes } of entries) {
    const event = calendar.createEvent({
      id: `${plain(id)}@pale-seam`,
      stamp: new Date(nowMs),
      start: new Date(fromMs),
      end: new Date(toMs),
      summary: plain(title),
      description: plain(text),
      ...(place
        ? {
            location: {
              title: plain(place.name) || `${place.latitudeDeg}, ${place.longitudeDeg}`,
              geo: { lat: place.latitudeDeg, lon: place.longitudeDeg },
            },
          }
        : {}),
    });
    for (const minutes of alarmMinutes)
      event.createAlarm({
        type: ICalAlarmType.display,
        trigger: minutes * MINUTE_S,
        description: plain(title),
      });
  }
  return calendar.toString();
}

/** Text without what no calendar may hold: control characters and half characters. */
const plain = (text: string): string =>
  text
    .toWellFormed()
    // eslint-disable-next-line no-control-regex
    .replace(/[\u0000-\u0009\u000b-\u001f\u007f]/g, ' ');
