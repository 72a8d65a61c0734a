import { littleSteps } from './little';
import { serveJobs } from './run-jobs';

serveJobs<'little'>(littleSteps);
