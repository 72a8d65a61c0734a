import { Check as Tick } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { DISTURBANCES, disturbed, doneAgain, fittedPolariser } from '@/model';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { DISTURBANCE_NAMES, REDONE_NAMES } from '@/words';
import { useEdit, useStand, useStandBag } from '../session';

/** What must be done again, to be ticked off: only what holds no longer. */
export function DoAgain() {
  const edit = useEdit();
  const doAgain = useStand((s) => s.doAgain);
  const box = useRef<HTMLElement>(null);
  const count = doAgain?.length ?? 0;
  // what has happened is said far below: the list is brought before the eyes
  useEffect(() => {
    void box.current?.scrollIntoView({ block: 'nearest' });
  }, [count]);
  if (!doAgain) return null;
  return (
    <section ref={box} aria-label="To be done again" className="bg-chosen p-3">
      <h4 className="font-semibold">Before the next shot</h4>
      <ul>
        {doAgain.map((what) => (
          <li key={what}>
            <button
              type="button"
              className="flex min-h-12 w-full items-center gap-2.5 text-left hover:bg-panel"
              onClick={() => edit((s) => doneAgain(s, what))}
            >
              <span className="flex size-6 shrink-0 items-center justify-center border border-edge bg-panel text-transparent">
                <Tick size={18} aria-hidden />
              </span>
              {REDONE_NAMES[what]}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What may have happened since the last shot: one button for each. */
export function Happened() {
  const edit = useEdit();
  const bag = useStandBag();
  return (
    <Fold summary="Something has happened since">
      <div className="grid grid-cols-2 gap-2 pb-3">
        {DISTURBANCES.map((by) => (
          <Button
            key={by}
            className="min-h-14"
            onClick={() => edit((s) => disturbed(s, by, fittedPolariser(s, bag) !== undefined))}
          >
            {DISTURBANCE_NAMES[by]}
          </Button>
        ))}
      </div>
    </Fold>
  );
}
