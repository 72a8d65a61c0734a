import { type LedgerEntry } from '@/model';
import { writeTable } from './csv-table';

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

/** What glass is called in the table. */
type GlassNames = (ids: readonly string[]) => string;

/** Writes shots as a table, a line each: times in seconds, lengths in mm. */
export const writeTakesCsv = (entries: readonly LedgerEntry[], names: GlassNames): string =>
  writeTable(
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

const hundredths = (value: number): number => Math.round(100 * value) / 100;
