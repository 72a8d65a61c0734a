import { LONGEST_MARK_SECONDS, nearestShutterMark } from '@/core/units';
import { type TimeColumn, type TimeRow } from '@/model/expose';
import {
  exposureText,
  listText,
  TOO_LONG_SECONDS,
  remoteText,
  stopsFigure,
  stopsText,
  timeText,
} from '../figures/figures';
import { type SideNames } from '../figures/sides';
import { filterName, glassName } from '../glass/glass';
import { toneText } from '../figures/tones';

/** What the base of a time goes by: "base at f/11, ISO 100, land at mid-grey". */
export function baseText({ base }: TimeColumn, names: SideNames): string {
  const settings = `f/${base.aperture}, ISO ${base.iso}`;
  if (base.by.kind === 'through') return `as the camera read it at ${settings}`;
  const { side, toneStops, isCapped } = base.by;
  const placed = isCapped ? 'held back for the highlights' : `${names[side]} ${toneText(toneStops)}`;
  return `base at ${settings}, ${placed}`;
}

function changeText(stops: number): string {
  const figure = stopsFigure(Math.abs(stops));
  return Number(figure) === 0 ? '0' : `${stops < 0 ? '−' : '+'}${figure}`;
}

/** What a row of the column is for, and by how many stops it makes the time longer. */
export function timeRowText(
  row: TimeRow,
  names: SideNames,
): { readonly what: string; readonly stops: string } {
  const stops = changeText(row.stops);
  switch (row.kind) {
    case 'grad':
      return {
        what: `${glassName(row.filters)}, what it takes of the ${row.side === 'frame' ? 'frame' : names[row.side]}`,
        stops,
      };
    case 'polariser':
    case 'nd':
      return {
        what:
          row.nominalStops === null
            ? filterName(row.filter)
            : `${filterName(row.filter)}: sold as ${stopsText(row.nominalStops)}, measured ${stopsFigure(row.stops)}`,
        stops,
      };
    case 'taken-off':
      return { what: `${filterName(row.filter)} taken off`, stops };
    case 'aperture':
      return { what: `${row.to > row.from ? 'stopped down' : 'opened'} to f/${row.to}`, stops };
    case 'iso':
      return { what: `ISO ${row.to}`, stops };
  }
}

/** What of the glass is in the base already, a sentence each. */
export function columnNotes({ readThrough, addedBack }: TimeColumn): string[] {
  return [
    readThrough.length && `Read through ${listText(readThrough.map(filterName))}: not charged again.`,
    addedBack.length &&
      `A reading was taken through ${listText(addedBack.map(filterName))}: what it takes is added back there, and charged once, here.`,
  ].filter((note) => !!note) as string[];
}

/** The time as it is set: a mark with its error, or as a remote takes it. */
export function dialText(seconds: number): {
  readonly where: string;
  readonly time: string;
  readonly error: string | null;
} {
  if (seconds > TOO_LONG_SECONDS) return { where: 'no answer', time: exposureText(seconds), error: null };
  if (seconds > LONGEST_MARK_SECONDS) return { where: 'in bulb', time: remoteText(seconds), error: null };
  const near = nearestShutterMark(seconds);
  const off = near ? near.errorStops : 0;
  return {
    where: 'on the dial',
    time: timeText(seconds),
    error:
      Math.abs(off) < 0.05
        ? null
        : `the mark is ${stopsFigure(Math.abs(off))} ${off > 0 ? 'longer' : 'shorter'}`,
  };
}
