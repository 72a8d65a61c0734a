import { Copy, Download, EllipsisVertical, PenLine, Printer, StepForward, Trash2 } from 'lucide-react';
import { memo, useState } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { namedAs } from '@/model';
import { GlassSwatch, StandDrawing } from '@/render';
import { glanceOf, type StandSummary } from '@/store';
import { Menu } from '@/ui/menu';
import { momentText, STANDS_TEXT } from '@/words';
import { archiveItem } from '../shared/archive-item';
import { useBag, useWorkspace } from '../shared/workspace-context';
import { standKey } from '../shared/stand-path';
import { useFromStand } from '../shared/use-from-stand';

export interface StandRowProps {
  summary: StandSummary;
  /** Its place in the whole list, from 0, and how long that is: a reader of the screen is told of all of them. */
  index: number;
  count: number;
  /** Told the row's element, so that its height is known. */
  measure: (row: HTMLLIElement | null) => void;
  /** Whether it is one of several that are chosen; null while none are being chosen. */
  chosen: boolean | null;
  onChoose: (id: string, chosen: boolean) => void;
}

/** A stand in the list: its frame with the seam, the sheet, and its slip in a line, once they are worked out. */
export const StandRow = memo(function StandRow(props: StandRowProps) {
  const { summary, index, count, measure, chosen, onChoose } = props;
  const { base, glances } = useWorkspace();
  const bag = useBag();
  const glance = useStore(glances.state, (s) => glanceOf(s, summary, bag));
  const { id, updatedAt, document: kept } = summary;
  const { stand } = kept;
  const name = stand.name || 'without a name';
  const readings = `${stand.readings.length} ${stand.readings.length === 1 ? 'reading' : 'readings'}`;
  const sheets = glance?.sheets ?? [];
  const [renaming, setRenaming] = useState(false);
  return (
    <li
      ref={measure}
      data-index={index}
      aria-posinset={index + 1}
      aria-setsize={count}
      className={`flex items-center gap-1 border-b border-rule hover:bg-chosen ${chosen ? 'bg-chosen' : ''}`}
    >
      {chosen !== null && (
        <label className="flex size-11 shrink-0 items-center justify-center">
          <input
            type="checkbox"
            aria-label={`Choose ${name}`}
            className="size-5 accent-(--action)"
            checked={chosen}
            onChange={(e) => onChoose(id, e.target.checked)}
          />
        </label>
      )}
      {renaming ? (
        <Renaming id={id} name={stand.name} onDone={() => setRenaming(false)} />
      ) : (
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
              {stand.lens.focalLengthMm} mm, {readings}; changed {momentText(updatedAt)}
            </span>
          </span>
        </Link>
      )}
      <RowMenu id={id} name={name} archived={!!stand.archived} onRename={() => setRenaming(true)} />
    </li>
  );
});

const NOT_WORKED_OUT = STANDS_TEXT.couldNotWorkedOut;

interface RowMenuProps {
  id: string;
  name: string;
  archived: boolean;
  onRename: () => void;
}

function RowMenu({ id, name, archived, onRename }: RowMenuProps) {
  const { goOn, duplicate, card, exportFile, setArchived, remove } = useFromStand(id);
  return (
    <Menu
      label={`More about ${name}`}
      className="inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-panel"
      groups={[
        [
          { text: 'Next stand from here', icon: StepForward, onSelect: goOn },
          { text: 'Rename', icon: PenLine, onSelect: onRename },
          { text: 'Duplicate', icon: Copy, onSelect: () => void duplicate() },
          { text: 'Card to print', icon: Printer, onSelect: card },
          { text: 'Export to a file', icon: Download, onSelect: exportFile },
        ],
        [archiveItem(archived, setArchived), { text: 'Delete', icon: Trash2, onSelect: remove }],
      ]}
    >
      <EllipsisVertical size={18} aria-hidden />
    </Menu>
  );
}

/** The name of a stand, typed where it stands in the list; Enter takes it, Escape leaves it. */
function Renaming({ id, name, onDone }: { id: string; name: string; onDone: () => void }) {
  const { workspace } = useWorkspace();
  const [typed, setTyped] = useState(name);
  const take = () => {
    const next = namedAs(typed);
    if (next !== null && next !== name) workspace.renameStand(id, next);
    onDone();
  };
  return (
    <input
      autoFocus
      aria-label={`Name of ${name}`}
      value={typed}
      maxLength={200}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={take}
      onKeyDown={(e) => {
        if (e.key === 'Enter') take();
        if (e.key !== 'Escape') return;
        e.stopPropagation();
        onDone();
      }}
      className="my-3 min-h-11 min-w-0 flex-1 rounded-md border border-edge bg-panel px-2.5 text-lg font-semibold"
    />
  );
}
