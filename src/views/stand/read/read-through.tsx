import { isSheet } from '@/model';
import { Check } from '@/ui/check';
import { Fold } from '@/ui/fold';
import { filterName, throughText } from '@/words';
import { type Through } from '../pad/use-meter';
import { useDerived, useStandBag } from '../session';

type Props = Through & { onChange: (through: Through) => void };

/** What glass a reading was taken through: NDs and polarisers of the bag, and the sheet as it is seated now. */
export function ReadThrough({ throughFilterIds = [], seat, onChange }: Props) {
  const bag = useStandBag();
  const derived = useDerived();
  const inUse = derived.inUse;
  const sheetId = inUse?.seat && inUse.filterIds.length === 1 ? inUse.filterIds[0] : undefined;
  const offered = bag.filters.filter(
    (f) => !isSheet(f) || f.id === sheetId || throughFilterIds.includes(f.id),
  );
  if (!offered.length) return null;
  const toggle = (id: string, on: boolean) => {
    const ids = on ? [...throughFilterIds, id] : throughFilterIds.filter((t) => t !== id);
    const seatedNow = on && id === sheetId && inUse?.seat ? { filterId: id, ...inUse.seat } : undefined;
    const kept = seat && ids.includes(seat.filterId) ? seat : undefined;
    onChange({ throughFilterIds: ids.length ? ids : undefined, seat: seatedNow ?? kept });
  };
  return (
    <Fold summary={<>Read through {throughText(throughFilterIds, bag)}</>}>
      {offered.map((filter) => (
        <Check
          key={filter.id}
          isOn={throughFilterIds.includes(filter.id)}
          onChange={(on) => toggle(filter.id, on)}
        >
          {filterName(filter)}
          {isSheet(filter) && ', as it is seated now'}
        </Check>
      ))}
    </Fold>
  );
}
