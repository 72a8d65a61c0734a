import { STAND_BENCH_TEXT } from '@/words';
import { useMemo, useRef, useState } from 'react';
import { plannedHistogram, type Take } from '@/model';
import { trueShot } from '@/model/bench';
import { Button } from '@/ui/button';
import { useSize } from '@/ui/use-size';
import { Humps } from '../parts/humps';
import { useStand, useStandBag } from '../session';
import { ToldPart } from './told-part';
import { TruePicture } from './true-picture';

/** What the simulated camera shows of a shot, and behind a button how it went. */
export function BenchShot({ take }: { take: Take }) {
  const stand = useStand();
  const bag = useStandBag();
  const [isAsked, setAsked] = useState(false);
  const { bench, camera, lens, skyline, shapes, crop, picture, look } = stand;
  const shot = useMemo(
    () => trueShot(stand, bag, take),
    // what was seen of it, or is being typed, changes nothing of how it came out
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [bench?.leftOn, camera, lens, skyline, shapes, crop, picture, look, bag, take],
  );
  const histogram = useMemo(
    () =>
      shot &&
      plannedHistogram(shot.take, {
        stand: shot.truth.stand,
        bag,
        derived: { prepared: shot.truth.prepared },
      }),
    [shot, bag],
  );
  const isTold = isAsked || !!bench?.told;
  const box = useRef<HTMLDivElement>(null);
  const { width } = useSize(box);
  if (!shot) return null;
  return (
    <section aria-label="What the camera shows" className="space-y-3">
      <div ref={box} className="space-y-1.5">
        {width > 0 && !isTold && (
          <TruePicture truth={shot.truth} through={shot.through} side={Math.floor(width)} />
        )}
        {histogram && (
          <figure>
            <Humps planned={histogram} className="h-16 w-full border border-edge bg-ground" />
            <figcaption className="text-sm text-quiet">
              {isTold ? 'The histogram of your shot.' : STAND_BENCH_TEXT.cameraShowsHistogram}
            </figcaption>
          </figure>
        )}
      </div>
      {isTold ? (
        <ToldPart key={take.id} take={take} shot={shot} />
      ) : (
        <Button className="min-h-14 w-full border-2 border-action text-lg" onClick={() => setAsked(true)}>
          Tell me how it went
        </Button>
      )}
    </section>
  );
}
