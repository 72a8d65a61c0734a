import { finish, type Steps } from '@/core/numerics';
import { balance, type BalanceResult, pose, type Safety, safetySteps } from '@/core/balance';
import {
  assumedTransitionMm,
  DEFAULT_SHEET_WIDTH_MM,
  TRANSITION_DEFAULTS_MM,
  type TransitionName,
} from '@/core/glass';
import { type Seat } from '@/core/optics';
import { type Bag, isSheet, type SheetFilter } from '../bag/bag';
import { deriveStand, type StandFault } from './derive';
import { bagSheet } from '../resolve/glass';
import { type Prepared, prepareStand, underLookOf } from './prepare';
import { solutionKey } from './key';
import { type Solution, solveStand } from './solve';
import { type Stand } from '../stand/stand';
import { type School, SCHOOLS, traitsOf } from '../terms/looks';

/** What another look would have fitted. */
export interface OtherLook {
  readonly school: School;
  readonly filterIds: readonly string[];
  readonly seat: Seat | null;
  readonly neededStops: number | null;
  /** Exposures of a bracket; null for the other looks. */
  readonly frames: number | null;
  readonly fault: StandFault | null;
}

/** A sheet that is not along and that would have fitted better. */
export interface StockAdvice {
  readonly sheet: SheetFilter;
  readonly seat: Seat | null;
  readonly betterByStops: number;
}

/** What is worked out beside the plan: how safe it is, and what else there might be. */
export interface Study {
  /** What it was worked out from: compare with `solutionKey`. */
  readonly key: string;
  readonly safety: Safety;
  readonly looks: readonly OtherLook[];
  /** Of what the photographer does not own. */
  readonly stock: StockAdvice | null;
  /** Of what was left at home. */
  readonly leftBehind: StockAdvice | null;
}

/** A sheet that one does not own must be better by this to be worth naming, stops. */
const WORTH = 0.15;
/** And one that lies at home by more than is as good. */
const AS_GOOD = 0.05;

/** About how much of a study the other looks and the stock sheets are. */
const LOOKS_PART = 0.4;

/** What is known of a stand before it is studied. */
export interface StudyOptions {
  readonly ready?: Prepared;
  /** What the search has found. */
  readonly result?: Solution['result'];
}

/** One after another the searches of a study; every yield tells about how much is done and is a chance to stop. */
export function* studySteps(
  stand: Stand,
  bag: Bag,
  { ready = prepareStand(stand, bag), result }: StudyOptions = {},
): Steps<Study> {
  const looks: OtherLook[] = [];
  for (const school of SCHOOLS) {
    if (school !== stand.look.school) looks.push(underLook(stand, bag, school, ready));
    yield (LOOKS_PART * looks.length) / SCHOOLS.length;
  }
  const key = solutionKey(stand, bag);
  if (!traitsOf(stand).usesGlass) return { key, safety: UNASKED, looks, ...NO_ADVICE };
  const answer = isAnswer(result) ? result : balance(ready);
  const better = betterSheets(stand, bag, ready, answer);
  yield LOOKS_PART;
  const safety = yield* within(safetySteps(ready, answer), LOOKS_PART);
  return { key, safety, looks, ...better };
}

const isAnswer = (result: Solution['result'] | undefined): result is BalanceResult =>
  !!result && !('readingId' in result);

const NO_ADVICE = { stock: null, leftBehind: null };

const UNASKED: Safety = { bestForSpans: null, close: [], deciding: [] };

/** Steps that are the rest of something of which a part is done. */
function* within<T>(steps: Steps<T>, donePart: number): Steps<T> {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    yield donePart + (1 - donePart) * step.value;
  }
}

/** `studySteps` in one go. */
export const studyStand = (stand: Stand, bag: Bag, known?: StudyOptions): Study =>
  finish(studySteps(stand, bag, known));

/** The stand under another look, with that look's own gap. */
export function withSchool(stand: Stand, school: School): Stand {
  const { gapStops: _, ...rest } = stand.look;
  return { ...stand, look: { ...rest, school } };
}

function underLook(stand: Stand, bag: Bag, school: School, own: Prepared): OtherLook {
  const { choice: _, ...other } = withSchool(stand, school);
  const ready = underLookOf(own, other);
  const derived = deriveStand(other, bag, solveStand(other, bag, { workedOut: 1, ready }), ready);
  return {
    school,
    filterIds: derived.plan?.filterIds ?? [],
    seat: derived.plan?.seat ?? null,
    neededStops: derived.balance?.neededStops ?? null,
    frames: derived.bracket?.ok ? derived.bracket.frames.length : null,
    fault: derived.fault,
  };
}

const STOCK_STOPS = [1, 2, 3, 4];

/** Sheets that are sold everywhere, of the size that the bag has. */
function stockSheets(bag: Bag): SheetFilter[] {
  const like = bag.filters.find(isSheet);
  const size = {
    sheetWidthMm: like?.sheetWidthMm ?? DEFAULT_SHEET_WIDTH_MM,
    sheetLengthMm: like?.sheetLengthMm ?? 1.5 * DEFAULT_SHEET_WIDTH_MM,
  };
  const names = Object.keys(TRANSITION_DEFAULTS_MM) as TransitionName[];
  return STOCK_STOPS.flatMap((stops): SheetFilter[] => [
    ...names.map((name): SheetFilter => ({
      id: `stock ${stops} ${name}`,
      kind: 'graduated',
      stops,
      transitionMm: assumedTransitionMm(name, size.sheetWidthMm),
      ...size,
    })),
    {
      id: `stock ${stops} reverse`,
      kind: 'reverse',
      stops,
      transitionMm: assumedTransitionMm('hard', size.sheetWidthMm),
      fadeMm: 45,
      floorStops: Math.max(0, stops - 2),
      ...size,
    },
  ]);
}

/** Sheets that were left at home, or that are not owned at all, where the best of them would fit clearly better. */
function betterSheets(
  stand: Stand,
  bag: Bag,
  { input, freeSlots }: Prepared,
  answer: BalanceResult,
): Pick<Study, 'stock' | 'leftBehind'> {
  // who owns no sheet at all works without them
  const ownsSheets = bag.filters.some((f) => isSheet(f) && !f.archived);
  if (!traitsOf(stand).comparesStock || freeSlots === 0 || !ownsSheets) return NO_ADVICE;
  const best = (result: BalanceResult) => (result.ok ? (result.balance.ranking[0] ?? null) : null);
  const bestOf = (filters: readonly SheetFilter[]) =>
    best(balance(pose({ ...input, sheets: filters.map(bagSheet) }), 0));
  type Ranked = ReturnType<typeof best>;
  const better = (
    among: readonly SheetFilter[],
    found: Ranked,
    than: Ranked,
    worth: number,
  ): StockAdvice | null => {
    const sheet = among.find((f) => f.id === found?.set[0]?.id);
    if (!found || !sheet) return null;
    const betterByStops = (than?.scoreStops ?? Infinity) - found.scoreStops;
    return betterByStops > worth ? { sheet, seat: found.seat, betterByStops } : null;
  };
  const along = best(answer);
  const owned = bag.filters.filter(isSheet).filter((f) => !f.archived);
  // what was left at home is owned all the same
  const own = owned.length === input.sheets.length ? along : bestOf(owned);
  const sheets = stockSheets(bag);
  return {
    stock: better(sheets, bestOf(sheets), own, WORTH),
    leftBehind: own === along ? null : better(owned, own, along, AS_GOOD),
  };
}
