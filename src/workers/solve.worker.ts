import { solveSteps } from '@/model';
import { serveJobs } from './run-jobs';

/** How many sets are worked out in full for the screen: more than fit on it without scrolling. */
const WORKED_OUT = 24;

serveJobs<'solve'>(({ stand, bag }, tell) =>
  solveSteps(stand, bag, { workedOut: WORKED_OUT, onSingles: tell }),
);
