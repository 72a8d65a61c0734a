import { toast } from 'sonner';
import { type Bag } from '@/model';
import { type BagEdit } from './use-bag-edit';

/** Takes a thing out of the bag, and offers the way back. */
export function removeWithUndo(
  edit: BagEdit,
  name: string,
  { remove, restore }: { remove: (bag: Bag) => Bag; restore: (bag: Bag) => Bag },
): void {
  edit(remove);
  toast(`${name} is out of the bag.`, {
    action: { label: 'Undo', onClick: () => edit(restore) },
    duration: 10_000,
  });
}
