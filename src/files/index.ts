export {
  type Backup,
  backupFileName,
  type ReadBackup,
  readBackupFile,
  readBackupSteps,
  writeBackupSteps,
  type WrittenBackup,
} from './backup-file';
export { readBagFile, writeBagFile } from './bag-file';
export { documentKind } from './document';
export { type FileError, type FileErrorCode, type FileResult, type RefusedThing } from './errors';
export { beginsAsDocument } from './json';
export { type Carried, readCarried } from './carry';
export { type GlassRow } from './glass-csv';
export { type OpenedOuting, outingFileName, readOutingFile, writeOutingFile } from './outing-file';
export { readTideTable, type TideRow } from './tide-table';
export { standFileJsonSchema } from './json-schema';
export {
  type PastedReading,
  readingsFileName,
  type ReadingRow,
  readReadingsCsv,
  writeReadingsCsv,
} from './readings-csv';
export { readTakesCsv, type TakeRow, writeTakesCsv } from './takes-csv';
export { type OpenedStand, readStandFile, safeName, standFileName, writeStandFile } from './stand-file';
