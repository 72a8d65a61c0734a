import { type Bag, type Filter, putFilter } from '@/model';
import { type GlassRow } from '@/store';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { filterDetail, filterName } from '@/words';
import { type BagEdit } from './use-bag-edit';

interface GlassTableProps {
  file: string;
  rows: readonly GlassRow[];
  edit: BagEdit;
  onClose: () => void;
}

/** A table of glass as it was understood, shown before anything of it goes into the bag. */
export function GlassTable({ file, rows, edit, onClose }: GlassTableProps) {
  const good = rows.flatMap((r) => (r.ok ? [r.filter] : []));
  const take = () => {
    edit((b) => good.reduce((bag: Bag, filter: Filter) => putFilter(bag, filter), b));
    onClose();
  };
  return (
    <Dialog title={`Glass from ${file}`} open onClose={onClose}>
      <ul className="min-h-0 flex-1 overflow-y-auto px-5" tabIndex={0} aria-label="Lines of the table">
        {rows.map((row) => (
          <li
            key={`${row.line} ${row.ok ? row.filter.id : row.column}`}
            className="border-b border-rule py-2"
          >
            {row.ok ? (
              <>
                <span className="font-semibold">{filterName(row.filter)}</span>{' '}
                <span className="text-sm text-quiet">
                  {filterDetail(row.filter)}
                  {row.assumed.length > 0 && `; assumed: ${row.assumed.join(', ')}`}
                </span>
              </>
            ) : (
              <span className="text-fault">
                Line {row.line}, {row.column}: {row.message}. It is left out.
              </span>
            )}
          </li>
        ))}
        {!rows.length && <li className="py-3 text-quiet">There is no line in this table.</li>}
      </ul>
      <div className="flex flex-wrap gap-2 border-t border-rule p-3">
        <Button kind="action" disabled={!good.length} onClick={take}>
          Put {good.length} into the bag
        </Button>
        <Button onClick={onClose}>Leave them</Button>
      </div>
    </Dialog>
  );
}
