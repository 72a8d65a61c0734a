import { type SightRecord } from './sight';

/** What is measured of a shot and not looked at. */
export const MEASURED = {
  histogram: { group: 'measured', light: { of: 'measured' }, remedies: ['by-light'] },
  file: { group: 'measured', light: { of: 'measured' }, line: 'measured', remedies: ['by-light'] },
} as const satisfies Record<string, SightRecord>;
