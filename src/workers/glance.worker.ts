import { serveJobs } from './run-jobs';
import { glanceAt } from './glance';
import { WORKER_DRAWING } from './worker-drawing';

serveJobs<'glance'>((input) => glanceAt(input, WORKER_DRAWING));
