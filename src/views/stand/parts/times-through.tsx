import { isDensity } from '@/core/glass';
import { filtersAtHand, throughLight, type TimeBehind, timesThrough, withThrough } from '@/model';
import { ndSets, roomForNds } from '@/model/expose';
import { timeText, STAND_PARTS_TEXT } from '@/words';
import { useState } from 'react';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { Segmented } from '@/ui/segmented';
import { Figure } from './figure';
import { NdTimes } from './nd-times';
import { useDerived, useEdit, useStand, useStandBag } from '../session';

/** Times through the bag's NDs, from what the camera read through all that is on: the longest first that one will wait for. */
export function TimesThrough() {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const edit = useEdit();
  const through = derived.through;
  const [wait, setWait] = useState<(typeof WAITS)[number]['value']>('240');
  if (!throughLight(stand)) return null;
  if (!through)
    return (
      <p className="flex items-center gap-2 text-sm text-quiet">
        <span className="flex-1">{STAND_PARTS_TEXT.skyReadCamerasOwn}</span>
        <Button kind="quiet" onClick={() => edit((s) => withThrough(s, undefined))}>
          Forget it
        </Button>
      </p>
    );
  const nds = filtersAtHand(bag).filter(isDensity);
  const times = timesThrough(through.baseSeconds, ndSets(nds, roomForNds(stand, bag, derived))).toReversed();
  const isTooLong = (t: TimeBehind) => t.seconds > Number(wait);
  const [within, beyond] = [times.filter((t) => !isTooLong(t)), times.filter(isTooLong)];
  return (
    <section aria-label="Times through glass" className="space-y-1.5">
      <p className="flex items-center gap-2">
        <span className="flex-1">
          Without any ND: <Figure of="through">{timeText(through.baseSeconds)}</Figure>
        </span>
        <Button kind="quiet" onClick={() => edit((s) => withThrough(s, undefined))}>
          Forget it
        </Button>
      </p>
      <Segmented label="Longest wait" value={wait} options={WAITS} onValue={setWait} />
      {!times.length && (
        <p className="py-2 text-sm text-quiet">
          {nds.length ? STAND_PARTS_TEXT.lensLeavesNoSlot : STAND_PARTS_TEXT.noNdBagPut}
        </p>
      )}
      <NdTimes times={within} />
      {beyond.length > 0 && (
        <Fold summary={`${beyond.length} longer than that`}>
          <NdTimes times={beyond} />
        </Fold>
      )}
    </section>
  );
}

/** How long somebody will wait for a picture, s. */
const WAITS = [
  { value: '30', text: '30 s' },
  { value: '120', text: '2 min' },
  { value: '240', text: '4 min' },
  { value: '480', text: '8 min' },
] as const;
