import { format } from 'date-fns';
import { Copy, Plus, Trash2, Upload } from 'lucide-react';
import { useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import { frameOf } from '@/model';
import { type StandSummary } from '@/store';
import { Button } from '@/ui/button';
import { filterName } from '@/words';
import { useBag, useWorkspace, useWorkspaceState } from '../shell/workspace-context';

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
  const [refusals, setRefusals] = useState<readonly Refusal[]>([]);
  const take = async (files: readonly File[]) => {
    const refused: Refusal[] = [];
    let opened: string | null = null;
    for (const file of files) {
      const result = workspace.importStand(await file.text());
      if (result.ok) opened = result.value;
      else refused.push({ file: file.name, ...result.error });
    }
    setRefusals(refused);
    if (opened && files.length === 1) void navigate(`${base}/stands/${encodeURIComponent(opened)}`);
  };
  const drop = useDropzone({ onDrop: (files) => void take(files), noClick: true, noKeyboard: true });
  return (
    <div {...drop.getRootProps()} className="h-full overflow-y-auto">
      <title>Stands · Pale Seam</title>
      <input {...drop.getInputProps()} aria-label="Stand files to open" />
      {drop.isDragActive && (
        <p className="absolute inset-4 z-10 flex items-center justify-center rounded-md border-2 border-dashed border-action bg-ground text-xl">
          Drop a stand file here to open it
        </p>
      )}
      <div className="mx-auto max-w-4xl px-4 py-6 md:px-8">
        <header className="mb-5 flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-2xl font-semibold">Stands{isDemo && ' of the demo'}</h1>
          {isDemo && <Button onClick={() => void workspace.reset()}>Reset the demo</Button>}
          <Button onClick={drop.open}>
            <Upload size={18} aria-hidden /> Open a file
          </Button>
          <Button kind="action" onClick={() => void navigate(`${base}/stands/${workspace.createStand()}`)}>
            <Plus size={18} aria-hidden /> New stand
          </Button>
        </header>
        {refusals.map((r) => (
          <div key={r.file} role="alert" className="mb-3 rounded-md border border-fault p-3">
            <p className="font-semibold text-fault">{r.file} was not opened</p>
            <p>
              {r.path && <code className="font-mono">{r.path}</code>}
              {r.path && ': '}
              {r.message}. Nothing was changed.
            </p>
          </div>
        ))}
        {stands.length ? (
          <ul className="border-t border-rule">
            {stands.map((stand) => (
              <Row key={stand.id} stand={stand} />
            ))}
          </ul>
        ) : (
          <p className="text-quiet">
            No stand yet. A stand is one tripod position with one framing: begin one, and meter the land and
            the sky.
          </p>
        )}
        {!isDemo && (
          <p className="mt-8 text-quiet">
            New here?{' '}
            <Link to="/demo/stands" className="text-action underline underline-offset-2">
              Look at the demo stands
            </Link>
            ; they are kept apart from yours.
          </p>
        )}
      </div>
    </div>
  );
}

function Row({ stand: { id, updatedAt, document } }: { stand: StandSummary }) {
  const { workspace, base } = useWorkspace();
  const bag = useBag();
  const { stand } = document;
  const chosen = stand.choice?.filterIds.flatMap(
    (f) => [...bag.filters, ...document.used].find((known) => known.id === f) ?? [],
  );
  const remove = async () => {
    const undo = await workspace.removeStand(id);
    toast(`“${stand.name}” is deleted.`, { action: { label: 'Undo', onClick: undo }, duration: 10_000 });
  };
  return (
    <li className="flex items-center gap-2 border-b border-rule hover:bg-chosen">
      <Link
        to={`${base}/stands/${encodeURIComponent(id)}`}
        className="flex min-h-16 min-w-0 flex-1 items-center gap-4 py-2 pl-2"
      >
        <Outline stand={stand} />
        <span className="min-w-0">
          <span className="block truncate text-lg font-semibold">{stand.name || 'without a name'}</span>
          <span className="block truncate text-sm text-quiet">
            {stand.lens.focalLengthMm} mm, {stand.readings.length}{' '}
            {stand.readings.length === 1 ? 'reading' : 'readings'}
            {chosen?.length ? `, ${chosen.map(filterName).join(' with ')}` : ''}; changed{' '}
            {format(new Date(updatedAt), 'd MMM yyyy, HH:mm')}
          </span>
        </span>
      </Link>
      <Button
        kind="quiet"
        className="!px-3"
        aria-label={`Duplicate ${stand.name}`}
        onClick={() => workspace.duplicateStand(id)}
      >
        <Copy size={18} aria-hidden />
      </Button>
      <Button
        kind="quiet"
        className="!px-3"
        aria-label={`Delete ${stand.name}`}
        onClick={() => void remove()}
      >
        <Trash2 size={18} aria-hidden />
      </Button>
    </li>
  );
}

/** The frame in little: its shape, and the skyline in it. */
function Outline({ stand }: { stand: StandSummary['document']['stand'] }) {
  const { widthMm, heightMm } = frameOf(stand.camera);
  const height = 44;
  const width = Math.min(66, (height * widthMm) / heightMm);
  const points = [...stand.skyline].sort((a, b) => a.u - b.u).map(({ u, v }) => `${u * width},${v * height}`);
  const land = `0,${height} 0,${(stand.skyline[0]?.v ?? 0.5) * height} ${points.join(' ')} ${width},${(stand.skyline.at(-1)?.v ?? 0.5) * height} ${width},${height}`;
  return (
    <span className="flex w-[66px] shrink-0 justify-center">
      <svg width={width} height={height} aria-hidden className="border border-edge bg-panel">
        <polygon points={land} fill="var(--quiet)" opacity={0.45} />
      </svg>
    </span>
  );
}
