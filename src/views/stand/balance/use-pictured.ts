import { useMemo } from 'react';
import { type Balance, type Glass, glassAt, glassOf, type StockAdvice, type Study } from '@/model';
import { type LittleWanted } from '@/workers';
import { type Littles, useLittles } from '../pictured/use-littles';
import { useAnswer, useDerived, useStand, useStandBag } from '../session';

/** A sheet that is not along, as it would stand here. */
export interface Elsewhere {
  readonly advice: StockAdvice;
  readonly glass: Glass;
}

/** What Balance shows of the stand in little, and the glass that it shows it through. */
export interface Pictured {
  /** Each of the best sets at its seat, with what comes out. */
  readonly glasses: readonly Glass[];
  /** What lies at home, and what is not owned, where it would fit clearly better. */
  readonly leftBehind: Elsewhere | null;
  readonly stock: Elsewhere | null;
  /** All of these: what can be compared. */
  readonly shown: readonly Glass[];
  readonly littles: Littles;
}

/** Everything of Balance that is looked at before it is read, painted beside the page. */
export function usePictured(balance: Balance | null): Pictured {
  const stand = useStand();
  const bag = useStandBag();
  const study = useAnswer((a) => a.study);
  const { prepared } = useDerived();
  const glasses = useMemo(
    () => (balance ? balance.best.map((candidate) => glassOf(stand, bag, prepared, candidate)) : []),
    [stand, bag, prepared, balance],
  );
  const wider = useMemo(() => {
    const stock = study?.stock?.sheet;
    return stock ? { ...bag, filters: [...bag.filters, stock] } : bag;
  }, [bag, study]);
  const [leftBehind, stock] = useMemo(() => {
    const elsewhere = (advice: StockAdvice | null | undefined): Elsewhere | null =>
      advice
        ? {
            advice,
            glass: glassAt(stand, wider, prepared, { filterIds: [advice.sheet.id], seat: advice.seat }),
          }
        : null;
    return [elsewhere(study?.leftBehind), elsewhere(study?.stock)];
  }, [stand, wider, prepared, study]);
  const shown = useMemo(
    () => [...glasses, ...[leftBehind, stock].flatMap((e) => (e ? [e.glass] : []))],
    [glasses, leftBehind, stock],
  );
  const littles = useLittles(
    [...shown.map(({ filterIds, seat }) => ({ filterIds, seat })), ...lookWanted(study)],
    wider,
  );
  return { glasses, leftBehind, stock, shown, littles };
}

/** The other looks that can be shown: each by its own glass and exposure. */
const lookWanted = (study: Study | null): LittleWanted[] =>
  (study?.looks ?? []).flatMap(({ school, filterIds, seat, fault }) =>
    fault ? [] : [{ school, filterIds, seat }],
  );
