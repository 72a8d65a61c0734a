import { type StoreApi } from 'zustand/vanilla';
import { type FileResult, type GlassRow } from '@/files';
import {
  type Bag,
  type KeptStand,
  type MergeNames,
  type MergeReport,
  type StandDocument,
  type StoredPicture,
} from '@/model';
import { type StorageFault, type WorkspaceStorage } from '@/persist';
import { type DocumentStore } from './document-store';
import { type SaveState } from './saver';

export interface WorkspaceState {
  readonly phase: 'loading' | 'ready' | 'failed';
  /** What went wrong with the storage, if anything did. */
  readonly problem: StorageProblem | null;
  /** Nothing outlasts this page: the browser keeps nothing for it. */
  readonly temporary: boolean;
  /** It is time to make a backup. */
  readonly backupDue: boolean;
  /** When the last backup was made, ms since the epoch; null: never. */
  readonly lastBackupMs: number | null;
  /** Every stand as it is now, the one last changed first. */
  readonly stands: readonly StandSummary[];
  readonly saving: SaveState;
  /** Something the photographer must be told once; the shell shows it. */
  readonly notice: string | null;
}

export interface StorageProblem {
  readonly fault: StorageFault;
  /** In the browser's words. */
  readonly detail: string;
}

export interface StandSummary extends KeptStand {
  readonly id: string;
}

export type { GlassRow };

/** Tells other tabs what has been written. */
export interface Channel {
  post(message: { readonly standId?: string; readonly bag?: true }): void;
  onMessage(listener: (message: { readonly standId?: string; readonly bag?: true }) => void): void;
}

export interface WorkspaceOptions {
  /** Opens what the workspace is kept in. */
  readonly open: () => Promise<WorkspaceStorage>;
  readonly channel?: Channel;
  readonly newId: () => string;
  /** Now, ISO 8601. */
  readonly now: () => string;
  /** Files that a new or reset workspace starts with. */
  readonly seeds?: () => Promise<readonly string[]>;
  /** Pictures that the seeds refer to. */
  readonly seedPicture?: (sha256: string) => Promise<StoredPicture | null>;
  /** What a thing of the bag is called in reports. */
  readonly nameOf?: MergeNames['nameOf'];
}

/** A text and the name that its file is given. */
export interface NamedText {
  readonly name: string;
  readonly text: string;
}

export interface NamedBytes {
  readonly name: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
}

/** What became of the bag and of the stands of a file. */
export interface RestoreReport {
  readonly bag: MergeReport;
  readonly stands: MergeReport;
}

/** What a file turned out to be, and what became of it. */
export type Received =
  | { readonly kind: 'stand'; readonly id: string }
  | { readonly kind: 'bag'; readonly report: MergeReport }
  | ({ readonly kind: 'backup' } & RestoreReport);

/** A database of stands and a bag, and everything that can be done to it. */
export interface Workspace {
  readonly state: StoreApi<WorkspaceState>;
  readonly bag: DocumentStore<Bag>;
  load(): Promise<void>;
  open(id: string): DocumentStore<StandDocument> | null;
  /** Begins a stand with the camera and lens last used. */
  createStand(): string;
  duplicateStand(id: string): string | null;
  /** Begins the next framing from the same place, with camera, readings and glass kept. */
  nextStand(id: string): string | null;
  /** Puts a stand away, or takes it out again. */
  archiveStand(id: string, archived: boolean): void;
  /** Deletes a stand and gives the way back. */
  removeStand(id: string): () => void;
  /** Opens a file as a new stand and gives its id; an id that is taken already is renewed. */
  importStand(text: string): FileResult<string>;
  /** Takes a file of any kind in: a stand, a bag or a backup. */
  receive(text: string): FileResult<Received>;
  /** Takes a file in as it was picked or dropped: as `receive`, or a bundle with its pictures. */
  receiveFile(file: Blob): Promise<FileResult<Received>>;
  exportStand(id: string): NamedText | null;
  /** A stand and its picture in one file; null where it has none, or where that is not here. */
  exportBundle(id: string): Promise<NamedBytes | null>;
  /** Keeps a picture before a stand refers to it; told of as not saved where the storage fails, and kept while the page is open. */
  keepPicture(picture: StoredPicture): Promise<void>;
  /** A picture that a stand refers to; null where it is not here. */
  findPicture(sha256: string): Promise<StoredPicture | null>;
  /** Brings a bag file in: nothing that is here is altered. */
  importBag(text: string): FileResult<MergeReport>;
  exportBag(): NamedText;
  /** Understands a table of glass; nothing of it is put into the bag. */
  readGlass(text: string): readonly GlassRow[];
  /** The glass of the bag as a table. */
  exportGlass(): NamedText;
  /** Everything but the pictures as one file; what is written is noted as backed up. */
  backup(): NamedText;
  /** Everything as one file. */
  backupWithPictures(): Promise<NamedText | NamedBytes>;
  /** Brings a backup in: what is not here is added, and of what differs both versions are kept. */
  restore(text: string): FileResult<RestoreReport>;
  /** As `restore`, with the pictures that come with it. */
  restoreFile(file: Blob): Promise<FileResult<RestoreReport>>;
  /** The reminder of a backup has been seen: none for a week. */
  reminded(): void;
  /** Writes again what could not be written. */
  retry(): void;
  /** Clears everything and starts again from the seeds. */
  reset(): Promise<void>;
  /** Resolves when all that was changed is written. */
  settled(): Promise<void>;
}
