import { type FileMatches, type MatchedFile } from '@/model/ledger';
import { departureText } from '../check/takes';

/** How far the camera's clock is off, and what that rests on. */
export function clockOffText({ aheadMs, agreeing }: FileMatches): string {
  if (aheadMs === null)
    return 'No file has the settings of a shot: how far the camera’s clock is off is not known.';
  const seconds = Math.round(Math.abs(aheadMs) / 1000);
  const [minutes, rest] = [Math.floor(seconds / 60), seconds % 60];
  const by = [minutes && `${minutes} min`, (rest || !minutes) && `${rest} s`].filter(Boolean).join(' ');
  const files =
    agreeing === null ? 'as you say' : `${agreeing} ${agreeing === 1 ? 'file says so' : 'files agree'}`;
  return seconds < 2
    ? `The camera’s clock goes right: ${files}.`
    : `The camera’s clock is ${by} ${aheadMs > 0 ? 'ahead' : 'behind'}: ${files}.`;
}

/** The shot that a file is of, and in what it departs. */
export function matchedText({ entry, departs }: MatchedFile): string {
  const { take, standName, number } = entry;
  const off =
    departs && departureText({ ...take, exposure: departs, planned: take.planned ?? take.exposure });
  return `${standName || 'without a name'}, shot ${number}${off ? `: ${off}` : ''}`;
}
