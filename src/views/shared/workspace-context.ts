import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import { type Bag, type NewId } from '@/model';
import {
  device,
  type DeviceState,
  type Glances,
  type Preferences,
  preferences,
  type Workspace,
  type WorkspaceState,
} from '@/store';
import { type JobKind, type WorkerClient } from '@/workers';

/** Makes a client of each kind of work, with a worker of its own. */
export type Clients = { readonly [K in JobKind]: () => WorkerClient<K> };

export interface WorkspaceAccess {
  readonly workspace: Workspace;
  /** Where its pages lie: "" for the photographer's own, "/demo" for the demo. */
  readonly base: string;
  readonly isDemo: boolean;
  /** The workspace that the rail leads to: this one, or from the bench the one that it was entered from. */
  readonly home: Pick<WorkspaceAccess, 'workspace' | 'base'>;
  /** What the list of stands shows of each. */
  readonly glances: Glances;
  /** Those who work beside the page. */
  readonly clients: Clients;
}

export const WorkspaceContext = createContext<WorkspaceAccess | null>(null);

export function useWorkspace(): WorkspaceAccess {
  const access = useContext(WorkspaceContext);
  if (!access) throw new Error('no workspace around this view');
  return access;
}

export function useWorkspaceState<T>(select: (state: WorkspaceState) => T): T {
  return useStore(useWorkspace().workspace.state, select);
}

/** The source of ids for what is made here. */
export const useNewId = (): NewId => useWorkspace().workspace.newId;

export function useBag(): Bag {
  return useStore(useWorkspace().workspace.bag.state, (s) => s.value);
}

export const useDevice = <T>(select: (state: DeviceState) => T): T => useStore(device, select);

export const usePreferences = <T>(select: (state: Preferences) => T): T => useStore(preferences, select);
