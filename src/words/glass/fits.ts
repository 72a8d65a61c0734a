import { type CornersLost } from '@/model';
import { stopsText, wholeOrTenth } from '../figures/figures';

/** Corners that lose less show nothing; from here on nothing is left of them, stops. */
const SHOWS_STOPS = 0.1;
const BLACK_STOPS = 5;

const lostText = (stops: number): string =>
  stops < SHOWS_STOPS ? 'clear' : stops > BLACK_STOPS ? 'black' : `lose ${stopsText(stops)}`;

/** What the corners lose at a lens's widest view, and from where on they are clear. */
export function cornersText({ levelStops, turnedStops, by, clearFromMm }: CornersLost): {
  readonly main: string;
  readonly aside: string;
} {
  const isWorse = turnedStops - levelStops >= SHOWS_STOPS && levelStops <= BLACK_STOPS;
  return {
    main: lostText(levelStops),
    aside: [
      isWorse && `turned: ${lostText(turnedStops)}`,
      (levelStops >= SHOWS_STOPS || isWorse) && by && `behind the ${by}`,
      clearFromMm !== null && `clear from ${wholeOrTenth(clearFromMm)} mm`,
    ]
      .filter(Boolean)
      .join('; '),
  };
}
