// Prints "passed failed" of a Jest or Playwright JSON report.
import { readFileSync } from 'node:fs';

const report = JSON.parse(readFileSync(process.argv[2], 'utf8'));
const [passed, failed] =
  'numPassedTests' in report
    ? [report.numPassedTests, report.numFailedTests + report.numRuntimeErrorTestSuites]
    : [report.stats.expected, report.stats.unexpected + report.stats.flaky + report.errors.length];
console.log(passed, failed);
