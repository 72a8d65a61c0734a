export {
  type PastedReading,
  readingsFileName,
  readReadingsCsv,
  type ReadingRow,
  writeReadingsCsv,
} from '@/files';
export * from './document-store';
export * from './answers';
export * from './device';
export * from './preferences';
export * from './summaries';
export { createWorkspace } from './workspace';
export * from './workspace-types';
