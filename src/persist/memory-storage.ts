import { type BackupHistory } from '@/model';
import {
  type AsideRecord,
  type BagRecord,
  fateOf,
  nextRecord,
  type OpenTab,
  type PhotoRecord,
  type PlansRecord,
  removal,
  type StandRecord,
  type WorkspaceStorage,
} from './storage';

/** A workspace kept in memory: for tests, and where the browser refuses a database. */
export function memoryStorage(): WorkspaceStorage {
  const stands = new Map<string, StandRecord>();
  const pictures = new Map<string, PhotoRecord>();
  const tabs = new Map<string, OpenTab>();
  const countdowns = new Map<string, object>();
  let kept: BagRecord | undefined;
  let planned: PlansRecord | undefined;
  let history: BackupHistory = {};
  let isSeeded = false;
  let newest = 0;
  return {
    kind: 'memory',
    stands: async () => structuredClone([...stands.values()]),
    stand: async (id) => structuredClone(stands.get(id)),
    putStand: async (document, { revision, now }) => {
      const { id } = document.stand;
      const make = (next: number) => ({
        id,
        revision: next,
        updatedAt: now,
        document: structuredClone(document),
      });
      const result = nextRecord(stands.get(id), revision, make, newest);
      if (result.ok) {
        stands.set(id, result.record);
        newest = result.record.revision;
      }
      return structuredClone(result);
    },
    removeStand: async (id, from) => {
      const result = removal(stands.get(id), from);
      if (result.ok) stands.delete(id);
      return structuredClone(result);
    },
    bag: async () => structuredClone(kept),
    putBag: async (bag, { revision }) => {
      const result = nextRecord(kept, revision, (next) => ({ revision: next, bag: structuredClone(bag) }));
      if (result.ok) kept = result.record;
      return structuredClone(result);
    },
    plans: async () => structuredClone(planned),
    putPlans: async (plans, { revision }) => {
      const result = nextRecord(planned, revision, (next) => ({
        revision: next,
        plans: structuredClone(plans),
      }));
      if (result.ok) planned = result.record;
      return structuredClone(result);
    },
    setAside: async (what, id) => {
      const record = what === 'bag' ? kept : planned;
      stands.set(id, { id, revision: 1, damaged: what, record } as AsideRecord as unknown as StandRecord);
      if (what === 'bag') kept = undefined;
      else planned = undefined;
    },
    isSeeded: async () => isSeeded,
    seed: async (seeds) => {
      const isDue = !isSeeded && !stands.size;
      isSeeded = true;
      if (!isDue) return false;
      kept = { revision: (kept?.revision ?? 0) + 1, bag: structuredClone(seeds.bag) };
      planned = { revision: (planned?.revision ?? 0) + 1, plans: structuredClone(seeds.plans) };
      for (const { document, updatedAt } of structuredClone(seeds.stands)) {
        const { id } = document.stand;
        stands.set(id, { id, revision: 1, updatedAt, document });
      }
      return true;
    },
    picture: async (sha256) => {
      const record = pictures.get(sha256);
      return record && { sha256, type: record.type, bytes: record.bytes };
    },
    hasPicture: async (sha256) => pictures.has(sha256),
    putPhoto: async (picture, keptAt) => void pictures.set(picture.sha256, { ...picture, keptAt }),
    collectPhotos: async (collection) => {
      for (const record of [...pictures.values()].filter((p) => !collection.usedSha256s.has(p.sha256))) {
        const fate = fateOf(record, collection);
        if (fate === 'goes') pictures.delete(record.sha256);
        if (fate === 'is-new') pictures.set(record.sha256, { ...record, keptAt: collection.nowMs });
      }
    },
    history: async () => history,
    putHistory: async (next) => {
      history = next;
    },
    countdown: async (standId) => structuredClone(countdowns.get(standId)),
    putCountdown: async (standId, countdown) => void countdowns.set(standId, structuredClone(countdown)),
    noteTab: async (tab) => void tabs.set(tab.id, tab),
    dropTab: async (id) => void tabs.delete(id),
    tabs: async () => [...tabs.values()],
    clear: async () => {
      for (const store of [stands, pictures, tabs, countdowns]) store.clear();
      kept = undefined;
      planned = undefined;
      history = {};
      isSeeded = false;
    },
    onClosed: () => {},
    close: () => {},
  };
}
