import { TimesThrough } from '../parts/times-through';
import { useStand } from '../session';
import { Pouch } from './pouch';
import { ThroughPad } from './through-pad';

/** A sheet that was put on by eye: which one, then the camera's own time through all that is on. */
export function SheetWay() {
  const isChosen = useStand((s) => !!s.choice);
  return (
    <div className="space-y-4">
      <Pouch />
      {isChosen && <ThroughPad />}
      <TimesThrough />
    </div>
  );
}
