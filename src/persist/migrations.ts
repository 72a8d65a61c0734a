import { type DBSchema, type IDBPDatabase } from 'idb';
import { type BackupHistory } from '@/model';
import {
  type BagRecord,
  type OpenTab,
  type PhotoRecord,
  type PlansRecord,
  type StandRecord,
} from './storage';

export interface Schema extends DBSchema {
  stands: { key: string; value: StandRecord };
  bag: { key: string; value: BagRecord };
  plans: { key: string; value: PlansRecord };
  pictures: { key: string; value: PhotoRecord };
  history: { key: string; value: BackupHistory };
  tabs: { key: string; value: OpenTab };
  /** The last countdown of each stand. */
  countdowns: { key: string; value: object };
  /** That seeds were put in, and the newest revision of a stand. */
  marks: { key: string; value: number };
}

interface Migration {
  readonly to: number;
  readonly name: string;
  readonly run: (database: IDBPDatabase<Schema>) => void;
}

/** The database's own layouts, apart from the versions of the file format; each step once, in order, without gaps. */
export const MIGRATIONS: readonly Migration[] = [
  {
    to: 1,
    name: 'stands and bag',
    run: (database) => {
      database.createObjectStore('stands', { keyPath: 'id' });
      database.createObjectStore('bag');
    },
  },
  {
    to: 2,
    name: 'when the last backup was made',
    run: (database) => void database.createObjectStore('history'),
  },
  {
    to: 3,
    name: 'pictures, by what they are',
    run: (database) => void database.createObjectStore('pictures', { keyPath: 'sha256' }),
  },
  {
    to: 4,
    name: 'open tabs, and that seeds were put in',
    run: (database) => {
      database.createObjectStore('tabs', { keyPath: 'id' });
      database.createObjectStore('marks');
    },
  },
  {
    to: 5,
    name: 'what is planned',
    run: (database) => void database.createObjectStore('plans'),
  },
  {
    to: 6,
    name: 'countdowns',
    run: (database) => void database.createObjectStore('countdowns'),
  },
];

export const DATABASE_VERSION = MIGRATIONS.at(-1)!.to;
