export { type LedgerEntry, ledgerOf } from './entries';
export { asLearnt, type Heeded, type LearntFrom, type Lesson, lessonsOf } from './learnt';
export {
  type BesideFile,
  type FileMatches,
  type MatchedFile,
  matchFiles,
  type ShotFile,
} from './match-files';
export { shotBySlip } from './shot-by-slip';
