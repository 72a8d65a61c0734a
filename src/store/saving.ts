/** Where a document stands with its storage. `saved` is said only once the transaction has completed. */
export type SaveState = 'saved' | 'saving' | 'failed';

/** The state of all that is kept as one: failed while any is, else saving while any is. */
export function combineSaving(onState: (state: SaveState, error: Error | null) => void) {
  const states = new Map<string, { readonly state: SaveState; readonly error: Error | null }>();
  return {
    report:
      (key: string) =>
      (state: SaveState, error: Error | null = null) => {
        if (state === 'saved') states.delete(key);
        else states.set(key, { state, error });
        const all = [...states.values()];
        const worst = all.find((s) => s.state === 'failed') ?? all[0];
        onState(worst?.state ?? 'saved', worst?.error ?? null);
      },
    clear: () => states.clear(),
  };
}

export type Saving = ReturnType<typeof combineSaving>;
