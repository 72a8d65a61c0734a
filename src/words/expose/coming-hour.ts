import { type ComingHour, type ComingMoment, type ComingTurn } from '@/model/expose';
import { type SkyState } from '@/model';
import { clockText } from '../figures/dates';
import { stopsFigure, timeText } from '../figures/figures';

export const SKY_STATE_NAMES: Record<SkyState, string> = {
  clear: 'Clear',
  broken: 'Broken cloud',
  covered: 'Covered',
};

/** What happens at a moment of the hour, in few words: "passes 30 s". */
export function comingTurnText({ kind, seconds = 0 }: ComingTurn): string {
  switch (kind) {
    case 'passes':
      return `passes ${timeText(seconds)}`;
    case 'no-time':
      return 'no time is long enough';
    case 'sun-gone':
      return 'the sun is gone';
  }
}

/** From when on another sheet is right. */
export const sheetTurnText = (atMs: number, glass: string): string =>
  `From ${clockText(atMs)} ${glass} is right.`;

export const fitNowText = (clock: string): string => `Fit now for ${clock}`;

/** An ND that comes nearest to the wanted time from a moment on. */
export const ndTurnText = (name: string | null, seconds: number | null, wantSeconds: number): string =>
  name === null || seconds === null
    ? `no ND comes near ${timeText(wantSeconds)} any more`
    : `${name || 'no ND'} for ${timeText(wantSeconds)}: ${timeText(seconds)}`;

export const latestText = 'latest for the ND that is on: after it no time is long enough';

/** How far a forecast may be off: "1.1", or where it may be brighter than darker "1.1 +2.1". */
export function forecastRangeText({ sky, land }: ComingMoment): string {
  const range = sky?.range ?? land?.range;
  if (!range) return '–';
  const { darker, brighter } = range;
  return darker === brighter ? stopsFigure(darker) : `${stopsFigure(darker)} +${stopsFigure(brighter)}`;
}

/** How span and need go over the hour; null where both sides are not read. */
export function spanAheadText({ moments }: ComingHour): string | null {
  const told = moments.flatMap(({ spanStops, needStops, atMs, sky }) =>
    spanStops === null || needStops === null || !sky
      ? []
      : [{ spanStops, needStops, atMs, range: sky.range }],
  );
  const [now, last] = [told[0], told.at(-1)];
  if (!now || !last) return null;
  const clock = clockText(last.atMs);
  return `Span ${stopsFigure(now.spanStops)}, to take ${stopsFigure(now.needStops)}; at ${clock} span ${stopsFigure(last.spanStops)}, to take ${stopsFigure(last.needStops)}, give or take ${stopsFigure(last.range.darker)}.`;
}

/** The light has gone from what the choice of glass held for. */
export const heldNoMoreText = (span: number, [from, to]: readonly [number, number]): string =>
  `By the forecast the span is ${stopsFigure(span)} by now; the choice held from ${stopsFigure(from)} to ${stopsFigure(to)}. Read again.`;

export const carriesOnText = (clock: string): string =>
  `From ${clock} on the sun is too low for a forecast: go by readings.`;
