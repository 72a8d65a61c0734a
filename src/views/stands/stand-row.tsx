import { format } from 'date-fns';
import { Copy, Download, EllipsisVertical, StepForward, Trash2 } from 'lucide-react';
import { memo } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { useStore } from 'zustand';
import { GlassSwatch, StandDrawing } from '@/render';
import { glanceOf, type StandSummary } from '@/store';
import { Menu } from '@/ui/menu';
import { archiveItem } from '../shared/archive-item';
import { useBag, useWorkspace } from '../workspace/workspace-context';
import { standKey } from '../shared/stand-path';
import { useFromStand } from '../shared/use-from-stand';

export interface StandRowProps {
  summary: StandSummary;
  /** Its place in the whole list, from 0, and how long that is: a reader of the screen is told of all of them. */
  index: number;
  count: number;
  /** Told the row's element, so that its height is known. */
  measure: (row: HTMLLIElement | null) => void;
}

/** A stand in the list: its frame with the seam, the sheet, and its slip in a line, once they are worked out. */
export const StandRow = memo(function StandRow({ summary, index, count, measure }: StandRowProps) {
  const { base, glances } = useWorkspace();
  const bag = useBag();
  const glance = useStore(glances.state, (s) => glanceOf(s, summary, bag));
  const { id, updatedAt, document: kept } = summary;
  const { stand } = kept;
  const name = stand.name || 'without a name';
  const readings = `${stand.readings.length} ${stand.readings.length === 1 ? 'reading' : 'readings'}`;
  const sheets = glance?.sheets ?? [];
  return (
    <li
      ref={measure}
      data-index={index}
      aria-posinset={index + 1}
      aria-setsize={count}
      className="flex items-center gap-1 border-b border-rule hover:bg-chosen"
    >
      <Link
        to={`${base}/stands/${standKey(id)}`}
        className="flex min-h-20 min-w-0 flex-1 items-center gap-3 py-2 pl-1 desk:gap-4 desk:pl-2"
      >
        <span className="flex w-[86px] shrink-0 justify-center">
          <StandDrawing stand={stand} seam={glance?.seam ?? null} picture={glance?.picture ?? null} />
        </span>
        <span className="flex w-[42px] shrink-0 justify-center compact:hidden">
          {sheets.length > 0 && <GlassSwatch filters={sheets} upsideDown={glance?.isUpsideDown ?? false} />}
        </span>
        <span className="min-w-0 flex-1">
          <span className="block truncate text-lg font-semibold compact:text-base">{name}</span>
          <span className="line-clamp-2 min-h-6">{glance === null ? NOT_WORKED_OUT : glance?.line}</span>
          <span className="block truncate text-sm text-quiet">
            {stand.lens.focalLengthMm} mm, {readings}; changed{' '}
            {format(new Date(updatedAt), 'd MMM yyyy, HH:mm')}
          </span>
        </span>
      </Link>
      <RowMenu id={id} name={name} archived={!!stand.archived} />
    </li>
  );
});

const NOT_WORKED_OUT = 'could not be worked out; your stand is safe';

function RowMenu({ id, name, archived }: { id: string; name: string; archived: boolean }) {
  const { workspace } = useWorkspace();
  const { goOn, exportFile } = useFromStand(id);
  const remove = () => {
    const undo = workspace.removeStand(id);
    toast(`“${name}” is deleted.`, { action: { label: 'Undo', onClick: undo }, duration: 10_000 });
  };
  const setArchived = (next: boolean) => {
    workspace.archiveStand(id, next);
    toast(next ? `“${name}” is in the archive.` : `“${name}” is back among the stands.`, {
      action: { label: 'Undo', onClick: () => workspace.archiveStand(id, !next) },
    });
  };
  return (
    <Menu
      label={`More about ${name}`}
      className="inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-panel"
      groups={[
        [
          { text: 'Next stand from here', icon: StepForward, onSelect: goOn },
          { text: 'Duplicate', icon: Copy, onSelect: () => void workspace.duplicateStand(id) },
          { text: 'Export to a file', icon: Download, onSelect: exportFile },
        ],
        [archiveItem(archived, setArchived), { text: 'Delete', icon: Trash2, onSelect: remove }],
      ]}
    >
      <EllipsisVertical size={18} aria-hidden />
    </Menu>
  );
}
