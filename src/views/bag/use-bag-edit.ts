import { useMemo } from 'react';
import { type Bag } from '@/model';
import { useWorkspace } from '../shared/workspace-context';

export type BagEdit = (change: (bag: Bag) => Bag) => void;

/** The way to change the bag, one step of its undo at a time. */
export function useBagEdit(): BagEdit {
  const { workspace } = useWorkspace();
  return useMemo(() => (change) => workspace.bag.edit(change), [workspace]);
}
