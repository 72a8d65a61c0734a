import { type MergeReport } from '@/model';
import { listText } from '../figures/figures';

/** Names that are given before the rest is only counted. */
const NAMED = 5;

/** What became of the things of a file: "2 added (a and b); 3 here already; 1 in conflict (c), kept beside yours". */
export function mergeText({ added, kept, inConflict, leftOut }: MergeReport): string {
  const parts = [
    added.length && `${added.length} added (${someText(added)})`,
    kept.length && `${kept.length} here already`,
    inConflict.length && `${inConflict.length} in conflict (${someText(inConflict)}), kept beside yours`,
    leftOut.length && `${leftOut.length} left out (${someText(leftOut)}): there is no room for more`,
  ].filter(Boolean);
  return parts.length ? `${parts.join('; ')}.` : 'nothing in it.';
}

const someText = (names: readonly string[]): string =>
  names.length <= NAMED
    ? listText(names)
    : `${names.slice(0, NAMED).join(', ')} and ${names.length - NAMED} more`;

/** What of a backup is no thing of its own. */
export const PREFERENCES_IN =
  'Settings, your usual place and what was learnt came along, where nothing was said here.';
