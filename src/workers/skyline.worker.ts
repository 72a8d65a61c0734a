import { skylineOfPicture } from '@/photos/read-photo';
import { serveJobs } from './run-jobs';

serveJobs<'skyline'>(skylineOfPicture);
