import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/field';
import { SearchField } from '@/ui/search-field';

/** A list of fewer things needs neither a search nor an order. */
const MANY = 4;

export interface ListToolsProps<O extends string> {
  searchLabel: string;
  wanted: string;
  onWanted: (wanted: string) => void;
  order: O;
  orders: readonly (readonly [O, string])[];
  onOrder: (order: O) => void;
  /** How many things there are, and how many of them are put away. */
  count: number;
  archivedCount: number;
  showsArchive: boolean;
  onArchive: (shows: boolean) => void;
}

/** What narrows a list down, puts it in order, and turns to what is put away. */
export function ListTools<O extends string>(props: ListToolsProps<O>) {
  const { count, archivedCount, showsArchive, onArchive } = props;
  if (count <= MANY && archivedCount === 0) return null;
  return (
    <div className="mb-3 flex flex-wrap items-end gap-2">
      <SearchField
        label={props.searchLabel}
        value={props.wanted}
        onValue={props.onWanted}
        className="flex-1 basis-48"
      />
      <ChoiceField label="Order" value={props.order} options={props.orders} onValue={props.onOrder} />
      {archivedCount > 0 && (
        <Button aria-pressed={showsArchive} onClick={() => onArchive(!showsArchive)}>
          {showsArchive ? 'Back to those in use' : `Archive (${archivedCount})`}
        </Button>
      )}
    </div>
  );
}
