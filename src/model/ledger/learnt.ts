import { agreedOn, type Leaning, leaningOf } from '@/core/learning';
import { mean, median } from '@/core/numerics';
import { type Bag, type Filter, filtersById, isSheet } from '../bag/bag';
import { meteredEv, takenStops } from '../answer/prepare';
import { type KeptStand } from '../documents/document';
import { LOOKS, traitsOf } from '../stand/looks';
import { type MeteredLight, type Stand } from '../stand/stand';
import { type Blur } from '../stand/terms';
import { type LedgerEntry } from './entries';

/** What one thing that was learnt rests on. */
export interface LearntFrom {
  readonly standId: string;
  readonly standName: string;
  /** What it came to there, in the lesson's own unit. */
  readonly figure: number;
}

/** Something that what was typed anyway says of glass, hand or taste; offered, never applied by itself. */
export type Lesson = { readonly id: string; readonly from: readonly LearntFrom[] } & (
  | {
      /** A filter takes otherwise than its label says. */
      readonly kind: 'label';
      readonly filter: Filter;
      readonly measuredStops: number;
    }
  /** The first shot is corrected the same way, time after time: where the land had better be placed, stops. */
  | { readonly kind: 'placement'; readonly stops: number; readonly leaning: Leaning }
  /** The sky is kept so much brighter than the land, time after time, stops. */
  | { readonly kind: 'gap'; readonly gapStops: number }
  /** What moved was liked at this time, s, through such a lens. */
  | { readonly kind: 'blur'; readonly blur: Blur; readonly seconds: number; readonly focalLengthMm: number }
);

/** What is in force already, and what nobody wants to hear of again. */
export interface Heeded {
  readonly placementStops: number | null;
  /** When that was taken, ISO 8601: earlier shots were made without it. */
  readonly placementSince: string | null;
  readonly gapStops: number | null;
  readonly liked: Readonly<Partial<Record<Blur, number>>>;
  readonly forgotten: readonly string[];
}

const LABEL = { least: 3, spread: 0.3 };
const LABEL_WORTH = 0.2;
/** Two looks at a spot are of the same light when they are so near to each other in time, ms. */
const SAME_LIGHT_MS = 5 * 60_000;
const PLACEMENT = { least: 4, part: 0.75, worth: 0.3 };
const GAP = { least: 4, spread: 0.5 };
const GAP_WORTH = 0.3;
const BLUR_LEAST = 3;

/** Everything that stands and their shots have to teach, but for what is heeded or forgotten. */
export function lessonsOf(
  stands: readonly KeptStand[],
  entries: readonly LedgerEntry[],
  bag: Bag,
  heeded: Heeded,
): Lesson[] {
  const lessons = [
    ...labelLessons(stands, bag),
    ...placementLesson(entries, heeded),
    ...gapLesson(entries, heeded),
    ...blurLessons(stands, heeded),
  ];
  return lessons.filter(({ id }) => !heeded.forgotten.includes(id));
}

/** Looks at one spot, without a filter and through it, that were near each other in time: what it took each time. */
function labelLessons(stands: readonly KeptStand[], bag: Bag): Lesson[] {
  const found = new Map<string, LearntFrom[]>();
  for (const { document } of stands)
    for (const [filterId, figure] of measuredIn(document.stand)) {
      const from = found.get(filterId) ?? [];
      found.set(filterId, [...from, { standId: document.stand.id, standName: document.stand.name, figure }]);
    }
  return [...found].flatMap(([filterId, from]): Lesson[] => {
    const [filter] = filtersById(bag, [filterId]);
    if (!filter || isSheet(filter)) return [];
    const measuredStops = agreedOn(
      from.map((f) => f.figure),
      LABEL,
    );
    if (measuredStops === null || Math.abs(measuredStops - takenStops(filter)) < LABEL_WORTH) return [];
    const rounded = Math.round(10 * measuredStops) / 10;
    return [{ id: `label ${filterId} ${rounded}`, kind: 'label', filter, measuredStops: rounded, from }];
  });
}

/** What filters took by two looks at the same spot: by the filter's id, stops. */
function measuredIn({ readings }: Stand): (readonly [string, number])[] {
  return readings.flatMap((reading) => {
    const looks: readonly MeteredLight[] = [...(reading.earlier ?? []), reading];
    return looks.slice(1).flatMap((light, i): (readonly [string, number])[] => {
      const before = looks[i] as MeteredLight;
      const [with_, without] = [light, before].toSorted(
        (a, b) => (b.throughFilterIds?.length ?? 0) - (a.throughFilterIds?.length ?? 0),
      ) as [MeteredLight, MeteredLight];
      const extra = (with_.throughFilterIds ?? []).filter((id) => !without.throughFilterIds?.includes(id));
      const [only, ...others] = extra;
      const apart = Math.abs(Date.parse(light.takenAt ?? '') - Date.parse(before.takenAt ?? ''));
      if (only === undefined || others.length || !(apart <= SAME_LIGHT_MS)) return [];
      return [[only, meteredEv(without) - meteredEv(with_)]];
    });
  });
}

/** First shots that are corrected the same way. */
function placementLesson(
  entries: readonly LedgerEntry[],
  { placementStops, placementSince }: Heeded,
): Lesson[] {
  const since = placementSince === null ? -Infinity : Date.parse(placementSince);
  const first = entries.filter(
    (e) => e.number === 1 && e.tooBrightStops !== null && Date.parse(e.take.takenAt) > since,
  );
  const leaning = leaningOf(
    first.map((e) => -(e.tooBrightStops ?? 0)),
    PLACEMENT,
  );
  if (!leaning) return [];
  const stops = (placementStops ?? 0) + Math.round(3 * leaning.by) / 3;
  const from = first
    .filter((e) => e.tooBrightStops !== 0)
    .map((e) => ({ standId: e.standId, standName: e.standName, figure: -(e.tooBrightStops ?? 0) }));
  return [{ id: `placement ${stops.toFixed(2)}`, kind: 'placement', stops, leaning, from }];
}

/** Shots that were kept, by looks that keep a gap: what gap their glass really left. */
function gapLesson(entries: readonly LedgerEntry[], { gapStops }: Heeded): Lesson[] {
  const { usual, range } = LOOKS.natural.gap;
  const kept = entries.filter(
    (e) =>
      e.take.verdict === 'keep' &&
      LOOKS[e.school].gap?.usual === usual &&
      e.spanStops !== null &&
      e.takenStops > 0,
  );
  const from = kept.map((e) => ({
    standId: e.standId,
    standName: e.standName,
    figure: (e.spanStops ?? 0) - e.takenStops,
  }));
  const agreed = agreedOn(
    from.map((f) => f.figure),
    GAP,
  );
  if (agreed === null || Math.abs(agreed - (gapStops ?? usual)) < GAP_WORTH) return [];
  const gap = Math.round(10 * Math.min(range[1], Math.max(range[0], agreed))) / 10;
  return gap === (gapStops ?? usual) ? [] : [{ id: `gap ${gap}`, kind: 'gap', gapStops: gap, from }];
}

/** Kept shots of what moved: how long they were, by what it was to look like. */
function blurLessons(stands: readonly KeptStand[], { liked }: Heeded): Lesson[] {
  const found = new Map<Blur, (LearntFrom & { readonly focalLengthMm: number })[]>();
  for (const { document } of stands) {
    const { id, name, takes = [], wantedTime, lens } = document.stand;
    const blur = wantedTime?.blur;
    const last = takes.findLast((t) => t.verdict === 'keep');
    if (!blur || blur === 'longest' || !last) continue;
    const { focalLengthMm } = lens;
    const from = { standId: id, standName: name, figure: last.exposure.seconds, focalLengthMm };
    found.set(blur, [...(found.get(blur) ?? []), from]);
  }
  return [...found].flatMap(([blur, from]): Lesson[] => {
    if (from.length < BLUR_LEAST) return [];
    const seconds = Number(median(from.map((f) => f.figure)).toPrecision(2));
    const known = liked[blur];
    if (known !== undefined && Math.abs(Math.log2(seconds / known)) < 1 / 3) return [];
    const focalLengthMm = Math.round(mean(from.map((f) => f.focalLengthMm)));
    return [{ id: `blur ${blur} ${seconds}`, kind: 'blur', blur, seconds, focalLengthMm, from }];
  });
}

/** A new stand as what was learnt and taken would have it. */
export function asLearnt(stand: Stand, { placementStops, gapStops }: Heeded): Stand {
  const { placesExposure, gap } = traitsOf(stand);
  const placed = placesExposure && placementStops ? { landPlacementStops: placementStops } : {};
  const kept =
    gap && gapStops !== null && gapStops >= gap.range[0] && gapStops <= gap.range[1] ? { gapStops } : {};
  return { ...stand, look: { ...stand.look, ...placed, ...kept } };
}
