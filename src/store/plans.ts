import { joinParts, sameContent } from '@/model';
import { NO_PLANS, type Plans, PLANS_PARTS } from '@/model/outing';
import { admitPlans } from '@/model/documents/gate';
import { type PlansRecord } from '@/persist';
import { type KeptOptions } from './bag';
import { createKeptOne, type KeptOne } from './kept-one';

/** What is planned in a workspace: outings, places of one's own. */
export type KeptPlans = KeptOne<Plans, PlansRecord>;

export const createKeptPlans = (options: KeptOptions): KeptPlans => {
  const { storage, channel, newId, nameOf, saving, notify } = options;
  return createKeptOne<Plans, PlansRecord>({
    nothing: () => NO_PLANS,
    valueOf: (record) => record.plans,
    read: () => storage().plans(),
    write: (plans, revision) => storage().putPlans(plans, { revision }),
    isSame: sameContent,
    join: (versions) => {
      const rules = { nameOf, from: 'other tab', newId };
      const { joined, leftOut } = joinParts<Plans>(PLANS_PARTS, versions, rules);
      notify({ code: 'plans-joined', leftOut });
      return joined;
    },
    admit: admitPlans,
    onRefused: (fault) => notify({ code: 'not-taken', fault }),
    report: saving.report('plans'),
    onWritten: () => channel.post({ plans: true }),
  });
};
