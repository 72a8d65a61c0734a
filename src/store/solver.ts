import { createStore, type StoreApi } from 'zustand/vanilla';
import { type Bag, type Solution, solutionKey, type Stand } from '@/model';
import { type WorkerClient } from '@/workers';

export interface SolverState {
  /** The newest answer; it may belong to a stand that has changed since (its key tells). */
  readonly solution: Solution | null;
  readonly search: 'idle' | 'working' | 'failed';
}

export interface Solver {
  readonly state: StoreApi<SolverState>;
  /** Sees to it that the answer for this stand is there, now or soon. */
  ask(stand: Stand, bag: Bag): void;
  dispose(): void;
}

/** Keeps a stand's answer up to date: asks the worker when what it depends on has changed, and drops late answers. */
export function createSolver(client: WorkerClient<'solve'>): Solver {
  const state = createStore<SolverState>()(() => ({ solution: null, search: 'idle' }));
  let asked = '';
  return {
    state,
    ask(stand, bag) {
      const key = solutionKey(stand, bag);
      if (key === asked) return;
      asked = key;
      state.setState({ search: 'working' });
      void client.request({ stand, bag }).then((result) => {
        if (result.type === 'replaced' || asked !== key) return;
        if (result.type === 'failed') {
          asked = '';
          state.setState({ search: 'failed' });
        } else state.setState({ solution: result.output, search: 'idle' });
      });
    },
    dispose: () => client.dispose(),
  };
}
