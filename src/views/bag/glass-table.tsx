import { type Bag, type Filter, putFilter } from '@/model';
import { type GlassRow } from '@/store';
import { filterDetail, filterName } from '@/words';
import { UnderstoodLines } from '../shared/understood-lines';
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
  return (
    <UnderstoodLines
      title={`Glass from ${file}`}
      rows={rows}
      show={({ filter, assumed }) => (
        <>
          <span className="font-semibold">{filterName(filter)}</span>{' '}
          <span className="text-sm text-quiet">
            {filterDetail(filter)}
            {assumed.length > 0 && `; assumed: ${assumed.join(', ')}`}
          </span>
        </>
      )}
      take={`Put ${good.length} into the bag`}
      count={good.length}
      onTake={() => edit((b) => good.reduce((bag: Bag, filter: Filter) => putFilter(bag, filter), b))}
      onClose={onClose}
    />
  );
}
