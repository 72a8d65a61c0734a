import { useState } from 'react';
import { allThatIsOn } from '@/model';
import { throughText } from '@/words';
import { Marks } from '../pad/marks';
import { usePad } from '../pad/use-pad';
import { useDerived, useStand, useStandBag } from '../session';

/** What the camera shows through all that is on its lens: one time, which needs no place, no sky and no land. */
export function ThroughPad() {
  const stand = useStand();
  const bag = useStandBag();
  const { chosen } = useDerived();
  const pad = usePad('through');
  const [typing, setTyping] = useState(false);
  const on = allThatIsOn(stand, chosen).throughFilterIds ?? [];
  const { aperture, iso } = stand.exposure;
  return (
    <section aria-label="What the camera shows" className="space-y-2">
      <p>
        <span className="font-semibold">What does your camera show?</span>{' '}
        <span className="text-quiet">
          At f/{aperture}, ISO {iso}, through {throughText(on, bag)}.
        </span>
      </p>
      <Marks pad={pad} what="camera reading" typing={typing} onTyping={setTyping} />
    </section>
  );
}
