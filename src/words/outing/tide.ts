import { type Outing } from '@/model/outing';
import { dayOf, dayOfOuting, hourOf, type ReadTurn, type TideHeading } from '@/model/outing';
import { outingDayText } from './outing';

type Day = Pick<Outing, 'day' | 'zone'>;

const metres = (m: number): string => `${m.toFixed(1).replace('-', '−')} m`;

/** The day of a turn beside the outing's; nothing for its own. */
function dayText(atMs: number, outing: Day): string {
  const days = dayOfOuting(atMs, outing);
  if (days === 0) return '';
  return days === -1
    ? 'the day before, '
    : days === 1
      ? 'the day after, '
      : `${outingDayText(dayOf(atMs, outing.zone))}, `;
}

/** A turn by the clock of the outing: "the day after, 04:50". */
export const tideHourText = (atMs: number, outing: Day): string =>
  `${dayText(atMs, outing)}${hourOf(atMs, outing.zone)}`;

/** A turn as it was understood. */
export function readTurnText({ atMs, heightM, turn, doubt }: ReadTurn, outing: Day): string {
  const named = turn ? `${turn} water ` : '';
  const doubtful =
    doubt === 'twice'
      ? ' (clocks show this hour twice that night: taken as the first)'
      : doubt === 'never'
        ? ' (clocks leave this hour out that night: look again)'
        : '';
  return `${named}${tideHourText(atMs, outing)}: ${metres(heightM)}${doubtful}`;
}

/** What a line says of those below it. */
export function tideHeadingText({ day, month, offsetMinutes, unit }: TideHeading): string {
  const parts = [
    day === undefined ? null : `from here on ${outingDayText(day)}`,
    month === undefined ? null : `days of month ${month}`,
    offsetMinutes === undefined
      ? null
      : offsetMinutes === null
        ? 'by the clocks there'
        : zoneText(offsetMinutes),
    unit === undefined ? null : `heights in ${unit === 'ft' ? 'feet' : 'metres'}`,
  ];
  return parts.filter((p) => p !== null).join(', ');
}

function zoneText(minutes: number): string {
  if (minutes === 0) return 'hours of universal time, shown by the clocks there';
  const [h, m] = [Math.floor(Math.abs(minutes) / 60), Math.abs(minutes) % 60];
  return `hours of UTC${minutes < 0 ? '−' : '+'}${h}${m ? `:${String(m).padStart(2, '0')}` : ''}, shown by the clocks there`;
}

export const passedOverText = (words: string): string => `passed over: “${words}”`;

/** What the press that takes the turns says. */
export function takeTideText(near: number, ofOtherDays: number, notUnderstood: number): string {
  if (near < 2) return 'Two turns about this day at least are needed';
  const rest = [
    ofOtherDays ? `${ofOtherDays} of other days not needed` : null,
    notUnderstood ? `${notUnderstood} ${notUnderstood === 1 ? 'line' : 'lines'} not understood` : null,
  ].filter((t) => t !== null);
  return `Take these ${near}${rest.length ? ` (${rest.join(', ')})` : ''}`;
}
