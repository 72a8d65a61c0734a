import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { profileStops } from '@/core/glass';
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
import { ChoiceField } from '@/ui/field';
import { SearchField } from '@/ui/search-field';
import { filterDetail, filterKindText, filterName } from '@/words';
import { FilterEditor } from './filter-editor';
import { ItemRow } from './item-row';
import { type BagEdit } from './use-bag-edit';

const ORDERS = [
  ['bag', 'as in the bag'],
  ['strength', 'by strength'],
  ['kind', 'by kind'],
  ['name', 'by name'],
] as const;
type Order = (typeof ORDERS)[number][0];

const strengthOf = (f: Filter): number => {
  if (f.kind === 'polariser') return f.baseLossStops;
  return f.kind === 'neutral' ? f.stops : profileStops(f);
};

const BY: Record<Exclude<Order, 'bag'>, (a: Filter, b: Filter) => number> = {
  strength: (a, b) => strengthOf(a) - strengthOf(b),
  kind: (a, b) => a.kind.localeCompare(b.kind) || strengthOf(a) - strengthOf(b),
  name: (a, b) => filterName(a).localeCompare(filterName(b), 'en-GB', { numeric: true }),
};

/** Fewer than this need neither a search nor an order. */
const MANY = 4;

interface FilterListProps {
  bag: Bag;
  edit: BagEdit;
  open: string | null;
  setOpen: (id: string | null) => void;
}

/** Every filter, searched, sorted, and with a box for what is along today. */
export function FilterList({ bag, edit, open, setOpen }: FilterListProps) {
  const [wanted, setWanted] = useState('');
  const [order, setOrder] = useState<Order>('bag');
  const [archive, setArchive] = useState(false);
  const archived = bag.filters.filter((f) => f.archived).length;
  const shown = useMemo(() => {
    const words = wanted.toLocaleLowerCase('en-GB').split(/\s+/).filter(Boolean);
    const text = (f: Filter) =>
      `${filterName(f)} ${filterKindText(f)} ${filterDetail(f)}`.toLocaleLowerCase('en-GB');
    const found = bag.filters.filter(
      (f) => !!f.archived === archive && words.every((w) => text(f).includes(w)),
    );
    return order === 'bag' ? found : found.sort(BY[order]);
  }, [bag.filters, wanted, order, archive]);
  if (!bag.filters.length)
    return <p className="text-quiet">The bag is empty. Add what you own; every plan is made from it.</p>;
  return (
    <>
      {(bag.filters.length > MANY || archived > 0) && (
        <div className="mb-3 flex flex-wrap items-end gap-2">
          <SearchField
            label="Search filters"
            value={wanted}
            onValue={setWanted}
            className="flex-1 basis-48"
          />
          <ChoiceField label="Order" value={order} options={ORDERS} onValue={setOrder} />
          {archived > 0 && (
            <Button aria-pressed={archive} onClick={() => setArchive(!archive)}>
              {archive ? 'Back to those in use' : `Archive (${archived})`}
            </Button>
          )}
        </div>
      )}
      {!archive && <Pouch bag={bag} edit={edit} />}
      {shown.length ? (
        <ul aria-label={archive ? 'Archived filters' : 'Filters'} className="border-t border-rule">
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
          {wanted ? `No filter here answers to “${wanted}”.` : 'Every filter is in the archive.'}
        </p>
      )}
    </>
  );
}

/** What is along today: advice keeps to it. */
function Pouch({ bag, edit }: Pick<FilterListProps, 'bag' | 'edit'>) {
  const usable = bag.filters.filter((f) => !f.archived).length;
  const along = filtersAtHand(bag).length;
  return (
    <p className="flex min-h-11 items-center gap-3 text-sm text-quiet" role="status">
      {bag.pouch
        ? `${along} of ${usable} are along today, and advice keeps to them.`
        : 'All are along today. Untick what stays at home, and advice does without it.'}
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
  const name = filterName(filter);
  const isAlong = bag.pouch?.includes(filter.id) ?? true;
  const remove = () => {
    const index = bag.filters.indexOf(filter);
    edit((b) => removeFilter(b, filter.id));
    toast(`${name} is out of the bag.`, {
      action: { label: 'Undo', onClick: () => edit((b) => restoreFilter(b, filter, index)) },
      duration: 10_000,
    });
  };
  return (
    <ItemRow
      name={name}
      detail={filterDetail(filter)}
      open={open}
      onToggle={onToggle}
      archived={!!filter.archived}
      onArchive={(archived) => edit((b) => archiveFilter(b, filter.id, archived))}
      onDuplicate={() => edit((b) => duplicateFilter(b, filter.id))}
      onRemove={remove}
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
