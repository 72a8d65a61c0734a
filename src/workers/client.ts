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
  /** Asks for an answer; a newer request replaces an older one, whose late answer is dropped. */
  request(input: Jobs[K]['input']): Promise<JobResult<K>>;
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
    worker ??= listen(make());
    limit = setTimeout(() => drop('timed-out', `no answer within ${timeLimitMs / 1000} s`), timeLimitMs);
    worker.postMessage({ job: pending.job, kind, input: pending.input });
  };

  const listen = (made: WorkerLike): WorkerLike => {
    made.onmessage = ({ data }) => {
      if (data.job !== running?.job) return;
      end(
        data.type === 'done'
          ? { type: 'done', output: data.output }
          : { type: 'failed', code: data.code, message: data.message },
      );
    };
    made.onerror = (event) => drop('crashed', event.message || 'the worker stopped');
    return made;
  };

  return {
    request: (input) =>
      new Promise((settle) => {
        const pending = { job: ++jobs, input, settle };
        waiting?.settle({ type: 'replaced' });
        waiting = null;
        if (!running) return start(pending);
        waiting = pending;
        const replaced = running;
        running = { ...replaced, settle: () => {} };
        replaced.settle({ type: 'replaced' });
        clearTimeout(limit);
        limit = setTimeout(
          () => drop('timed-out', 'the replaced job did not end'),
          Math.min(GRACE_MS, timeLimitMs),
        );
      }),
    dispose() {
      clearTimeout(limit);
      worker?.terminate();
      worker = null;
      for (const pending of [running, waiting]) pending?.settle({ type: 'replaced' });
      running = waiting = null;
    },
  };
}
