import { X } from 'lucide-react';
import { useMemo } from 'react';
import { Button } from '@/ui/button';
import { workings, STAND_TEXT } from '@/words';
import { useAnswer, useDerived, useSession, useStand, useStandBag } from './session';

/** The working of the figure that was pressed, at the foot of the worksheet; the picture stays. */
export function WorkingPanel() {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const study = useAnswer((a) => a.study);
  const carry = useAnswer((a) => a.carry);
  const workingOf = useSession((s) => s.workingOf);
  const showWorking = useSession((s) => s.showWorking);
  const all = useMemo(
    () => (workingOf ? workings({ stand, bag, derived, study, carry }) : []),
    [workingOf, stand, bag, derived, study, carry],
  );
  if (!workingOf) return null;
  const working = all.find((w) => w.of === workingOf);
  return (
    <section
      id="working"
      aria-label="Working"
      aria-live="polite"
      className="max-h-[45%] shrink-0 overflow-y-auto border-t-2 border-ink bg-panel px-5 pt-2 pb-4 compact:px-3.5"
    >
      <header className="flex items-baseline gap-3">
        <h3 className="text-sm text-quiet">{working?.title ?? 'Working'}</h3>
        <p className="mr-auto text-base font-semibold">{working?.figure}</p>
        <Button
          kind="quiet"
          className="w-11 !px-0"
          aria-label="Close the working"
          onClick={() => showWorking(null)}
        >
          <X size={18} aria-hidden />
        </Button>
      </header>
      {working ? (
        <ul className="space-y-1 text-sm">
          {working.lines.map((line, i) => (
            <li key={i}>{line}</li>
          ))}
        </ul>
      ) : (
        <p className="text-sm text-quiet">{STAND_TEXT.figureNotMoment}</p>
      )}
    </section>
  );
}
