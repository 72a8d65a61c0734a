import bag from './bag.paleseam.json?raw';

/** The bag that is practised with, as a file: that of the demo. */
export const BENCH_BAG: string = bag;
