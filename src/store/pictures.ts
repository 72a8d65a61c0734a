import { type StoredPicture } from '@/model';
import { type WorkspaceStorage } from '@/persist';

export interface PictureShelf {
  /** Keeps a picture; where the storage does not take it, for as long as the page is open. */
  keep(picture: StoredPicture): Promise<void>;
  /** A picture that is kept, or fetched as one of the seeds'; null where it is neither. */
  find(sha256: string): Promise<StoredPicture | null>;
  /** Lets go of every stored picture that is not named. */
  collect(sha256s: ReadonlySet<string>): Promise<void>;
}

export interface ShelfOptions {
  readonly storage: () => WorkspaceStorage;
  readonly seedPicture?: ((sha256: string) => Promise<StoredPicture | null>) | undefined;
  /** Told when the storage does not take a picture. */
  readonly failed: (error: Error) => void;
}

/** The pictures of a workspace, found by what they are. */
export function createPictureShelf({ storage, seedPicture, failed }: ShelfOptions): PictureShelf {
  const unstored = new Map<string, StoredPicture>();
  return {
    async keep(picture) {
      unstored.set(picture.sha256, picture);
      try {
        await storage().putPicture(picture);
        unstored.delete(picture.sha256);
      } catch (error) {
        failed(error as Error);
      }
    },
    async find(sha256) {
      const stored =
        unstored.get(sha256) ??
        (await storage()
          .picture(sha256)
          .catch(() => undefined));
      if (stored) return stored;
      const seeded = (await seedPicture?.(sha256)) ?? null;
      if (seeded)
        await storage()
          .putPicture(seeded)
          .catch(() => {}); // it can be fetched again
      return seeded;
    },
    collect: (sha256s) =>
      storage()
        .keepPictures(sha256s)
        .catch(() => {}), // room that is not won back yet loses nothing
  };
}
