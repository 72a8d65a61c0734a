import { Fold } from '@/ui/fold';
import { filterName } from '@/words';
import { FittedParts } from '../balance/on-lens';
import { isFitted, useOffered } from '../balance/use-offered';
import { useStand } from '../session';

/** What is on the lens, the polariser first, said before anything is read. */
export function OnLensHead() {
  const stand = useStand();
  const offered = useOffered();
  if (!offered.length) return null;
  const on = offered.filter((f) => isFitted(stand, f)).map(filterName);
  return (
    <Fold
      className="border-b border-rule"
      summary={
        <>
          On the lens: <span className="text-ink">{on.length ? on.join(' · ') : 'no ND, no polariser'}</span>
        </>
      }
    >
      <div className="pb-2">
        <FittedParts />
      </div>
    </Fold>
  );
}
