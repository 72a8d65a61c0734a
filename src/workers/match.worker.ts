import { matched } from './match';
import { serveJobs } from './run-jobs';

serveJobs<'match'>(matched);
