import { BAG } from './bag';
import { BENCH } from './bench';
import { CHECK } from './check';
import { type Deed } from './doing';
import { PLANS } from './plans';
import { BALANCE, FRAME, READING } from './stand';
import { FILES, STANDS } from './workspace';

export { type Deed, type Doing } from './doing';

/** Everything that a photographer does, by what it is called. */
export const DEEDS: Readonly<Record<string, Deed>> = {
  ...READING,
  ...FRAME,
  ...BALANCE,
  ...CHECK,
  ...BENCH,
  ...BAG,
  ...PLANS,
  ...STANDS,
  ...FILES,
};
