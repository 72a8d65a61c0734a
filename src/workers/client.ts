import { type JobAnswer, type JobKind, type JobRequest, type Jobs } from './protocol';

/** What the client needs of a worker; the browser's `Worker` has it, and tests make their own. */
export interface WorkerLike {
  postMessage(message: JobRequest): void;
  terminate(): void;
  onmessage: ((event: MessageEvent<JobAnswer>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
}

export type JobResult<K extends JobKind> =
  | { readonly type: 'done'; readonly output: Jobs[K]['output'] }
  /** A newer request of the same kind has taken this one's place. */
  | { readonly type: 'replaced' }
  | { readonly type: 'failed'; readonly code: 'crashed' | 'timed-out'; readonly message: string };

export interface WorkerClient<K extends JobKind> {
  /**
   * Asks for an answer; a newer request replaces an older one, whose late answer is dropped.
   *
   * @param onProgress told how much is done, 0 to 1, of work that takes its time
   * @param onInterim given an answer that holds until the whole one is there
   */
  request(
    input: Jobs[K]['input'],
    onProgress?: (part: number) => void,
    onInterim?: (output: Jobs[K]['output']) => void,
  ): Promise<JobResult<K>>;
  /** Gives up what runs and what waits, as a newer request would. */
  cancel(): void;
  dispose(): void;
}

/** A worker that has not answered within this long is ended, ms: a whole search takes under a second. */
const TIME_LIMIT_MS = 30_000;
/** A replaced job may finish for this long before its worker is ended for the sake of the next, ms. */
const GRACE_MS = 2_000;

interface Pending<K extends JobKind> {
  readonly job: number;
  readonly input: Jobs[K]['input'];
  readonly settle: (result: JobResult<K>) => void;
  readonly onProgress: ((part: number) => void) | undefined;
  readonly onInterim: ((output: Jobs[K]['output']) => void) | undefined;
}

/**
 * One worker for one kind of job, made on first use. At most one job runs and one waits: asking again replaces the one
 * that waits, so that a drag never queues up. A worker that dies or hangs is ended and the next request makes a new one.
 */
export function workerClient<K extends JobKind>(
  kind: K,
  make: () => WorkerLike,
  timeLimitMs = TIME_LIMIT_MS,
): WorkerClient<K> {
  let worker: WorkerLike | null = null;
  let running: Pending<K> | null = null;
  let waiting: Pending<K> | null = null;
  let limit: ReturnType<typeof setTimeout> | undefined;
  let jobs = 0;
  /** What runs is no longer wanted; its time to heed is not prolonged by further requests. */
  let givenUp = false;

  const end = (result: JobResult<K>) => {
    clearTimeout(limit);
    const ended = running;
    running = null;
    ended?.settle(result);
    const next = waiting;
    waiting = null;
    if (next) start(next);
  };

  const drop = (code: 'crashed' | 'timed-out', message: string) => {
    worker?.terminate();
    worker = null;
    end({ type: 'failed', code, message });
  };

  const start = (pending: Pending<K>) => {
    running = pending;
    givenUp = false;
    worker ??= listen(make());
    limit = setTimeout(() => drop('timed-out', `no answer within ${timeLimitMs / 1000} s`), timeLimitMs);
    worker.postMessage({ job: pending.job, type: 'start', kind, input: pending.input });
  };

  const listen = (made: WorkerLike): WorkerLike => {
    made.onmessage = ({ data }) => {
      if (data.job !== running?.job) return;
      switch (data.type) {
        case 'progress':
          return running.onProgress?.(data.part);
        case 'interim':
          return running.onInterim?.(data.output);
        case 'done':
          return end({ type: 'done', output: data.output });
        case 'failed':
          // one that was told to stop has been settled already
          return end(
            data.code === 'cancelled'
              ? { type: 'replaced' }
              : { type: 'failed', code: data.code, message: data.message },
          );
      }
    };
    made.onerror = (event) => drop('crashed', event.message || 'the worker stopped');
    return made;
  };

  /** Settles what waits and what runs as replaced, and tells the worker to stop: ended if it does not heed. */
  const giveUp = () => {
    waiting?.settle({ type: 'replaced' });
    waiting = null;
    if (!running || givenUp) return;
    givenUp = true;
    const replaced = running;
    running = { ...replaced, settle: () => {}, onProgress: undefined, onInterim: undefined };
    replaced.settle({ type: 'replaced' });
    worker?.postMessage({ job: replaced.job, type: 'cancel' });
    clearTimeout(limit);
    limit = setTimeout(
      () => drop('timed-out', 'the replaced job did not end'),
      Math.min(GRACE_MS, timeLimitMs),
    );
  };

  return {
    request: (input, onProgress, onInterim) =>
      new Promise((settle) => {
        const pending = { job: ++jobs, input, settle, onProgress, onInterim };
        giveUp();
        if (running) waiting = pending;
        else start(pending);
      }),
    cancel: giveUp,
    dispose() {
      clearTimeout(limit);
      worker?.terminate();
      worker = null;
      for (const pending of [running, waiting]) pending?.settle({ type: 'replaced' });
      running = waiting = null;
    },
  };
}
