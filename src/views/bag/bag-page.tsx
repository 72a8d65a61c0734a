import { ChevronDown, Plus, Redo2, Trash2, Undo2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
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
import { filterKindText, filterName, stopsText, wholeOrTenth } from '@/words';
import { useBag, useWorkspace } from '../shell/workspace-context';
import { FilterEditor } from './filter-editor';
import { HolderEditor } from './holder-editor';

/** The bag: every filter, and the holder. */
export function BagPage() {
  const { workspace, isDemo } = useWorkspace();
  const bag = useBag();
  const [open, setOpen] = useState<string | null>(null);
  const edit = (change: (bag: Bag) => Bag) => workspace.bag.edit(change);
  const canUndo = useStore(workspace.bag.history, (h) => h.pastStates.length > 0);
  const canRedo = useStore(workspace.bag.history, (h) => h.futureStates.length > 0);
  const add = (filter: Filter) => {
    edit((b) => putFilter(b, filter));
    setOpen(filter.id);
  };
  const full = bag.filters.length >= MAX_FILTERS;
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
        </header>
        <HolderEditor bag={bag} edit={edit} />
        <div className="mb-2 flex flex-wrap items-center gap-2">
          <h2 className="mr-auto text-lg font-semibold">Filters</h2>
          <Button
            kind="action"
            disabled={full}
            onClick={() => add(newSheet(freeId('g', bag.filters), bag.filters.find(isSheet)))}
          >
            <Plus size={18} aria-hidden /> Add a sheet
          </Button>
          <Button
            disabled={full}
            onClick={() => add({ id: freeId('n', bag.filters), kind: 'neutral', stops: 6 })}
          >
            <Plus size={18} aria-hidden /> An ND
          </Button>
          <Button
            disabled={full}
            onClick={() => add({ id: freeId('p', bag.filters), kind: 'polariser', baseLossStops: 1.5 })}
          >
            <Plus size={18} aria-hidden /> A polariser
          </Button>
        </div>
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
  const row = useRef<HTMLLIElement>(null);
  // one that was just added stands at the end of the list, out of sight
  useEffect(() => {
    if (open) row.current?.scrollIntoView({ block: 'nearest' });
  }, [open]);
  return (
    <li ref={row} className="border-b border-rule">
      <div className="flex items-center gap-2">
        <button
          type="button"
          aria-expanded={open}
          onClick={onToggle}
          className="flex min-h-16 min-w-0 flex-1 items-center gap-4 py-1.5 pl-2 text-left hover:bg-chosen"
        >
          {sheet ? (
            <GlassSwatch filters={[sheet]} />
          ) : (
            <span aria-hidden className="size-[34px] rounded-full border border-edge" />
          )}
          <span className="min-w-0 flex-1">
            <span className="block truncate font-semibold">{filterName(filter)}</span>
            <span className="block truncate text-sm text-quiet">{detail(filter)}</span>
          </span>
          <ChevronDown size={18} aria-hidden className={open ? 'rotate-180' : ''} />
        </button>
        <Button kind="quiet" className="!px-3" aria-label={`Remove ${filterName(filter)}`} onClick={onRemove}>
          <Trash2 size={18} aria-hidden />
        </Button>
      </div>
      {open && <FilterEditor filter={filter} />}
    </li>
  );
}

function detail(filter: Filter): string {
  const { sheetWidthMm: w, sheetLengthMm: l } = filter;
  const size =
    w !== undefined && l !== undefined
      ? `${wholeOrTenth(w)} × ${wholeOrTenth(l)} mm`
      : isSheet(filter)
        ? 'size not given'
        : null;
  const kind = filterKindText(filter);
  const about = [kind === filterName(filter) ? null : kind, densityText(filter), size];
  return about.filter(Boolean).join('; ');
}

/** What of its density the name of a filter's kind does not say. */
function densityText(filter: Filter): string | null {
  switch (filter.kind) {
    case 'measured':
      return `${filter.samples.length} samples`;
    case 'neutral':
      return filter.body === 'dyed' ? 'dyed: denser towards the corners' : null;
    case 'polariser':
      return `takes ${stopsText(filter.baseLossStops)} from everything`;
    default:
      return `transition ${wholeOrTenth(filter.transitionMm)} mm`;
  }
}
