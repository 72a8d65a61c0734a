import { measured } from './measure';
import { serveJobs } from './run-jobs';

serveJobs<'measure'>(measured);
