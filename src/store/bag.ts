import {
  asSaid,
  type Bag,
  BAG_PARTS,
  joinParts,
  type Named,
  type NewId,
  newcomerBag,
  type Notice,
  sameContent,
} from '@/model';
import { admitBag } from '@/model/documents/gate';
import { type BagRecord, type WorkspaceStorage } from '@/persist';
import { createKeptOne, type KeptOne } from './kept-one';
import { type Saving } from './saving';
import { type Channel } from './tabs';

export interface KeptOptions {
  readonly storage: () => WorkspaceStorage;
  readonly channel: Channel;
  readonly newId: NewId;
  readonly nameOf: (item: Named) => string;
  readonly saving: Saving;
  readonly notify: (notice: Notice) => void;
}

/** The bag of a workspace. */
export type KeptBag = KeptOne<Bag, BagRecord>;

export const createKeptBag = (options: KeptOptions): KeptBag => {
  const { storage, channel, newId, nameOf, saving, notify } = options;
  return createKeptOne<Bag, BagRecord>({
    nothing: newcomerBag,
    valueOf: (record) => record.bag,
    read: () => storage().bag(),
    write: (bag, revision) => storage().putBag(bag, { revision }),
    isSame: sameContent,
    join: (versions) => {
      const rules = { nameOf, from: 'other tab', newId };
      const { joined, isTheirs, leftOut } = joinParts<Bag>(BAG_PARTS, versions, rules);
      notify({ code: 'bag-joined', settingsAreTheirs: isTheirs, leftOut });
      return joined;
    },
    settle: asSaid,
    admit: admitBag,
    onRefused: (fault) => notify({ code: 'not-taken', fault }),
    report: saving.report('bag'),
    onWritten: () => channel.post({ bag: true }),
  });
};
