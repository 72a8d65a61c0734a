import { Archive, ArchiveRestore, CheckCheck, Printer, Trash2, X } from 'lucide-react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { type StandSummary } from '@/store';
import { Button } from '@/ui/button';
import { cardsPath } from '../shared/stand-path';
import { useWorkspace } from '../shared/workspace-context';
import { type Choosing } from './use-choosing';

interface ChosenStandsProps extends Choosing {
  shown: readonly StandSummary[];
  isArchive: boolean;
}

const counted = (n: number): string => `${n} ${n === 1 ? 'stand' : 'stands'}`;

/** The way into choosing several stands, and what can be done with them. */
export function ChosenStands({ shown, chosen, setChosen, isArchive }: ChosenStandsProps) {
  const { workspace, base } = useWorkspace();
  const navigate = useNavigate();
  if (!chosen)
    return shown.length > 1 ? (
      <div className="mb-1 flex justify-end">
        <Button kind="quiet" onClick={() => setChosen(new Set())}>
          <CheckCheck size={18} aria-hidden /> Choose several
        </Button>
      </div>
    ) : null;
  const ids = [...chosen];
  const done = (text: string, undo: () => void) => {
    setChosen(null);
    toast(text, { action: { label: 'Undo', onClick: undo }, duration: 10_000 });
  };
  const archive = () => {
    for (const id of ids) workspace.archiveStand(id, !isArchive);
    const where = isArchive ? 'back among the stands' : 'in the archive';
    done(`${counted(ids.length)} ${ids.length === 1 ? 'is' : 'are'} ${where}.`, () => {
      for (const id of ids) workspace.archiveStand(id, isArchive);
    });
  };
  const remove = () => {
    const undos = ids.map((id) => workspace.removeStand(id));
    done(`${counted(ids.length)} deleted.`, () => undos.forEach((undo) => undo()));
  };
  return (
    <div role="group" aria-label="Chosen stands" className="mb-2 flex flex-wrap items-center gap-2">
      <p role="status" className="mr-auto">
        {ids.length ? `${counted(ids.length)} chosen` : 'Tick those that are meant'}
      </p>
      <Button onClick={() => setChosen(new Set(shown.map((s) => s.id)))}>All</Button>
      <Button disabled={!ids.length} onClick={() => void navigate(cardsPath(base, ids))}>
        <Printer size={18} aria-hidden /> Cards
      </Button>
      <Button disabled={!ids.length} onClick={archive}>
        {isArchive ? <ArchiveRestore size={18} aria-hidden /> : <Archive size={18} aria-hidden />}
        {isArchive ? 'Take out' : 'Archive'}
      </Button>
      <Button disabled={!ids.length} onClick={remove}>
        <Trash2 size={18} aria-hidden /> Delete
      </Button>
      <Button kind="quiet" onClick={() => setChosen(null)}>
        <X size={18} aria-hidden /> Done
      </Button>
    </div>
  );
}
