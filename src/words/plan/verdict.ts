import { type Balance, type Candidate, type Outcome, type Spot } from '@/core/balance';
import { fitFigure } from '../figures/figures';
import { otherSide, type SideNames } from '../figures/sides';
import { capital } from '../figures/spots';
import { placeText, reasonsText } from './reasons';

/** Unevenness up to which each verdict holds, stops. */
const CLEAN_UNDER = 0.15;
const LITTLE_UNDER = 0.35;
const BADLY_FROM = 0.7;

/** What of a set can be seen, by how much of it there is. */
interface Seen {
  readonly stops: number;
  readonly text: string;
}

/** What shows of a set, and where, the most telling thing alone; null where nothing stands out. */
function whatShows(candidate: Candidate, { brighter }: Balance, names: SideNames): string | null {
  const faint = candidate.unevenStops < LITTLE_UNDER ? 'faint ' : '';
  const dark = faint || 'dark ';
  const { spillWorst, line, leakStops, levelStops } = candidate;
  const dimmed = (spot: Spot) => (spot.shape ? `a ${faint}dark top on` : `a ${dark}strip along`);
  const seen: (Seen | null)[] = [
    spillWorst && { stops: spillWorst.stops, text: `${dimmed(spillWorst)} ${placeText(spillWorst)}` },
    line && { stops: line.stops, text: `a ${faint}line across ${placeText(line)}` },
    {
      // what is missing of a level sky is no band: only what is missing beside it
      stops: BAND_IN_MEAN * (leakStops + Math.min(0, levelStops)),
      text: `a ${faint || 'bright '}band of the ${names[brighter]} along the ${names[otherSide(brighter)]}`,
    },
  ];
  const most = seen.reduce((a, b) => ((b?.stops ?? 0) > (a?.stops ?? 0) ? b : a), null);
  return most && most.stops >= WORTH_NAMING ? most.text : null;
}

/** A band is this much stronger than what it adds to the mean of its side. */
const BAND_IN_MEAN = 3;
/** What is under this is not named, stops. */
const WORTH_NAMING = 0.15;

/**
 * What of a set will be seen, in words: "a clean line", "shows little: a faint strip on the west cone", "shows badly". No
 * figure: that stands behind it. Null without a sheet, of which nothing can show.
 */
export function verdictText(candidate: Candidate, balance: Balance, names: SideNames): string | null {
  if (!candidate.set.length) return null;
  const { unevenStops } = candidate;
  if (unevenStops < CLEAN_UNDER) return 'a clean line';
  const degree =
    unevenStops < LITTLE_UNDER ? 'shows little' : unevenStops < BADLY_FROM ? 'shows' : 'shows badly';
  const what = whatShows(candidate, balance, names);
  return what ? `${degree}: ${what}` : degree;
}

/** The verdict with its figure, then the reasons, a sentence each. */
export function judgementText(
  candidate: Candidate,
  balance: Balance,
  outcome: Pick<Outcome, 'seam' | 'clips'>,
  names: SideNames,
): string[] {
  const verdict = verdictText(candidate, balance, names);
  return [
    ...(verdict === null ? [] : [`${capital(verdict)} (${fitFigure(candidate.unevenStops)} uneven).`]),
    ...reasonsText(candidate, balance, outcome, names),
  ];
}
