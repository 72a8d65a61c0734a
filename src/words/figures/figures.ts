import { printedStrength } from '@/core/glass';
import { LONGEST_MARK_SECONDS, nearestShutterMark, SHORTEST_MARK_SECONDS } from '@/core/units';

/** Figures as they are read: with a true minus, to the precision that hands and meters have. */

const MINUS = '−';

const HAIR = 1e-9;

function signed(value: number, digits: number): string {
  // half-way goes up, also where the nearest binary number lies a hair below it
  const text = (Math.abs(value) + HAIR).toFixed(digits);
  return value < 0 && Number(text) !== 0 ? `${MINUS}${text}` : text;
}

/** Stops to a tenth, without the word. */
export const stopsFigure = (stops: number): string => signed(stops, 1);

/** A misfit to a hundredth: smaller than a meter reads, but it ranks. */
export const fitFigure = (stops: number): string => signed(stops, 2);

/** "1 stop", "0.7 stops", to a tenth. */
export function stopsText(stops: number): string {
  const figure = wholeOrTenth(stops);
  return `${figure} ${figure === '1' ? 'stop' : 'stops'}`;
}

/** A strength in the three notations that rims have: "3 stops · 0.9 · ND8". */
export const strengthText = (stops: number): string => [stopsText(stops), ...notationsOf(stops)].join(' · ');

/** A strength as density and as factor, as printed. */
export const notationsOf = (stops: number): string[] =>
  stops > 0
    ? [printedStrength(stops, 'density').replace('density ', ''), printedStrength(stops, 'factor')]
    : [];

/** Without a needless ".0". */
export function wholeOrTenth(value: number): string {
  return signed(value, Number.isInteger(Math.round(value * 10) / 10) ? 0 : 1);
}

/** Stops in whole thirds, as cameras step: "1⅔", "⅓", "2". */
export function thirdsText(stops: number): string {
  const thirds = Math.round(3 * stops);
  const part = ['', '⅓', '⅔'][thirds % 3] as string;
  const whole = Math.floor(thirds / 3);
  return whole || !part ? `${whole}${part}` : part;
}

/** Millimetres to the half that a ruler and a thumb can set. */
export const mmFigure = (mm: number): string => wholeOrTenth(Math.round(mm * 2) / 2);

/** Degrees to the quarter, without needless noughts. */
export const degreesFigure = (degrees: number): string => signed(degrees, 2).replace(/\.?0{1,2}$/, '');

/** Beyond this nobody stands there: a time is no answer, s. */
export const TOO_LONG_SECONDS = 3600;

/** A time that a shutter shows or a watch measures: "1/8 s", "0.6 s", "2 min 8 s". */
export function timeText(seconds: number): string {
  const near = nearestShutterMark(seconds);
  if (near) return `${near.mark.name} s`;
  if (seconds < SHORTEST_MARK_SECONDS) return `1/${Number((1 / seconds).toPrecision(2))} s`;
  if (seconds < LONGEST_MARK_SECONDS) return `1/${Math.round(1 / seconds)} s`;
  const whole = Math.round(seconds);
  if (whole < 60) return `${whole} s`;
  const hours = Math.floor(whole / 3600);
  const minutes = Math.floor((whole % 3600) / 60);
  const rest = whole % 60;
  return [hours && `${hours} h`, minutes && `${minutes} min`, !hours && rest && `${rest} s`]
    .filter(Boolean)
    .join(' ');
}

/** How long an exposure is, where that is an answer. */
export const exposureText = (seconds: number): string =>
  seconds > TOO_LONG_SECONDS ? 'over an hour' : timeText(seconds);

/** A long time as a remote takes it: "0:45", "2:08", "1:04:00". */
export function remoteText(seconds: number): string {
  const whole = Math.round(seconds);
  const two = (n: number) => String(n).padStart(2, '0');
  const [hours, minutes] = [Math.floor(whole / 3600), Math.floor((whole % 3600) / 60)];
  return hours ? `${hours}:${two(minutes)}:${two(whole % 60)}` : `${minutes}:${two(whole % 60)}`;
}

/** A mark as it stands on the camera: without its unit where it is a fraction. */
export const markText = (name: string): string => (name.includes('/') ? name : `${name} s`);

/** An ISO worked out, to two figures: "250", "1600". */
export function isoFigure(iso: number): string {
  return String(Number(iso.toPrecision(2)));
}

/** A part of something, to the whole per cent. */
export const percentText = (part: number): string => `${Math.round(part * 100)} %`;

/** Age of a reading: "2 min", "3 h", "12 days", "8 months". */
export function ageText(minutes: number): string {
  if (minutes < 1) return 'under a minute';
  if (minutes < 90) return `${Math.round(minutes)} min`;
  const hours = minutes / 60;
  if (hours < 48) return `${Math.round(hours)} h`;
  const days = hours / 24;
  return days < 60 ? `${Math.round(days)} days` : `${Math.round(days / 30.4)} months`;
}

/** "a", "a and b", "a, b and c". */
export function listText(items: readonly string[]): string {
  return items.length < 2 ? (items[0] ?? '') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;
}
