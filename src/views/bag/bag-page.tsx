import { ChevronDown, Plus, Redo2, Trash2, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { useStore } from 'zustand';
import {
  type Bag,
  type Filter,
  freeId,
  isSheet,
  MAX_FILTERS,
  newSheet,
  putFilter,
  removeFilter,
  restoreFilter,
} from '@/model';
import { GlassSwatch } from '@/render';
import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/field';
import { filterKindText, filterName, wholeOrTenth } from '@/words';
import { useBag, useWorkspace } from '../shell/workspace-context';
import { FilterEditor } from './filter-editor';

/** Kept out of the choice when it is not one of the usual numbers. */
const SLOT_CHOICES = ['1', '2', '3', '4'];

/** The bag: every sheet, and the slots of the holder. */
export function BagPage() {
  const { workspace, isDemo } = useWorkspace();
  const bag = useBag();
  const [open, setOpen] = useState<string | null>(null);
  const edit = (change: (bag: Bag) => Bag) => workspace.bag.edit(change);
  const canUndo = useStore(workspace.bag.history, (h) => h.pastStates.length > 0);
  const canRedo = useStore(workspace.bag.history, (h) => h.futureStates.length > 0);
  const add = () => {
    const sheet = newSheet(freeId('g', bag.filters), bag.filters.find(isSheet));
    edit((b) => putFilter(b, sheet));
    setOpen(sheet.id);
  };
  const slots = String(bag.slots ?? 1);
  return (
    <div className="h-full overflow-y-auto">
      <title>Bag · Pale Seam</title>
      <div className="mx-auto max-w-4xl px-4 py-6 md:px-8">
        <header className="mb-4 flex flex-wrap items-center gap-2">
          <h1 className="mr-auto text-2xl font-semibold">Bag{isDemo && ' of the demo'}</h1>
          <Button
            kind="quiet"
            aria-label="Undo"
            className="!px-3"
            disabled={!canUndo}
            onClick={() => workspace.bag.undo()}
          >
            <Undo2 size={20} aria-hidden />
          </Button>
          <Button
            kind="quiet"
            aria-label="Redo"
            className="!px-3"
            disabled={!canRedo}
            onClick={() => workspace.bag.redo()}
          >
            <Redo2 size={20} aria-hidden />
          </Button>
          <Button kind="action" onClick={add} disabled={bag.filters.length >= MAX_FILTERS}>
            <Plus size={18} aria-hidden /> Add a sheet
          </Button>
        </header>
        <ChoiceField
          label="Slots of the holder"
          className="mb-5 w-44"
          value={slots}
          options={[...new Set([...SLOT_CHOICES, slots])].map((n) => [n, n] as const)}
          onValue={(n) => edit((b) => ({ ...b, slots: Number(n) }))}
        />
        {bag.filters.length ? (
          <ul aria-label="Filters" className="border-t border-rule">
            {bag.filters.map((filter, index) => (
              <Row
                key={filter.id}
                filter={filter}
                open={open === filter.id}
                onToggle={() => setOpen(open === filter.id ? null : filter.id)}
                onRemove={() => {
                  edit((b) => removeFilter(b, filter.id));
                  toast(`${filterName(filter)} is out of the bag.`, {
                    action: { label: 'Undo', onClick: () => edit((b) => restoreFilter(b, filter, index)) },
                    duration: 10_000,
                  });
                }}
              />
            ))}
          </ul>
        ) : (
          <p className="text-quiet">
            The bag is empty. Add the sheets that you own; every plan is made from them.
          </p>
        )}
        <p className="mt-6 max-w-2xl text-sm text-quiet">
          Lengths of transitions that go with a name are assumed for a sheet of its width: makes differ by
          half as much again either way, so type what you have measured.
        </p>
      </div>
    </div>
  );
}

interface RowProps {
  filter: Filter;
  open: boolean;
  onToggle: () => void;
  onRemove: () => void;
}

function Row({ filter, open, onToggle, onRemove }: RowProps) {
  const sheet = isSheet(filter) ? filter : null;
  return (
    <li className="border-b border-rule">
      <div className="flex items-center gap-2">
        <button
          type="button"
          aria-expanded={open}
          disabled={!sheet}
          onClick={onToggle}
          className="flex min-h-16 min-w-0 flex-1 items-center gap-4 py-1.5 pl-2 text-left enabled:hover:bg-chosen"
        >
          {sheet ? (
            <GlassSwatch filter={sheet} />
          ) : (
            <span aria-hidden className="size-[34px] rounded-full border border-edge" />
          )}
          <span className="min-w-0 flex-1">
            <span className="block truncate font-semibold">{filterName(filter)}</span>
            <span className="block truncate text-sm text-quiet">{detail(filter)}</span>
          </span>
          {sheet && <ChevronDown size={18} aria-hidden className={open ? 'rotate-180' : ''} />}
        </button>
        <Button kind="quiet" className="!px-3" aria-label={`Remove ${filterName(filter)}`} onClick={onRemove}>
          <Trash2 size={18} aria-hidden />
        </Button>
      </div>
      {open && sheet && <FilterEditor filter={sheet} />}
    </li>
  );
}

function detail(filter: Filter): string {
  const { sheetWidthMm: w, sheetLengthMm: l } = filter;
  const size =
    w !== undefined && l !== undefined ? `${wholeOrTenth(w)} × ${wholeOrTenth(l)} mm` : 'size not given';
  const transition = isSheet(filter) ? `transition ${wholeOrTenth(filter.transitionMm)} mm` : null;
  const kind = filterKindText(filter);
  return [kind === filterName(filter) ? null : kind, transition, size].filter(Boolean).join('; ');
}
