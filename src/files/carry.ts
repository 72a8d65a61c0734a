import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';
import { type CarriedWithout, MAX_DOCUMENT_BYTES, type Stand, type Take } from '@/model';
import { partsThat, withoutParts } from '@/model/stand/parts';
import { type FileResult, refused } from './errors';
import { onlyUsed, type OpenedStand, readStandFile, writeStandFile } from './stand-file';

/** A stand as text that goes into a link. */
export interface Carried {
  readonly text: string;
  readonly without: readonly CarriedWithout[];
  /** It is short enough for a code to be photographed. */
  readonly fitsCode: boolean;
}

/** Most characters of a code to be photographed, with room for the address before them; and of a link. */
const CODE_LIMIT = 2_800;
export const LINK_LIMIT = 24_000;

/** The first character: how the rest is made. */
const DEFLATED = '1';

/**
 * A stand as text, compressed; its picture stays here, and where that is too much for a code its shots, then the glass that
 * it does not use. What fits no code may be a link still; what is too much for that is refused, and goes as a file.
 */
export function carriedText(opened: OpenedStand): FileResult<Carried> {
  const { stand, bag } = opened;
  const bare = withoutPictures(stand);
  const shotless = withoutShots(bare);
  const ways: readonly { readonly stand: Stand; readonly usedOnly?: boolean }[] = [
    { stand: bare },
    { stand: shotless },
    { stand: shotless, usedOnly: true },
  ];
  let shortest: Carried | null = null;
  for (const way of ways) {
    const made = packed({ ...opened, stand: way.stand, bag: way.usedOnly ? sparse(bag, way.stand) : bag });
    if (!made.ok) return made;
    const without: CarriedWithout[] = [
      ...(stand.picture ? (['picture'] as const) : []),
      ...(way.stand === bare && stand.takes?.some((t) => t.file?.small) ? (['small-pictures'] as const) : []),
      ...(way.stand !== bare && stand.takes?.length ? (['shots'] as const) : []),
      ...(way.usedOnly ? (['unused-glass'] as const) : []),
    ];
    const carried = { text: made.value, without, fitsCode: made.value.length <= CODE_LIMIT };
    if (carried.fitsCode) return { ok: true, value: carried };
    if (carried.text.length <= LINK_LIMIT) shortest ??= carried;
  }
  return shortest
    ? { ok: true, value: shortest }
    : refused('too-large', '', 'the stand is too much for a link: export it to a file instead');
}

function packed(opened: OpenedStand): FileResult<string> {
  const written = writeStandFile(opened);
  if (!written.ok) return written;
  // without the white space that is for reading
  const bytes = strToU8(JSON.stringify(JSON.parse(written.value)));
  return { ok: true, value: DEFLATED + base64UrlOf(deflateSync(bytes, { level: 9 })) };
}

/** The stand as it is without pictures: its light is in its readings. */
function withoutPictures({ picture: _, ...stand }: Stand): Stand {
  if (!stand.takes?.some((t) => t.file?.small)) return stand;
  const bare = (take: Take): Take => {
    if (!take.file) return take;
    const { small: __, ...file } = take.file;
    return { ...take, file };
  };
  return { ...stand, takes: stand.takes.map(bare) };
}

/** A bag with what the stand is solved with alone. */
function sparse({ lenses: _, cameras: __, ...bag }: OpenedStand['bag'], stand: Stand): OpenedStand['bag'] {
  return onlyUsed(stand, bag);
}

const withoutShots = (stand: Stand): Stand =>
  withoutParts(
    stand,
    partsThat((part) => part.isOfShots === true),
  );

/** The stand file that a link carries; refused where it is no such text, or holds no stand that can be read. */
export function readCarried(text: string): FileResult<{ readonly file: string; readonly name: string }> {
  const damaged = refused('damaged', '', 'the link is cut short or changed: nothing can be read from it');
  if (text.length > 2 * LINK_LIMIT)
    return refused('too-large', '', 'the link is longer than any that is made here');
  if (!text.startsWith(DEFLATED) || !/^[\w-]{2,}$/.test(text)) return damaged;
  let file: string;
  try {
    const bytes = inflateSync(bytesOfBase64Url(text.slice(1)));
    if (bytes.length > MAX_DOCUMENT_BYTES)
      return refused('too-large', '', 'the link unpacks to more than a stand');
    file = strFromU8(bytes);
  } catch {
    return damaged;
  }
  const read = readStandFile(file);
  return read.ok ? { ok: true, value: { file, name: read.value.stand.name } } : read;
}

const base64UrlOf = (bytes: Uint8Array): string =>
  btoa(strFromU8(bytes, true)).replaceAll('+', '-').replaceAll('/', '_').replaceAll('=', '');

const bytesOfBase64Url = (text: string): Uint8Array =>
  strToU8(atob(text.replaceAll('-', '+').replaceAll('_', '/')), true);
