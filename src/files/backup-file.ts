import { finish, type Steps } from '@/core/numerics';
import {
  type Bag,
  type KeptStand,
  MAX_BACKUP_BYTES,
  MAX_STANDS,
  type Preferences,
  sameContent,
  type StandDocument,
} from '@/model';
import { NO_PLANS, type Plans } from '@/model/outing';
import { schemas } from '@/model/schema/schema';
import { acrossStand, FORMAT, keysFor, readDocument, readPart } from './document';
import { type FileError, type FileResult, quoted, refused, type RefusedThing } from './errors';
import { readJson } from './json';
import { bagAside, bagBack, hasLater, laterAside, laterBack } from './later';
import { withShapeIds } from './stand-file';

/** Everything a workspace holds, as one file keeps it. */
export interface Backup {
  /** ISO 8601. */
  readonly madeAt: string;
  readonly bag: Bag;
  readonly stands: readonly KeptStand[];
  readonly plans: Plans;
  /** How the photographer works; null where a backup tells nothing of it. */
  readonly preferences: Preferences | null;
}

/** A backup as it was read: what is good of it, and what is not. */
export interface ReadBackup extends Backup {
  readonly refused: readonly RefusedThing[];
}

/** Stands between two chances to stop. */
const AT_ONCE = 20;

/**
 * Reads a backup, thing by thing: one that is not as the format says loses itself and nothing else, and is told by its name.
 * Refused as a whole only where it is no backup. Every yield tells about how much is done.
 */
export function* readBackupSteps(text: string): Steps<FileResult<ReadBackup>> {
  const read = readDocument(text, 'backup', MAX_BACKUP_BYTES);
  if (!read.ok) return read;
  const { file, minor } = read.value;
  const bag = readBag(file.bag, minor);
  const stands: KeptStand[] = [];
  const plans = readPlans(file.plans ?? NO_PLANS, minor);
  const preferences = readPreferences(file.preferences, minor);
  const bad: RefusedThing[] = [...bag.refused, ...plans.refused, ...preferences.refused];
  const ids = new Set<string>();
  for (const [i, entry] of file.stands.entries()) {
    if (i % AT_ONCE === 0) yield i / file.stands.length;
    const kept = readEntry(entry, minor);
    const error = kept.ok ? takenTwice(kept.value, ids) : kept.error;
    if (kept.ok && !error) stands.push(kept.value);
    else if (error) bad.push(refusedThing('stand', nameIn(entry, 'stand'), `stands[${i}]`, error, entry));
  }
  return {
    ok: true,
    value: {
      madeAt: file.madeAt,
      bag: bag.value,
      stands,
      plans: plans.value,
      preferences: preferences.value,
      refused: bad,
    },
  };
}

/** `readBackupSteps` in one go. */
export const readBackupFile = (text: string): FileResult<ReadBackup> => finish(readBackupSteps(text));

function takenTwice({ document: { stand } }: KeptStand, ids: Set<string>): FileError | null {
  if (!ids.has(stand.id)) {
    ids.add(stand.id);
    return null;
  }
  const message = `the id ${quoted(stand.id)} stands twice in this list`;
  return { code: 'duplicate-id', path: 'stand.id', message };
}

function readEntry(entry: unknown, minor: number): FileResult<KeptStand> {
  const own = (entry as { minor?: unknown } | null)?.minor;
  const newest = Math.max(minor, typeof own === 'number' ? own : 0);
  const read = readPart(schemas(keysFor(newest)).entry, newest > FORMAT.minor ? laterAside(entry) : entry);
  if (!read.ok) return read;
  const across = acrossStand(read.value as StandDocument);
  if (across) return { ok: false, error: across };
  const { updatedAt, stand, bag, used, minor: written } = read.value;
  const document: StandDocument = {
    stand: withShapeIds(stand),
    bag: bag ?? null,
    used: used ?? [],
    minor: written ?? 0,
  };
  return { ok: true, value: { updatedAt, document } };
}

/** A bag as a whole, or else what of it is good. */
function readBag(
  written: Readonly<Record<string, unknown>>,
  minor: number,
): { readonly value: Bag; readonly refused: readonly RefusedThing[] } {
  const { bag: schema, filter, lens, camera } = schemas(keysFor(minor));
  const raw = minor > FORMAT.minor ? bagAside(written) : written;
  const whole = readPart(schema, raw);
  if (whole.ok) return { value: whole.value, refused: [] };
  const bad: RefusedThing[] = [];
  const good = (
    what: 'filter' | 'lens' | 'camera',
    key: string,
    one: typeof filter | typeof lens | typeof camera,
  ) =>
    (Array.isArray(raw[key]) ? (raw[key] as unknown[]) : []).flatMap((item, i) => {
      const read = readPart(one, item);
      if (read.ok) return [item];
      bad.push(refusedThing(what, nameIn(item), `bag.${key}[${i}]`, read.error, item));
      return [];
    });
  const parts = {
    ...raw,
    filters: good('filter', 'filters', filter),
    ...(raw.lenses === undefined ? {} : { lenses: good('lens', 'lenses', lens) }),
    ...(raw.cameras === undefined ? {} : { cameras: good('camera', 'cameras', camera) }),
  };
  const mended = readPart(schema, parts);
  if (mended.ok) return { value: mended.value, refused: bad };
  bad.push(refusedThing('bag', 'bag', 'bag', mended.error, raw));
  const glass = readPart(schema, { filters: parts.filters });
  return { value: glass.ok ? glass.value : { filters: [] }, refused: bad };
}

/** What is planned as a whole, or else what of it is good. */
function readPlans(
  raw: Readonly<Record<string, unknown>>,
  minor: number,
): { readonly value: Plans; readonly refused: readonly RefusedThing[] } {
  const { plans: schema, outing, place } = schemas(keysFor(minor));
  const whole = readPart(schema, raw);
  if (whole.ok) return { value: whole.value, refused: [] };
  const bad: RefusedThing[] = [];
  const good = (what: 'outing' | 'place', key: string, one: typeof outing | typeof place) =>
    (Array.isArray(raw[key]) ? (raw[key] as unknown[]) : []).flatMap((item, i) => {
      const read = readPart(one, item);
      if (read.ok) return [item];
      bad.push(refusedThing(what, nameIn(item), `plans.${key}[${i}]`, read.error, item));
      return [];
    });
  const outings = good('outing', 'outings', outing);
  const places = good('place', 'places', place);
  const mended = readPart(schema, { ...raw, outings, places });
  if (mended.ok) return { value: mended.value, refused: bad };
  bad.push(refusedThing('plans', 'plans', 'plans', mended.error, raw));
  const rest = readPart(schema, { outings, places });
  return { value: rest.ok ? rest.value : NO_PLANS, refused: bad };
}

function readPreferences(
  raw: unknown,
  minor: number,
): { readonly value: Preferences | null; readonly refused: readonly RefusedThing[] } {
  if (raw === undefined) return { value: null, refused: [] };
  const read = readPart(schemas(keysFor(minor)).preferences, raw);
  if (read.ok) return { value: read.value, refused: [] };
  return {
    value: null,
    refused: [refusedThing('preferences', 'settings', 'preferences', read.error, raw)],
  };
}

function refusedThing(
  what: RefusedThing['what'],
  name: string,
  at: string,
  error: FileError,
  thing: unknown,
): RefusedThing {
  const inside = error.path && !error.path.startsWith('[') ? `.${error.path}` : error.path;
  return {
    what,
    name,
    error: { ...error, path: `${at}${inside}` },
    text: `${JSON.stringify(thing, null, 2)}\n`,
  };
}

/** What a thing that is not as it should be says it is called. */
function nameIn(thing: unknown, key?: string): string {
  const at = key ? (thing as Record<string, unknown> | null)?.[key] : thing;
  const { name, id } = (at ?? {}) as { name?: unknown; id?: unknown };
  const said = [name, id].find((t): t is string => typeof t === 'string' && t.trim() !== '');
  return said?.slice(0, 80).toWellFormed() ?? 'without a name';
}

/** A backup as it was written, and what of it would not be read again as it is. */
export interface WrittenBackup {
  readonly text: string;
  readonly unreadable: readonly RefusedThing[];
}

export interface BackupToWrite extends Backup {
  /** Records that are no stands as this version knows them. */
  readonly broken?: readonly unknown[];
}

/**
 * Writes everything, a stand a line, and reads every thing back before it says so. What would be refused when it is read
 * stands in it all the same, and is named. Every yield tells about how much is done.
 */
export function* writeBackupSteps({
  madeAt,
  bag,
  stands,
  plans,
  preferences,
  broken = [],
}: BackupToWrite): Steps<FileResult<WrittenBackup>> {
  const lines: string[] = [];
  const bad: RefusedThing[] = [];
  let minor: number = FORMAT.minor;
  for (const [i, kept] of stands.entries()) {
    if (i % AT_ONCE === 0) yield i / stands.length;
    const written = writtenEntry(kept);
    lines.push(written.text);
    minor = Math.max(minor, written.minor);
    if (written.error)
      bad.push(refusedThing('stand', kept.document.stand.name, `stands[${i}]`, written.error, kept));
  }
  for (const record of broken) {
    const error: FileError = { code: 'wrong-type', path: '', message: 'no stand as this version knows it' };
    bad.push(refusedThing('stand', nameIn(record), `stands[${lines.length}]`, error, record));
    lines.push(JSON.stringify(record));
  }
  const own = JSON.stringify(bagBack(bag));
  if (hasLater({ bag })) minor = Math.max(minor, FORMAT.minor + 1);
  const strict = readPart(schemas('strict').bag, JSON.parse(own));
  if (!strict.ok && strict.error.code === 'unknown-key') minor = Math.max(minor, FORMAT.minor + 1);
  const planned = JSON.stringify(plans);
  const worked = preferences ? `,\n"preferences":${JSON.stringify(preferences)}` : '';
  if (preferences) bad.push(...readPreferences(JSON.parse(JSON.stringify(preferences)), minor).refused);
  const strictPlans = readPart(schemas('strict').plans, JSON.parse(planned));
  if (!strictPlans.ok && strictPlans.error.code === 'unknown-key') minor = Math.max(minor, FORMAT.minor + 1);
  bad.push(...readBag(JSON.parse(own) as Record<string, unknown>, minor).refused);
  bad.push(...readPlans(JSON.parse(planned) as Record<string, unknown>, minor).refused);
  if (lines.length > MAX_STANDS)
    return refused('too-large', 'stands', `a backup holds at most ${MAX_STANDS} stands`);
  const { format, version } = FORMAT;
  const head = JSON.stringify({ format, version, minor, kind: 'backup', madeAt });
  const text = `${head.slice(0, -1)},\n"bag":${own},\n"plans":${planned}${worked},\n"stands":[\n${lines.join(',\n')}\n]}\n`;
  const whole = readJson(text, MAX_BACKUP_BYTES);
  return whole.ok ? { ok: true, value: { text, unreadable: bad } } : whole;
}

/** `writeBackupSteps` in one go. */
export const writeBackupFile = (backup: BackupToWrite): FileResult<WrittenBackup> =>
  finish(writeBackupSteps(backup));

/** What of an entry is its document. */
const documentOf = ({ stand, bag, used, minor }: StandDocument): StandDocument => ({
  stand,
  bag,
  used,
  minor,
});

/** A stand as a backup holds it, under the minor version whose keys it has, and why it would not be read again. */
function writtenEntry({ updatedAt, document }: KeptStand): {
  readonly text: string;
  readonly minor: number;
  readonly error: FileError | null;
} {
  const { stand, bag, used } = document;
  const entry = laterBack({
    updatedAt,
    stand,
    ...(bag ? { bag } : {}),
    ...(used.length ? { used } : {}),
  });
  const under = (minor: number) => {
    const text = JSON.stringify({ ...entry, minor });
    const back = readEntry(JSON.parse(text), minor);
    const meant = hasLater(document) ? { ...document, ...(laterAside(entry) as object) } : document;
    const isSame = back.ok && sameContent(back.value.document, documentOf({ ...meant, minor }));
    const error: FileError | null = back.ok
      ? isSame
        ? null
        : { code: 'damaged', path: '', message: 'what was written does not read as the same again' }
      : back.error;
    return { text, minor, error };
  };
  if (hasLater(document)) return under(Math.max(document.minor, FORMAT.minor + 1));
  const first = under(FORMAT.minor);
  return first.error?.code === 'unknown-key' ? under(Math.max(document.minor, FORMAT.minor + 1)) : first;
}

/** Name for a backup's file, by the day it was made. */
export const backupFileName = (madeAt: string): string =>
  `pale-seam-${madeAt.slice(0, 10)}.backup.paleseam.json`;
