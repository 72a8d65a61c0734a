import { SHARED_TEXT } from '@/words';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { saveOrSay } from './save';
import { cardsPath, standKey } from './stand-path';
import { useWorkspace } from './workspace-context';

/** What leads on from a stand: the next framing from the same place, a copy, its file, and its way out of the list. */
export function useFromStand(id: string) {
  const { workspace, base } = useWorkspace();
  const navigate = useNavigate();
  return useMemo(() => {
    const open = (stand: string | null) => {
      if (stand) void navigate(`${base}/stands/${standKey(stand)}`);
    };
    const nameOf = () =>
      workspace.state.getState().stands.find((s) => s.id === id)?.document.stand.name || 'without a name';
    return {
      goOn: () => open(workspace.nextStand(id)),
      duplicate: () => workspace.duplicateStand(id),
      card: () => void navigate(cardsPath(base, [id])),
      exportFile: () => {
        const file = workspace.exportStand(id);
        if (file) saveOrSay(file);
      },
      exportBundle: async () => {
        const file = await workspace.exportBundle(id);
        if (file) saveOrSay(file);
        else toast(SHARED_TEXT.pictureNotDevice);
      },
      setArchived: (next: boolean) => {
        const name = nameOf();
        workspace.archiveStand(id, next);
        toast(next ? `“${name}” is in the archive.` : `“${name}” is back among the stands.`, {
          action: { label: 'Undo', onClick: () => workspace.archiveStand(id, !next) },
        });
      },
      remove: () => {
        const name = nameOf();
        const undo = workspace.removeStand(id);
        toast(`“${name}” is deleted.`, { action: { label: 'Undo', onClick: undo }, duration: 10_000 });
      },
    };
  }, [workspace, base, navigate, id]);
}
