import { writeBagFile, writeStandFile } from '@/files';
import {
  type Bag,
  choose,
  markedName,
  putFilter,
  sampleBag,
  withGlassOfToday,
  withNewFilters,
  withWorkspaceBag,
} from '@/model';
import { testStand } from '../fixtures';
import { valueOf } from '../results';
import { type Deed, bagOf, onStand, someStandId } from './doing';

export const STANDS: Record<string, Deed> = {
  create: ({ workspace }) => void workspace.createStand(),
  duplicate: (doing) => void doing.workspace.duplicateStand(someStandId(doing)),
  'go on from here': (doing) => void doing.workspace.nextStand(someStandId(doing)),
  archive: (doing) => doing.workspace.archiveStand(someStandId(doing), doing.chance.below(2) === 0),
  remove: (doing) => {
    if (doing.workspace.state.getState().stands.length > 3) doing.workspace.removeStand(someStandId(doing));
  },
  'remove, and take that back': (doing) => doing.workspace.removeStand(someStandId(doing))(),
  undo: (doing) => doing.workspace.open(someStandId(doing))?.undo(),
  'undo, and redo': (doing) => {
    const document = doing.workspace.open(someStandId(doing));
    document?.undo();
    document?.redo();
  },
  'copies of copies': (doing) => {
    let id: string | null = someStandId(doing);
    for (let i = 0; i < 3 && id; i++) id = doing.workspace.duplicateStand(id);
  },
};

/** A bag of somebody else's, whose ids are ours and whose glass is not. */
const OTHER_BAG: Bag = {
  slots: 2,
  filters: sampleBag().filters.map((f) => ('stops' in f ? { ...f, stops: f.stops + 0.5 } : f)),
};

export const FILES: Record<string, Deed> = {
  'bring one’s own stand in again': ({ workspace, chance }) => {
    const file = workspace.exportStand(someStandId({ workspace, chance }));
    if (file) workspace.importStand(valueOf(file).text);
  },
  'bring somebody’s stand in': ({ workspace }) => {
    const stand = choose(testStand(), { filterIds: ['hard-2'], offsetMm: 1, turnDeg: 0 });
    workspace.importStand(valueOf(writeStandFile({ stand, bag: OTHER_BAG, minor: 0 })));
  },
  'bring one’s own bag in': ({ workspace }) => void workspace.importBag(valueOf(workspace.exportBag()).text),
  'bring somebody’s bag in': ({ workspace }) => void workspace.importBag(valueOf(writeBagFile(OTHER_BAG))),
  'bring one’s own backup in': async ({ workspace }) => {
    await workspace.restore(valueOf(await workspace.backup()).file.text);
  },
  'bring a table of glass in': async ({ workspace }) => {
    const { text } = await workspace.exportGlass();
    const rows = (await workspace.readGlass(text)).slice(0, 5);
    workspace.bag.edit((bag) =>
      rows.reduce((b, row) => (row.ok && b.filters.length < 200 ? putFilter(b, row.filter) : b), bag),
    );
  },
  'use my bag': (doing) => {
    const { workspace } = doing;
    workspace.open(someStandId(doing))?.edit((d) => withWorkspaceBag(d, bagOf(doing), workspace.newId));
  },
  'add its sheets': (doing) => {
    const document = doing.workspace.open(someStandId(doing))?.state.getState().value;
    if (document) doing.workspace.bag.edit((bag) => withNewFilters(document, bag, doing.workspace.newId));
  },
  'use glass as it is now': (doing) => {
    const bag = bagOf(doing);
    doing.workspace.open(someStandId(doing))?.edit((d) => withGlassOfToday(d, bag));
  },
  'a marked name': onStand((s) => ({ ...s, name: markedName(s.name, 'copy', [s.name]) })),
};
