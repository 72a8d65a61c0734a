import { useMemo } from 'react';
import { bagAtLens, bagForStand, type KeptStand } from '@/model';
import { type LedgerEntry, ledgerOf, type Lesson, lessonsOf } from '@/model/ledger';
import { useBag, usePreferences, useWorkspaceState } from '../shared/workspace-context';

/** All shots of all stands, and what they have to teach. */
export function useLedger(): {
  readonly entries: readonly LedgerEntry[];
  readonly lessons: readonly Lesson[];
} {
  const stands = useWorkspaceState((s) => s.stands);
  const bag = useBag();
  const heeded = usePreferences((p) => p.heeded);
  return useMemo(() => {
    const bagOf = ({ document }: KeptStand) => bagAtLens(document.stand, bagForStand(document, bag));
    const entries = ledgerOf(stands, bagOf);
    return { entries, lessons: lessonsOf(stands, entries, bag, heeded) };
  }, [stands, bag, heeded]);
}
