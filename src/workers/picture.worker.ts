import { readPicture } from './read-picture';
import { serveJobs } from './run-jobs';

serveJobs<'picture'>(readPicture);
