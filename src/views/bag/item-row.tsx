import { ChevronDown, Copy, EllipsisVertical, Trash2 } from 'lucide-react';
import { type ReactNode, useEffect, useRef } from 'react';
import { Menu } from '@/ui/menu';
import { archiveItem } from '../shared/archive-item';

export interface ItemRowProps {
  name: string;
  detail: string;
  open: boolean;
  onToggle: () => void;
  /** Before the name: a drawing, a box to tick. */
  before?: ReactNode;
  /** The fields that it unfolds to. */
  children: ReactNode;
  archived: boolean;
  onArchive: (archived: boolean) => void;
  onDuplicate?: () => void;
  onRemove: () => void;
}

/** A thing of the bag as a line, with its fields when it is open. */
export function ItemRow(props: ItemRowProps) {
  const { name, detail, open, onToggle, before, children, archived, onArchive, onDuplicate, onRemove } =
    props;
  const row = useRef<HTMLLIElement>(null);
  // one that was just added stands at the end of the list, out of sight
  useEffect(() => {
    if (open) row.current?.scrollIntoView({ block: 'nearest' });
  }, [open]);
  return (
    <li ref={row} className="border-b border-rule">
      <div className="flex items-center gap-1">
        {before}
        <button
          type="button"
          aria-expanded={open}
          onClick={onToggle}
          className="flex min-h-14 min-w-0 flex-1 items-center gap-3 py-1.5 pl-1 text-left hover:bg-chosen"
        >
          <span className="min-w-0 flex-1">
            <span className="line-clamp-2 font-semibold break-words">{name}</span>
            <span className="line-clamp-2 text-sm text-quiet">{detail}</span>
          </span>
          <ChevronDown size={18} aria-hidden className={`shrink-0 ${open ? 'rotate-180' : ''}`} />
        </button>
        <Menu
          label={`More about ${name}`}
          className="inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-chosen"
          groups={[
            onDuplicate ? [{ text: 'Duplicate', icon: Copy, onSelect: onDuplicate }] : [],
            [archiveItem(archived, onArchive), { text: 'Remove', icon: Trash2, onSelect: onRemove }],
          ]}
        >
          <EllipsisVertical size={18} aria-hidden />
        </Menu>
      </div>
      {open && children}
    </li>
  );
}
