import { lazy, Suspense } from 'react';
import { lastTake, seenOf, withTakeAs, type Take, takeNumber } from '@/model';
import { Button } from '@/ui/button';
import { momentText, takeSettingsText, CHECK_TEXT } from '@/words';
import { useOpenStand, useSession, useStand } from '../session';
import { FilePart } from './file-part';
import { HistogramPart } from './histogram-part';
import { DoAgain, Happened } from './redo-part';
import { Shots } from './shots';
import { Sights } from './sights';
import { shootIt } from './tell';

/** What only the bench needs is loaded when a stand of it is open. */
const BenchShot = lazy(() => import('../bench/bench-shot').then((m) => ({ default: m.BenchShot })));

/** Step 6: the last shot, what it shows, and what to do about it. */
export function CheckStep() {
  const take = useStand((s) => lastTake(s));
  if (!take) return <p className="pt-1 text-quiet">{CHECK_TEXT.nothingShotYetSet}</p>;
  return <Checking take={take} />;
}

function Checking({ take }: { take: Take }) {
  const number = useStand((s) => takeNumber(s, take.id));
  const count = useStand((s) => seenOf(s, take).length);
  const isBench = useStand((s) => !!s.bench);
  return (
    <div className="flex min-h-full flex-col gap-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-3 pt-1">
        <h3 className="text-lg font-semibold">
          What does it show? <span className="font-normal text-quiet">up to three things</span>
        </h3>
        <p className="text-sm text-quiet">
          shot {number}, {momentText(take.takenAt)}: {takeSettingsText(take)}
        </p>
      </div>
      {isBench && (
        <Suspense fallback={null}>
          <BenchShot take={take} />
        </Suspense>
      )}
      <DoAgain />
      <Sights take={take} />
      <HistogramPart take={take} />
      {!isBench && <FilePart take={take} />}
      <Happened />
      <Shots />
      <RoundBar take={take} isRight={count === 0} />
    </div>
  );
}

/** Goes round again, or ends the loop and keeps the shot. */
function RoundBar({ take, isRight }: { take: Take; isRight: boolean }) {
  const open = useOpenStand();
  const tell = useSession((s) => s.tell);
  const isKept = take.verdict === 'keep';
  return (
    <div className="sticky -bottom-5 z-10 -mx-5 mt-auto -mb-5 grid grid-cols-[2fr_3fr] gap-2 border-t border-rule bg-panel px-5 py-2 compact:-mx-3.5 compact:px-3.5">
      <Button
        kind={isRight && !isKept ? 'action' : 'plain'}
        className="min-h-16 text-lg"
        aria-pressed={isKept}
        onClick={() => {
          tell(null);
          open.kept.record((document) => ({
            ...document,
            stand: withTakeAs(document.stand, take.id, (t) => ({
              ...t,
              verdict: isKept ? undefined : 'keep',
            })),
          }));
        }}
      >
        {isKept ? 'Kept' : 'That is it'}
      </Button>
      <Button
        kind={isRight && !isKept ? 'plain' : 'action'}
        className="min-h-16 text-xl"
        aria-keyshortcuts="X"
        onClick={() => shootIt(open)}
      >
        Shoot again
      </Button>
    </div>
  );
}
