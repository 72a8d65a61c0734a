import { skylineOfPhoto } from '@/photos/read-photo';
import { serveJobs } from './run-jobs';

serveJobs<'skyline'>(skylineOfPhoto);
