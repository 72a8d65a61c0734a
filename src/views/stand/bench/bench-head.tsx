import { filtersById } from '@/model';
import { leftUntold, withNothingLeftOn } from '@/model/bench';
import { Button } from '@/ui/button';
import { filterName, listText, STAND_BENCH_TEXT } from '@/words';
import { EXERCISE_WORDS } from '@/words/bench';
import { useEdit, useOpenStand, useStand, useStandBag } from '../session';

/** On the bench: what is to be done here, and what is on the simulated lens without being said. */
export function BenchHead() {
  const bench = useStand((s) => s.bench);
  const fitted = useStand((s) => s.fitted);
  const bag = useStandBag();
  const edit = useEdit();
  const { truth } = useOpenStand();
  // it is gone where another picture, or none, has taken its place
  useStand((s) => s.picture);
  if (!bench) return null;
  const hasScene = truth() !== null;
  const untold = leftUntold({ bench }, fitted);
  return (
    <section aria-label="On the bench" className="space-y-2 border-b border-rule pt-1 pb-3">
      <p>
        {bench.exercise ? EXERCISE_WORDS[bench.exercise].brief : STAND_BENCH_TEXT.simulatedSceneReadChoose}
      </p>
      {!hasScene && (
        <p role="alert" className="text-fault">
          {STAND_BENCH_TEXT.sceneGoneFrameMeter}
        </p>
      )}
      {untold.length > 0 && (
        <p className="flex flex-wrap items-center gap-x-3 gap-y-1 border-l-4 border-edge pl-3">
          <span className="min-w-0 flex-1 basis-48">
            {STAND_BENCH_TEXT.simulatedLensFrameBefore}{' '}
            <strong className="font-semibold">{listText(filtersById(bag, untold).map(filterName))}</strong>
          </span>
          <Button onClick={() => edit(withNothingLeftOn)}>Take it off</Button>
        </p>
      )}
    </section>
  );
}
