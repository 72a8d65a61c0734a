import { lastTake, type Stand } from '@/model';
import {
  benchAgain,
  benchStand,
  EXERCISES,
  GRADES,
  USUAL_LENS_MM,
  withAdvice,
  withNothingLeftOn,
  withTold,
} from '@/model/bench';
import { picturedAs } from '../fixtures';
import { bagOf, type Deed, onStand, someId, someStandId } from './doing';

const isBench = (stand: Stand): boolean => !!stand.bench;

/** What is done on the bench, whatever workspace its stands have come to lie in. */
export const BENCH: Record<string, Deed> = {
  'begin at a simulated scene': (doing) => {
    const { workspace, chance } = doing;
    // other deeds are done on the stands at the top: most of those stay what they were
    if (chance.below(4) > 0) return;
    const exercise = chance.pick([undefined, ...EXERCISES]);
    const stand = benchStand(
      { id: workspace.newId('st'), name: 'Orrin dunes', createdAt: '2026-05-01T05:00:00Z' },
      {
        order: { landscape: 'dunes', seed: 1 + chance.below(1000), sunAltitudeDeg: 5, sunBearingDeg: -30 },
        focalLengthMm: USUAL_LENS_MM.dunes,
        air: 'clear',
        skyline: [
          { u: 0, v: 0.4 },
          { u: 1, v: 0.5 },
        ],
        picture: picturedAs(Array.from({ length: 24 }, (_, i) => 20 + i)),
      },
      bagOf(doing),
      exercise,
    );
    workspace.beginStand(stand, chance.below(3) === 0 ? bagOf(doing) : null);
  },
  'the same scene again': ({ workspace, chance }) => {
    const document = workspace.open(someStandId({ workspace, chance }))?.state.getState().value;
    if (!document?.stand.bench) return;
    const made = { id: workspace.newId('st'), createdAt: '2026-05-01T06:00:00Z' };
    workspace.beginStand(benchAgain(document.stand, made), document.bag);
  },
  'leave glass on the simulated lens': onStand(
    (s, doing) =>
      s.bench && doing.bag.filters.length
        ? { ...s, bench: { ...s.bench, leftOn: [someId(doing.bag, doing)] } }
        : s,
    isBench,
  ),
  'take it off': onStand(withNothingLeftOn, isBench),
  'show the advice': onStand(withAdvice, isBench),
  'be told': onStand(
    (s, { chance }) =>
      withTold(
        s,
        lastTake(s)?.id ?? 'none',
        { glass: chance.next(), seat: 50 * chance.next(), time: 0 },
        chance.pick(GRADES),
      ),
    isBench,
  ),
};
