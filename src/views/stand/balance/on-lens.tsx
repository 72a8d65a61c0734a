import {
  type Filter,
  fittedPolariser,
  isSheet,
  polariserOn,
  putFitted,
  type Stand,
  waterBehindPolariser,
  traitsOf,
} from '@/model';
import { Check } from '@/ui/check';
import { filterName, polariserText, waterGlareText } from '@/words';
import { QuantityField } from '../../shared/quantity-field';
import { SunDirection } from './look-controls';
import { useEdit, useStand, useStandBag } from '../session';

/** NDs and polarisers of the bag: which of them are on the lens, and what a polariser does to this sky. */
export function OnLens() {
  const stand = useStand();
  const bag = useStandBag();
  const others = bag.filters.filter((f) => !isSheet(f));
  if (!others.length) return null;
  return (
    <fieldset className="border-t border-rule pt-3">
      <legend className="float-left mb-1 w-full text-sm text-quiet">On the lens beside the grad</legend>
      <ul className="clear-both">
        {others.map((filter) => (
          <li key={filter.id}>
            <Fitted filter={filter} />
          </li>
        ))}
      </ul>
      {fittedPolariser(stand, bag) && <PolariserPart />}
    </fieldset>
  );
}

const isOn = ({ fitted }: Stand, { id }: Filter): boolean => !!fitted?.some((f) => f.filterId === id);

function Fitted({ filter }: { filter: Filter }) {
  const stand = useStand();
  const edit = useEdit();
  return (
    <Check isOn={isOn(stand, filter)} onChange={(on) => edit((s) => putFitted(s, filter.id, on))}>
      {filterName(filter)}
    </Check>
  );
}

/** What the polariser does, as far as the directions of view and sun are known. */
function PolariserPart() {
  const stand = useStand();
  const bag = useStandBag();
  const edit = useEdit();
  const fitted = fittedPolariser(stand, bag);
  const effect = polariserOn(stand, bag);
  const water = waterBehindPolariser(stand);
  return (
    <div className="space-y-3 pb-2">
      <p className="border-l-2 border-action pl-2.5 text-sm">
        The polariser goes on and is turned first, then sky and land are read again: it changes the span.
      </p>
      <p className="text-sm">{polariserText(effect)}</p>
      {water && <p className="text-sm">{waterGlareText(water)}</p>}
      {fitted && effect && (
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
      {traitsOf(stand).readsLight && <SunDirection />}
    </div>
  );
}
