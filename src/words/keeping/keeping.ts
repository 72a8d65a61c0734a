import { type Notice } from '@/model';
import { listText } from '../figures/figures';

const named = (name: string): string => (name.trim() ? `“${name}”` : 'A stand without a name');

/** What has happened to what is kept, once. */
export function noticeText(notice: Notice): string {
  switch (notice.code) {
    case 'both-kept':
      return `${named(notice.name)} was changed in another tab at the same time. Both versions are kept.`;
    case 'not-deleted':
      return `${named(notice.name)} was changed in another tab at the same time, so it is not deleted.`;
    case 'bag-joined': {
      const { settingsAreTheirs, leftOut } = notice;
      return [
        'The bag was changed in another tab at the same time. What either tab has put in is kept',
        settingsAreTheirs && '; the holder is as the other tab has it',
        leftOut.length > 0 && `, but for ${listText(leftOut)}: the bag is full`,
        '.',
      ]
        .filter(Boolean)
        .join('');
    }
    case 'plans-joined':
      return `What is planned was changed in another tab at the same time. What either tab has made is kept${notice.leftOut.length ? `, but for ${listText(notice.leftOut)}: there is no room for more` : ''}.`;
    case 'not-taken':
      return notice.fault.code === 'too-large'
        ? `That was not taken: ${notice.fault.message}. Everything is as it was.`
        : `That was not taken, since it could not be kept (${notice.fault.path}: ${notice.fault.message}). Everything is as it was.`;
    case 'no-seeds':
      return 'The demo’s stands could not be fetched: they need the network once. Nothing was stored; open the demo again when it is there.';
  }
}

/** What a stored record is that cannot be shown as what it ought to be. */
export function brokenText(record: unknown): string {
  switch ((record as { damaged?: unknown } | null)?.damaged) {
    case 'bag':
      return 'The bag that is stored here was damaged: it is kept as it is, and a new one is begun. Save it, and bring a backup in to have your glass again.';
    case 'plans':
      return 'What was planned here was damaged: it is kept as it is, and nothing is planned. Save it, and bring a backup in to have your outings again.';
    default:
      return 'A stored stand cannot be shown: it is not as a stand is here. It is kept as it is.';
  }
}

/** A thing of a file that was not taken. */
interface Refused {
  readonly what:
    'stand' | 'filter' | 'lens' | 'camera' | 'bag' | 'outing' | 'place' | 'plans' | 'preferences' | 'picture';
  readonly name: string;
  readonly error: { readonly path: string; readonly message: string };
}

/** Why a thing of a file was not taken, and where. */
export const refusedText = ({ what, name, error }: Refused): string =>
  `${what === 'bag' ? 'The bag' : what === 'plans' ? 'What is planned' : `The ${what} “${name}”`}: ${error.path ? `${error.path}, ` : ''}${error.message}`;

/** How many things of a file were not taken. */
export const refusedCountText = (count: number): string =>
  count === 1
    ? 'One thing in it is not as it should be and was not taken. All else was.'
    : `${count} things in it are not as they should be and were not taken. All else was.`;

/** A backup that was made, with what of it is lacking. */
export function backupText({
  unreadable,
  missing,
}: {
  readonly unreadable: readonly Refused[];
  readonly missing: number;
}): string | null {
  const parts = [
    unreadable.length > 0 &&
      `${unreadable.length === 1 ? 'One thing' : `${unreadable.length} things`} in it would be refused when it is brought in: ${listText(unreadable.map((r) => r.name))}`,
    missing > 0 &&
      `${missing === 1 ? 'one picture is' : `${missing} pictures are`} not on this device, and not in it`,
  ].filter((part) => part !== false);
  return parts.length ? `The backup is saved. ${parts.join('; ')}.` : null;
}
