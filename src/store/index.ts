export {
  type Carried,
  type FileError,
  type PastedReading,
  readingsFileName,
  readCarried,
  readReadingsCsv,
  readTakesCsv,
  type ReadingRow,
  type RefusedThing,
  type TakeRow,
  writeReadingsCsv,
  readTideTable,
  writeTakesCsv,
  safeName,
} from '@/files';
export { type Answer, keepAnswer, type KeptAnswer } from './answer';
export { type Answers, type AnswersState, keepAnswers } from './answers';
export { minuteClock } from './clock';
export {
  browserHost,
  type CountdownHost,
  type CountdownState,
  keepCountdown,
  type KeptCountdown,
} from './countdown';
export { asCalendar, placesAsGpx, placesFromGpx } from './elsewhere';
export { eased } from './eased';
export { derivedStore, type Source, remembered, steady } from './derived-store';
export { device, type DeviceState } from './device';
export { type DocumentStore } from './document-store';
export { createGlances, glanceOf, type Glances } from './glances';
export { clearJournal, journal, journalText, note, startJournal } from './journal';
export { ownPreferences, prefer, type Preferences, preferences, takePreferences } from './preferences';
export { type BrokenStand, newestFirst, type StandSummary } from './stands';
export { type Channel, lockPresence, notePresence, type Presence, type TabMessage } from './tabs';
export { createWorkspace } from './workspace';
export {
  type GlassRow,
  type NamedBytes,
  type NamedText,
  type RestoreReport,
  type Workspace,
  type WorkspaceState,
  type WrittenBackup,
} from './workspace-types';
