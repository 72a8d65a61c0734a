import { traitsOf, withSchool } from '@/model';
import { LOOK_NAMES, otherLookText, safetyText, sunRuleText, BALANCE_TEXT } from '@/words';
import { Figure } from '../parts/figure';
import { LittlePicture } from '../pictured/little-picture';
import { LITTLE_SIDE, type Littles } from '../pictured/use-littles';
import { useAnswer, useDerived, useEdit, useStand, useStandBag } from '../session';

/** What is told beside the plan: how safe it is, and what the other looks would fit. */
export function BesidePlan({ littles }: { littles: Littles }) {
  const stand = useStand();
  const bag = useStandBag();
  const study = useAnswer((a) => a.study);
  const derived = useDerived();
  const edit = useEdit();
  if (!derived.prepared) return null;
  if (!study)
    return derived.balance ? <p className="text-sm text-quiet">{BALANCE_TEXT.workingOutHowSafe}</p> : null;
  const [spans, ...deciding] = safetyText(study.safety, bag, stand.readings);
  const sunRule = traitsOf(stand).readsLight ? sunRuleText(stand) : null;
  const hasSpans = study.safety.bestForSpans !== null;
  return (
    <section aria-label="Beside the plan" className="space-y-3">
      {spans && derived.plan && (
        <ul className="space-y-1.5" aria-label="How safe it is">
          <li>{hasSpans ? <Figure of="safety">{spans}</Figure> : spans}</li>
          {deciding.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
      <div>
        <h3 className="text-sm text-quiet">The other looks</h3>
        <ul className="border-t border-rule" aria-label="The other looks">
          {study.looks.map((look) => (
            <li key={look.school} className="border-b border-rule">
              <button
                type="button"
                onClick={() => edit((s) => withSchool(s, look.school))}
                className="flex min-h-11 w-full items-center gap-3 px-2 py-2 text-left hover:bg-chosen"
              >
                <span className="shrink-0" style={{ width: LITTLE_SIDE }}>
                  {!look.fault && <LittlePicture littles={littles} of={look} />}
                </span>
                <span className="min-w-0">
                  <span className="block">{LOOK_NAMES[look.school]}</span>
                  <span className="block text-sm text-quiet">{otherLookText(look, bag)}</span>
                </span>
              </button>
            </li>
          ))}
        </ul>
        {sunRule !== null && <p className="mt-1.5 text-sm text-quiet">{sunRule}</p>}
      </div>
    </section>
  );
}
