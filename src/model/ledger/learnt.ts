import { agreedOn, type Leaning, leaningOf } from '@/core/learning';
import { clamp, mean, median } from '@/core/numerics';
import { type Bag, type Filter, filtersById } from '../bag/bag';
import { takenStops } from '../resolve/glass';
import { type KeptStand } from '../documents/document';
import { type Preferences } from '../documents/preferences';
import { LOOKS, traitsOf } from '../terms/looks';
import { type Stand } from '../stand/stand';
import { type Blur } from '../terms/stand';
import { type LedgerEntry } from './entries';
import { labelEvidence } from './label-evidence';

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
  /** The sky is kept so much brighter than the land, time after time, stops; or weaker sheets are fitted than are advised. */
  | { readonly kind: 'gap'; readonly gapStops: number; readonly weaker: Leaning | null }
  /** What moved was liked at this time, s, of such a scene. */
  | ({ readonly kind: 'blur'; readonly blur: Blur; readonly seconds: number } & MovingScene)
);

/** What decides how long something moving is exposed, beside taste: usual figures, null where nobody said. */
interface MovingScene {
  readonly focalLengthMm: number;
  /** How far off the focus lay, m. */
  readonly distanceM: number | null;
  /** How often a wave came, s. */
  readonly waveSeconds: number | null;
}

/** What is in force already, and what nobody wants to hear of again. */
export type Heeded = Preferences['heeded'];

const LABEL = { least: 3, spread: 0.3 };
const LABEL_WORTH = 0.2;
const PLACEMENT = { least: 4, part: 0.75, worth: 0.3 };
const GAP = { least: 4, spread: 0.5 };
const GAP_WORTH = 0.3;
const WEAKER = { least: 4, part: 0.75, worth: 0.3 };
const BLUR_LEAST = 3;

/** Everything that stands and their shots have to teach, but for what is heeded or forgotten. */
export function lessonsOf(
  stands: readonly KeptStand[],
  entries: readonly LedgerEntry[],
  bag: Bag,
  heeded: Heeded,
): Lesson[] {
  const lessons = [
    ...labelLessons(stands, entries, bag),
    ...placementLesson(entries, heeded),
    ...gapLesson(entries, heeded),
    ...blurLessons(stands, heeded),
  ];
  return lessons.filter(({ id }) => !heeded.forgotten.includes(id));
}

/** Labels that do not hold: what the filters took instead, each time. */
function labelLessons(stands: readonly KeptStand[], entries: readonly LedgerEntry[], bag: Bag): Lesson[] {
  const found = new Map<string, LearntFrom[]>();
  for (const { document } of stands) {
    const { id: standId, name: standName, takes } = document.stand;
    const shots = takes ? entries.filter((e) => e.standId === standId) : [];
    for (const [filterId, figure] of labelEvidence(document.stand, shots, bag))
      found.set(filterId, [...(found.get(filterId) ?? []), { standId, standName, figure }]);
  }
  return [...found].flatMap(([filterId, from]): Lesson[] => {
    const [filter] = filtersById(bag, [filterId]);
    const measuredStops = agreedOn(
      from.map((f) => f.figure),
      LABEL,
    );
    if (!filter || measuredStops === null || Math.abs(measuredStops - takenStops(filter)) < LABEL_WORTH)
      return [];
    const rounded = Math.round(10 * measuredStops) / 10;
    return [{ id: `label ${filterId} ${rounded}`, kind: 'label', filter, measuredStops: rounded, from }];
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

/** The usual gap: by weaker or stronger sheets than were advised, else by what gap the glass of kept shots really left. */
function gapLesson(entries: readonly LedgerEntry[], { gapStops }: Heeded): Lesson[] {
  const { usual, range } = LOOKS.natural.gap;
  const now = gapStops ?? usual;
  const kept = entries.filter(
    (e) => e.take.verdict === 'keep' && LOOKS[e.school].gap?.usual === usual && e.spanStops !== null,
  );
  const fromOf = (shots: readonly LedgerEntry[], figure: (e: LedgerEntry) => number): LearntFrom[] =>
    shots.map((e) => ({ standId: e.standId, standName: e.standName, figure: figure(e) }));
  const lesson = (gap: number, weaker: Leaning | null, from: readonly LearntFrom[]): Lesson[] => {
    const gapStops = Math.round(10 * clamp(gap, ...range)) / 10;
    return gapStops === now ? [] : [{ id: `gap ${gapStops}`, kind: 'gap', gapStops, weaker, from }];
  };
  const weaker = leaningOf(
    kept.map((e) => e.weakerStops),
    WEAKER,
  );
  if (weaker) {
    const others = kept.filter((e) => e.weakerStops !== 0);
    return lesson(
      now + weaker.by,
      weaker,
      fromOf(others, (e) => e.weakerStops),
    );
  }
  const from = fromOf(
    kept.filter((e) => e.takenStops > 0),
    (e) => (e.spanStops ?? 0) - e.takenStops,
  );
  const agreed = agreedOn(
    from.map((f) => f.figure),
    GAP,
  );
  return agreed === null || Math.abs(agreed - now) < GAP_WORTH ? [] : lesson(agreed, null, from);
}

/** Kept shots of what moved: how long they were, by what it was to look like. */
function blurLessons(stands: readonly KeptStand[], { liked }: Heeded): Lesson[] {
  const found = new Map<Blur, (LearntFrom & MovingScene)[]>();
  for (const { document } of stands) {
    const { id, name, takes = [], wantedTime, lens, waveSeconds = null } = document.stand;
    const blur = wantedTime?.blur;
    const last = takes.findLast((t) => t.verdict === 'keep');
    if (!blur || blur === 'longest' || !last) continue;
    const distanceM = lens.focusedM ?? lens.nearestSubjectM ?? null;
    const scene = { focalLengthMm: lens.focalLengthMm, distanceM, waveSeconds };
    const from = { standId: id, standName: name, figure: last.exposure.seconds, ...scene };
    found.set(blur, [...(found.get(blur) ?? []), from]);
  }
  return [...found].flatMap(([blur, from]): Lesson[] => {
    if (from.length < BLUR_LEAST) return [];
    const seconds = twoFigures(median(from.map((f) => f.figure)));
    const known = liked[blur];
    if (known !== undefined && Math.abs(Math.log2(seconds / known)) < 1 / 3) return [];
    const scene = {
      focalLengthMm: Math.round(mean(from.map((f) => f.focalLengthMm))),
      distanceM: usualOf(from.map((f) => f.distanceM)),
      waveSeconds: usualOf(from.map((f) => f.waveSeconds)),
    };
    return [{ id: `blur ${blur} ${seconds}`, kind: 'blur', blur, seconds, ...scene, from }];
  });
}

/** The middle of what was said; null where it was not said most times. */
function usualOf(values: readonly (number | null)[]): number | null {
  const said = values.filter((v) => v !== null);
  return 2 * said.length > values.length ? twoFigures(median(said)) : null;
}

const twoFigures = (value: number): number => Number(value.toPrecision(2));

/** A new stand as what was learnt and taken would have it. */
export function asLearnt(stand: Stand, { placementStops, gapStops }: Heeded): Stand {
  const { placesExposure, gap } = traitsOf(stand);
  const placed = placesExposure && placementStops ? { landPlacementStops: placementStops } : {};
  const kept =
    gap && gapStops !== null && gapStops >= gap.range[0] && gapStops <= gap.range[1] ? { gapStops } : {};
  return { ...stand, look: { ...stand.look, ...placed, ...kept } };
}
