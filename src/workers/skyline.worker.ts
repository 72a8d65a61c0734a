import { skylineOfPicture } from './read-picture';
import { serveJobs } from './run-jobs';

serveJobs<'skyline'>(skylineOfPicture);
