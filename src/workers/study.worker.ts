import { studySteps } from '@/model';
import { serveJobs } from './run-jobs';

serveJobs<'study'>(({ stand, bag }) => studySteps(stand, bag));
