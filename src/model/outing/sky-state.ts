import { type SkyState } from '@/core/sky';
import { type Weather } from './plans';

/** How a sky is taken to be for a forecast: clear where nothing is said. */
export const skyStateOf = ({ cloud }: Weather = {}): SkyState =>
  cloud === 'moving' ? 'broken' : (cloud ?? 'clear');
