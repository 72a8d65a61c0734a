import { filtersById, fittedNds, type TimeBehind, withNds } from '@/model';
import { exposureText, filterName, stopsText, STAND_PARTS_TEXT } from '@/words';
import { useEdit, useStand, useStandBag } from '../session';

/** Times behind NDs, each a tap from being on the lens. */
export function NdTimes({ times }: { times: readonly TimeBehind[] }) {
  const stand = useStand();
  const bag = useStandBag();
  const edit = useEdit();
  const on = new Set(fittedNds(stand, bag));
  return (
    <ul aria-label={STAND_PARTS_TEXT.timesThroughNdsPouch} className="border-t border-rule">
      {times.map(({ filterIds, stops, seconds }) => {
        const names = filtersById(bag, filterIds).map(filterName).join(' with ');
        const isOn = filterIds.length === on.size && filterIds.every((id) => on.has(id));
        return (
          <li key={filterIds.join(' ')} className="border-b border-rule">
            <button
              type="button"
              aria-pressed={isOn}
              title={isOn ? 'Take it off the lens' : 'Put it on the lens'}
              className={`flex min-h-11 w-full items-baseline gap-3 px-1 py-2 text-left hover:bg-chosen ${isOn ? 'bg-chosen' : ''}`}
              onClick={() => edit((s) => withNds(s, bag, isOn ? [] : filterIds))}
            >
              <span className="w-28 text-lg font-semibold">{exposureText(seconds)}</span>
              <span className="flex-1 text-sm text-quiet">
                {names}
                {filterIds.length > 1 && `, ${stopsText(stops)} together`}
              </span>
              {isOn && <span className="text-sm">on the lens</span>}
            </button>
          </li>
        );
      })}
    </ul>
  );
}
