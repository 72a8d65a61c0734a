import { createStore, type StoreApi } from 'zustand/vanilla';
import { type Coding } from '@/core/photo';
import {
  codingOf,
  type PictureFault,
  type PictureTells,
  type Stand,
  type StandPicture,
  type StoredPicture,
  withoutPicture,
  withPicture,
} from '@/model';
import { type PictureRead, type SkylineRead } from './read-photo';

/** A picture on its way in, and what became of it. */
export type PictureState =
  | { readonly phase: 'idle' }
  | { readonly phase: 'reading'; readonly name: string; readonly progress: number | null }
  | { readonly phase: 'refused'; readonly name: string; readonly fault: PictureFault | 'failed' }
  /** It is in, and its own data differ from what stands there. */
  | { readonly phase: 'taken'; readonly data: PictureTells };

/** A skyline that was found in a picture. */
export interface Proposal extends SkylineRead {
  /** The picture that it was found in: it is proposed for no other. */
  readonly sha256: string;
}

export interface Intake {
  readonly picture: PictureState;
  /** Until it is used or left. */
  readonly proposal: Proposal | null;
  readonly isLooking: boolean;
}

export interface PictureIntake {
  readonly state: StoreApi<Intake>;
  readonly take: (file: File) => void;
  /** Gives up what is being read, or puts away what was said of it. */
  readonly dismiss: () => void;
  readonly remove: () => void;
  readonly findSkyline: (picture: StandPicture) => void;
  readonly dropProposal: () => void;
  readonly dispose: () => void;
}

/** Someone who does one kind of work elsewhere; a newer request takes the place of an older. */
export interface Worker<I, O> {
  request(
    input: I,
    onProgress?: (part: number) => void,
  ): Promise<
    | { readonly type: 'done'; readonly output: O }
    | { readonly type: 'replaced' }
    | { readonly type: 'failed' }
  >;
  cancel(): void;
  dispose(): void;
}

/** Where pictures are kept. */
export interface Shelf {
  readonly findPicture: (sha256: string) => Promise<StoredPicture | null>;
  readonly keepPicture: (picture: StoredPicture) => Promise<unknown>;
}

interface IntakeNeeds {
  readonly shelf: Shelf;
  readonly edit: (change: (stand: Stand) => Stand) => void;
  readonly reader: Worker<{ readonly bytes: ArrayBuffer; readonly name: string }, PictureRead>;
  readonly finder: Worker<
    { readonly bytes: ArrayBuffer; readonly type: string; readonly coding: Coding },
    SkylineRead | null
  >;
}

const IDLE: PictureState = { phase: 'idle' };

/** Takes pictures into a stand: read in a worker, kept before the stand refers to them, and looked through for a skyline. */
export function createIntake({ shelf, edit, reader, finder }: IntakeNeeds): PictureIntake {
  const state = createStore<Intake>()(() => ({ picture: IDLE, proposal: null, isLooking: false }));
  /** The newest of the pictures that were taken, and of those that were looked through: older ones have no say. */
  let newest = 0;
  let lookedThrough = '';

  const findSkyline = async (picture: StandPicture) => {
    const { sha256 } = picture;
    lookedThrough = sha256;
    const isLatest = () => lookedThrough === sha256;
    state.setState({ proposal: null, isLooking: true });
    const stored = await shelf.findPicture(sha256);
    if (!isLatest()) return;
    const found =
      stored && (await finder.request({ bytes: stored.bytes, type: stored.type, coding: codingOf(picture) }));
    if (found?.type === 'replaced' || !isLatest()) return;
    const read = found?.type === 'done' ? found.output : null;
    state.setState({ isLooking: false, proposal: read && { ...read, sha256 } });
  };

  const take = async (file: File) => {
    const own = ++newest;
    const { name } = file;
    const isLatest = () => own === newest;
    const tell = (picture: PictureState) => isLatest() && state.setState({ picture });
    tell({ phase: 'reading', name, progress: null });
    const bytes = await file.arrayBuffer().catch(() => null);
    if (!isLatest()) return;
    if (!bytes) return tell({ phase: 'refused', name, fault: 'failed' });
    const result = await reader.request({ bytes, name }, (progress) =>
      tell({ phase: 'reading', name, progress }),
    );
    if (!isLatest()) return;
    if (result.type !== 'done') return tell({ phase: 'refused', name, fault: 'failed' });
    if (!result.output.ok) return tell({ phase: 'refused', name, fault: result.output.fault });
    const { picture, stored, data } = result.output;
    await shelf.keepPicture(stored);
    if (!isLatest()) return;
    edit((s) => withPicture(s, picture));
    tell({ phase: 'taken', data });
    void findSkyline(picture);
  };

  const dismiss = () => {
    newest++;
    reader.cancel();
    state.setState({ picture: IDLE });
  };
  const dropProposal = () => state.setState({ proposal: null });

  return {
    state,
    take: (file) => void take(file),
    dismiss,
    remove: () => {
      dismiss();
      dropProposal();
      edit(withoutPicture);
    },
    findSkyline: (picture) => void findSkyline(picture),
    dropProposal,
    dispose: () => {
      reader.dispose();
      finder.dispose();
    },
  };
}
