import { Download, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { type BrokenStand } from '@/store';
import { Button } from '@/ui/button';
import { saveFile } from '@/ui/save-file';
import { brokenText, STANDS_TEXT } from '@/words';
import { useWorkspace } from '../shared/workspace-context';

/** Saves a stand just as it is stored. */
function SaveAsStored({ id }: { id: string }) {
  const { workspace } = useWorkspace();
  const save = () => {
    const file = workspace.exportRaw(id);
    if (file) saveFile(file);
  };
  return (
    <Button onClick={save}>
      <Download size={18} aria-hidden /> {STANDS_TEXT.saveStored}
    </Button>
  );
}

/** How long a deletion can be undone, ms. */
const UNDO_MS = 10_000;

/** Stored records that are no stands: told apart from the list, so that none of them takes it down. */
export function BrokenStands({ broken }: { broken: readonly BrokenStand[] }) {
  const { workspace } = useWorkspace();
  const [leaving, setLeaving] = useState<ReadonlySet<string>>(new Set());
  const shown = broken.filter(({ id }) => !leaving.has(id));
  if (!shown.length) return null;
  /** It goes when there is no way back any more: until then it is stored. */
  const remove = (id: string) => {
    setLeaving(new Set([...leaving, id]));
    const timer = setTimeout(() => workspace.removeBroken(id), UNDO_MS);
    const undo = () => {
      clearTimeout(timer);
      setLeaving((ids) => new Set([...ids].filter((own) => own !== id)));
    };
    toast(STANDS_TEXT.standCannotShownDeleted, {
      action: { label: 'Undo', onClick: undo },
      duration: UNDO_MS,
    });
  };
  return (
    <ul aria-label="Stands that cannot be shown" className="mb-3 space-y-2">
      {shown.map(({ id, record }) => (
        <li
          key={id}
          role="alert"
          className="flex flex-wrap items-center gap-2 rounded-md border border-fault p-3"
        >
          <p className="min-w-0 flex-1 basis-72 break-words">{brokenText(record)}</p>
          <SaveAsStored id={id} />
          <Button kind="quiet" onClick={() => remove(id)}>
            <Trash2 size={18} aria-hidden /> Delete it
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** A row of the list that has failed: the others stand. */
export function FailedRow({ id, name }: { id: string; name: string }) {
  return (
    <li className="flex min-h-20 flex-wrap items-center gap-2 border-b border-rule py-2 pl-1 desk:pl-2">
      <p role="alert" className="min-w-0 flex-1 basis-72 break-words text-fault">
        “{name || 'without a name'}
        {STANDS_TEXT.cannotShownNothingLost}
      </p>
      <SaveAsStored id={id} />
    </li>
  );
}
