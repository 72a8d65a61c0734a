import { readPhoto } from '@/photos/read-photo';
import { serveJobs } from './run-jobs';

serveJobs<'picture'>(readPhoto);
