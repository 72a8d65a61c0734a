import { Check as Tick } from 'lucide-react';
import { tripodFaults, tripodList, withTripodUpTo } from '@/model/expose';
import { type TripodStep, type Wind, WINDS } from '@/model';
import { Button } from '@/ui/button';
import { Segmented } from '@/ui/segmented';
import { Fold } from '@/ui/fold';
import { TRIPOD_FAULTS, tripodText, WIND_NAMES, EXPOSE_TEXT } from '@/words';
import { usePreferences } from '../../shared/workspace-context';
import { useDerived, useEdit, useMinute, useStand, useStandBag } from '../session';

/** The list at the tripod: only the next thing, with why it is there; the rest folded. */
export function TripodList() {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const edit = useEdit();
  const ndGoes = usePreferences((p) => p.ndGoes);
  const now = useMinute();
  const { steps, done, next } = tripodList(stand, bag, derived);
  const faults = tripodFaults(stand, bag, derived, now);
  const goTo = (step: TripodStep | undefined) => edit((s) => withTripodUpTo(s, step));
  const words = next && tripodText(next, stand, ndGoes);
  return (
    <section aria-label="At the tripod" className="space-y-2 bg-chosen p-3">
      {faults.map((fault) => (
        <p key={fault} role="alert" className="border-l-4 border-fault pl-2.5 font-semibold">
          {TRIPOD_FAULTS[fault]}
        </p>
      ))}
      {words && next ? (
        <div className="flex items-center gap-3">
          <div className="min-w-0 flex-1">
            <p className="text-lg leading-6 font-semibold">
              <span className="font-normal text-quiet">Next: </span>
              {words.title}
            </p>
            <p className="text-sm text-quiet">{words.why}</p>
          </div>
          <Button kind="action" className="min-h-14 shrink-0" onClick={() => goTo(next)}>
            Done
          </Button>
        </div>
      ) : (
        <p className="font-semibold">{EXPOSE_TEXT.allDoneWaitLight}</p>
      )}
      {next === 'still' && (
        <Segmented<Wind | ''>
          label="Wind"
          value={stand.wind ?? ''}
          options={WINDS.map((value) => ({ value, text: WIND_NAMES[value] }))}
          onValue={(wind) => wind && edit((s) => ({ ...s, wind }))}
        />
      )}
      <AllSteps steps={steps} done={done} goTo={goTo} />
    </section>
  );
}

interface AllStepsProps {
  readonly steps: readonly TripodStep[];
  readonly done: number;
  readonly goTo: (step: TripodStep | undefined) => void;
}

/** The whole list, ticked as far as it was gone through. */
function AllSteps({ steps, done, goTo }: AllStepsProps) {
  const stand = useStand();
  const ndGoes = usePreferences((p) => p.ndGoes);
  return (
    <Fold summary={`${done} of ${steps.length} done`}>
      <ol className="border-t border-rule">
        {steps.map((step, i) => (
          <li key={step} className="border-b border-rule">
            <button
              type="button"
              aria-pressed={i < done}
              className="flex min-h-11 w-full items-center gap-2.5 px-1 text-left hover:bg-panel"
              onClick={() => goTo(i < done ? steps[i - 1] : step)}
            >
              <span className="flex size-5 shrink-0 items-center justify-center border border-edge">
                {i < done && <Tick size={16} aria-hidden />}
              </span>
              <span className={i < done ? 'text-quiet' : ''}>{tripodText(step, stand, ndGoes).title}</span>
            </button>
          </li>
        ))}
      </ol>
      {done > 0 && (
        <Button kind="quiet" className="w-full" onClick={() => goTo(undefined)}>
          Begin anew
        </Button>
      )}
    </Fold>
  );
}
