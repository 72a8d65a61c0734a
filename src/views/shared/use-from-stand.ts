import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { saveOrSay } from './save';
import { standKey } from './stand-path';
import { useWorkspace } from '../workspace/workspace-context';

/** What leads on from a stand: the next framing from the same place, and its file. */
export function useFromStand(id: string) {
  const { workspace, base } = useWorkspace();
  const navigate = useNavigate();
  return useMemo(
    () => ({
      goOn: () => {
        const next = workspace.nextStand(id);
        if (next) void navigate(`${base}/stands/${standKey(next)}`);
      },
      exportFile: () => {
        const file = workspace.exportStand(id);
        if (file) saveOrSay(file);
      },
      exportBundle: async () => {
        const file = await workspace.exportBundle(id);
        if (file) saveOrSay(file);
        else toast('Its picture is not on this device.');
      },
    }),
    [workspace, base, navigate, id],
  );
}
