import { readLabel, SHEET_KINDS } from '@/core/glass';
import {
  archiveFilter,
  asKind,
  type Bag,
  duplicateFilter,
  filterFromLabel,
  newSheet,
  putCamera,
  putFilter,
  putHolder,
  putLens,
  removeCamera,
  removeFilter,
  removeHolder,
  removeLens,
  restoreFilter,
  takeAlong,
  withHolderFor,
  withoutPouch,
} from '@/model';
import { type Deed, bagOf, onBag, someFilter, someId, sheetOr } from './doing';

export const BAG: Record<string, Deed> = {
  'add by a label': onBag((bag, { workspace, chance }) => {
    const read = readLabel(chance.pick(['0.9 soft', 'ND1000', 'CPL', '2 stops reverse', '3 stops band']));
    return read.ok ? putFilter(bag, filterFromLabel(read, workspace.newId('g'), bag)) : bag;
  }),
  'add by figures': onBag((bag, { workspace }) => putFilter(bag, newSheet(workspace.newId('g'), bag))),
  'add a sheet that no file holds': onBag((bag, { workspace }) =>
    putFilter(bag, { ...newSheet(workspace.newId('g'), bag), sheetLengthMm: 1_500 }),
  ),
  'fill the bag to its brim': onBag((bag, { workspace, chance }) =>
    chance.below(6)
      ? bag
      : Array.from({ length: 200 }).reduce<Bag>(
          (b) => (b.filters.length < 200 ? putFilter(b, newSheet(workspace.newId('g'), b)) : b),
          bag,
        ),
  ),
  'one more than it holds': onBag((bag, { workspace }) => ({
    ...bag,
    filters: [
      ...bag.filters,
      ...Array.from({ length: 201 - bag.filters.length }, () => newSheet(workspace.newId('g'), bag)),
    ],
  })),
  'change a strength': onBag((bag, doing) => {
    const filter = someFilter(bag, doing);
    return filter && 'stops' in filter
      ? putFilter(bag, { ...filter, stops: 1 + doing.chance.below(10) })
      : bag;
  }),
  'change a kind': onBag((bag, doing) => {
    const sheet = sheetOr(bag, doing);
    const kind = doing.chance.pick(SHEET_KINDS);
    return sheet ? putFilter(bag, asKind(sheet, kind)) : bag;
  }),
  'body not known': onBag((bag, doing) => {
    const sheet = sheetOr(bag, doing);
    return sheet ? putFilter(bag, { ...sheet, body: undefined }) : bag;
  }),
  'duplicate a filter': onBag((bag, doing) =>
    duplicateFilter(bag, someId(bag, doing), doing.workspace.newId('g')),
  ),
  'archive a filter': onBag((bag, doing) =>
    archiveFilter(bag, someId(bag, doing), doing.chance.below(2) === 0),
  ),
  'take along, or leave': onBag((bag, doing) =>
    takeAlong(bag, someId(bag, doing), doing.chance.below(2) === 0),
  ),
  'all are along': onBag((bag) => withoutPouch(bag)),
  'remove a filter': onBag((bag, doing) => removeFilter(bag, someId(bag, doing))),
  'remove one and add another': onBag((bag, doing) => {
    const read = readLabel('ND64');
    const less = removeFilter(bag, someId(bag, doing));
    return read.ok ? putFilter(less, filterFromLabel(read, doing.workspace.newId('g'), less)) : less;
  }),
  'remove a filter and take that back': (doing) => {
    const bag = bagOf(doing);
    const filter = someFilter(bag, doing);
    if (!filter) return;
    doing.workspace.bag.edit((b) => removeFilter(b, filter.id));
    doing.workspace.bag.edit((b) => restoreFilter(b, filter, bag.filters.indexOf(filter), true));
  },
  slots: onBag((bag, { chance }) => ({ ...bag, slots: 1 + chance.below(3) })),
  holder: onBag((bag, { chance }) => ({
    ...bag,
    holder: { sheetWidthMm: 100, rings: [{ name: 'ring', diameterMm: 82, behindSlotMm: chance.below(9) }] },
  })),
  'add a lens': onBag((bag, { workspace }) =>
    (bag.lenses?.length ?? 0) < 100
      ? putLens(bag, { id: workspace.newId('l'), shortestMm: 16, longestMm: 35 })
      : bag,
  ),
  'add a holder': onBag((bag, { workspace, chance }) =>
    (bag.holders?.length ?? 0) < 100
      ? putHolder(bag, { id: workspace.newId('h'), slots: 1 + chance.below(3), sheetWidthMm: 150 })
      : bag,
  ),
  'a holder for a lens': onBag((bag, { chance }) =>
    bag.holders?.length && bag.lenses?.length
      ? withHolderFor(bag, chance.pick(bag.holders).id, chance.pick(bag.lenses).id, chance.below(4) > 0)
      : bag,
  ),
  'remove a holder': onBag((bag) => (bag.holders?.length ? removeHolder(bag, bag.holders[0]!.id) : bag)),
  'remove a lens': onBag((bag) => (bag.lenses?.length ? removeLens(bag, bag.lenses[0]!.id) : bag)),
  'add a camera': onBag((bag, { workspace }) =>
    (bag.cameras?.length ?? 0) < 100
      ? putCamera(bag, { id: workspace.newId('c'), sensorWidthMm: 36, sensorHeightMm: 24 })
      : bag,
  ),
  'remove a camera': onBag((bag) => (bag.cameras?.length ? removeCamera(bag, bag.cameras[0]!.id) : bag)),
  'bag back': ({ workspace }) => workspace.bag.undo(),
  'bag forth': ({ workspace }) => workspace.bag.redo(),
};
