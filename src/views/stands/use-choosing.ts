import { useCallback, useState } from 'react';
import { type StandSummary } from '@/store';

/** Stands being chosen, to do something with all of them at once. */
export interface Choosing {
  /** Ids of those that are chosen; null while none are being chosen. */
  readonly chosen: ReadonlySet<string> | null;
  readonly choose: (id: string, chosen: boolean) => void;
  readonly setChosen: (chosen: ReadonlySet<string> | null) => void;
}

/** @param shown the stands that can be chosen: what is no longer shown is no longer chosen */
export function useChoosing(shown: readonly StandSummary[]): Choosing {
  const [kept, setChosen] = useState<ReadonlySet<string> | null>(null);
  const choose = useCallback((id: string, on: boolean) => {
    setChosen((now) => new Set([...(now ?? [])].filter((c) => c !== id).concat(on ? [id] : [])));
  }, []);
  const chosen = kept && new Set(shown.map((s) => s.id).filter((id) => kept.has(id)));
  return { chosen, choose, setChosen };
}
