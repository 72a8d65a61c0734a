import { type Source } from './derived-store';

type Eased<S extends Record<string, Source>> = { readonly [K in keyof S]: S[K] };

export interface Ease {
  /** Whether changes follow one another so fast that not each of them has to be shown. */
  readonly isHasty: () => boolean;
  /** How long what was shown stays then, ms. */
  readonly waitMs: number;
}

/**
 * The same sources, which tell of changes at once while nothing is in haste, and else only now and then: all together, so
 * that none is ever newer than another. The last change is always told.
 */
export function eased<const S extends Record<string, Source>>(
  sources: S,
  { isHasty, waitMs }: Ease,
): Eased<S> {
  const listeners = new Set<() => void>();
  let shown: { readonly [K in keyof S]?: unknown } | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let hasChanged = false;
  let ends: (() => void)[] = [];

  const tell = () => listeners.forEach((listener) => listener());
  const letGo = () => {
    clearTimeout(timer);
    timer = undefined;
    shown = null;
  };
  const hold = () => {
    hasChanged = false;
    shown = Object.fromEntries(
      Object.entries(sources).map(([name, source]) => [name, source.getState()]),
    ) as {
      [K in keyof S]: unknown;
    };
    timer = setTimeout(() => {
      letGo();
      if (!hasChanged) return;
      if (isHasty()) hold();
      tell();
    }, waitMs);
  };
  const onChange = () => {
    hasChanged = true;
    if (!isHasty()) letGo();
    else if (timer !== undefined) return;
    else hold();
    tell();
  };
  const easedOne = <T>(name: keyof S, source: Source<T>): Source<T> => ({
    getState: () => (shown ? (shown[name] as T) : source.getState()),
    subscribe: (listener) => {
      if (!listeners.size) ends = Object.values(sources).map((s) => s.subscribe(onChange));
      listeners.add(listener);
      return () => {
        listeners.delete(listener);
        if (listeners.size) return;
        ends.forEach((end) => end());
        letGo();
      };
    },
  });
  return Object.fromEntries(
    Object.entries(sources).map(([name, source]) => [name, easedOne(name, source)]),
  ) as Eased<S>;
}
