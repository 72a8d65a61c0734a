import { type Bag, type Filter, isSheet, type Stand, withStand } from '@/model';
import { type Workspace } from '@/store';
import { type Chance } from '../mutate';

/** Where a deed is done: a workspace, and something to choose by. */
export interface Doing {
  readonly workspace: Workspace;
  readonly chance: Chance;
}

/** Something that a photographer does; what cannot be done just now does nothing. */
export type Deed = (doing: Doing) => void | Promise<void>;

export const bagOf = ({ workspace }: Doing): Bag => workspace.bag.state.getState().value;

/** A deed on some stand; of those that it can be done on, where not all are such. */
export const onStand =
  (
    run: (stand: Stand, doing: Doing & { readonly bag: Bag }) => Stand,
    isAble: (stand: Stand) => boolean = () => true,
  ): Deed =>
  (doing) => {
    const { workspace, chance } = doing;
    const stands = workspace.state.getState().stands.filter((s) => isAble(s.document.stand));
    if (!stands.length) return;
    const { id } = chance.pick(stands.slice(0, 4));
    const bag = bagOf(doing);
    workspace.open(id)?.edit((d) => withStand(d, run(d.stand, { ...doing, bag }), bag));
  };

/** A deed on the bag. */
export const onBag =
  (run: (bag: Bag, doing: Doing) => Bag): Deed =>
  (doing) => {
    doing.workspace.bag.edit((bag) => run(bag, doing));
  };

export const somePoint = ({ chance }: Doing) => ({ u: chance.next(), v: chance.next() });
export const someFilter = (bag: Bag, { chance }: Doing): Filter | undefined =>
  bag.filters.length ? chance.pick(bag.filters) : undefined;
export const someId = (bag: Bag, doing: Doing): string => someFilter(bag, doing)?.id ?? 'none';
export const someReading = (stand: Stand, { chance }: Doing) =>
  stand.readings.length ? chance.pick(stand.readings).id : 'none';
export const someShape = (stand: Stand, { chance }: Doing) =>
  stand.shapes?.length ? chance.pick(stand.shapes) : undefined;
export const someStandId = ({ workspace, chance }: Doing): string => {
  const { stands } = workspace.state.getState();
  return stands.length ? chance.pick(stands).id : 'none';
};
export const momentOfDay = (chance: Chance) =>
  new Date(Date.UTC(2026, 2, 14, 5, chance.below(180))).toISOString();

export const sheetOr = (bag: Bag, doing: Doing) => {
  const sheets = bag.filters.filter(isSheet);
  return sheets.length ? doing.chance.pick(sheets) : undefined;
};
