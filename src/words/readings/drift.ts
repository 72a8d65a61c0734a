import { type Carry, type RoleFall } from '@/model';
import { ageText, fitFigure, stopsFigure, timeText } from '../figures/figures';

/** How fast a role's light goes: "falls 0.12 stops a minute, give or take 0.03". */
export function fallText({ stopsPerMinute, giveOrTake, lentBy }: RoleFall): string {
  const steady = Math.abs(stopsPerMinute) < 0.005;
  const way = stopsPerMinute > 0 ? 'falls' : 'rises';
  const rate = steady
    ? 'steady'
    : `${way} ${fitFigure(Math.abs(stopsPerMinute))} stops a minute, give or take ${fitFigure(giveOrTake)}`;
  return lentBy ? `${rate}; taken over from the ${lentBy}, until it is read again` : rate;
}

/** A change of light: "0.4 darker". */
export const changeText = (stops: number): string =>
  `${stopsFigure(Math.abs(stops))} ${stops < 0 ? 'darker' : 'brighter'}`;

/** To when readings are carried: "to now", "to the middle of the exposure, 1 min 4 s from now". */
export const carriedToText = ({ halfExposureSeconds }: Pick<Carry, 'halfExposureSeconds'>): string =>
  halfExposureSeconds < 5
    ? 'to now'
    : `to the middle of the exposure, ${timeText(halfExposureSeconds)} from now`;

/** What is carried, for the slip; nothing where it is less than a meter shows. */
export function carriedNotes(carry: Carry | null): string[] {
  if (!carry) return [];
  if (carry.runsOut)
    return ['the light goes faster than this exposure gathers it: less ND, a wider aperture or a higher ISO'];
  const most = [...carry.stops.values()].reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a), 0);
  return Math.abs(most) < 0.05 ? [] : [`carried ${carriedToText(carry)}, up to ${changeText(most)}`];
}

/** How long the light was watched. */
export const watchedText = ({ overMinutes }: RoleFall): string => `watched for ${ageText(overMinutes)}`;
