import { readingSeconds } from '../stand/metered';
import { otherSettings } from '../check/takes';
import { type PhotoTells } from '../frame/photo';
import { momentOf, type Stand, type Take } from '../stand/stand';
import { type LedgerEntry } from './entries';

/** A file of a shot, by what it tells of itself. */
export interface ShotFile {
  readonly name: string;
  readonly tells: PhotoTells;
  /** Its place among the files that were brought. */
  readonly index?: number | undefined;
}

/** A file and the shot that it is of. */
export interface MatchedFile {
  readonly file: ShotFile;
  readonly entry: LedgerEntry;
  /** The file's own settings, where they are not those of the shot. */
  readonly departs: Take['exposure'] | null;
}

/** A file of no shot, and the stand that was worked at when it was made. */
export interface BesideFile {
  readonly file: ShotFile;
  readonly stand: Stand;
  /** When it was made, the camera's clock put right, ISO 8601. */
  readonly at: string;
}

export interface FileMatches {
  /** How far the camera's clock is ahead, ms; null where no file tells. */
  readonly aheadMs: number | null;
  /** How many files agree on that; null where it was said so. */
  readonly agreeing: number | null;
  readonly matched: readonly MatchedFile[];
  /** Files of no shot that were made while a stand was worked at. */
  readonly beside: readonly BesideFile[];
  readonly unmatched: readonly ShotFile[];
}

/** A file is of a shot that lies so near to it once the clock is put right, ms. */
const NEAR_MS = 90_000;
/** Clocks are off by no more than a day and a zone: what lies further apart is of another day. */
const FARTHEST_MS = 36 * 3_600_000;
/** Offsets within this of each other are one clock's, ms. */
const SAME_CLOCK_MS = 45_000;
/** Settings nearer to each other than this are one mark; those further apart than a few stops are another shot's, stops. */
const SAME_STOPS = 1 / 5;
const OTHER_STOPS = 4;
/** A stop of difference weighs as much as so many ms. */
const MS_A_STOP = 20_000;

/**
 * Finds the shot that each file is of, by time and settings. The camera's clock is put right by what most files agree on,
 * unless it is given.
 *
 * @param aheadMs how far the camera's clock is ahead, ms; absent: found
 */
export function matchFiles(
  files: readonly ShotFile[],
  { entries, stands }: { readonly entries: readonly LedgerEntry[]; readonly stands: readonly Stand[] },
  aheadMs?: number,
): FileMatches {
  const clock = aheadMs === undefined ? clockOf(files, entries) : { aheadMs, agreeing: null };
  const pairs = files
    .flatMap((file) =>
      entries.flatMap((entry) => {
        const away = awayMs(file, entry, clock?.aheadMs ?? 0);
        return away === null ? [] : [{ file, entry, away }];
      }),
    )
    .sort((a, b) => a.away - b.away);
  const [takenFiles, takenShots] = [new Set<ShotFile>(), new Set<LedgerEntry>()];
  const matched: MatchedFile[] = [];
  for (const { file, entry } of pairs) {
    if (takenFiles.has(file) || takenShots.has(entry)) continue;
    takenFiles.add(file);
    takenShots.add(entry);
    matched.push({ file, entry, departs: otherSettings(file.tells.exposure, entry.take) });
  }
  const worked = stands.map((stand) => ({ stand, moments: momentsOf(stand) }));
  const beside = files
    .filter((f) => !takenFiles.has(f))
    .flatMap((file) => besideStand(file, worked, clock?.aheadMs ?? 0) ?? []);
  const besideFiles = new Set(beside.map((b) => b.file));
  return {
    aheadMs: clock?.aheadMs ?? null,
    agreeing: clock ? clock.agreeing : 0,
    matched,
    beside,
    unmatched: files.filter((f) => !takenFiles.has(f) && !besideFiles.has(f)),
  };
}

/** A stand is worked at for so long before and after what is known to have been done there, ms. */
const WORKED_AT_MS = 20 * 60_000;
/** Focal lengths nearer to each other than this are one zoom's, parts. */
const SAME_ZOOM = 0.15;

/** The stand that was worked at when a file was made, the one nearest in time; null where there is none. */
function besideStand(
  file: ShotFile,
  stands: readonly { readonly stand: Stand; readonly moments: readonly number[] }[],
  aheadMs: number,
): BesideFile | null {
  const { takenAt, focalLengthMm } = file.tells;
  if (takenAt === undefined) return null;
  const atMs = Date.parse(takenAt) - aheadMs;
  const near = stands
    .filter(
      ({ stand: { lens } }) =>
        focalLengthMm === undefined || Math.abs(focalLengthMm / lens.focalLengthMm - 1) <= SAME_ZOOM,
    )
    .map(({ stand, moments }) => ({ stand, off: Math.min(...moments.map((ms) => Math.abs(ms - atMs))) }))
    .filter(({ off }) => off <= WORKED_AT_MS)
    .sort((a, b) => a.off - b.off);
  const [first] = near;
  return first ? { file, stand: first.stand, at: new Date(atMs).toISOString() } : null;
}

/** Moments at which something was done at a stand, ms since the epoch. */
const momentsOf = (stand: Stand): number[] =>
  [
    momentOf(stand),
    ...stand.readings.flatMap((r) => r.takenAt ?? []),
    ...(stand.exposures ?? []).map((e) => e.openedAt),
    ...(stand.takes ?? []).map((t) => t.takenAt),
  ].map((at) => Date.parse(at));

/** By how much a file's time is ahead of a shot's, ms; null where the file tells none. */
const aheadOf = ({ tells }: ShotFile, { take }: LedgerEntry): number | null =>
  tells.takenAt === undefined ? null : Date.parse(tells.takenAt) - Date.parse(take.takenAt);

/** How unlike a file and a shot are by their settings, stops; 0 where the file tells none. */
function apartStops({ tells }: ShotFile, { take }: LedgerEntry): number {
  if (!tells.exposure) return 0;
  const { aperture, iso, shutter } = tells.exposure;
  const { exposure } = take;
  return (
    2 * Math.abs(Math.log2(aperture / exposure.aperture)) +
    Math.abs(Math.log2(iso / exposure.iso)) +
    Math.abs(Math.log2(readingSeconds(shutter) / exposure.seconds))
  );
}

/** How far a file is from being of a shot, ms, settings counted; null where it is not. */
function awayMs(file: ShotFile, entry: LedgerEntry, aheadMs: number): number | null {
  const ahead = aheadOf(file, entry);
  const off = ahead === null ? Infinity : Math.abs(ahead - aheadMs);
  if (off > NEAR_MS) return null;
  const stops = apartStops(file, entry);
  return stops > OTHER_STOPS ? null : off + MS_A_STOP * stops;
}

/** A file and a shot of the same settings, and by how much the file's clock is ahead, ms. */
interface Told {
  readonly file: ShotFile;
  readonly ahead: number;
}

/**
 * How far the camera's clock is ahead by what most files with a shot of the same settings agree on; null for none. A window of
 * what is one clock goes once over all that was told, in the order of the offsets.
 */
function clockOf(
  files: readonly ShotFile[],
  entries: readonly LedgerEntry[],
): { readonly aheadMs: number; readonly agreeing: number } | null {
  const told = toldOf(files, entries);
  const filesIn = new Map<ShotFile, number>();
  const count = (file: ShotFile, by: 1 | -1) => {
    const next = (filesIn.get(file) ?? 0) + by;
    if (next) filesIn.set(file, next);
    else filesIn.delete(file);
  };
  let best: { aheadMs: number; agreeing: number } | null = null;
  let [first, end] = [0, 0];
  for (const { ahead } of told) {
    for (let next = told[end]; next && next.ahead <= ahead + SAME_CLOCK_MS; next = told[++end])
      count(next.file, 1);
    for (let last = told[first]; last && last.ahead < ahead - SAME_CLOCK_MS; last = told[++first])
      count(last.file, -1);
    const agreeing = filesIn.size;
    const aheadMs = middleOf(told, first, end);
    // of clocks on which as many agree, the one that is the least off
    if (
      !best ||
      agreeing > best.agreeing ||
      (agreeing === best.agreeing && Math.abs(aheadMs) < Math.abs(best.aheadMs))
    )
      best = { aheadMs, agreeing };
  }
  return best;
}

/** By how much each file's clock would be ahead, were it of each shot of its settings; the least first. */
function toldOf(files: readonly ShotFile[], entries: readonly LedgerEntry[]): readonly Told[] {
  const told: Told[] = [];
  for (const file of files)
    for (const entry of entries) {
      const ahead = aheadOf(file, entry);
      if (ahead !== null && Math.abs(ahead) <= FARTHEST_MS && apartStops(file, entry) < SAME_STOPS)
        told.push({ file, ahead });
    }
  return told.sort((a, b) => a.ahead - b.ahead);
}

/** The median of a stretch of what is in order. */
function middleOf(told: readonly Told[], first: number, end: number): number {
  const [low, high] = [told[(first + end - 1) >> 1], told[(first + end) >> 1]];
  return ((low?.ahead ?? 0) + (high?.ahead ?? 0)) / 2;
}
