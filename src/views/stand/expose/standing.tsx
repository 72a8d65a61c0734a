import { useState } from 'react';
import { framesForTime, recordedPart, standingSeconds } from '@/model';
import { secondsWithoutNd } from '@/model/expose';
import { averagingText, standingPartsText, standingText, EXPOSE_TEXT } from '@/words';
import { TimeField } from './time-field';
import { useDerived, useStand, useStandBag } from '../session';

/** A figure that is plainly there, a ghost, and one that nobody sees: parts of its light. */
const PARTS = [0.75, 0.4, 0.05] as const;

/** Frames that stand in for the ND, and how somebody in the frame comes out. */
export function Standing({ seconds }: { seconds: number }) {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const [wish, setWish] = useState<number | null>(null);
  const [still, setStill] = useState<number | null>(null);
  const base = secondsWithoutNd(stand, bag, derived);
  const want = wish ?? stand.wantedTime?.seconds ?? Math.max(seconds, 4);
  const stood = still ?? Number((seconds / 2).toPrecision(2));
  return (
    <div className="space-y-3 pb-3">
      {base !== null && (
        <div className="space-y-1.5">
          <TimeField label="Frames averaged, in place of" seconds={want} onSeconds={setWish} />
          <p className="text-sm">{averagingText(framesForTime(base, want), base, want)}</p>
        </div>
      )}
      <div className="space-y-1.5">
        <TimeField label="A figure stands still for" seconds={stood} onSeconds={setStill} />
        <p className="text-sm">{standingText(stood, recordedPart(stood, seconds))}</p>
        <p className="text-sm text-quiet">
          {standingPartsText(PARTS.map((part) => standingSeconds(part, seconds)))}
        </p>
        <p role="note" className="border-l-2 border-fault pl-2.5 text-sm">
          {EXPOSE_TEXT.lookWhereYouWalk}
        </p>
      </div>
    </div>
  );
}
