import { useCallback, useEffect, useRef, useState } from 'react';
import {
  type PictureFault,
  type PictureTells,
  type Stand,
  type StandPicture,
  codingOf,
  withoutPicture,
  withPicture,
} from '@/model';
import { type Workspace } from '@/store';
import { pictureClient, skylineClient, type SkylineRead } from '@/workers';

/** A picture on its way in, and what became of it. */
export type PictureState =
  | { readonly phase: 'idle' }
  | { readonly phase: 'reading'; readonly name: string; readonly progress: number | null }
  | { readonly phase: 'refused'; readonly name: string; readonly fault: PictureFault | 'failed' }
  /** It is in, and its own data differ from what stands there. */
  | { readonly phase: 'taken'; readonly data: PictureTells };

export interface PictureIn {
  readonly state: PictureState;
  readonly take: (file: File) => void;
  /** Gives up what is being read, or puts away what was said of it. */
  readonly dismiss: () => void;
  readonly remove: () => void;
  /** A skyline that was found in the picture, until it is used or left. */
  readonly proposal: SkylineRead | null;
  readonly isLooking: boolean;
  readonly findSkyline: (picture: StandPicture) => void;
  readonly dropProposal: () => void;
}

const IDLE: PictureState = { phase: 'idle' };

/** Takes pictures into a stand: read in a worker, kept before the stand refers to them, and looked through for a skyline. */
export function usePictureIn(
  workspace: Workspace,
  edit: (change: (stand: Stand) => Stand) => void,
): PictureIn {
  const [state, setState] = useState<PictureState>(IDLE);
  const [proposal, setProposal] = useState<SkylineRead | null>(null);
  const [isLooking, setLooking] = useState(false);
  const [clients] = useState(() => ({ pictures: pictureClient(), skylines: skylineClient() }));
  const latest = useRef(0);
  useEffect(
    () => () => {
      clients.pictures.dispose();
      clients.skylines.dispose();
    },
    [clients],
  );

  const findSkyline = useCallback(
    async (picture: StandPicture) => {
      setProposal(null);
      setLooking(true);
      const stored = await workspace.findPicture(picture.sha256);
      const coding = codingOf(picture);
      const found =
        stored && (await clients.skylines.request({ bytes: stored.bytes, type: stored.type, coding }));
      if (found?.type === 'replaced') return;
      setLooking(false);
      if (found?.type === 'done') setProposal(found.output);
    },
    [workspace, clients],
  );

  const take = useCallback(
    async (file: File) => {
      const own = ++latest.current;
      const { name } = file;
      const tell = (next: PictureState) => own === latest.current && setState(next);
      tell({ phase: 'reading', name, progress: null });
      const bytes = await file.arrayBuffer().catch(() => null);
      if (own !== latest.current) return;
      if (!bytes) return tell({ phase: 'refused', name, fault: 'failed' });
      const result = await clients.pictures.request({ bytes, name }, (progress) =>
        tell({ phase: 'reading', name, progress }),
      );
      if (own !== latest.current) return;
      if (result.type !== 'done') return tell({ phase: 'refused', name, fault: 'failed' });
      if (!result.output.ok) return tell({ phase: 'refused', name, fault: result.output.fault });
      const { picture, stored, data } = result.output;
      await workspace.keepPicture(stored);
      if (own !== latest.current) return;
      edit((s) => withPicture(s, picture));
      tell({ phase: 'taken', data });
      void findSkyline(picture);
    },
    [clients, workspace, edit, findSkyline],
  );

  const dismiss = useCallback(() => {
    latest.current++;
    clients.pictures.cancel();
    setState(IDLE);
  }, [clients]);

  return {
    state,
    take: (file) => void take(file),
    dismiss,
    remove: () => {
      dismiss();
      setProposal(null);
      edit(withoutPicture);
    },
    proposal,
    isLooking,
    findSkyline: (picture) => void findSkyline(picture),
    dropProposal: () => setProposal(null),
  };
}
