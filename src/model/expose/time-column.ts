import { groundOf, sideMean, sideReadings } from '@/core/balance';
import { secondsThrough } from '@/core/exposure';
import { polarises, stopsOfGlass } from '@/core/glass';
import { exactAperture, exactIso } from '@/core/units';
import { type Bag, type Filter, filtersById, isSheet } from '../bag/bag';
import { type Derived, type Glass } from '../answer/derive';
import { type FittedCharge, fittedCharges, takenStops } from '../resolve/glass';
import { exposureSeconds, sayingOf } from '../answer/slip';
import { type MeteredLight, type Reading, type Stand } from '../stand/stand';

/** What makes a time longer or shorter, and what it has come to then. */
export type TimeRow = {
  /** Stops by which the time gets longer. */
  readonly stops: number;
  /** With this and all above it, s. */
  readonly seconds: number;
} & (
  | { readonly kind: 'grad'; readonly filters: readonly Filter[]; readonly side: 'land' | 'sky' | 'frame' }
  | {
      readonly kind: 'polariser' | 'nd';
      readonly filter: Filter;
      /** What the label says, where something else was measured. */
      readonly nominalStops: number | null;
    }
  /** Glass that the camera had read through and that is off by now. */
  | { readonly kind: 'taken-off'; readonly filter: Filter }
  | { readonly kind: 'aperture' | 'iso'; readonly from: number; readonly to: number }
);

/** The reckoning of a time, from top to bottom: everything on the lens once, and once only. */
export interface TimeColumn {
  readonly base: {
    readonly seconds: number;
    readonly aperture: number;
    readonly iso: number;
    /** What it goes by: the darker side's readings, placed so far from mid-grey, or the camera's own reading. */
    readonly by:
      | {
          readonly kind: 'side';
          readonly side: 'land' | 'sky';
          readonly toneStops: number;
          readonly isCapped: boolean;
        }
      | { readonly kind: 'through' };
  };
  readonly rows: readonly TimeRow[];
  /** Glass that was read through and is on: it is in the base, and is not charged again. */
  readonly readThrough: readonly Filter[];
  /** Glass whose light was added back to a reading that was taken through it. */
  readonly addedBack: readonly Filter[];
  readonly seconds: number;
}

/** Rows as they are entered, each with what it takes. */
type Entry = TimeRow extends infer R ? (R extends TimeRow ? Omit<R, 'seconds'> : never) : never;

/** The time of a stand as a column; null where nothing is exposed yet, or frames of a bracket have times of their own. */
export function timeColumn(stand: Stand, bag: Bag, derived: Derived): TimeColumn | null {
  const seconds = exposureSeconds(stand, derived);
  const saying = sayingOf(stand, derived, 'idle');
  if (seconds === null || saying.kind === 'bracket') return null;
  return saying.kind === 'through'
    ? byCamera(stand, bag, saying.time.light, {
        seconds,
        glass: saying.glass,
        changed: saying.time.changedStops,
      })
    : byReadings(stand, bag, derived, seconds);
}

/** What the base goes by, with everything that comes to it. */
interface Parts {
  readonly by: TimeColumn['base']['by'];
  readonly settings: { readonly aperture: number; readonly iso: number };
  readonly entries: readonly Entry[];
  readonly readThrough: readonly Filter[];
  readonly addedBack: readonly Filter[];
}

/** The column of a time: the base is what is left of it without its rows. */
function columnOf(seconds: number, { by, settings, entries, ...noted }: Parts): TimeColumn {
  const total = entries.reduce((sum, { stops }) => sum + stops, 0);
  const base = secondsThrough(seconds, -total);
  let sum = 0;
  const rows = entries.map((entry): TimeRow => {
    sum += entry.stops;
    return { ...entry, seconds: secondsThrough(base, sum) };
  });
  return { base: { seconds: base, ...settings, by }, rows, ...noted, seconds };
}

function byReadings(stand: Stand, bag: Bag, derived: Derived, seconds: number): TimeColumn | null {
  const { inUse, prepared } = derived;
  const { field } = prepared.input;
  if (!inUse?.outcome.exposure) return null;
  const ground = groundOf(field);
  const side = (derived.spanStops ?? 0) >= 0 ? 'land' : 'sky';
  const own = sideReadings(side, field.readings, ground);
  const dimming = new Map(inUse.outcome.readings.map((r) => [r.id, r.dimmingStops]));
  const gradStops = own.length ? sideMean(own, ground, (r) => dimming.get(r.id) ?? 0) : 0;
  const charges = fittedCharges(stand, bag);
  const metered = stand.readings.filter((r) => own.some((o) => o.id === r.id));
  const settings = settingsOfReadings(stand, metered);
  const readThrough = charges.filter(({ stops }) => stops === 0).map(({ filter }) => filter);
  const seen = filtersById(bag, [...new Set(metered.flatMap((r) => r.throughFilterIds ?? []))]);
  return columnOf(seconds, {
    by: {
      kind: 'side',
      side,
      toneStops: inUse.outcome.darkToneStops ?? 0,
      isCapped: inUse.outcome.exposure.capped,
    },
    settings,
    entries: [
      ...gradEntry(inUse, gradStops, side),
      ...plainEntries(charges.filter(({ stops }) => stops !== 0)),
      ...trims(stand, settings),
    ],
    readThrough,
    addedBack: seen.filter((f) => !readThrough.includes(f)),
  });
}

function byCamera(
  stand: Stand,
  bag: Bag,
  light: MeteredLight,
  {
    seconds,
    glass,
    changed,
  }: { readonly seconds: number; readonly glass: Glass | null; readonly changed: number },
): TimeColumn {
  const then = new Set(light.throughFilterIds ?? []);
  const on = fittedCharges({ ...stand, readings: [] }, bag);
  const off = filtersById(bag, [...then]).filter(
    (f) => !isSheet(f) && !on.some(({ filter }) => filter.id === f.id),
  );
  const plain: Entry[] = [
    ...plainEntries(on.filter(({ filter }) => !then.has(filter.id))),
    ...off.map((filter): Entry => ({ kind: 'taken-off', filter, stops: -takenStops(filter) })),
  ];
  const settings = {
    aperture: light.aperture ?? stand.exposure.aperture,
    iso: light.iso ?? stand.exposure.iso,
  };
  // what is left of the change is the grads'
  const grads = changed - plain.reduce((sum, { stops }) => sum + stops, 0);
  const sheets = [...(glass?.filters ?? [])];
  return columnOf(seconds, {
    by: { kind: 'through' },
    settings,
    entries: [
      ...(Math.abs(grads) > LEAST_STOPS
        ? [{ kind: 'grad', filters: sheets, side: 'frame', stops: grads } satisfies Entry]
        : []),
      ...plain,
      ...trims(stand, settings),
    ],
    readThrough: filtersById(bag, [...then]).filter((f) => !off.includes(f)),
    addedBack: [],
  });
}

/** Less than this is no row of its own, stops. */
const LEAST_STOPS = 0.005;

const gradEntry = ({ filters, seat }: Glass, stops: number, side: 'land' | 'sky'): Entry[] =>
  seat && filters.length ? [{ kind: 'grad', filters, side, stops }] : [];

/** The polariser stands before the NDs, whatever went on first. */
function plainEntries(charges: readonly FittedCharge[]): Entry[] {
  const entries = charges.map(({ filter, stops }): Entry => {
    const labelled = stopsOfGlass(filter);
    const nominalStops = Math.abs(labelled - takenStops(filter)) > LEAST_STOPS ? labelled : null;
    return { kind: polarises(filter) ? 'polariser' : 'nd', filter, stops, nominalStops };
  });
  return [...entries.filter((e) => e.kind === 'polariser'), ...entries.filter((e) => e.kind === 'nd')];
}

/** The settings that some readings were taken at, where all were at the same; else those that the stand is exposed with. */
function settingsOfReadings({ exposure }: Stand, readings: readonly Reading[]) {
  const [first, ...rest] = readings;
  const { aperture, iso } = first ?? {};
  const isOne = rest.every((r) => r.aperture === aperture && r.iso === iso);
  return isOne && aperture !== undefined && iso !== undefined
    ? { aperture, iso }
    : { aperture: exposure.aperture, iso: exposure.iso };
}

/** From the settings that the base is for to those that are exposed with. */
function trims({ exposure }: Stand, base: { readonly aperture: number; readonly iso: number }): Entry[] {
  const aperture = 2 * Math.log2(exactAperture(exposure.aperture) / exactAperture(base.aperture));
  const iso = Math.log2(exactIso(base.iso) / exactIso(exposure.iso));
  return [
    ...(Math.abs(aperture) > LEAST_STOPS
      ? [{ kind: 'aperture', from: base.aperture, to: exposure.aperture, stops: aperture } satisfies Entry]
      : []),
    ...(Math.abs(iso) > LEAST_STOPS
      ? [{ kind: 'iso', from: base.iso, to: exposure.iso, stops: iso } satisfies Entry]
      : []),
  ];
}
