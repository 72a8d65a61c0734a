import { type PhotoFault } from '@/model';

/** The size of a picture whose file was looked through before its reader sees it, or why it is not read. */
export type Checked =
  | { readonly ok: true; readonly columns: number; readonly rows: number }
  | { readonly ok: false; readonly fault: PhotoFault };

const MAX_SIDE = 20_000;

export const refused = (fault: PhotoFault): Checked => ({ ok: false, fault });

/** A size as a header says it. */
export function checkedSize(columns: number, rows: number, mostPixels: number): Checked {
  if (!(columns > 0 && rows > 0)) return refused('damaged');
  const isTooLarge = columns > MAX_SIDE || rows > MAX_SIDE || columns * rows > mostPixels;
  return isTooLarge ? refused('too-many-pixels') : { ok: true, columns, rows };
}
