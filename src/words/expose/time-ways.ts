import { LONGEST_MARK_SECONDS } from '@/core/units';
import { type Bag, type Stand } from '@/model';
import { type TimeWay, type TimeWays } from '@/model/expose';
import { TOO_LONG_SECONDS, remoteText, stopsFigure, stopsText, timeText } from '../figures/figures';
import { throughText } from '../glass/glass';
import { metresText } from './focus';

/** Corners that lose less than this do not show, stops. */
const SHOWS_STOPS = 0.3;

/** What a way is made with: "ND of 6 stops, f/8, ISO 100". */
export const timeWayText = ({ filterIds, aperture, iso }: TimeWay, bag: Bag): string =>
  `${filterIds.length ? throughText(filterIds, bag) : 'no ND'}, f/${aperture}, ISO ${iso}`;

/** What is moved for a wanted time beside the glass, what that costs, and what is short of it; a line each. */
export function timeWayNotes(way: TimeWay, { exposure, camera }: Stand): string[] {
  const { aperture, iso, seconds, errorStops, costs } = way;
  const [near, was] = costs.nearM;
  const noise = Math.log2(iso / exposure.iso);
  return [
    aperture !== exposure.aperture &&
      `f/${aperture} in place of f/${exposure.aperture}: sharp from ${metresText(near)}, was ${metresText(was)}`,
    aperture > exposure.aperture && costs.diffractionPart > 0.8 && 'fine detail softened by diffraction',
    iso !== exposure.iso &&
      `ISO ${iso} in place of ${exposure.iso}${noise > 0 ? `: ${stopsText(noise)} noisier` : ''}`,
    costs.slots > 0 && `takes ${costs.slots} ${costs.slots === 1 ? 'slot' : 'slots'}`,
    costs.cornerStops > SHOWS_STOPS && `corners ${stopsFigure(costs.cornerStops)} darker`,
    seconds > LONGEST_MARK_SECONDS && `in bulb: ${remoteText(seconds)}`,
    camera.darkFrame && seconds > 1 && `then as long again for the dark frame`,
    Math.abs(errorStops) >= 0.05 &&
      `${stopsText(Math.abs(errorStops))} ${errorStops > 0 ? 'longer' : 'shorter'} than wanted`,
    tooLongText(seconds),
  ].filter((note) => !!note) as string[];
}

/** What to change where a time is no answer; null where it is one. */
export const tooLongText = (seconds: number): string | null =>
  seconds > TOO_LONG_SECONDS ? 'more than an hour: open up, raise the ISO or take an ND off' : null;

/** Why nothing comes near a wanted time, and what would. */
export function noTimeText(reason: NonNullable<TimeWays['reason']>, wantSeconds: number): string {
  switch (reason) {
    case 'not-exposed':
      return 'Nothing is read yet that a time could follow from.';
    case 'too-short':
      return `No ND of the pouch makes ${timeText(wantSeconds)} here: wait for less light, or take a stronger one.`;
    case 'too-long':
      return `Nothing is as short as ${timeText(wantSeconds)} here: open up, raise the ISO, or wait longer than you said.`;
  }
}
