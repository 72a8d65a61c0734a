import { solveStand } from '@/model';
import { type JobAnswer, type JobRequest } from './protocol';

/** How many sets are worked out in full for the screen: more than fit on it without scrolling. */
const WORKED_OUT = 24;

self.onmessage = ({ data }: MessageEvent<JobRequest<'solve'>>) => {
  self.postMessage(answer(data));
};

function answer({ job, input }: JobRequest<'solve'>): JobAnswer<'solve'> {
  try {
    return { job, type: 'done', output: solveStand(input.stand, input.bag, WORKED_OUT) };
  } catch (error) {
    return { job, type: 'failed', code: 'crashed', message: (error as Error).message };
  }
}
