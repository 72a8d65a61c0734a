import {
  remediesFor,
  deriveStand,
  DISTURBANCES,
  disturbed,
  doneAgain,
  lastTake,
  muchesOf,
  seenStand,
  SIGHT_IDS,
  sightRecord,
  type Stand,
  takeOf,
  takenUpAgain,
  shotOtherwise,
  VERDICTS,
  withoutSeen,
  withoutTake,
  withSeen,
  withStand,
  withTake,
  withTakeAs,
} from '@/model';
import { bagOf, type Deed, type Doing, momentOfDay, onStand, somePoint } from './doing';

const solved = (kept: Stand, doing: Doing) => {
  const bag = bagOf(doing);
  const stand = seenStand(kept, bag);
  return { stand, bag, derived: deriveStand(stand, bag, null) };
};

/** Something that has happened to a stand: no undo takes it back. */
const recorded =
  (run: (stand: Stand, doing: Doing) => Stand): Deed =>
  (doing) => {
    const { workspace, chance } = doing;
    const { stands } = workspace.state.getState();
    if (!stands.length) return;
    const { id } = chance.pick(stands.slice(0, 4));
    workspace.open(id)?.record((d) => withStand(d, run(d.stand, doing), bagOf(doing)));
  };

/** What is done with shots. */
export const CHECK: Record<string, Deed> = {
  'shoot it': recorded((s, doing) => {
    const take = takeOf(solved(s, doing), doing.workspace.newId('k'), momentOfDay(doing.chance));
    return take ? withTake(s, take) : s;
  }),
  'say what it shows': onStand((s, doing) => {
    const take = lastTake(s);
    if (!take) return s;
    const { chance, workspace } = doing;
    const what = chance.pick(SIGHT_IDS);
    const { ofs = [], placed } = sightRecord(what);
    const muches = muchesOf(what);
    const told = {
      what,
      ...(muches.length ? { much: chance.pick(muches) } : {}),
      ...(ofs.length ? { of: chance.pick(ofs) } : {}),
    };
    const at = placed && chance.below(2) ? { at: somePoint(doing) } : {};
    const [remedy = null] = remediesFor(told, take, solved(s, doing));
    return withSeen(s, bagOf(doing), { id: workspace.newId('w'), takeId: take.id, ...told, ...at }, remedy);
  }),
  'take back what was seen': onStand(
    (s, { chance }) => withoutSeen(s, chance.pick(s.seen ?? []).id),
    (s) => !!s.seen?.length,
  ),
  'judge a shot': recorded((s, { chance }) =>
    s.takes?.length
      ? withTakeAs(s, chance.pick(s.takes).id, (t) => ({
          ...t,
          verdict: chance.pick(VERDICTS),
          note: 'wind',
        }))
      : s,
  ),
  'say that a shot was otherwise': recorded((s, { chance }) => {
    const take = lastTake(s);
    return take ? shotOtherwise(s, take.id, { ...take.exposure, aperture: chance.pick([8, 11, 13]) }) : s;
  }),
  'remove a shot': recorded((s, { chance }) =>
    s.takes?.length ? withoutTake(s, chance.pick(s.takes).id) : s,
  ),
  'take a shot up again': onStand((s, { chance }) =>
    s.takes?.length ? takenUpAgain(s, chance.pick(s.takes)) : s,
  ),
  'something happens': onStand((s, { chance }) =>
    disturbed(s, chance.pick(DISTURBANCES), chance.below(2) === 1),
  ),
  'it is done again': onStand((s, { chance }) =>
    s.doAgain?.length ? doneAgain(s, chance.pick(s.doAgain)) : s,
  ),
};
