import { Plus } from 'lucide-react';
import { type ReactNode } from 'react';
import { type Bag, MAX_GEAR, withArchived } from '@/model';
import { Button } from '@/ui/button';
import { ItemRow } from './item-row';
import { removeWithUndo } from './remove-with-undo';
import { type BagEdit } from './use-bag-edit';

interface Gear {
  readonly id: string;
  readonly archived?: boolean | undefined;
}

/** What of the bag a section shows, and which of it is unfolded. */
export interface SectionProps {
  bag: Bag;
  edit: BagEdit;
  open: string | null;
  setOpen: (id: string | null) => void;
}

interface GearListProps<T extends Gear> extends Omit<SectionProps, 'bag'> {
  title: string;
  addText: string;
  emptyText: string;
  items: readonly T[];
  /** A thing to begin with when one is added. */
  make: () => T;
  nameOf: (item: T) => string;
  detailOf: (item: T) => string;
  put: (bag: Bag, item: T) => Bag;
  remove: (bag: Bag, id: string) => Bag;
  restore: (bag: Bag, item: T, index: number) => Bag;
  editor: (item: T, put: (next: T) => void) => ReactNode;
}

/** Lenses, or cameras: a line each, with its fields when it is open. */
export function GearList<T extends Gear>(props: GearListProps<T>) {
  const { title, items, edit, open, setOpen, nameOf, put } = props;
  const id = title.toLowerCase().replaceAll(' ', '-');
  const add = () => {
    const item = props.make();
    edit((b) => put(b, item));
    setOpen(item.id);
  };
  return (
    <section aria-labelledby={id} className="mt-8">
      <div className="mb-2 flex items-center gap-2">
        <h2 id={id} className="mr-auto text-lg font-semibold">
          {title}
        </h2>
        <Button disabled={items.length >= MAX_GEAR} onClick={add}>
          <Plus size={18} aria-hidden /> {props.addText}
        </Button>
      </div>
      {items.length ? (
        <ul aria-label={title} className="border-t border-rule">
          {items.map((item, index) => (
            <ItemRow
              key={item.id}
              name={nameOf(item)}
              detail={`${props.detailOf(item)}${item.archived ? '; archived' : ''}`}
              open={open === item.id}
              onToggle={() => setOpen(open === item.id ? null : item.id)}
              archived={!!item.archived}
              onArchive={(archived) => edit((b) => put(b, withArchived(item, archived)))}
              onRemove={() =>
                removeWithUndo(edit, nameOf(item), {
                  remove: (b) => props.remove(b, item.id),
                  restore: (b) => props.restore(b, item, index),
                })
              }
            >
              {props.editor(item, (next) => edit((b) => put(b, next)))}
            </ItemRow>
          ))}
        </ul>
      ) : (
        <p className="text-quiet">{props.emptyText}</p>
      )}
    </section>
  );
}
