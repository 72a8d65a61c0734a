import { useMemo } from 'react';
import { useStore } from 'zustand';
import { type Outing, type Plans, withOuting } from '@/model/outing';
import { useWorkspace } from './workspace-context';

/** Something of what is planned. */
export function usePlans<T>(select: (plans: Plans) => T): T {
  return useStore(useWorkspace().workspace.plans.state, (s) => select(s.value));
}

/** The way to change what is planned, one step of its undo at a time; it tells whether the change was taken. */
export function usePlansEdit(): (change: (plans: Plans) => Plans) => boolean {
  const { workspace } = useWorkspace();
  return useMemo(() => (change) => workspace.plans.edit(change), [workspace]);
}

/** The way to change one outing. */
export function useOutingEdit(id: string): (change: (outing: Outing) => Outing) => boolean {
  const edit = usePlansEdit();
  return useMemo(() => (change) => edit((plans) => withOuting(plans, id, change)), [edit, id]);
}
