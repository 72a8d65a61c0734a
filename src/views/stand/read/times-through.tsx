import { filtersById, fittedNds, timesThrough, withNds, withWholeScene } from '@/model';
import { filterName, stopsText, timeText } from '@/words';
import { Button } from '@/ui/button';
import { Figure } from '../figure';
import { useDerived, useEdit, useStand, useStandBag } from '../session';

/** Times through the bag's NDs, for those who only want these: one reading of the whole scene, and no grad. */
export function TimesThrough() {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const edit = useEdit();
  const scene = derived.wholeScene;
  if (!stand.wholeScene) return null;
  if (!scene)
    return (
      <p className="flex items-center gap-2 text-sm text-quiet">
        <span className="flex-1">A sky is read: the one time for the whole scene is put aside.</span>
        <Button kind="quiet" onClick={() => edit((s) => withWholeScene(s, undefined))}>
          Forget it
        </Button>
      </p>
    );
  const on = new Set(fittedNds(stand, bag));
  const times = timesThrough(scene.bareSeconds, bag);
  return (
    <section aria-label="Times through glass" className="space-y-1.5">
      <p className="flex items-center gap-2">
        <span className="flex-1">
          The whole scene without glass: <Figure of="scene">{timeText(scene.bareSeconds)}</Figure>
        </span>
        <Button kind="quiet" onClick={() => edit((s) => withWholeScene(s, undefined))}>
          Forget it
        </Button>
      </p>
      <ul className="border-t border-rule">
        {!times.length && (
          <li className="py-2 text-sm text-quiet">
            No ND in the bag: put one there, and its time stands here.
          </li>
        )}
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
                <span className="w-28 text-lg font-semibold">{timeText(seconds)}</span>
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
    </section>
  );
}
