import { EllipsisVertical, Plus, RotateCcw, Upload } from 'lucide-react';
import { useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import { type RefusedThing } from '@/store';
import { Button } from '@/ui/button';
import { Menu } from '@/ui/menu';
import { mergeText, STANDS_TEXT } from '@/words';
import { PageHead } from '../shared/page-head';
import { RefusedList } from '../shared/refused-list';
import { useWorkspace, useWorkspaceState } from '../shared/workspace-context';
import { standKey } from '../shared/stand-path';
import { BrokenStands } from './broken-stands';
import { StandList } from './stand-list';

interface Refusal {
  readonly file: string;
  readonly path: string;
  readonly message: string;
}

/** All stands: open one, begin one, or bring one in from a file. */
export function StandsPage() {
  const { workspace, base, isDemo } = useWorkspace();
  const stands = useWorkspaceState((s) => s.stands);
  const navigate = useNavigate();
  const broken = useWorkspaceState((s) => s.broken);
  const filing = useWorkspaceState((s) => s.filing);
  const { refusals, refused, take } = useFiles();
  const drop = useDropzone({ onDrop: (files) => void take(files), noClick: true, noKeyboard: true });
  const begin = () => void navigate(`${base}/stands/${standKey(workspace.createStand())}`);
  return (
    <div {...drop.getRootProps()} className="relative h-full overflow-y-auto">
      <title>Stands · Pale Seam</title>
      <input {...drop.getInputProps()} aria-label="Stand files to open" />
      {drop.isDragActive && (
        <p className="absolute inset-4 z-10 flex items-center justify-center rounded-md border-2 border-dashed border-action bg-ground text-xl">
          {STANDS_TEXT.dropStandFileOpen}
        </p>
      )}
      <div className="mx-auto max-w-4xl px-4 py-5 desk:px-8 desk:py-6">
        <PageHead title={isDemo ? 'Stands of the demo' : 'Stands'}>
          <Button onClick={drop.open}>
            <Upload size={18} aria-hidden /> Open a file
          </Button>
          {stands.length > 0 && (
            <Button kind="action" onClick={begin}>
              <Plus size={18} aria-hidden /> New stand
            </Button>
          )}
          {isDemo && <DemoMenu />}
        </PageHead>
        <Refusals refusals={refusals} />
        {filing !== null && (
          <p role="status" className="mb-3 text-quiet">
            Looking through every stand, {Math.round(100 * filing)} % done…
          </p>
        )}
        <RefusedList refused={refused} />
        <BrokenStands broken={broken} />
        {stands.length ? <StandList stands={stands} scroller={drop.rootRef} /> : <Empty onBegin={begin} />}
        {!isDemo && (
          <p className="mt-8 text-quiet">
            New here?{' '}
            <Link
              to="/demo/stands"
              className="inline-flex min-h-11 items-center text-action underline underline-offset-2"
            >
              Look at the demo stands
            </Link>
            {STANDS_TEXT.theyKeptApartYours}
          </p>
        )}
      </div>
    </div>
  );
}

function DemoMenu() {
  const { workspace } = useWorkspace();
  return (
    <Menu
      label="More"
      className="inline-flex size-11 items-center justify-center rounded-md hover:bg-chosen"
      groups={[[{ text: 'Reset the demo', icon: RotateCcw, onSelect: () => void workspace.reset() }]]}
    >
      <EllipsisVertical size={20} aria-hidden />
    </Menu>
  );
}

/** The files that were not opened, each with the place and the reason. */
function Refusals({ refusals }: { refusals: readonly Refusal[] }) {
  return refusals.map((r) => (
    <div key={r.file} role="alert" className="mb-3 rounded-md border border-fault p-3">
      <p className="font-semibold text-fault">{r.file} was not opened</p>
      <p className="break-words">
        {r.path && <code className="font-mono">{r.path}</code>}
        {r.path && ': '}
        {r.message}. Nothing was changed.
      </p>
    </div>
  ));
}

function Empty({ onBegin }: { onBegin: () => void }) {
  return (
    <div className="max-w-xl space-y-4 border-t border-rule pt-5">
      <p className="text-lg">{STANDS_TEXT.noStandYetStand}</p>
      <Button kind="action" className="min-h-16! px-6! text-lg" onClick={onBegin}>
        <Plus size={20} aria-hidden /> New stand
      </Button>
    </div>
  );
}

/** Takes files in, whatever of ours they hold, and tells what was refused. */
function useFiles() {
  const { workspace, base } = useWorkspace();
  const navigate = useNavigate();
  const [refusals, setRefusals] = useState<readonly Refusal[]>([]);
  /** What of files that were taken was not. */
  const [things, setThings] = useState<readonly RefusedThing[]>([]);
  const take = async (files: readonly File[]) => {
    const refused: Refusal[] = [];
    const bad: RefusedThing[] = [];
    for (const file of files) {
      const result = await workspace.receiveFile(file);
      if (!result.ok) {
        refused.push({ file: file.name, ...result.error });
        continue;
      }
      bad.push(...result.value.refused);
      if (result.value.kind === 'stand') {
        if (files.length === 1) void navigate(`${base}/stands/${standKey(result.value.id)}`);
      } else if (result.value.kind === 'bag') toast(`Into the bag: ${mergeText(result.value.report)}`);
      else if (result.value.kind === 'outing') toast(`Into the outings: ${mergeText(result.value.report)}`);
      else
        toast(STANDS_TEXT.backupStandsBag(mergeText(result.value.stands), mergeText(result.value.bag)), {
          duration: 20_000,
        });
    }
    setRefusals(refused);
    setThings(bad);
  };
  return { refusals, refused: things, take };
}
