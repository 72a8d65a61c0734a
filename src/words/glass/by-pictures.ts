import { stopsOfGlass } from '@/core/glass';
import {
  type Cast,
  type Figure,
  type Filter,
  isSheet,
  type ProfileFault,
  type SheetMeasured,
  type SheetProfile,
  type SheetUnmeasured,
  takenStops,
} from '@/model';
import { stopsFigure, stopsText } from '../figures/figures';
import { againstText } from './measured';
import { turnText } from '../figures/turn';

/** A colour that shows less than this is none, stops. */
const SHOWS = 0.05;

const hundredths = (x: number): string => x.toFixed(2);
const tenths = (x: number): string => x.toFixed(1);
const within = ({ value, giveOrTake }: Figure, unit: string, to: (x: number) => string): string =>
  `${to(value)} ${unit}, give or take ${to(giveOrTake)}`;

/** What a pair of pictures says of a filter's strength. */
export const strengthMeasuredText = (stops: Figure, saysStops: number): string =>
  `It takes ${within(stops, 'stops', hundredths)}: ${againstText(stops.value, saysStops)}.`;

/** What a pair of pictures says of a sheet, a line each. */
export function sheetMeasuredTexts(
  { stops, transitionMm, offsetMm, turnDeg, pupilToFilterMm, leftStops }: SheetMeasured,
  saysStops: number,
): string[] {
  return [
    strengthMeasuredText(stops, saysStops),
    `Its transition is ${within(transitionMm, 'mm', tenths)}.`,
    `It sat ${within({ ...offsetMm, value: Math.abs(offsetMm.value) }, 'mm', tenths)}, ${offsetMm.value < 0 ? 'below' : 'above'} the lens axis, ${turnText(turnDeg.value)}; the pupil ${within(pupilToFilterMm, 'mm', tenths)}, behind it.`,
    ...(leftStops > 0.12
      ? [
          `It is no plain graduated sheet, or the light moved: single places lie ${stopsText(leftStops)} off. A photo of the sheet tells its profile.`,
        ]
      : []),
  ];
}

/** Why a pair of pictures says nothing of a sheet. */
export const SHEET_UNMEASURED: Readonly<Record<SheetUnmeasured | 'shapes' | 'failed', string>> = {
  'too-little':
    'Too little of the frame is neither blown nor black in both pictures: expose both for what is grey.',
  'no-transition':
    'No transition is seen between the two: the sheet’s dark and clear end must both be in the picture.',
  unsettled: 'The two do not settle to one sheet: the tripod must stand still, and the light.',
  shapes: 'The two pictures are of different shapes: both upright or both across, uncropped.',
  failed: 'It could not be worked out. Try the two again.',
};

/** What a photo of a sheet says of it. */
export const profileText = ({ stops, seamFromDarkEndMm, noiseStops }: SheetProfile): string =>
  `It takes ${stopsFigure(stops)} stops at most, half of that ${tenths(seamFromDarkEndMm)} mm from its dark end; single places lie ${hundredths(noiseStops)} stop off.`;

/** Why a photo of a sheet says nothing. */
export const PROFILE_FAULTS: Readonly<Record<ProfileFault, string>> = {
  corners: 'The four corners are not those of a sheet: the dark end’s two first, then the clear end’s.',
  'no-light-beside':
    'There is too little of the even light left and right of the sheet: leave half its width on both sides.',
  spoilt: 'Blown or black where the sheet is: expose it so that both ends are grey.',
  'no-transition': 'It is as dense at one end as at the other.',
  'too-short': 'It is shorter than any sheet that has a transition: look at the length that was typed.',
};

/** The colour of glass: what it leaves too much of. */
export function castText({ red, blue }: Cast): string {
  const parts = [
    Math.abs(red) >= SHOWS && `${hundredths(Math.abs(red))} stop ${red > 0 ? 'more' : 'less'} of red`,
    Math.abs(blue) >= SHOWS && `${hundredths(Math.abs(blue))} stop ${blue > 0 ? 'more' : 'less'} of blue`,
  ].filter(Boolean);
  if (!parts.length) return 'It has no colour that shows.';
  const warm = blue - red;
  const turns =
    Math.abs(warm) < SHOWS ? '' : warm > 0 ? ': the picture turns warmer' : ': the picture turns cooler';
  return `It takes ${parts.join(' and ')} than of green${turns}.`;
}

/** What a filter goes by in the place of its label; null where it goes by that. */
export function measuredText(filter: Filter): string | null {
  const { castStops, measuredStops } = filter;
  const sold = stopsOfGlass(filter);
  const goesBy = isSheet(filter)
    ? filter.measuredSamples &&
      `Goes by its measured profile: ${stopsFigure(takenStops(filter))} stops at most, sold as ${stopsFigure(sold)}.`
    : measuredStops !== undefined &&
      `Goes by the ${stopsFigure(measuredStops)} stops that were measured, sold as ${stopsFigure(sold)}.`;
  return [goesBy, castStops && castText(castStops)].filter(Boolean).join(' ') || null;
}

/** A camera's own picture bends the light for the eye. */
export const BENT_TEXT =
  'These are a camera’s own pictures, bent for the eye: strengths come out some tenths off. Raw files tell it straight.';
