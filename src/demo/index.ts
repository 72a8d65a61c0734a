import bag from './bag.paleseam.json?raw';
import marlPan from './marl-pan.paleseam.json?raw';
import sarratDune from './sarrat-dune.paleseam.json?raw';
import thollSaddle from './tholl-saddle.paleseam.json?raw';
import vannSnowfield from './vann-snowfield.paleseam.json?raw';

/** The demo's files, the stands in the order in which they are listed; opened through the same import as any other. */
export const DEMO_FILES: readonly string[] = [marlPan, thollSaddle, sarratDune, vannSnowfield, bag];
