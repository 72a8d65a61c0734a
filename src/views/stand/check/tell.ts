import { CHECK_TEXT } from '@/words';
import { toast } from 'sonner';
import {
  type Remedy,
  remediesFor,
  lastTake,
  MOST_SEEN,
  type Seen,
  seenAs,
  seenOf,
  takeOf,
  withoutSeen,
  withSeen,
  withStand,
  withTake,
} from '@/model';
import { type OpenStand } from '../session';

/** What is told of a shot. */
type ToldOfShot = Pick<Seen, 'what' | 'much' | 'of' | 'at' | 'raw' | 'measured'>;

/** Makes a shot of the stand as its slip says it, and asks what it shows. Without a time there is nothing to shoot by. */
export function shootIt(open: OpenStand): void {
  const { kept, answer, session, newId, ownBag } = open;
  const { lit, bag, derived } = answer.getState();
  const take = takeOf({ stand: lit, bag, derived }, newId('k'), new Date().toISOString());
  if (!take) {
    toast(CHECK_TEXT.slipNoTimeYet);
    return;
  }
  kept.record((document) => withStand(document, withTake(document.stand, take), ownBag()));
  session.getState().setStep('check');
}

/** Keeps what was seen of the last shot, and answers it in the way that comes first, or in one that was chosen. */
export function tellOf(open: OpenStand, told: ToldOfShot, chosen?: Remedy): void {
  const { answer, edit, kept, newId } = open;
  const { stand } = kept.state.getState().value;
  const take = lastTake(stand);
  if (!take) return;
  const before = seenAs(stand, take, told.what);
  if (!before && seenOf(stand, take).length >= MOST_SEEN) {
    toast(CHECK_TEXT.threeThingsOnceEnough);
    return;
  }
  const { lit, bag, derived } = answer.getState();
  const remedies = remediesFor(told, take, { stand: lit, bag, derived });
  const first = chosen ?? remedies.find((r) => r.by !== 'crop') ?? null;
  edit((s) => {
    const rest = before ? withoutSeen(s, before.id) : s;
    return withSeen(rest, bag, { id: newId('w'), takeId: take.id, ...told }, first);
  });
}

/** Takes back what was told. */
export const takeBack = ({ edit }: OpenStand, id: string): void => edit((s) => withoutSeen(s, id));
