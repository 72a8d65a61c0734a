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
      <p className="text-sm text-quiet">
        The advice is kept back until you have shot and been told. A sheet is laid along the skyline; move and
        turn it in Seat.
      </p>
      <Button kind="quiet" onClick={() => kept.record((d) => ({ ...d, stand: withAdvice(d.stand) }))}>
        Show the advice after all
      </Button>
    </div>
  );
}
