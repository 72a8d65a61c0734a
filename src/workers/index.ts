import { workerClient, type WorkerLike } from './client';

export type { JobResult, WorkerClient } from './client';

/** The client of the search, with a worker of its own. */
export const solveClient = () =>
  workerClient(
    'solve',
    () => new Worker(new URL('./solve.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
  );
