export { StorageError, type StorageFault } from './faults';
export { memoryStorage } from './memory-storage';
export { openStorage } from './open-storage';
export {
  type AsideRecord,
  type BagRecord,
  type OpenTab,
  type PlansRecord,
  type Seeds,
  type Single,
  type StandRecord,
  type WorkspaceStorage,
  type WriteResult,
} from './storage';
