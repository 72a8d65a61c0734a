import { TimesThrough } from '../parts/times-through';
import { ThroughPad } from './through-pad';

/** A time and no more: what the camera shows, and what every ND makes of it. */
export function TimeWay() {
  return (
    <div className="space-y-4">
      <ThroughPad />
      <TimesThrough />
    </div>
  );
}
