import { type Steps } from '@/core/numerics';
import { fileAgainst, prepareStand } from '@/model';
import { type Jobs } from './protocol';
import { serveJobs } from './run-jobs';

/** One step: it is over in a few tens of milliseconds. */
function* compared({ stand, bag, take, photo }: Jobs['compare']['input']): Steps<Jobs['compare']['output']> {
  yield 0;
  return fileAgainst(take, photo, { stand, bag, prepared: prepareStand(stand, bag) });
}

serveJobs<'compare'>(compared);
