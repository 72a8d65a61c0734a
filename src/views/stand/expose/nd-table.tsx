import { useMemo } from 'react';
import { filtersAtHand, timesThrough } from '@/model';
import { ndSets, roomForNds, secondsWithoutNd } from '@/model/expose';
import { isDensity } from '@/core/glass';
import { Fold } from '@/ui/fold';
import { exposureText, stopsText, timeText, EXPOSE_TEXT } from '@/words';
import { NdTimes } from '../parts/nd-times';
import { useDerived, useStand, useStandBag } from '../session';

const ALL_STOPS = Array.from({ length: 20 }, (_, i) => i + 1);

/** The NDs of the pouch against the base, and behind a fold every strength that there is. */
export function NdTable() {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const base = secondsWithoutNd(stand, bag, derived);
  const times = useMemo(() => {
    if (base === null) return [];
    const nds = filtersAtHand(bag).filter(isDensity);
    return timesThrough(base, ndSets(nds, roomForNds(stand, bag, derived)));
  }, [stand, bag, derived, base]);
  if (base === null) return null;
  return (
    <div className="space-y-2 pb-3">
      <p className="text-sm text-quiet">Without any ND {timeText(base)}.</p>
      {times.length ? (
        <NdTimes times={times} />
      ) : (
        <p className="text-sm text-quiet">{EXPOSE_TEXT.noNdPouchRoom}</p>
      )}
      <Fold summary="All from 1 to 20 stops">
        <table className="w-full text-left">
          <caption className="sr-only">Times through every strength</caption>
          <thead>
            <tr className="text-sm text-quiet">
              <th className="py-1 font-normal">ND</th>
              <th className="py-1 text-right font-normal">time</th>
            </tr>
          </thead>
          <tbody>
            {ALL_STOPS.map((stops) => {
              const seconds = base * 2 ** stops;
              return (
                <tr key={stops} className="border-t border-rule">
                  <td className="py-1">{stopsText(stops)}</td>
                  <td className="py-1 text-right font-mono">{exposureText(seconds)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </Fold>
    </div>
  );
}
