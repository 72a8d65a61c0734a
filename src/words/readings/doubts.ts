import { type Doubt, type RoleSummary, type SpanMover } from '@/model';
import { percentText, stopsFigure, stopsText } from '../figures/figures';
import { capital } from '../figures/spots';

/** What is asked about a reading. */
export function doubtText(doubt: Doubt): string {
  switch (doubt.code) {
    case 'brighter-than-day':
      return `EV ${stopsFigure(doubt.ev100)} is brighter than anything by day but the sun and its glints. Is it to be held, or mistyped?`;
    case 'darker-than-night':
      return `EV ${stopsFigure(doubt.ev100)} is darker than a night of stars. Is it mistyped?`;
    case 'swapped':
      return `Aperture and shutter look swapped. Is it f/${doubt.aperture} at ${doubt.shutter}, EV ${stopsFigure(doubt.ev100)}?`;
    case 'sky-below-land':
      return `That leaves the sky ${stopsText(doubt.stops)} darker than the land: so it is before a storm over snow, else the roles are swapped.`;
    case 'beside-mark':
      return `Is it the camera’s mark ${doubt.mark}, which stands ${stopsFigure(Math.abs(doubt.stops))} stop from the time typed?`;
    case 'circle-crosses':
      return `The meter’s circle takes in ${percentText(doubt.part)} of the other side of the skyline${
        doubt.stops === null
          ? ''
          : `: it reads about ${stopsText(Math.abs(doubt.stops))} too ${doubt.stops > 0 ? 'bright' : 'dark'}`
      }. Aim away from the line.`;
    case 'apart-in-time':
      if (doubt.minutes > SAME_LIGHT_MINUTES)
        return `Sky and land were read ${agoSpan(doubt.minutes)} apart: the one says nothing of the other. Read the older one again.`;
      return `Sky and land were read ${Math.round(doubt.minutes)} min apart. Near sunrise and sunset the light moves by a tenth to a quarter of a stop a minute: up to ${stopsText(doubt.minutes / 4)}. Read the older one again.`;
  }
}

/** Beyond this a rate of light near sunrise and sunset tells nothing any more, minutes. */
const SAME_LIGHT_MINUTES = 90;

/** A long time between two readings, roughly. */
const agoSpan = (minutes: number): string => {
  const hours = Math.round(minutes / 60);
  const days = Math.round(hours / 24);
  return days >= 2 ? `${days} days` : hours >= 2 ? `${hours} hours` : `${Math.round(minutes)} min`;
};

/** Several readings of a role in a line: "3 readings, mean EV 12.3, 0.8 apart". */
export const summaryText = ({ count, meanEv, spreadStops }: RoleSummary): string =>
  count === 1
    ? `EV ${stopsFigure(meanEv)}, one reading`
    : `EV ${stopsFigure(meanEv)}, mean of ${count}, ${stopsFigure(spreadStops)} apart`;

/**
 * Which reading the span rests on most.
 *
 * @param named what a reading is called by its id
 */
export const moverText = ({ id, withoutStops }: SpanMover, named: (id: string) => string): string =>
  `${capital(named(id))} moves the span most: without it ${stopsText(withoutStops)}.`;
