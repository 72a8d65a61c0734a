import { cardOf } from './card';
import { serveJobs } from './run-jobs';
import { WORKER_DRAWING } from './worker-drawing';

serveJobs<'card'>((input) => cardOf(input, WORKER_DRAWING));
