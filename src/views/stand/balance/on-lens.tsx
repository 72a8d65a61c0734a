import { polarises } from '@/core/glass';
import {
  filtersById,
  fittedPolariser,
  polariserOn,
  polariserPromise,
  putFitted,
  takesSlot,
  traitsOf,
  waterBehindPolariser,
} from '@/model';
import { Check } from '@/ui/check';
import { filterName, polariserPromiseText, polariserText, waterGlareText, BALANCE_TEXT } from '@/words';
import { QuantityField } from '../../shared/quantity-field';
import { useEdit, useStand, useStandBag } from '../session';
import { RimMark } from './rim-mark';
import { SunDirection } from './sun-direction';
import { isFitted, useOffered } from './use-offered';

/** NDs and polarisers of the bag: which of them are on the lens, and what a polariser does to this sky. */
export function OnLens() {
  if (!useOffered().length) return null;
  return (
    <fieldset className="border-t border-rule pt-3">
      <legend className="float-left mb-1 w-full text-sm text-quiet">{BALANCE_TEXT.lensBesideGrad}</legend>
      <FittedParts />
    </fieldset>
  );
}

/** A tick for each piece, and what the polariser does. */
export function FittedParts() {
  const stand = useStand();
  const edit = useEdit();
  return (
    <>
      <ul className="clear-both">
        {useOffered().map((filter) => (
          <li key={filter.id}>
            <Check isOn={isFitted(stand, filter)} onChange={(on) => edit((s) => putFitted(s, filter.id, on))}>
              {filterName(filter)}
            </Check>
          </li>
        ))}
      </ul>
      <PolariserPart />
    </>
  );
}

/** What the polariser does to this sky: the one that is on, or before it goes on the one that is along. */
function PolariserPart() {
  const stand = useStand();
  const bag = useStandBag();
  const alongId = useOffered().find(polarises)?.id;
  const fittedId = fittedPolariser(stand, bag)?.filterId;
  const [filter] = filtersById(bag, [fittedId ?? alongId ?? '']);
  if (!filter || !('baseLossStops' in filter)) return null;
  return (
    <div className="space-y-3 pb-2">
      <p className="border-l-2 border-action pl-2.5 text-sm">
        {BALANCE_TEXT.polariserGoesTurnedFirst}
        {stand.readings.length > 0 && ' again'}: it changes the span.
      </p>
      {fittedId === undefined ? (
        <p className="text-sm">{polariserPromiseText(polariserPromise(stand, bag), filter.baseLossStops)}</p>
      ) : (
        <PolariserOn lossStops={filter.baseLossStops} />
      )}
      {traitsOf(stand).readsLight && <SunDirection />}
    </div>
  );
}

/** What the polariser that is on does, as far as the directions of view and sun are known, and how it is turned. */
function PolariserOn({ lossStops }: { lossStops: number }) {
  const stand = useStand();
  const bag = useStandBag();
  const edit = useEdit();
  const fitted = fittedPolariser(stand, bag);
  const effect = polariserOn(stand, bag);
  const promise = polariserPromise(stand, bag);
  const water = waterBehindPolariser(stand);
  if (!fitted) return null;
  const isInSlot = filtersById(bag, [fitted.filterId]).some(takesSlot);
  return (
    <>
      <p className="text-sm">
        {!effect && promise ? polariserPromiseText(promise, lossStops) : polariserText(effect)}
      </p>
      {effect && !isInSlot && <RimMark axisDeg={effect.darkestAxisDeg} />}
      {water && <p className="text-sm">{waterGlareText(water)}</p>}
      {effect && (
        <QuantityField
          label="Turned to"
          quantity="turnDeg"
          unit="° from upright"
          optional
          value={fitted.axisDeg}
          placeholder={`${effect.darkestAxisDeg}, the darkest`}
          onValue={(axisDeg) =>
            edit((s) => ({
              ...s,
              fitted: (s.fitted ?? []).map((f) => (f.filterId === fitted.filterId ? { ...f, axisDeg } : f)),
            }))
          }
        />
      )}
    </>
  );
}
