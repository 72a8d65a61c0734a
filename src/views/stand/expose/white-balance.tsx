import { whiteBalanceShot } from '@/model/expose';
import { whiteBalanceText } from '@/words';
import { useDerived, useStand, useStandBag } from '../session';

/** When a white balance through the glass is worth doing, and how. */
export function WhiteBalance() {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const shot = whiteBalanceShot(stand, bag, derived);
  const { when, steps } = whiteBalanceText(shot);
  return (
    <div className="space-y-2 pb-3 text-sm">
      <p>{when}</p>
      {shot.isWorthIt && (
        <ol className="list-decimal space-y-1 pl-5">
          {steps.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      )}
    </div>
  );
}
