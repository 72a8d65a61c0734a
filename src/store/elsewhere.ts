import { type GpxPoint, type ReadGpx } from '@/files/gpx';
import { type FileResult } from '@/files';
import { type CalendarEntry } from '@/model/outing';

/** What other programs read and write: seldom asked for, so what knows their formats comes when it is. */

/** The places of a GPX file. */
export const placesFromGpx = async (text: string): Promise<FileResult<ReadGpx>> =>
  (await import('@/files/gpx')).readGpx(text);

export const placesAsGpx = async (
  name: string,
  points: readonly GpxPoint[],
  as?: 'waypoints' | 'route',
): Promise<string> => (await import('@/files/gpx')).writeGpx(name, points, as);

/** Entries for a calendar. */
export const asCalendar = async (name: string, entries: readonly CalendarEntry[]): Promise<string> =>
  (await import('@/files/calendar')).writeCalendar(name, entries, Date.now());
