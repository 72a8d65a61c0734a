import { shutterFromTyping } from '@/core/units';
import {
  type Bag,
  type Filter,
  isWithin,
  momentOf,
  type Stand,
  type Take,
  type Verdict,
  VERDICTS,
} from '@/model';
import { type LedgerEntry } from '@/model/ledger';
import { CellFault, headingsOf, momentCell, numberCell, tableOf, writeTable } from './csv-table';
import { quoted } from './errors';

/** Columns of a table of shots. */
const COLUMNS = [
  'stand',
  'shot',
  'taken_at',
  'focal_mm',
  'aperture',
  'seconds',
  'iso',
  'planned_seconds',
  'glass',
  'seat_mm',
  'turn_deg',
  'stands_out_mm',
  'on_lens',
  'nd_stops',
  'look',
  'sky_ev100',
  'land_ev100',
  'span_stops',
  'taken_stops',
  'seen',
  'too_bright_stops',
  'verdict',
  'note',
] as const;

type Column = (typeof COLUMNS)[number];
type Cells = Readonly<Partial<Record<Column, string>>>;

/** What parts the names of glass in a cell; one that a name has itself stands behind a stroke. */
const BETWEEN = ' | ';
const PARTED = /(?<!\\)\|/;
const partedName = (name: string): string => name.replaceAll(/[|\\]/g, '\\$&');

/** Writes shots as a table, a line each: times in seconds, lengths in mm. */
export const writeTakesCsv = (
  entries: readonly LedgerEntry[],
  nameOf: (filterId: string) => string,
): string => {
  const names = (ids: readonly string[]) => ids.map((id) => partedName(nameOf(id))).join(BETWEEN);
  return writeTable(
    COLUMNS,
    entries.map(({ take, ...entry }) => ({
      stand: entry.standName,
      shot: entry.number,
      taken_at: take.takenAt,
      focal_mm: entry.focalLengthMm,
      aperture: take.exposure.aperture,
      seconds: take.exposure.seconds,
      iso: take.exposure.iso,
      planned_seconds: take.planned?.seconds,
      glass: names(take.filterIds),
      seat_mm: take.seat?.offsetMm,
      turn_deg: take.seat?.turnDeg,
      stands_out_mm: take.standsOutMm,
      on_lens: names((take.fitted ?? []).map((f) => f.filterId)),
      nd_stops: entry.ndStops,
      look: entry.school,
      sky_ev100: take.light?.sky,
      land_ev100: take.light?.land,
      span_stops: entry.spanStops ?? undefined,
      taken_stops: entry.spanStops === null ? undefined : hundredths(entry.takenStops),
      seen: entry.seen.map((s) => [s.what, s.of, s.much].filter(Boolean).join(' ')).join('; '),
      too_bright_stops: entry.tooBrightStops ?? undefined,
      verdict: take.verdict,
      note: take.note,
    })),
  );
};

const hundredths = (value: number): number => Math.round(100 * value) / 100;

/** A stand that shots may be of, with the glass that it knows. */
interface StandWithGlass {
  readonly stand: Stand;
  readonly bag: Bag;
}

/** A line that was understood, and the stand that it is a shot of; or why it was not. Lines count from 1. */
export type TakeRow =
  | {
      readonly ok: true;
      readonly line: number;
      readonly stand: Stand;
      readonly take: Omit<Take, 'id'>;
      /** The stand has this shot already. */
      readonly isKnown: boolean;
    }
  | { readonly ok: false; readonly line: number; readonly column: string; readonly message: string };

/** Columns without which a line is no shot. */
const NEEDED = ['stand', 'taken_at', 'aperture', 'seconds', 'iso'] as const satisfies readonly Column[];

/**
 * Reads a table of shots as `writeTakesCsv` writes it, or with some of its columns: each line is a shot of the stand of that
 * name, of several the one that is nearest in time. What a shot showed is not taken from a table: it would change readings.
 *
 * @param nameOf what glass is called, beside its id
 */
export function readTakesCsv(
  text: string,
  stands: readonly StandWithGlass[],
  nameOf: (filter: Filter) => string,
): TakeRow[] {
  const read = tableOf(text);
  if (!read.ok) return [read];
  const [head = [], ...rest] = read.rows;
  const names = headingsOf(head);
  const missing = NEEDED.find((c) => !names.includes(c));
  if (missing)
    return [{ ok: false, line: 1, column: missing, message: 'a table of shots has a column of this name' }];
  return rest.flatMap((row, i): TakeRow[] => {
    if (row.every((c) => !c.trim())) return [];
    const line = i + 2;
    try {
      const cells = Object.fromEntries(names.map((name, k) => [name, row[k]?.trim() ?? ''])) as Cells;
      return [{ ok: true, line, ...shotOf(cells, stands, nameOf) }];
    } catch (error) {
      if (!(error instanceof CellFault)) throw error;
      return [{ ok: false, line, column: error.column, message: error.message }];
    }
  });
}

function shotOf(
  cells: Cells,
  stands: readonly StandWithGlass[],
  nameOf: (filter: Filter) => string,
): { stand: Stand; take: Omit<Take, 'id'>; isKnown: boolean } {
  const takenAt = momentCell(cells.taken_at ?? '', 'taken_at');
  const { stand, bag } = standNamed(cells.stand ?? '', takenAt, stands);
  const glass = (column: 'glass' | 'on_lens') => glassCell(cells, column, bag, nameOf);
  const exposure = {
    aperture: needed(cells, 'aperture'),
    iso: needed(cells, 'iso'),
    seconds: timeCell(cells, 'seconds'),
  };
  const filterIds = glass('glass');
  if (filterIds.length > 2) throw new CellFault('glass', 'a shot has two sheets at most');
  const fitted = glass('on_lens').map((filterId) => ({ filterId }));
  const offsetMm = numberCell(cells, 'seat_mm', 'offsetMm');
  const sky = numberCell(cells, 'sky_ev100', 'ev100');
  const land = numberCell(cells, 'land_ev100', 'ev100');
  const standsOutMm = numberCell(cells, 'stands_out_mm', 'offsetMm');
  const verdict = verdictCell(cells);
  const take = {
    takenAt,
    exposure,
    ...(cells.planned_seconds
      ? { planned: { ...exposure, seconds: timeCell(cells, 'planned_seconds') } }
      : {}),
    filterIds,
    ...(offsetMm === undefined
      ? {}
      : { seat: { offsetMm, turnDeg: numberCell(cells, 'turn_deg', 'turnDeg') ?? 0 } }),
    ...(standsOutMm === undefined ? {} : { standsOutMm }),
    ...(fitted.length ? { fitted } : {}),
    ...(sky === undefined && land === undefined
      ? {}
      : { light: { ...(sky === undefined ? {} : { sky }), ...(land === undefined ? {} : { land }) } }),
    ...(verdict ? { verdict } : {}),
    ...(cells.note ? { note: cells.note } : {}),
  };
  const isKnown = (stand.takes ?? []).some((t) => Date.parse(t.takenAt) === Date.parse(takenAt));
  return { stand, take, isKnown };
}

function needed(cells: Cells, column: 'aperture' | 'iso'): number {
  const value = numberCell(cells, column, column);
  if (value === undefined) throw new CellFault(column, 'a shot has one');
  return value;
}

/** A time in seconds, or as it is set on a camera: 1/60. */
function timeCell(cells: Cells, column: 'seconds' | 'planned_seconds'): number {
  const text = cells[column] ?? '';
  const plain = Number(text.replace(',', '.'));
  const typed = text && Number.isFinite(plain) ? plain : null;
  const read = shutterFromTyping(text);
  const seconds = typed ?? (read.ok ? read.seconds : null);
  if (seconds === null || !isWithin('seconds', seconds))
    throw new CellFault(column, `${quoted(text)} is no time of a shot`);
  return seconds;
}

function verdictCell({ verdict }: Cells): Verdict | undefined {
  if (!verdict) return undefined;
  const known = VERDICTS.find((v) => v === verdict);
  if (!known) throw new CellFault('verdict', `${quoted(verdict)} is none of ${VERDICTS.join(', ')}`);
  return known;
}

/** The stand of a name; of several, the one whose light was nearest in time. */
function standNamed(name: string, takenAt: string, stands: readonly StandWithGlass[]): StandWithGlass {
  const apart = ({ stand }: StandWithGlass) => Math.abs(Date.parse(momentOf(stand)) - Date.parse(takenAt));
  const [nearest] = stands
    .filter(({ stand }) => stand.name.trim().toLowerCase() === name.toLowerCase())
    .toSorted((a, b) => apart(a) - apart(b));
  if (!nearest) throw new CellFault('stand', `no stand is called ${quoted(name)}`);
  return nearest;
}

/** Glass by its names or ids, as its stand's bag has it. */
function glassCell(
  cells: Cells,
  column: 'glass' | 'on_lens',
  { filters }: Bag,
  nameOf: (filter: Filter) => string,
): string[] {
  return (cells[column] ?? '').split(PARTED).flatMap((part) => {
    const name = part.trim().replaceAll(/\\([|\\])/g, '$1');
    if (!name) return [];
    const filter = filters.find((f) => nameOf(f) === name) ?? filters.find((f) => f.id === name);
    if (!filter) throw new CellFault(column, `the bag has no filter ${quoted(name)}`);
    return [filter.id];
  });
}
