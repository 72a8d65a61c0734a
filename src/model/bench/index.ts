/** Imported by its own path: only the bench needs it. */
export { benchAgain, benchStand, type MadeScene } from './begin';
export { type BenchOrder, type Exercise, EXERCISE_TABLE, sceneOrder } from './exercises';
export { gradeOf, totalOf } from './grade';
export { type Costs, type Told, toldOf } from './judge';
export { type Lost, lostIn, trueShot, type TrueShot } from './shot';
export {
  type BenchAir,
  BENCH_LANDSCAPES,
  type BenchChoice,
  type ExerciseId,
  EXERCISES,
  type Grade,
  GRADES,
} from '../terms/bench';
export {
  doneCount,
  type ExerciseState,
  progressOf,
  withAdvice,
  withNothingLeftOn,
  withTold,
} from './progress';
export { benchReading, benchSpot } from './meter';
export { leftUntold, polariserChange, reallyOn, type Truth, truthOf } from './truth';
export {
  BENCH_HOURS,
  BENCH_LENS_MM,
  BENCH_SUNS,
  type BenchHour,
  type BenchSun,
  USUAL_LENS_MM,
} from './own-scene';
