import { useMemo } from 'react';
import { stopsOfGlass } from '@/core/glass';
import {
  archiveFilter,
  type Bag,
  duplicateFilter,
  type Filter,
  filtersAtHand,
  isSheet,
  removeFilter,
  restoreFilter,
  takeAlong,
  withoutPouch,
} from '@/model';
import { GlassSwatch } from '@/render';
import { Button } from '@/ui/button';
import { filterDetail, filterKindText, filterName, BAG_TEXT } from '@/words';
import { answersByWords } from '@/ui/word-search';
import { ListTools } from '../shared/list-tools';
import { useNewId } from '../shared/workspace-context';
import { useListTools } from '../shared/use-list-tools';
import { FilterEditor } from './filter-editor';
import { type SectionProps } from './gear-list';
import { ItemRow } from './item-row';
import { removeWithUndo } from './remove-with-undo';
import { type BagEdit } from './use-bag-edit';

const ORDERS = [
  ['bag', 'as in the bag'],
  ['strength', 'by strength'],
  ['kind', 'by kind'],
  ['name', 'by name'],
] as const;
type Order = (typeof ORDERS)[number][0];

const BY: Record<Exclude<Order, 'bag'>, (a: Filter, b: Filter) => number> = {
  strength: (a, b) => stopsOfGlass(a) - stopsOfGlass(b),
  kind: (a, b) => a.kind.localeCompare(b.kind) || stopsOfGlass(a) - stopsOfGlass(b),
  name: (a, b) => filterName(a).localeCompare(filterName(b), 'en-GB', { numeric: true }),
};

/** Every filter, searched, sorted, and with a box for what is along today. */
export function FilterList({ bag, edit, open, setOpen }: SectionProps) {
  const tools = useListTools<Order>('bag');
  const { wanted, order, showsArchive } = tools;
  const archived = bag.filters.filter((f) => f.archived).length;
  const shown = useMemo(() => {
    const text = (f: Filter) => `${filterName(f)} ${filterKindText(f)} ${filterDetail(f)}`;
    const found = bag.filters.filter((f) => !!f.archived === showsArchive && answersByWords(text(f), wanted));
    return order === 'bag' ? found : found.sort(BY[order]);
  }, [bag.filters, wanted, order, showsArchive]);
  if (!bag.filters.length) return <p className="text-quiet">{BAG_TEXT.bagEmptyAddYou}</p>;
  return (
    <>
      <ListTools
        {...tools}
        searchLabel="Search filters"
        orders={ORDERS}
        count={bag.filters.length}
        archivedCount={archived}
      />
      {!showsArchive && <Pouch bag={bag} edit={edit} />}
      {shown.length ? (
        <ul aria-label={showsArchive ? 'Archived filters' : 'Filters'} className="border-t border-rule">
          {shown.map((filter) => (
            <Row
              key={filter.id}
              filter={filter}
              bag={bag}
              edit={edit}
              open={open === filter.id}
              onToggle={() => setOpen(open === filter.id ? null : filter.id)}
            />
          ))}
        </ul>
      ) : (
        <p role="status" className="border-t border-rule pt-3 text-quiet">
          {wanted ? `No filter here answers to “${wanted}”.` : BAG_TEXT.everyFilterArchive}
        </p>
      )}
    </>
  );
}

/** What is along today: advice keeps to it. */
function Pouch({ bag, edit }: Pick<SectionProps, 'bag' | 'edit'>) {
  const usable = bag.filters.filter((f) => !f.archived).length;
  const along = filtersAtHand(bag).length;
  return (
    <p className="flex min-h-11 items-center gap-3 text-sm text-quiet" role="status">
      {bag.pouch ? BAG_TEXT.alongTodayAdviceKeeps(along, usable) : BAG_TEXT.allAlongTodayUntick}
      {bag.pouch && <Button onClick={() => edit(withoutPouch)}>All are along</Button>}
    </p>
  );
}

interface RowProps {
  filter: Filter;
  bag: Bag;
  edit: BagEdit;
  open: boolean;
  onToggle: () => void;
}

function Row({ filter, bag, edit, open, onToggle }: RowProps) {
  const newId = useNewId();
  const name = filterName(filter);
  const isAlong = bag.pouch?.includes(filter.id) ?? true;
  return (
    <ItemRow
      name={name}
      detail={filterDetail(filter)}
      open={open}
      onToggle={onToggle}
      archived={!!filter.archived}
      onArchive={(archived) => edit((b) => archiveFilter(b, filter.id, archived))}
      onDuplicate={() => edit((b) => duplicateFilter(b, filter.id, newId('g')))}
      onRemove={() =>
        removeWithUndo(edit, name, {
          remove: (b) => removeFilter(b, filter.id),
          restore: (b) => restoreFilter(b, filter, bag.filters.indexOf(filter), isAlong),
        })
      }
      before={
        <>
          {!filter.archived && (
            <label className="flex size-11 shrink-0 items-center justify-center">
              <input
                type="checkbox"
                aria-label={`${name} is along today`}
                className="size-5 accent-(--action)"
                checked={isAlong}
                onChange={(e) => edit((b) => takeAlong(b, filter.id, e.target.checked))}
              />
            </label>
          )}
          <span className="flex w-10 shrink-0 justify-center">
            {isSheet(filter) ? (
              <GlassSwatch filters={[filter]} height={44} />
            ) : (
              <span aria-hidden className="size-[34px] rounded-full border border-edge" />
            )}
          </span>
        </>
      }
    >
      <FilterEditor filter={filter} />
    </ItemRow>
  );
}
