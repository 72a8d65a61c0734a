import { useEffect, useState } from 'react';
import { bestApart, type Glass, isSheet, setOf, type SlidApart } from '@/model';
import { Button } from '@/ui/button';
import { ParsedField } from '@/ui/field';
import { Stepper } from '@/ui/stepper';
import { apartText, fitFigure, mmFigure, slideApartText, SEAT_TEXT } from '@/words';
import { parseQuantity } from '../../shared/parse';
import { useDerived, useOpenStand, useStandBag } from '../session';
import { setApart } from './use-seat';

/** A hand that rests for so long is done, ms: where the second sheet would serve better is looked for then. */
const AT_REST_MS = 400;
const STEP_MM = 0.5;

/** The second sheet of a pair, slid by itself: by steps, by typing, or to where the pair fits better. */
export function SecondSheet({ glass }: { glass: Glass }) {
  const open = useOpenStand();
  const offer = useBestApart(glass);
  if (glass.filters.filter(isSheet).length < 2 || !glass.seat) return null;
  const { apartMm } = glass;
  const set = (mm: number) => setApart(open, mm);
  const isOffered = offer && offer.apartMm !== apartMm;
  return (
    <section aria-label="Second sheet by itself" className="space-y-2 border-t border-rule pt-3">
      <Stepper
        label={`Second sheet by itself, mm: ${apartText(apartMm)}`}
        less={SEAT_TEXT.secondSheetLowerHalf}
        more={SEAT_TEXT.secondSheetHigherHalf}
        onStep={(steps) => set(apartMm + STEP_MM * steps)}
      >
        <ParsedField
          label={SEAT_TEXT.millimetresSecondSheetSlid}
          hideLabel
          inputMode="decimal"
          text={mmFigure(apartMm)}
          parse={parseQuantity('apartMm')}
          onValue={set}
        />
      </Stepper>
      <div role="status">
        {isOffered && (
          <div className="flex items-center gap-3">
            <p className="flex-1 text-sm">
              {SEAT_TEXT.pairFitsBetter(fitFigure(offer.gainStops), slideApartText(offer.apartMm))}
            </p>
            <Button onClick={() => set(offer.apartMm)}>Slide it there</Button>
          </div>
        )}
      </div>
      {apartMm !== 0 && (
        <Button kind="quiet" onClick={() => set(0)}>
          Both at one seat again
        </Button>
      )}
    </section>
  );
}

/** Where the second sheet would serve better, once nothing moves; null where nowhere. */
function useBestApart({ filterIds, seat }: Glass): SlidApart | null {
  const bag = useStandBag();
  const prepared = useDerived((d) => d.prepared);
  const [found, setFound] = useState<{ readonly of: unknown; readonly best: SlidApart | null } | null>(null);
  const key = JSON.stringify([filterIds, seat]);
  useEffect(() => {
    if (filterIds.length < 2 || !seat || !prepared) return;
    const timer = setTimeout(() => {
      setFound({ of: key, best: bestApart(prepared, setOf(bag, filterIds), seat) });
    }, AT_REST_MS);
    return () => clearTimeout(timer);
    // glass and seat are told by their figures
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [prepared, bag, key]);
  return found?.of === key ? found.best : null;
}
