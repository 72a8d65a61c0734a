import {
  type LightField,
  type LightReading,
  type PlacedReading,
  REGION_CODES,
  type Shape,
} from '@/core/field';
import { finish, mean, type Steps } from '@/core/numerics';
import { balance, sameSet } from './plan';
import { pose, type Posed } from './pose';
import { groundOf, sideReadings, sidesOf, wantedEv } from './problem/sides';
import { type BalanceInput, type BalanceResult, type SheetSet, type Sides } from './problem/types';

/** Steps and reach of the shift of the brighter side's readings, stops. */
const STEP = 1 / 6;
const STEPS = 6;
/** A plan that changes after so few steps more is close to an end of its range. */
const CLOSE_STEPS = 1;

/** A reading that decides which set is best. */
export type Deciding =
  /** One that was taken: without it another set would be best. */
  | { readonly kind: 'taken'; readonly readingId: string; readonly otherwise: SheetSet }
  /** One that is missing: a feature's own light, bright like the brighter side or dark like the other. */
  | { readonly kind: 'missing'; readonly shape: Shape; readonly otherwise: SheetSet };

/** By how much the span has to change, and the set that is best then; null for no plan. */
export interface CloseEnd {
  readonly spanStops: number;
  readonly otherwise: SheetSet | null;
}

/** How safe an answer is (solver: how safe it is). */
export interface Safety {
  /** Spans over which the same set stays best; null for a look that asks for no reading. */
  readonly bestForSpans: readonly [number, number] | null;
  /** What is best with a little more span, or less, where an end of those spans lies within a sixth of a stop. */
  readonly close: readonly CloseEnd[];
  readonly deciding: readonly Deciding[];
}

/** With more sheets than this only the most likely are searched again and again: another would have to come from far behind. */
const MANY_SHEETS = 24;
const LIKELY_SHEETS = 12;
/** So many readings are left out in turn at most, evenly taken of all. */
const MOST_LEFT_OUT = 60;

/** The question with the sheets that the best sets are made of, where there are many. */
function withLikelySheets(posed: Posed, answer: BalanceResult): Posed {
  if (posed.input.sheets.length <= MANY_SHEETS || !answer.ok) return posed;
  const likely = new Set(answer.balance.ranking.flatMap((r) => r.set));
  return pose({ ...posed.input, sheets: [...likely].slice(0, LIKELY_SHEETS) });
}

/** Some of many, evenly taken. */
const someOf = <T>(all: readonly T[], most: number): readonly T[] =>
  all.length <= most ? all : Array.from({ length: most }, (_, i) => all[Math.floor((i * all.length) / most)]);

/**
 * One after another the searches that tell how safe an answer is; every yield tells about how much is done.
 *
 * @param answer the one that is asked about, where it is known
 */
export function* safetySteps(whole: Posed, answer = balance(whole)): Steps<Safety> {
  const posed = withLikelySheets(whole, answer);
  const { input } = posed;
  const { readings } = input.field;
  const counted = sidesOf(readings, input.look, { window: input.window, ground: groundOf(input.field) });
  if (!counted.ok || counted.sides.spanStops === null || !answer.ok)
    return { bestForSpans: null, close: [], deciding: [] };
  const { sides } = counted;
  // the set of the best score, and the one that is advised by what shows: either is the answer still
  const { ranking, advice } = answer.balance;
  const same = [ranking[0]?.set ?? [], advice?.set ?? []];
  const isStill = (set: SheetSet | null) => same.some((best) => isSame(best, set));
  const ends: number[] = [];
  const close: CloseEnd[] = [];
  const features = someOf(unread(input), MOST_LEFT_OUT);
  const leftOut = someOf(spare(input), MOST_LEFT_OUT);
  const searches = 2 * STEPS + leftOut.length + features.length;
  let done = 0;
  for (const way of [1, -1]) {
    let steps = 0;
    for (; steps < STEPS; steps++) {
      const shift = way * (steps + 1) * STEP;
      const otherwise = bestIn(posed, shifted(input.field, sides, shift));
      yield ++done / searches;
      if (isStill(otherwise)) continue;
      if (steps <= CLOSE_STEPS) close.push({ spanStops: shift, otherwise });
      break;
    }
    ends.push(counted.sides.spanStops + (sides.brighter === 'sky' ? 1 : -1) * way * steps * STEP);
  }
  const deciding: Deciding[] = [];
  for (const reading of leftOut) {
    const otherwise = bestWith(
      posed,
      readings.filter((r) => r !== reading),
    );
    if (otherwise && !isStill(otherwise)) deciding.push({ kind: 'taken', readingId: reading.id, otherwise });
    yield ++done / searches;
  }
  for (const shape of features) {
    const otherwise = likely(sides)
      .map((ev100) => bestWith(posed, [...readings, readingOf(shape, ev100)]))
      .find((set) => set && !isStill(set));
    if (otherwise) deciding.push({ kind: 'missing', shape, otherwise });
    yield ++done / searches;
  }
  return { bestForSpans: [Math.min(...ends), Math.max(...ends)], close, deciding };
}

/** `safetySteps` in one go. */
export const safetyOf = (posed: Posed): Safety => finish(safetySteps(posed));

const isSame = (a: SheetSet, b: SheetSet | null): boolean =>
  !!b &&
  sameSet(
    a,
    b.map((s) => s.id),
  );

/** The best set in another light; null where there is no plan. */
function bestIn(posed: Posed, field: LightField): SheetSet | null {
  const result = balance(posed.again({ field }), 0);
  return result.ok ? (result.balance.ranking[0]?.set ?? null) : null;
}

/** The best set if these were the readings; null where there is no plan. */
function bestWith(posed: Posed, given: readonly (PlacedReading | LightReading)[]): SheetSet | null {
  const readings = given.map((r) => ('rough' in r && r.rough ? { ...r, place: undefined } : r));
  return bestIn(posed, posed.input.relit(readings));
}

const [SKY, FEATURE] = (['sky', 'feature'] as const).map((r) => REGION_CODES.indexOf(r));

/** The light with the brighter side's shifted together: its readings, and what it gives to every cell. */
function shifted(field: LightField, { brighter }: Sides, stops: number): LightField {
  const isOf = (r: PlacedReading) =>
    r.role === 'sky' ? brighter === 'sky' : brighter === 'land' && r.role !== 'feature';
  const isBright = (region: number) => (region === SKY) === (brighter === 'sky') && region !== FEATURE;
  return {
    ...field,
    ev: field.ev.map((ev, i) => (isBright(field.regions[i]) ? ev + stops : ev)),
    readings: field.readings.map((r) => (isOf(r) ? { ...r, ev100: r.ev100 + stops } : r)),
  };
}

/** Readings without which the mean of their side would rest on others: only of three is one worth leaving out. */
const ENOUGH = 3;

/** Readings that are left out in turn: those of a side that has others enough, and a feature's. */
function spare(input: BalanceInput): readonly PlacedReading[] {
  const { readings } = input.field;
  const ground = groundOf(input.field);
  const ofSides = (['sky', 'land'] as const)
    .map((side) => sideReadings(side, readings, ground))
    .filter((own) => own.length >= ENOUGH)
    .flat();
  return [...ofSides, ...readings.filter((r) => r.role === 'feature' && !r.limit)];
}

/** Features whose treatment is left to their own light, and that no reading was taken of. */
function unread({ shapes, field }: BalanceInput): Shape[] {
  const known = new Set(
    field.readings
      .filter((r) => r.role === 'feature' && !r.rough)
      .map(({ place: { u, v } }) => field.shapes[cellAt(field.grid, u, v)]),
  );
  return shapes.filter((s, i) => s.region === 'feature' && !s.treat && !known.has(i));
}

const cellAt = ({ columns, rows }: { columns: number; rows: number }, u: number, v: number): number =>
  Math.min(rows - 1, Math.floor(v * rows)) * columns + Math.min(columns - 1, Math.floor(u * columns));

/** Light that an unread feature may have: that of either side. */
const likely = ({ bright, dark }: Sides): number[] => [
  mean(bright.map(wantedEv)),
  mean(dark.map(wantedEv)) - 2.5,
];

const readingOf = ({ id, points }: Shape, ev100: number): LightReading => ({
  id: `of ${id}`,
  role: 'feature',
  ev100,
  place: { u: mean(points.map((p) => p.u)), v: mean(points.map((p) => p.v)) },
});
