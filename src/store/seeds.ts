import { readBagFile, readOutingFile, readStandFile } from '@/files';
import {
  bringsNothingNew,
  mergeBag,
  type Named,
  type NewId,
  ownedBag,
  newcomerBag,
  withCopies,
} from '@/model';
import { NO_PLANS, putOuting, putPlace } from '@/model/outing';
import { type Seeds } from '@/persist';

export interface SeedRules {
  readonly newId: NewId;
  readonly now: () => string;
  readonly nameOf: (item: Named) => string;
}

/**
 * What a workspace begins with, from files: bags go into the usual one, stands stand in the order of their files.
 *
 * @throws where a file is not as the format says: it is one of our own
 */
export function seedsOf(files: readonly string[], { newId, now, nameOf }: SeedRules): Seeds {
  const refused = (path: string, message: string) => new Error(`demo file: ${path}: ${message}`);
  const begunMs = Date.parse(now());
  const bags = files.filter((text) => text.includes('"kind": "bag"'));
  const bag = bags.reduce((own, text) => {
    const read = readBagFile(text);
    if (!read.ok) throw refused(read.error.path, read.error.message);
    return mergeBag(own, read.value, { nameOf, from: 'from the file', newId }).bag;
  }, newcomerBag());
  const outings = files.filter((text) => text.includes('"kind": "outing"'));
  const plans = outings.reduce((planned, text) => {
    const read = readOutingFile(text);
    if (!read.ok) throw refused(read.error.path, read.error.message);
    const { outing, place } = read.value;
    return putOuting(place ? putPlace(planned, place) : planned, outing);
  }, NO_PLANS);
  const stands = files
    .filter((text) => !bags.includes(text) && !outings.includes(text))
    .map((text, i) => {
      const read = readStandFile(text);
      if (!read.ok) throw refused(read.error.path, read.error.message);
      const { stand, bag: own, minor } = read.value;
      const document = { stand, bag: own.filters.length ? own : null, used: [], minor };
      const kept = bringsNothingNew(document, bag) ? { ...document, bag: null } : document;
      // the first of them was changed last
      const updatedAt = new Date(begunMs - i).toISOString();
      return { document: withCopies(kept, bag), updatedAt };
    });
  // a bag that is brought is one’s own
  return { bag: bags.length ? ownedBag(bag) : bag, stands, plans };
}
