/** Where a document stands with its storage. `saved` is said only once the transaction has completed. */
export type SaveState = 'saved' | 'saving' | 'failed';

export interface Saver<T> {
  /** Writes a value, at once or as soon as the write under way is done; only the newest waits. */
  save(value: T): void;
  /** Resolves when nothing is left to write, or the last write failed. */
  settled(): Promise<void>;
  /** Whether something is still to be written. */
  isBusy(): boolean;
}

/** Writes values one after another, never two at once, and drops those that a newer one has overtaken. */
export function createSaver<T>(
  write: (value: T) => Promise<void>,
  onState: (state: SaveState, error?: Error) => void,
): Saver<T> {
  let next: { readonly value: T } | null = null;
  let running: Promise<void> | null = null;

  const run = async () => {
    onState('saving');
    while (next) {
      const { value } = next;
      next = null;
      try {
        await write(value);
      } catch (error) {
        if (next) continue;
        running = null;
        onState('failed', error as Error);
        return;
      }
    }
    running = null;
    onState('saved');
  };

  return {
    save(value) {
      next = { value };
      running ??= run();
    },
    settled: async () => {
      await running;
    },
    isBusy: () => running !== null,
  };
}
