/** Where a document stands with its storage. `saved` is said only once the transaction has completed. */
export type SaveState = 'saved' | 'saving' | 'failed';

export interface Saver<T> {
  /** Writes a value, at once or as soon as the write under way is done; only the newest waits. */
  save(value: T): void;
  /** Writes again what could not be written. */
  retry(): void;
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
      const writing: { readonly value: T } = next;
      next = null;
      try {
        await write(writing.value);
      } catch (error) {
        if (next) continue;
        next = writing;
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
    retry() {
      if (next) running ??= run();
    },
    settled: async () => {
      await running;
    },
    isBusy: () => running !== null || next !== null,
  };
}

/** The state of several savers as one: failed while any is, else saving while any is. */
export function combineSaving(onState: (state: SaveState, error: Error | null) => void) {
  const states = new Map<string, { readonly state: SaveState; readonly error: Error | null }>();
  return {
    report:
      (key: string) =>
      (state: SaveState, error: Error | null = null) => {
        states.set(key, { state, error });
        const all = [...states.values()];
        const worst = all.find((s) => s.state === 'failed') ?? all.find((s) => s.state === 'saving');
        onState(worst?.state ?? 'saved', worst?.error ?? null);
      },
    clear: () => states.clear(),
  };
}
