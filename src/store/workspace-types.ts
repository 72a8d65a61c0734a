import { type StoreApi } from 'zustand/vanilla';
import { type Carried, type FileResult, type GlassRow, type RefusedThing } from '@/files';
import {
  type Bag,
  type MergeReport,
  type Named,
  type NewId,
  type Notice,
  type Preferences,
  type Stand,
  type StandDocument,
  type StoredPhoto,
} from '@/model';
import { type Plans } from '@/model/outing';
import { type StorageFault, type WorkspaceStorage } from '@/persist';
import { type CountdownRecords } from './countdown';
import { type DocumentStore } from './document-store';
import { type SaveState } from './saving';
import { type BrokenStand, type StandSummary } from './stands';
import { type Channel, type Presence } from './tabs';

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
  /** How far a backup that is being written or brought in is, 0 to 1; null where none is. */
  readonly filing: number | null;
  /** Every stand as it is now, the one last changed first. */
  readonly stands: readonly StandSummary[];
  /** Records that are no stands as this version knows them. */
  readonly broken: readonly BrokenStand[];
  readonly saving: SaveState;
  /** Something the photographer must be told once; the shell shows it. */
  readonly notice: Notice | null;
}

export interface StorageProblem {
  readonly fault: StorageFault;
  /** In the browser's words. */
  readonly detail: string;
}

export type { GlassRow };

export interface WorkspaceOptions {
  /** Opens what the workspace is kept in. */
  readonly open: () => Promise<WorkspaceStorage>;
  readonly channel?: Channel;
  readonly presence?: Presence;
  readonly newId: NewId;
  /** Now, ISO 8601. */
  readonly now: () => string;
  /** Files that a new or reset workspace starts with. */
  readonly seeds?: () => Promise<readonly string[]>;
  /** Pictures that the seeds refer to. */
  readonly seedPhoto?: (sha256: string) => Promise<StoredPhoto | null>;
  /** What a thing of the bag is called in reports. */
  readonly nameOf?: (item: Named) => string;
  /** How the photographer works, which backups hold too; absent: they do not. */
  readonly preferences?: PreferenceRoom;
}

/** How the photographer works, and the way to take over what a backup says of it: whether that changed anything. */
export interface PreferenceRoom {
  readonly own: () => Preferences;
  readonly take: (theirs: Preferences) => boolean;
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

/** What became of the bag and of the stands of a file, and what of it could not be taken. */
export interface RestoreReport {
  readonly bag: MergeReport;
  readonly stands: MergeReport;
  readonly plans: MergeReport;
  /** How one works came along: settings, place, what was learnt. */
  readonly preferences: boolean;
  readonly refused: readonly RefusedThing[];
}

/** A backup that was written and read back. */
export interface WrittenBackup<F = NamedText | NamedBytes> {
  readonly file: F;
  /** What stands in it and would not be read again as it is. */
  readonly unreadable: readonly RefusedThing[];
  /** Pictures that are not here, and so not in it. */
  readonly missing: number;
}

/** What a file turned out to be, and what became of it. */
export type Received =
  | { readonly kind: 'stand'; readonly id: string; readonly refused: readonly RefusedThing[] }
  | { readonly kind: 'outing'; readonly report: MergeReport; readonly refused: readonly RefusedThing[] }
  | { readonly kind: 'bag'; readonly report: MergeReport; readonly refused: readonly RefusedThing[] }
  | ({ readonly kind: 'backup' } & RestoreReport);

/** What goes out to files and comes in from them. Nothing is written that is not read back first. */
export interface Files {
  /** Opens a file as a new stand and gives its id; an id that is taken already is renewed. */
  importStand(text: string): FileResult<string>;
  /** Brings a bag file in: nothing that is here is altered. */
  importBag(text: string): FileResult<MergeReport>;
  /** Brings an outing in, and the place that it goes to. */
  importOuting(text: string): FileResult<MergeReport>;
  /** Takes a file of any kind in: a stand, a bag, an outing or a backup. */
  receive(text: string): Promise<FileResult<Received>>;
  /** Takes a file in as it was picked or dropped: as `receive`, or a bundle with its pictures. */
  receiveFile(file: Blob): Promise<FileResult<Received>>;
  /** Brings a backup in: what is not here is added, and of what differs both versions are kept. */
  restore(text: string): Promise<FileResult<RestoreReport>>;
  /** As `restore`, with the pictures that come with it. */
  restoreFile(file: Blob): Promise<FileResult<RestoreReport>>;
  exportStand(id: string): FileResult<NamedText> | null;
  /** A stand as text that goes into a link; null where it is not here. */
  carryStand(id: string): Promise<FileResult<Carried> | null>;
  /** A stand and its picture in one file; null where it has none, or where that is not here. */
  exportBundle(id: string): Promise<FileResult<NamedBytes> | null>;
  /** A stand just as it is stored, whatever is wrong with it. */
  exportRaw(id: string): NamedText | null;
  exportBag(): FileResult<NamedText>;
  /** Understands a table of glass; nothing of it is put into the bag. */
  readGlass(text: string): Promise<readonly GlassRow[]>;
  /** The glass of the bag as a table. */
  exportGlass(): Promise<NamedText>;
  /** An outing with its place; null where it is not here. */
  exportOuting(id: string): FileResult<NamedText> | null;
  /** Everything but the pictures as one file; what is written is noted as backed up. */
  backup(): Promise<FileResult<WrittenBackup<NamedText>>>;
  /** Everything as one file. */
  backupWithPhotos(): Promise<FileResult<WrittenBackup>>;
}

/** A database of stands and a bag, and everything that can be done to it. */
export interface Workspace extends Files {
  readonly state: StoreApi<WorkspaceState>;
  readonly bag: DocumentStore<Bag>;
  /** Outings and places of one's own. */
  readonly plans: DocumentStore<Plans>;
  readonly newId: NewId;
  /** Loads it, once in the life of the page however often it is asked for. */
  load(): Promise<void>;
  open(id: string): DocumentStore<StandDocument> | null;
  /** Begins a stand with the camera and lens last used. */
  createStand(): string;
  /** Begins a stand that was made elsewhere, with the glass that it brings, and gives its id. */
  beginStand(stand: Stand, bag: Bag | null): string;
  duplicateStand(id: string): string | null;
  /** Begins the next framing from the same place, with camera, readings and glass kept. */
  nextStand(id: string): string | null;
  /** Puts a stand away, or takes it out again. */
  archiveStand(id: string, archived: boolean): void;
  renameStand(id: string, name: string): void;
  /** Deletes a stand and gives the way back. */
  removeStand(id: string): () => void;
  removeBroken(id: string): void;
  /** Keeps a picture before a stand refers to it; told of as not saved where the storage fails, and kept while the page is open. */
  keepPhoto(picture: StoredPhoto): Promise<void>;
  /** A picture that a stand refers to; null where it is not here. */
  findPhoto(sha256: string): Promise<StoredPhoto | null>;
  /** The countdowns of stands, in the database as soon as they are begun. */
  readonly countdowns: CountdownRecords;
  /** The notice has been shown. */
  noticed(): void;
  /** The reminder of a backup has been seen: none for a week. */
  reminded(): void;
  /** Writes again what could not be written; a database that was deleted or cleared is begun anew with all that is here. */
  retry(): Promise<void>;
  /** Writes at once what waits for its turn within a gesture: the page may be about to go. */
  flush(): void;
  /** Clears everything and starts again from the seeds. */
  reset(): Promise<void>;
  /** Resolves when all that was changed is written. */
  settled(): Promise<void>;
}
