import { type Safety, type SheetSet, type Side } from '@/core/balance';
import { incidentEv } from '@/core/exposure';
import { daylightLux, overcastSpan } from '@/core/sky';
import {
  type Bag,
  gapOf,
  type OtherLook,
  type School,
  type Stand,
  type StockAdvice,
  sunGuessStops,
  type SunSide,
  sunSideOf,
} from '@/model';
import { faultText } from './faults';
import { capital, type Spots, spotNames } from '../figures/spots';
import { fitFigure, stopsFigure, stopsText } from '../figures/figures';
import { filterName, glassNamed } from '../glass/glass';
import { filterKindText } from '../glass/kinds';
import { otherSide, sideNames } from '../figures/sides';

export const LOOK_NAMES: Record<School, string> = {
  even: 'Even',
  natural: 'Natural',
  heavy: 'Heavy',
  draw: 'Draw out',
  least: 'Least glass',
  bracket: 'Bracket',
  sun: 'By the sun',
};

/** Where the sun stands, in running words. */
export const SUN_PLACES: Record<SunSide, string> = {
  behind: 'behind you',
  side: 'at the side',
  ahead: 'ahead',
  hidden: 'hidden',
};

/** What a look is after, in a sentence; of the brighter side and the darker one by their names. */
const LOOK_AIMS: Record<School, (brighter: string, darker: string) => string> = {
  even: (brighter, darker) => `${capital(brighter)} and ${darker} meet at the same tone.`,
  natural: (brighter) => `A little more light stays on the ${brighter}, as the eye sees it.`,
  heavy: (brighter, darker) => `The ${brighter} darker than the ${darker}.`,
  draw: (brighter) => `An even ${brighter} brought down, for bands in grey cloud or blue at midday.`,
  least: (_, darker) =>
    `The weakest glass with which one exposure holds everything; the ${darker} to be lifted afterwards.`,
  bracket: () => 'No grad: several exposures, to be merged afterwards.',
  sun: () =>
    'A rule of thumb by where the sun stands, whatever was read; the time is the land’s, where that is metered.',
};

/** What a stand's look is after, in a sentence. */
export function lookAim(stand: Stand, brighter: Side): string {
  const names = sideNames(stand);
  return LOOK_AIMS[stand.look.school](names[brighter], names[otherSide(brighter)]);
}

/** A look with its figure, behind its name: "keep the sky 1.0 brighter". */
export function lookLine(stand: Stand, brighter: Side): string {
  const gap = gapOf(stand);
  if (gap === null) return '';
  const name = sideNames(stand)[brighter];
  return gap < 0
    ? `make the ${name} ${stopsFigure(-gap)} darker`
    : `keep the ${name} ${stopsFigure(gap)} brighter`;
}

/** What another look would have fitted: "2 stops, hard", "3 frames", or why it has no plan. */
export function otherLookText({ filterIds, frames, fault }: OtherLook, bag: Bag): string {
  // nobody has asked for this look: what it would have to know is not asked either
  if (fault?.reason === 'no-sun-direction') return 'once it is said where the sun stands';
  if (fault) return faultText(fault);
  if (frames !== null) return frames === 1 ? 'one frame, lifted afterwards' : `${frames} frames`;
  return glassNamed(bag, filterIds);
}

/** How safe the answer is, a sentence each: over what spans it holds, and what decides it. */
export function safetyText({ bestForSpans, close, deciding }: Safety, bag: Bag, spots: Spots): string[] {
  const spot = spotNames(spots);
  const named = (set: SheetSet) =>
    glassNamed(
      bag,
      set.map((s) => s.id),
    );
  return [
    ...(bestForSpans
      ? [
          `The choice stays the same for spans from ${stopsFigure(bestForSpans[0])} to ${stopsFigure(bestForSpans[1])} stops.`,
        ]
      : []),
    ...close.map(
      ({ spanStops, otherwise }) =>
        `${Math.abs(spanStops) < 0.25 ? 'A sixth' : 'A third'} of a stop ${spanStops > 0 ? 'more' : 'less'} span, and ${otherwise ? `it is ${named(otherwise)}` : 'there is no plan'}.`,
    ),
    ...deciding.map((d) =>
      d.kind === 'taken'
        ? `The reading of ${spot(d.readingId)} decides: without it ${named(d.otherwise)} would be best. Read it again to be sure.`
        : `Meter ${d.shape.name ? `the ${d.shape.name}` : 'the marked feature'} next: its light decides between this and ${named(d.otherwise)}.`,
    ),
  ];
}

/** A sheet that is not in the bag and would have done better; never the advice. */
export const stockText = ({ sheet, betterByStops }: StockAdvice, bag: Bag): string =>
  `${bag.assumed ? 'Not among the assumed sheets' : 'Not in your bag'}: ${filterKindText(sheet)} would fit better by ${fitFigure(betterByStops)}.`;

/** A sheet that lies at home, where it would have been the better one. */
export const leftBehindText = ({ sheet, betterByStops }: StockAdvice): string =>
  `Left at home: ${filterName(sheet)} would fit better by ${fitFigure(betterByStops)}.`;

/** What a clear sky gives the ground with the sun at a height, as a forecast with its range; null out of range. */
export function daylightText(sunAltitudeDeg: number): string | null {
  const lux = daylightLux(sunAltitudeDeg);
  if (lux === null) return null;
  return `Forecast, under a clear sky: the ground gets EV ${stopsFigure(incidentEv(lux))} by an incident meter; cloud takes 1 to 3 stops of it, and not from the span. Under an even overcast the sky low down stands about ${stopsFigure(overcastSpan(OVERCAST_LOW_DEG, GREY_GROUND))} above grey ground.`;
}

/** Where the sky of an overcast is looked at, and the reflectance of ordinary ground. */
const OVERCAST_LOW_DEG = 15;
const GREY_GROUND = 0.18;

/** What the sun rule would have said, beside what was measured; null where it is not said where the sun stands. */
export function sunRuleText(stand: Stand): string | null {
  const side = sunSideOf(stand);
  const stops = sunGuessStops(stand);
  if (side === null || stops === undefined) return null;
  return `The sun rule, with the sun ${SUN_PLACES[side]}, would say ${stops === 0 ? 'no grad' : stopsText(stops)}.`;
}
