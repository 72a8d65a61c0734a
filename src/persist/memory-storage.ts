import { type BackupHistory, type StoredPicture } from '@/model';
import { type BagRecord, nextRecord, type StandRecord, type WorkspaceStorage } from './storage';

/** A workspace kept in memory: for tests, and where the browser refuses a database. */
export function memoryStorage(): WorkspaceStorage {
  const stands = new Map<string, StandRecord>();
  const pictures = new Map<string, StoredPicture>();
  let kept: BagRecord | undefined;
  let history: BackupHistory = {};
  return {
    kind: 'memory',
    stands: async () => structuredClone([...stands.values()]),
    putStand: async (document, { revision, now }) => {
      const { id } = document.stand;
      const result = nextRecord(stands.get(id), revision, (next) => ({
        id,
        revision: next,
        updatedAt: now,
        document: structuredClone(document),
      }));
      if (result.ok) stands.set(id, result.record);
      return structuredClone(result);
    },
    removeStand: async (id) => {
      const record = stands.get(id);
      stands.delete(id);
      return record;
    },
    bag: async () => structuredClone(kept),
    putBag: async (bag, { revision }) => {
      const result = nextRecord(kept, revision, (next) => ({ revision: next, bag: structuredClone(bag) }));
      if (result.ok) kept = result.record;
      return structuredClone(result);
    },
    picture: async (sha256) => pictures.get(sha256),
    putPicture: async (picture) => void pictures.set(picture.sha256, picture),
    keepPictures: async (sha256s) => {
      for (const own of [...pictures.keys()]) if (!sha256s.has(own)) pictures.delete(own);
    },
    clear: async () => {
      stands.clear();
      pictures.clear();
      kept = undefined;
      history = {};
    },
    history: async () => history,
    putHistory: async (next) => {
      history = next;
    },
    onClosed: () => {},
    close: () => {},
  };
}
