import { createStore, type StoreApi } from 'zustand/vanilla';
import { type Coding } from '@/core/photo';
import {
  codingOf,
  type PhotoFault,
  type PhotoTells,
  type Stand,
  type StandPhoto,
  type StoredPhoto,
  withoutPhoto,
  withPhoto,
} from '@/model';
import { type PhotoRead, type SkylineRead } from './read-photo';

/** A picture on its way in, and what became of it. */
export type PhotoState =
  | { readonly phase: 'idle' }
  | { readonly phase: 'reading'; readonly name: string; readonly progress: number | null }
  | { readonly phase: 'refused'; readonly name: string; readonly fault: PhotoFault | 'failed' }
  /** It is in, and its own data differ from what stands there. */
  | { readonly phase: 'taken'; readonly data: PhotoTells };

/** A skyline that was found in a picture. */
export interface Proposal extends SkylineRead {
  /** The picture that it was found in: it is proposed for no other. */
  readonly sha256: string;
}

export interface Intake {
  readonly picture: PhotoState;
  /** Until it is used or left. */
  readonly proposal: Proposal | null;
  readonly isLooking: boolean;
}

export interface PhotoIntake {
  readonly state: StoreApi<Intake>;
  readonly take: (file: File) => void;
  /** Gives up what is being read, or puts away what was said of it. */
  readonly dismiss: () => void;
  readonly remove: () => void;
  readonly findSkyline: (picture: StandPhoto) => void;
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
  readonly findPhoto: (sha256: string) => Promise<StoredPhoto | null>;
  readonly keepPhoto: (picture: StoredPhoto) => Promise<unknown>;
}

interface IntakeNeeds {
  readonly shelf: Shelf;
  readonly edit: (change: (stand: Stand) => Stand) => void;
  readonly reader: Worker<{ readonly bytes: ArrayBuffer; readonly name: string }, PhotoRead>;
  readonly finder: Worker<
    { readonly bytes: ArrayBuffer; readonly type: string; readonly coding: Coding },
    SkylineRead | null
  >;
}

const IDLE: PhotoState = { phase: 'idle' };

/** Takes pictures into a stand: read in a worker, kept before the stand refers to them, and looked through for a skyline. */
export function createIntake({ shelf, edit, reader, finder }: IntakeNeeds): PhotoIntake {
  const state = createStore<Intake>()(() => ({ picture: IDLE, proposal: null, isLooking: false }));
  /** The newest of the pictures that were taken, and of those that were looked through: older ones have no say. */
  let newest = 0;
  let lookedThrough = '';

  const findSkyline = async (picture: StandPhoto) => {
    const { sha256 } = picture;
    lookedThrough = sha256;
    const isLatest = () => lookedThrough === sha256;
    state.setState({ proposal: null, isLooking: true });
    const stored = await shelf.findPhoto(sha256);
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
    const tell = (picture: PhotoState) => isLatest() && state.setState({ picture });
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
    await shelf.keepPhoto(stored);
    if (!isLatest()) return;
    edit((s) => withPhoto(s, picture));
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
      edit(withoutPhoto);
    },
    findSkyline: (picture) => void findSkyline(picture),
    dropProposal,
    dispose: () => {
      reader.dispose();
      finder.dispose();
    },
  };
}
