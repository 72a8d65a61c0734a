import {
  movedFraming,
  newOuting,
  outingAgain,
  type Outing,
  type Plans,
  putExtra,
  putOuting,
  putPlace,
  putFraming,
  removeExtra,
  removeOuting,
  removePlace,
  removeFraming,
  framingOf,
  withOuting,
  withPacked,
} from '@/model/outing';
import { fullPlans } from '../plans';
import { type Deed, type Doing, momentOfDay, someStandId } from './doing';

const onPlans =
  (run: (plans: Plans, doing: Doing) => Plans): Deed =>
  (doing) => {
    doing.workspace.plans.edit((plans) => run(plans, doing));
  };

const onOuting = (run: (outing: Outing, doing: Doing) => Outing): Deed =>
  onPlans((plans, doing) =>
    plans.outings.length
      ? withOuting(plans, doing.chance.pick(plans.outings).id, (outing) => run(outing, doing))
      : plans,
  );

const someFraming = ({ framings }: Outing, { chance }: Doing) =>
  framings.length ? chance.pick(framings).id : 'none';

export const PLANS: Record<string, Deed> = {
  'plan an outing': onPlans((plans, { workspace, chance }) =>
    putOuting(
      plans,
      newOuting({
        id: workspace.newId('o'),
        name: chance.pick(['Marl Pan', 'Tholl Saddle', '']),
        createdAt: momentOfDay(chance),
        day: chance.pick(['2026-03-29', '2026-06-21']),
        zone: chance.pick(['Europe/London', 'Nowhere/At_All']),
      }),
    ),
  ),
  'plan it in full': onPlans((plans, { workspace }) =>
    putOuting(plans, { ...fullPlans.outings[0]!, id: workspace.newId('o') }),
  ),
  'the same outing on another day': onPlans((plans, { workspace, chance }) => {
    const outing = plans.outings[0];
    return outing
      ? putOuting(
          plans,
          outingAgain(outing, {
            id: workspace.newId('o'),
            name: `${outing.name} again`,
            createdAt: momentOfDay(chance),
            day: '2026-09-22',
          }),
        )
      : plans;
  }),
  'drop an outing': onPlans((plans, { chance }) =>
    plans.outings.length ? removeOuting(plans, chance.pick(plans.outings).id) : plans,
  ),
  'a stand for an outing': onOuting((outing, doing) => {
    const stand = doing.workspace.state.getState().stands.find((s) => s.id === someStandId(doing));
    return stand ? putFraming(outing, framingOf(doing.workspace.newId('s'), stand.document.stand)) : outing;
  }),
  'a framing in another turn': onOuting((outing, doing) =>
    movedFraming(outing, someFraming(outing, doing), doing.chance.pick([-1, 1])),
  ),
  'a framing less': onOuting((outing, doing) => removeFraming(outing, someFraming(outing, doing))),
  'tick as packed': onOuting((outing, { chance }) =>
    withPacked(outing, chance.pick(['glass:hard-2', 'extra:x1']), chance.below(2) === 0),
  ),
  'a tide out of order': onOuting((outing) => ({
    ...outing,
    tides: [
      { at: '2026-03-29T10:20:00.000Z', heightM: 4.9 },
      { at: '2026-03-29T04:10:00.000Z', heightM: 0.6 },
    ],
  })),
  'keep a place': onPlans((plans, { workspace }) =>
    putPlace(plans, { ...fullPlans.places[0]!, id: workspace.newId('p') }),
  ),
  'forget a place': onPlans((plans, { chance }) =>
    plans.places.length ? removePlace(plans, chance.pick(plans.places).id) : plans,
  ),
  'something beside the glass': onPlans((plans, { workspace, chance }) =>
    chance.below(3)
      ? putExtra(plans, { id: workspace.newId('x'), name: 'Gaiters' })
      : removeExtra(plans, plans.extras?.[0]?.id ?? ''),
  ),
  'undo a plan': ({ workspace }) => workspace.plans.undo(),
};
