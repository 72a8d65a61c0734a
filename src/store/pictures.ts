import { type StoredPhoto } from '@/model';
import { type WorkspaceStorage } from '@/persist';
import { type Saving } from './saving';
import { type Presence } from './tabs';

/** A picture that nothing refers to is kept for so long, ms. */
const KEEP_FOR_MS = 86_400_000;

export interface PhotoShelf {
  /** Keeps a picture; where the storage does not take it, for as long as the page is open, and told as not saved. */
  readonly keep: (picture: StoredPhoto) => Promise<void>;
  /** A picture that is kept, or fetched as one of the seeds'; null where it is neither. */
  readonly find: (sha256: string) => Promise<StoredPhoto | null>;
  /** Sees to it that a picture that a stand refers to is stored with it; rejects where the storage does not take it. */
  readonly ensureStored: (sha256: string) => Promise<void>;
  /** Writes again what could not be written. */
  readonly retry: () => void;
  /** Lets go of stored pictures that nothing refers to, where no other tab could still refer to them. */
  readonly collect: (used: ReadonlySet<string>) => Promise<void>;
  /** The storage has begun anew, with nothing in it. */
  readonly restart: () => void;
}

export interface ShelfOptions {
  readonly storage: () => WorkspaceStorage;
  readonly presence: Presence;
  readonly nowMs: () => number;
  readonly seedPhoto?: ((sha256: string) => Promise<StoredPhoto | null>) | undefined;
  readonly saving: Saving;
}

/** The pictures of a workspace, found by what they are. */
export function createPhotoShelf(options: ShelfOptions): PhotoShelf {
  const { storage, presence, nowMs, seedPhoto, saving } = options;
  const unstored = new Map<string, StoredPhoto>();
  /** Pictures that are known to be stored: while this tab is open they stay. */
  const stored = new Set<string>();

  const put = async (picture: StoredPhoto) => {
    const { sha256 } = picture;
    const report = saving.report(`picture ${sha256}`);
    unstored.set(sha256, picture);
    report('saving');
    try {
      await storage().putPhoto(picture, nowMs());
    } catch (error) {
      report('failed', error as Error);
      throw error;
    }
    unstored.delete(sha256);
    stored.add(sha256);
    report('saved');
  };

  /** What is being looked for: whoever asks for it meanwhile waits for the same. */
  const finding = new Map<string, Promise<StoredPhoto | null>>();

  const find = async (sha256: string): Promise<StoredPhoto | null> => {
    const kept =
      unstored.get(sha256) ??
      (await storage()
        .picture(sha256)
        .catch(() => undefined));
    if (kept) return kept;
    // a seed's picture that is not to be had now is asked for again the next time
    const seeded = (await seedPhoto?.(sha256).catch(() => null)) ?? null;
    if (seeded)
      await storage()
        .putPhoto(seeded, nowMs())
        .catch(() => {});
    return seeded;
  };

  return {
    keep: (picture) => put(picture).catch(() => {}),
    find(sha256) {
      const found = finding.get(sha256) ?? find(sha256).finally(() => finding.delete(sha256));
      finding.set(sha256, found);
      return found;
    },
    async ensureStored(sha256) {
      const picture = unstored.get(sha256);
      if (picture) return put(picture);
      if (stored.has(sha256)) return;
      if (await storage().hasPicture(sha256)) stored.add(sha256);
    },
    retry() {
      for (const picture of unstored.values()) void put(picture).catch(() => {});
    },
    async collect(usedSha256s) {
      try {
        if (!(await presence.isAlone(storage()))) return;
        await storage().collectPhotos({ usedSha256s, nowMs: nowMs(), keepForMs: KEEP_FOR_MS });
      } catch {
        // room that is not won back yet loses nothing
      }
    },
    restart: () => stored.clear(),
  };
}
