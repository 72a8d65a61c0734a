import { useMemo } from 'react';
import { type TimeWay, wantedTimes, withTimeWay } from '@/model/expose';
import { Button } from '@/ui/button';
import { timeText, timeWayText, EXPOSE_TEXT } from '@/words';
import { useDerived, useEdit, useStand, useStandBag } from '../session';

/** Times four times as long as the one before: each looks like something else. */
const LADDER = [1 / 15, 1 / 4, 1, 4, 15, 60, 240];
/** A frame that lies further from its time is not that time, stops. */
const NEAR_STOPS = 0.7;

/** The same frame at a ladder of times: glass, aperture and ISO that keep its exposure. */
export function BlurSeries() {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const edit = useEdit();
  const series = useMemo(() => {
    const frames = LADDER.flatMap((wantSeconds): TimeWay[] => {
      const [way] = wantedTimes(stand, bag, derived, { wantSeconds, longestSeconds: 3600 }).ways;
      return way && Math.abs(way.errorStops) <= NEAR_STOPS ? [way] : [];
    });
    return frames.filter((way, i) => !frames.slice(0, i).some((w) => w.seconds === way.seconds));
  }, [stand, bag, derived]);
  if (!series.length) return <p className="pb-3 text-sm text-quiet">{EXPOSE_TEXT.glassApertureIsoLeave}</p>;
  return (
    <div className="space-y-2 pb-3">
      <p className="text-sm text-quiet">{EXPOSE_TEXT.exposureStaysMovementChanges}</p>
      <ol aria-label={EXPOSE_TEXT.sameFrameLadderTimes} className="border-t border-rule">
        {series.map((way) => (
          <li key={way.seconds} className="flex items-center gap-3 border-b border-rule">
            <span className="w-24 font-mono font-semibold">{timeText(way.seconds)}</span>
            <span className="min-w-0 flex-1 text-sm">{timeWayText(way, bag)}</span>
            <Button kind="quiet" onClick={() => edit((s) => withTimeWay(s, bag, way))}>
              Set
            </Button>
          </li>
        ))}
      </ol>
    </div>
  );
}
