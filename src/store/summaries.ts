import { createStore, type StoreApi } from 'zustand/vanilla';
import { type Bag, type Solution, solutionKey, type Stand } from '@/model';
import { type WorkerClient } from '@/workers';

/** Answers for a list of stands, by `solutionKey`. */
type Solutions = ReadonlyMap<string, Solution>;

export interface Summaries {
  readonly state: StoreApi<{ readonly solutions: Solutions }>;
  /** Sees to it that these stands are solved, one after another, in this order; what was wanted before is dropped. */
  want(wanted: readonly { readonly stand: Stand; readonly bag: Bag }[]): void;
  /** Stops after the stand that is being worked on. */
  rest(): void;
  dispose(): void;
}

/** Answers that are kept: a list of stands and what was open of late. */
const KEPT = 500;

/** Solves the stands of a list in the background, and keeps the answers for as long as they fit their stand. */
export function createSummaries(client: WorkerClient<'solve'>): Summaries {
  const state = createStore<{ readonly solutions: Solutions }>()(() => ({ solutions: new Map() }));
  let queue: { readonly stand: Stand; readonly bag: Bag }[] = [];
  let isRunning = false;

  const run = async () => {
    if (isRunning) return;
    isRunning = true;
    for (let next = queue.shift(); next; next = queue.shift()) {
      const { stand, bag } = next;
      const key = solutionKey(stand, bag);
      if (state.getState().solutions.has(key)) continue;
      const result = await client.request({ stand, bag });
      if (result.type !== 'done') continue;
      const solutions = [...state.getState().solutions, [key, result.output] as const];
      state.setState({ solutions: new Map(solutions.slice(-KEPT)) });
    }
    isRunning = false;
  };

  return {
    state,
    want(wanted) {
      queue = [...wanted];
      void run();
    },
    rest() {
      queue = [];
    },
    dispose() {
      queue = [];
      client.dispose();
    },
  };
}
