import { readScene } from '@/photos/read-scene';
import { serveJobs } from './run-jobs';

serveJobs<'scene'>(readScene);
