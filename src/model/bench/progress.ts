import { type Stand } from '../stand/stand';
import { LIMITS } from '../terms/limits';
import { EXERCISES, type ExerciseId, type Grade, GRADES } from '../terms/bench';

/** How far an exercise has come: its best grade, and the stand that goes on with it. */
export interface ExerciseState {
  readonly id: ExerciseId;
  /** Null where no shot of it has been told of. */
  readonly best: Grade | null;
  /** Tries that were told of. */
  readonly tries: number;
  /** A try that was begun and not told of; null where there is none. */
  readonly open: string | null;
}

/** The better of two grades. */
const better = (a: Grade | null, b: Grade): Grade =>
  a !== null && GRADES.indexOf(a) <= GRADES.indexOf(b) ? a : b;

/** How far each exercise has come, by the stands of the bench, the newest first. */
export const progressOf = (stands: readonly Stand[]): ExerciseState[] =>
  EXERCISES.map((id) => {
    const own = stands.filter((s) => s.bench?.exercise === id);
    const told = own.flatMap((s) => s.bench?.told ?? []);
    return {
      id,
      best: told.reduce<Grade | null>((best, { grade }) => better(best, grade), null),
      tries: told.length,
      open: own.find((s) => !s.bench?.told)?.id ?? null,
    };
  });

/** Exercises that came out as an experienced hand would have them. */
export const doneCount = (states: readonly ExerciseState[]): number =>
  states.filter((s) => s.best === 'as-good').length;

/** The stand with what was told of a shot, held to what a document holds. */
export function withTold(
  stand: Stand,
  takeId: string,
  { glass, seat, time }: { readonly glass: number; readonly seat: number; readonly time: number },
  grade: Grade,
): Stand {
  if (!stand.bench) return stand;
  const held = (stops: number) => Math.min(MOST_STOPS, Math.round(100 * stops) / 100);
  const told = { takeId, glassStops: held(glass), seatStops: held(seat), timeStops: held(time), grade };
  return { ...stand, bench: { ...stand.bench, told } };
}

const [, MOST_STOPS] = LIMITS.costStops;

/** The stand with its advice shown before a shot was told of. */
export const withAdvice = (stand: Stand): Stand =>
  stand.bench ? { ...stand, bench: { ...stand.bench, advised: true } } : stand;

/** The stand with nothing on the simulated lens that is not said. */
export function withNothingLeftOn(stand: Stand): Stand {
  if (!stand.bench) return stand;
  const { leftOn: _, ...bench } = stand.bench;
  return { ...stand, bench };
}
