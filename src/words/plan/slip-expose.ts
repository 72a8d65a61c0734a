import { LONGEST_MARK_SECONDS, SHORTEST_MARK_SECONDS } from '@/core/units';
import {
  type Derived,
  type Glass,
  isStale,
  landingOf,
  perhapsTheSun,
  RECORD_AFTER_MINUTES,
  type Stand,
  type ThroughTime,
  traitsOf,
} from '@/model';
import {
  TOO_LONG_SECONDS,
  ageText,
  listText,
  remoteText,
  stopsFigure,
  stopsText,
  exposureText,
} from '../figures/figures';
import { sideNames, type SideNames } from '../figures/sides';
import { spotNames } from '../figures/spots';
import { throughText } from '../glass/glass';
import { carriedNotes } from '../readings/drift';
import { type SlipContext } from './slip-context';
import { row, type SlipRow } from './slip-row';
import { toneText } from '../figures/tones';

/** What is on the lens beside the grads, where a time has been worked out with it. */
export function fittedText({ prepared }: Derived): string | null {
  const { stops } = prepared.fitted;
  return stops > 0 ? `with ${stopsFigure(stops)} stops of ND or polariser on` : null;
}

/** The settings to expose with, a long time as a remote takes it: "f/11, 1/8 s, ISO 100", "f/8, bulb 2:08, ISO 100". */
function settingsText({ exposure: { aperture, iso } }: Stand, seconds: number): string {
  const isBulb = seconds > LONGEST_MARK_SECONDS && seconds <= TOO_LONG_SECONDS;
  const time = isBulb ? `bulb ${remoteText(seconds)}` : exposureText(seconds);
  return `f/${aperture}, ${time}, ISO ${iso}`;
}

/** Times that no camera has, and those that are no answer. */
function timeFault(seconds: number): string | null {
  if (seconds < SHORTEST_MARK_SECONDS)
    return 'no camera has this time: stop down, lower the ISO or add an ND';
  return seconds > TOO_LONG_SECONDS
    ? 'too long to stand there: open up, raise the ISO or take an ND off'
    : null;
}

/** The time that the camera read through all that is on, carried to what is on it by now. */
export function throughRow({ stand, bag, oldestMinutes }: SlipContext, time: ThroughTime): SlipRow {
  const { changedStops, light, seconds } = time;
  const seen =
    light.throughFilterIds?.length && bag ? `, through ${throughText(light.throughFilterIds, bag)}` : '';
  const since =
    Math.abs(changedStops) < 0.05
      ? ''
      : `, and ${stopsText(Math.abs(changedStops))} ${changedStops > 0 ? 'of glass put on' : 'of glass taken off'} since`;
  return row('Expose', settingsText(stand, seconds), [
    timeFault(seconds),
    ...staleText(oldestMinutes),
    `as the camera read it${seen}${since}`,
  ]);
}

/** That the light has moved on, or that it is the light of another day. */
function staleText(minutes: number | null): string[] {
  if (minutes === null) return [];
  if (minutes >= RECORD_AFTER_MINUTES) return [`readings ${ageText(minutes)} old: the light of another day`];
  return isStale(minutes) ? [`readings ${ageText(minutes)} old: read again`] : [];
}

/** The exposure that follows from the readings, with where it puts the brighter side and what it does not hold. */
export function exposeRow({ stand, derived, oldestMinutes, carry = null }: SlipContext): SlipRow {
  const { inUse } = derived;
  const exposure = inUse?.outcome.exposure;
  if (!traitsOf(stand).readsLight && !exposure)
    return row('Expose', 'not metered', ['the sun rule gives a grad, not a time: meter the land for one']);
  if (!inUse || !exposure)
    return row('Expose', stand.choice ? 'let the camera read through it' : 'no land reading yet');
  const { clips } = inUse.outcome;
  const spot = spotNames(stand.readings);
  const sun = perhapsTheSun(derived);
  return row('Expose', settingsText(stand, exposure.seconds), [
    timeFault(exposure.seconds),
    ...staleText(oldestMinutes),
    ...carriedNotes(carry),
    fittedText(derived),
    landingText(derived, inUse, sideNames(stand)),
    sun !== null
      ? `held back for ${spot(sun)}: is that the sun itself?`
      : clips.length
        ? `${listText(clips.map(spot))} not held`
        : exposure.capped && 'held back for the highlights',
  ]);
}

/** Where the brighter side comes out, its name in one or in many: "with the sky 1.2 above mid-grey". */
function landingText(derived: Derived, glass: Glass, names: SideNames): string {
  const tone = landingOf(derived, glass);
  if (tone === null) return 'for the land alone';
  return `with the ${names[(derived.spanStops ?? 0) >= 0 ? 'sky' : 'land']} ${toneText(tone)}`;
}
