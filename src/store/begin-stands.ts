import {
  type Bag,
  type KeptStand,
  bagForStand,
  markedName,
  type NewId,
  nextName,
  nextStand,
  seenStand,
  type Stand,
  type StandDocument,
  standToBegin,
  withArchived,
  withCopies,
  withSchool,
} from '@/model';
import { asLearnt } from '@/model/ledger';
import { preferences } from './preferences';

/** What a stand is begun from, and where it goes. */
export interface Beginning {
  readonly bag: () => Bag;
  readonly newId: NewId;
  /** Now, ISO 8601. */
  readonly now: () => string;
  /** The stands that are here, the one last changed first. */
  readonly here: () => readonly KeptStand[];
  readonly documentOf: (id: string) => StandDocument | null;
  readonly add: (kept: readonly KeptStand[]) => readonly string[];
}

/** The ways in which a stand begins: with the camera last used, as a copy, as the next framing from the same place. */
export function waysToBegin({ bag, newId, now, here, documentOf, add }: Beginning) {
  const begin = (document: StandDocument): string => {
    const [id] = add([{ document: withCopies(document, bag()), updatedAt: now() }]);
    return id as string;
  };
  const names = () => here().map((kept) => kept.document.stand.name);
  return {
    create(): string {
      const like = here()[0]?.document.stand;
      const made = { id: newId('st'), name: 'New stand', createdAt: now() };
      const { usualLook, heeded } = preferences.getState();
      const stand = asLearnt(
        withSchool(standToBegin(made, { like, bag: bag() }), usualLook ?? 'natural'),
        heeded,
      );
      return begin({ stand, bag: null, used: [], minor: 0 });
    },
    beginWith: (stand: Stand, brought: Bag | null): string =>
      begin({ stand, bag: brought, used: [], minor: 0 }),
    duplicate(id: string): string | null {
      const document = documentOf(id);
      if (!document) return null;
      const name = markedName(document.stand.name, 'copy', names());
      const copy: Stand = { ...document.stand, id: newId('st'), name, createdAt: now() };
      return begin({ ...document, stand: withArchived(copy, false) });
    },
    goOn(id: string): string | null {
      const document = documentOf(id);
      if (!document) return null;
      const name = nextName(document.stand.name, names());
      // what shots have shown of the light goes on with its readings
      const known = seenStand(document.stand, bagForStand(document, bag()));
      const stand = nextStand(known, { id: newId('st'), name, createdAt: now() });
      return begin({ ...document, stand });
    },
  };
}
