import { Download, EllipsisVertical, Sheet, Upload } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { MAX_FILTERS, newSheet, putFilter } from '@/model';
import { type GlassRow } from '@/store';
import { Button } from '@/ui/button';
import { FilePicker } from '@/ui/file-picker';
import { Menu } from '@/ui/menu';
import { saveFile } from '@/ui/save-file';
import { mergeText, BAG_TEXT } from '@/words';
import { useBag, useWorkspace } from '../shared/workspace-context';
import { AssumedBag } from '../shared/assumed-bag';
import { PageHead } from '../shared/page-head';
import { saveOrSay } from '../shared/save';
import { UndoRedo } from '../shared/undo-redo';
import { AddFilter } from './add-filter';
import { CameraList } from './camera-list';
import { FilterList } from './filter-list';
import { FitsTable } from './fits-table';
import { GlassTable } from './glass-table';
import { HolderEditor } from './holder-editor';
import { HolderList } from './holder-list';
import { Newcomer } from './newcomer';
import { LensList } from './lens-list';
import { useBagEdit } from './use-bag-edit';

/** The bag: filters, the holder, lenses and cameras. */
export function BagPage() {
  const { workspace, isDemo } = useWorkspace();
  const bag = useBag();
  const edit = useBagEdit();
  const [open, setOpen] = useState<string | null>(null);
  const add = (filter: Parameters<typeof putFilter>[1], show = true) => {
    edit((b) => putFilter(b, filter));
    if (show) setOpen(filter.id);
  };
  return (
    <div className="relative h-full overflow-y-auto">
      <title>Bag · Pale Seam</title>
      <div className="mx-auto max-w-4xl px-4 py-5 desk:px-8 desk:py-6">
        <PageHead title={isDemo ? 'Bag of the demo' : 'Bag'}>
          <UndoRedo kept={workspace.bag} />
          <Files />
        </PageHead>
        <AssumedBag />
        {bag.assumed && <Newcomer />}
        <section aria-labelledby="filters">
          <div className="mb-2 flex items-center gap-2">
            <h2 id="filters" className="mr-auto text-lg font-semibold">
              Filters
            </h2>
            <Button
              disabled={bag.filters.length >= MAX_FILTERS}
              onClick={() => add(newSheet(workspace.newId('g'), bag))}
            >
              {BAG_TEXT.addSheetFigures}
            </Button>
          </div>
          <AddFilter bag={bag} onAdd={(filter) => add(filter, false)} />
          <FilterList bag={bag} edit={edit} open={open} setOpen={setOpen} />
          <p className="mt-3 max-w-2xl text-sm text-quiet">{BAG_TEXT.lengthsTransitionsGoName}</p>
        </section>
        <HolderEditor bag={bag} edit={edit} />
        <HolderList bag={bag} edit={edit} open={open} setOpen={setOpen} />
        <LensList bag={bag} edit={edit} open={open} setOpen={setOpen} />
        <CameraList bag={bag} edit={edit} open={open} setOpen={setOpen} />
        <FitsTable bag={bag} />
      </div>
    </div>
  );
}

/** The bag and its glass as files, out and in. */
function Files() {
  const { workspace } = useWorkspace();
  const edit = useBagEdit();
  const [table, setTable] = useState<{ file: string; rows: readonly GlassRow[] } | null>(null);
  const take = async (file: File) => {
    const text = await file.text();
    if (!text.trimStart().startsWith('{')) {
      setTable({ file: file.name, rows: await workspace.readGlass(text) });
      return;
    }
    const result = workspace.importBag(text);
    if (result.ok) toast(`${file.name}: ${mergeText(result.value)}`, { duration: 12_000 });
    else
      toast.error(
        `${file.name} was not opened. ${result.error.path}: ${result.error.message}. Nothing was changed.`,
        {
          duration: 30_000,
        },
      );
  };
  return (
    <>
      <FilePicker
        label={BAG_TEXT.bagTableGlassBring}
        accept=".json,.csv,.txt,application/json,text/csv"
        onFile={(file) => void take(file)}
      >
        {(pick) => (
          <Menu
            label="More"
            className="inline-flex size-11 items-center justify-center rounded-md hover:bg-chosen"
            groups={[
              [{ text: BAG_TEXT.bringBagTableGlass, icon: Upload, onSelect: pick }],
              [
                {
                  text: BAG_TEXT.saveBagFile,
                  icon: Download,
                  onSelect: () => saveOrSay(workspace.exportBag()),
                },
                {
                  text: BAG_TEXT.saveGlassTableCsv,
                  icon: Sheet,
                  onSelect: () => void workspace.exportGlass().then(saveFile),
                },
              ],
            ]}
          >
            <EllipsisVertical size={20} aria-hidden />
          </Menu>
        )}
      </FilePicker>
      {table && <GlassTable {...table} edit={edit} onClose={() => setTable(null)} />}
    </>
  );
}
