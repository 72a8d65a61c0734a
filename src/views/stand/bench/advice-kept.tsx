import { STAND_BENCH_TEXT } from '@/words';
import { withAdvice } from '@/model/bench';
import { Button } from '@/ui/button';
import { useOpenStand } from '../session';
import { Pouch } from '../ways/pouch';

/** While the bench keeps its advice back: the pouch, to choose from by oneself, and the way to the advice after all. */
export function AdviceKept() {
  const { kept } = useOpenStand();
  return (
    <div className="space-y-4">
      <Pouch stays />
      <p className="text-sm text-quiet">{STAND_BENCH_TEXT.adviceKeptBackUntil}</p>
      <Button kind="quiet" onClick={() => kept.record((d) => ({ ...d, stand: withAdvice(d.stand) }))}>
        Show the advice after all
      </Button>
    </div>
  );
}
