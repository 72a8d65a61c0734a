/** Imported by its own path: only the bench needs it. */
export {
  AIR_NAMES,
  BENCH_LANDSCAPE_NAMES,
  EXERCISE_WORDS,
  GRADE_NAMES,
  HOUR_NAMES,
  progressText,
  sceneTitle,
  SUN_NAMES,
} from './exercises';
export { costText, expertSlip, gradeSentence, toldRows, toldSentences } from './told';
