import { type Steps } from '@/core/numerics';
import { type JobAnswer, type JobKind, type JobRequest, type Jobs } from './protocol';

/** What a worker has to answer by, and to tell the time by. */
export interface Surroundings<K extends JobKind> {
  readonly post: (answer: JobAnswer<K>) => void;
  readonly now: () => number;
  /** Lets messages in. */
  readonly pause: () => Promise<void>;
}

/** Work in steps; what waits for the browser (decoding) does so between them. */
type StepsOf<K extends JobKind> = (
  input: Jobs[K]['input'],
  /** Gives an answer that holds until the whole one is there. */
  tell: (output: Jobs[K]['output']) => void,
) => Steps<Jobs[K]['output']> | AsyncGenerator<number, Jobs[K]['output']>;

/** Work goes on for so long before messages are let in, ms. */
const SLICE_MS = 40;
/** Progress is told of jobs that take longer than this, ms. */
const PROGRESS_AFTER_MS = 300;

/** Takes jobs step by step: between steps it looks whether it has been told to stop, and tells how far it is. */
export function runJobs<K extends JobKind>(
  stepsOf: StepsOf<K>,
  { post, now, pause }: Surroundings<K>,
): (request: JobRequest<K>) => Promise<void> {
  const cancelled = new Set<number>();
  return async (request) => {
    const { job } = request;
    if (request.type === 'cancel') {
      cancelled.add(job);
      return;
    }
    try {
      const tell = (output: Jobs[K]['output']) => post({ job, type: 'interim', output });
      const steps = stepsOf(request.input, tell);
      const begun = now();
      let paused = begun;
      for (;;) {
        const next = steps.next();
        const step = next instanceof Promise ? await next : next;
        if (step.done) {
          post({ job, type: 'done', output: step.value });
          break;
        }
        if (now() - paused < SLICE_MS) continue;
        if (now() - begun > PROGRESS_AFTER_MS) post({ job, type: 'progress', part: step.value });
        await pause();
        if (cancelled.has(job)) {
          post({ job, type: 'failed', code: 'cancelled', message: 'the job was told to stop' });
          break;
        }
        paused = now();
      }
    } catch (error) {
      post({ job, type: 'failed', code: 'crashed', message: (error as Error).message });
    }
    cancelled.delete(job);
  };
}

/** Serves a worker's own messages. */
export function serveJobs<K extends JobKind>(stepsOf: StepsOf<K>): void {
  const channel = new MessageChannel();
  const run = runJobs<K>(stepsOf, {
    post: (answer) => self.postMessage(answer),
    now: () => performance.now(),
    // a message to oneself comes after those that wait already
    pause: () =>
      new Promise((resume) => {
        channel.port1.onmessage = () => resume();
        channel.port2.postMessage(null);
      }),
  });
  self.onmessage = ({ data }: MessageEvent<JobRequest<K>>) => void run(data);
}
