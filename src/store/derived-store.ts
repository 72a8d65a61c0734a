/** What can be asked for its state and tells when that may have changed: a Zustand store, or one derived from others. */
export interface Source<T = unknown> {
  getState(): T;
  subscribe(listener: () => void): () => void;
}

type StatesOf<S extends readonly Source[]> = { readonly [I in keyof S]: ReturnType<S[I]['getState']> };

/**
 * A store of what is worked out from others: anew when one of them has changed and someone asks, never before, so that
 * whoever draws never sees a part that is newer than the rest.
 *
 * @param work pure; what it gives for equal states is kept
 */
export function derivedStore<const S extends readonly Source[], T>(
  sources: S,
  work: (...states: StatesOf<S>) => T,
): Source<T> {
  const worked = remembered(work);
  return {
    getState: () => worked(...(sources.map((s) => s.getState()) as unknown as StatesOf<S>)),
    subscribe: (listener) => {
      const ends = sources.map((s) => s.subscribe(listener));
      return () => ends.forEach((end) => end());
    },
  };
}

/** A function that gives what it gave before for as long as it is asked with the very same. */
export function remembered<A extends readonly unknown[], T>(work: (...args: A) => T): (...args: A) => T {
  let last: { readonly args: A; readonly value: T } | null = null;
  return (...args) => {
    if (!last?.args.every((arg, i) => Object.is(arg, args[i]))) last = { args, value: work(...args) };
    return last.value;
  };
}

/** A function that gives the very thing it gave before where what it would give now says the same. */
export function steady<A extends readonly unknown[], T>(work: (...args: A) => T): (...args: A) => T {
  let last: { readonly text: string; readonly value: T } | null = null;
  return (...args) => {
    const value = work(...args);
    const text = JSON.stringify(value);
    if (last?.text !== text) last = { text, value };
    return last.value;
  };
}
