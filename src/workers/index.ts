import { workerClient, type WorkerLike } from './client';

export type { JobResult, WorkerClient } from './client';
export type { Glance } from './glance';
export type { LittleWanted } from './little';
export type { FilesToMatch } from './match';
export type { JobKind, Jobs } from './protocol';
export type { PhotoRead, SkylineRead } from '@/photos/read-photo';

/** The client of the search, with a worker of its own. */
export const solveClient = () =>
  workerClient(
    'solve',
    () => new Worker(new URL('./solve.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
  );

/** The client of what is worked out beside the plan, with a worker of its own: the search never waits for it. */
export const studyClient = () =>
  workerClient(
    'study',
    () => new Worker(new URL('./study.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
    STUDY_LIMIT_MS,
  );

/** The client of what a list shows of each stand, with a worker of its own: no open stand waits for it. */
export const glanceClient = () =>
  workerClient(
    'glance',
    () => new Worker(new URL('./glance.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
  );

/** The client of what a card is laid out from. */
export const cardClient = () =>
  workerClient(
    'card',
    () => new Worker(new URL('./card.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
  );

/** The client that paints a stand in little through its glass. */
export const littleClient = () =>
  workerClient(
    'little',
    () => new Worker(new URL('./little.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
  );

/** The client that reads picture files, with a worker of its own. */
export const photoClient = () =>
  workerClient(
    'picture',
    () => new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
  );

/** The client that simulates scenes. */
export const sceneClient = () =>
  workerClient(
    'scene',
    () => new Worker(new URL('./scene.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
    SCENE_LIMIT_MS,
  );

/** The client that measures glass by pictures. */
export const measureClient = () =>
  workerClient(
    'measure',
    () => new Worker(new URL('./measure.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
  );

/** The client that finds the shots of files. */
export const matchClient = () =>
  workerClient(
    'match',
    () => new Worker(new URL('./match.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
  );

/** The client that holds the file of a shot against its plan. */
export const compareClient = () =>
  workerClient(
    'compare',
    () => new Worker(new URL('./compare.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
  );

/** The client that finds skylines. */
export const skylineClient = () =>
  workerClient(
    'skyline',
    () => new Worker(new URL('./skyline.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
  );

/** A study leaves each reading out in turn, and there may be hundreds. */
const STUDY_LIMIT_MS = 180_000;
/** A scene of a million points takes a phone its time. */
const SCENE_LIMIT_MS = 180_000;
