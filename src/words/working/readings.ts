import { type ReadingOutcome, wantedEv } from '@/core/balance';
import { type Role } from '@/core/field';
import { signalToNoise } from '@/core/sensor';
import { exactIso } from '@/core/units';
import { meteredEv, type MeteredLight, type Prepared, type RoleFall, roleSummaries } from '@/model';
import { carriedToText, changeText, fallText, watchedText } from '../readings/drift';
import { fitFigure, listText, stopsFigure, stopsText, timeText } from '../figures/figures';
import { throughText } from '../glass/glass';
import { meterSettingsText } from '../readings/meter';
import { shownText, toneText } from '../figures/tones';
import { type SpotNames, spotNames } from '../figures/spots';
import { leaveOutLines } from './light';
import { type Working, type WorkingContext } from './types';

/** How what a meter showed became an EV. */
function meteredLine(light: MeteredLight): string {
  const ev = `EV ${stopsFigure(meteredEv(light))}`;
  if (light.fromPicture) return `Read from the picture, by what ties it to EV: ${ev}.`;
  const settings = meterSettingsText(light);
  if (!settings) return `Typed as ${ev} at ISO 100.`;
  return `${settings}, by the exact values of the marks: the stops of aperture squared over time, less those of ISO over 100, is ${ev}.`;
}

export function readingWorking(
  { stand, bag, carry }: WorkingContext,
  { input, fitted }: Prepared,
  outcome: ReadingOutcome,
): Working {
  const { id, ev100, toneThroughStops: tone } = outcome;
  const reading = stand.readings.find((r) => r.id === id);
  const through = bag.filters.filter((f) => reading?.throughFilterIds?.includes(f.id));
  const { highlightRoom, shadowRoom } = input.window;
  const title = `Reading of ${spotNames(stand.readings)(id)}`;
  const carried = carry?.stops.get(id);
  const lines = [
    ...(reading ? [meteredLine(reading)] : []),
    ...(carry && carried !== undefined
      ? [`Carried ${carriedToText(carry)} by its role’s fall: ${changeText(carried)}.`]
      : []),
    `EV ${stopsFigure(ev100)} bare${through.length ? `, what ${listText(through.map((f) => f.name ?? f.id))} took added back` : ''}.`,
    ...(input.field.readings.find((r) => r.id === id)?.rough
      ? ['It came without a place and stands at the middle of its region: rough.']
      : []),
    `The grad takes ${stopsText(outcome.dimmingStops)} at its spot${fitted.stops > 0 ? `, ND and polariser ${stopsText(fitted.stops)}` : ''}.`,
  ];
  if (!Number.isFinite(tone))
    return { of: `reading ${id}`, title, figure: `EV ${stopsFigure(ev100)}`, lines };
  const snr = signalToNoise(stand.camera, exactIso(stand.exposure.iso), tone);
  lines.push(
    `So it comes out ${shownText(outcome)}; without glass ${toneText(outcome.toneBareStops)}.`,
    `The sensor holds ${stopsFigure(shadowRoom)} below to ${stopsFigure(highlightRoom)} above: ${outcome.held ? 'held' : 'not held'}, its signal ${snr < 1 ? 'under the noise' : `${snr.toFixed(0)} times the noise`}.`,
  );
  if (stand.camera.veilingGlarePart)
    lines.push(`With veiling glare the file shows it ${toneText(outcome.toneRecordedStops)}.`);
  return { of: `reading ${id}`, title, figure: toneText(tone), lines };
}

/** A role's mean, from its readings. */
export function meanWorkings({ carry }: WorkingContext, { input }: Prepared): Working[] {
  const { readings } = input.field;
  const named = spotNames(readings);
  return roleSummaries(readings).map(({ role, meanEv, spreadStops, count }) => {
    const own = readings.filter((r) => r.role === role && !r.limit);
    const each = own.map(
      (r) =>
        `${named(r.id)} ${stopsFigure(wantedEv(r))}${r.wantedToneStops ? ` (${stopsFigure(r.ev100)} less the wanted ${stopsFigure(r.wantedToneStops)})` : ''}`,
    );
    return {
      of: `mean ${role}`,
      title: `Mean of the ${role}`,
      figure: `EV ${stopsFigure(meanEv)}`,
      lines: [
        `EV at ISO 100, glass that was on added back: ${listText(each)}.`,
        count === 1
          ? 'One reading is its own mean.'
          : `Their sum by ${count}: EV ${stopsFigure(meanEv)}; from the darkest to the brightest ${stopsText(spreadStops)}.`,
        ...(carry && own.some((r) => carry.stops.has(r.id))
          ? [`Each is carried ${carriedToText(carry)} by the fall of the role’s light.`]
          : []),
        'What is to be held is in no mean.',
      ],
    };
  });
}

/** How fast a role's light goes, from what was read again. */
export const fallWorkings = ({ stand, carry }: WorkingContext): Working[] =>
  (carry?.falls ?? []).map((fall) => ({
    of: `fall ${fall.role}`,
    title: `Light of the ${fall.role}`,
    figure: fallText(fall),
    lines: fallLines(
      fall,
      stand.readings.filter((r) => r.role === (fall.lentBy ?? fall.role)),
      spotNames(stand.readings),
    ),
  }));

function fallLines(
  { role, lentBy, stopsPerMinute, ...fall }: RoleFall,
  spots: readonly { readonly id: string; readonly earlier?: readonly MeteredLight[] | undefined }[],
  named: SpotNames,
): string[] {
  const again = spots.filter((r) => r.earlier?.length).map((r) => named(r.id));
  return [
    ...(lentBy ? [lentLine(role, lentBy)] : []),
    `Read again: ${listText(again)}; ${watchedText({ role, lentBy, stopsPerMinute, ...fall })}.`,
    'The straight line that fits best through EV against time, every spot about its own mean: how bright one spot is against another does not count.',
    `Meters read in thirds, which makes it good to ${fitFigure(fall.giveOrTake)} stops a minute.`,
    'It is carried on for three times as long as the light was watched, for 20 min at most, and no further.',
  ];
}

const lentLine = (role: Role, by: Role): string =>
  `No spot of the ${role} was read twice: the fall of the ${by} stands for it, though the two do not fall alike.`;

/** The time that the camera read through all that was on. */
export function throughWorking({ stand, bag, derived }: WorkingContext): Working | null {
  const { through } = derived;
  if (!through) return null;
  const { light, changedStops, baseSeconds, bareSeconds, seconds } = through;
  const { aperture, iso } = stand.exposure;
  const seen = light.throughFilterIds ?? [];
  return {
    of: 'through',
    title: 'Through all that is on',
    figure: timeText(seconds),
    lines: [
      meteredLine(light),
      seen.length
        ? `Read through ${throughText(seen, bag)}: that is in the time already, and is not counted again.`
        : 'Read through the bare lens.',
      ...(Math.abs(changedStops) < 0.05
        ? []
        : [
            `What is on the lens by now takes ${stopsText(Math.abs(changedStops))} ${changedStops > 0 ? 'more' : 'less'}, a grad by its mean over the frame: ${timeText(seconds)}.`,
          ]),
      `At f/${aperture}, ISO ${iso} without any ND: ${timeText(baseSeconds)}; without any glass: ${timeText(bareSeconds)}.`,
      ...leaveOutLines(stand.leaveOut),
    ],
  };
}
