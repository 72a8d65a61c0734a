import { type Bag } from '../bag/bag';
import { bagAtLens } from '../bag/holders';
import { deriveStand } from '../answer/derive';
import { solveStand } from '../answer/solve';
import { seenStand } from '../check/evidence/light';
import { takeOf } from '../check/takes';
import { bagForStand, type StandDocument } from '../documents/document';
import { type Take } from '../stand/stand';

/** A shot of a stand that is not open, as its slip has it; null where the slip has no time. */
export function shotBySlip(document: StandDocument, ownBag: Bag, id: string, at: string): Take | null {
  const bag = bagAtLens(document.stand, bagForStand(document, ownBag));
  const stand = seenStand(document.stand, bag);
  const derived = deriveStand(stand, bag, solveStand(stand, bag, { workedOut: 1 }));
  return takeOf({ stand, bag, derived }, id, at);
}
