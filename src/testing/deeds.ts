import { readLabel } from '@/core/glass';
import { readReadingsCsv, writeBagFile, writeStandFile } from '@/files';
import {
  addCornerAfter,
  addReading,
  addShape,
  addSkylinePoint,
  archiveFilter,
  asKind,
  type Bag,
  changeReading,
  changeShape,
  choose,
  drawSkyline,
  duplicateFilter,
  type Filter,
  filterFromLabel,
  forgetEarlier,
  isSheet,
  markedName,
  markFeatures,
  mountedCamera,
  mountedLens,
  moveSkylinePoint,
  newSheet,
  putCamera,
  putFilter,
  putFitted,
  putLens,
  readAgain,
  removeCamera,
  removeCorner,
  removeFilter,
  removeLens,
  removeReading,
  removeShape,
  removeSkylinePoint,
  restoreFilter,
  sampleBag,
  SCHOOLS,
  type Stand,
  SUN_SIDES,
  takeAlong,
  withGlassOfToday,
  withNds,
  withNewFilters,
  withOffer,
  withoutPicture,
  withoutPlace,
  withoutPouch,
  withPicture,
  withSchool,
  withSkyline,
  withStand,
  withWholeScene,
  withWorkspaceBag,
} from '@/model';
import { type Workspace } from '@/store';
import { testStand } from './fixtures';
import { type Chance } from './mutate';
import { valueOf } from './results';

/** Where a deed is done: a workspace, and something to choose by. */
export interface Doing {
  readonly workspace: Workspace;
  readonly chance: Chance;
}

/** Something that a photographer does; what cannot be done just now does nothing. */
export type Deed = (doing: Doing) => void | Promise<void>;

const bagOf = ({ workspace }: Doing): Bag => workspace.bag.state.getState().value;

/** A deed on some stand. */
const onStand =
  (run: (stand: Stand, doing: Doing & { readonly bag: Bag }) => Stand): Deed =>
  (doing) => {
    const { workspace, chance } = doing;
    const { stands } = workspace.state.getState();
    if (!stands.length) return;
    const { id } = chance.pick(stands.slice(0, 4));
    const bag = bagOf(doing);
    workspace.open(id)?.edit((d) => withStand(d, run(d.stand, { ...doing, bag }), bag));
  };

/** A deed on the bag. */
const onBag =
  (run: (bag: Bag, doing: Doing) => Bag): Deed =>
  (doing) =>
    doing.workspace.bag.edit((bag) => run(bag, doing));

const somePoint = ({ chance }: Doing) => ({ u: chance.next(), v: chance.next() });
const someFilter = (bag: Bag, { chance }: Doing): Filter | undefined =>
  bag.filters.length ? chance.pick(bag.filters) : undefined;
const someId = (bag: Bag, doing: Doing): string => someFilter(bag, doing)?.id ?? 'none';
const someReading = (stand: Stand, { chance }: Doing) =>
  stand.readings.length ? chance.pick(stand.readings).id : 'none';
const someShape = (stand: Stand, { chance }: Doing) =>
  stand.shapes?.length ? chance.pick(stand.shapes) : undefined;
const someStandId = ({ workspace, chance }: Doing): string => {
  const { stands } = workspace.state.getState();
  return stands.length ? chance.pick(stands).id : 'none';
};
const momentOfDay = (chance: Chance) => new Date(Date.UTC(2026, 2, 14, 5, chance.below(180))).toISOString();

const sheetOr = (bag: Bag, doing: Doing) => {
  const sheets = bag.filters.filter(isSheet);
  return sheets.length ? doing.chance.pick(sheets) : undefined;
};

const READING: Record<string, Deed> = {
  'read by EV': onStand((s, { workspace, chance }) =>
    addReading(s, {
      id: workspace.newId('r'),
      role: chance.pick(['sky', 'land', 'water']),
      ev100: 5 + chance.below(10),
    }),
  ),
  'read by settings, at a place': onStand((s, doing) =>
    addReading(s, {
      id: doing.workspace.newId('r'),
      role: doing.chance.pick(['sky', 'land', 'feature']),
      aperture: 8,
      shutter: doing.chance.pick(['1/125', '30', '2.5s', 0.0123]),
      iso: 100,
      takenAt: momentOfDay(doing.chance),
      ...somePoint(doing),
    }),
  ),
  'read through glass': onStand((s, doing) =>
    addReading(s, {
      id: doing.workspace.newId('r'),
      role: 'land',
      ev100: 6,
      throughFilterIds: [someId(doing.bag, doing)],
    }),
  ),
  'read through a seated grad': onStand((s, doing) => {
    const sheet = sheetOr(doing.bag, doing);
    if (!sheet) return s;
    const seat = { filterId: sheet.id, offsetMm: doing.chance.below(20), turnDeg: 3 };
    const light = { ev100: 9, throughFilterIds: [sheet.id], seat, ...somePoint(doing) };
    return addReading(s, { id: doing.workspace.newId('r'), role: 'sky', ...light });
  }),
  'read again': onStand((s, doing) =>
    readAgain(s, someReading(s, doing), {
      ev100: 4 + doing.chance.below(9),
      takenAt: momentOfDay(doing.chance),
    }),
  ),
  'read again through glass': onStand((s, doing) =>
    readAgain(s, someReading(s, doing), { ev100: 7, throughFilterIds: [someId(doing.bag, doing)] }),
  ),
  'forget earlier looks': onStand((s, doing) => forgetEarlier(s, someReading(s, doing))),
  'hold a reading': onStand((s, doing) => changeReading(s, someReading(s, doing), { limit: true })),
  'want a tone': onStand((s, doing) => changeReading(s, someReading(s, doing), { wantedToneStops: 1.7 })),
  'set the angle': onStand((s, doing) => changeReading(s, someReading(s, doing), { spotAngleDeg: 3 })),
  'move a reading': onStand((s, doing) => changeReading(s, someReading(s, doing), somePoint(doing))),
  'take a reading’s place away': onStand((s, doing) => withoutPlace(s, someReading(s, doing))),
  'delete a reading': onStand((s, doing) => removeReading(s, someReading(s, doing))),
  'read the whole scene': onStand((s, { chance }) => withWholeScene(s, { ev100: 8 + chance.below(3) })),
  'read the whole scene through glass': onStand((s, doing) =>
    withWholeScene(s, { ev100: 8, throughFilterIds: [someId(doing.bag, doing)] }),
  ),
  'put the whole scene away': onStand((s) => withWholeScene(s, undefined)),
  'nothing to hold': onStand((s) => ({ ...s, nothingToHold: true })),
  'paste readings': onStand((s, doing) => {
    const context = { bag: doing.bag, aperture: 8, iso: 100, day: '2026-03-14T05:00:00Z' };
    const rows = readReadingsCsv('sky, 8, 250, 100\nland 30\nwater EV 9', context);
    return rows.reduce(
      (t, row) => (row.ok ? addReading(t, { ...row.reading, id: doing.workspace.newId('r') }) : t),
      s,
    );
  }),
  'read beyond what a file holds': onStand((s, { workspace }) =>
    addReading(s, { id: workspace.newId('r'), role: 'sky', ev100: -20.3 }),
  ),
};

const FRAME: Record<string, Deed> = {
  rename: onStand((s, { chance }) => ({
    ...s,
    name: chance.pick(['Ridge at 6', 'Beach 2026', 'Marl Pan', '=1+1']),
  })),
  'a name as long as can be': onStand((s) => ({ ...s, name: 'n'.repeat(10_000) })),
  'a name too long': onStand((s) => ({ ...s, name: 'n'.repeat(10_001) })),
  'half a character': onStand((s) => ({ ...s, name: 'a\ud800' })),
  notes: onStand((s) => ({ ...s, notes: 'wind from the left\n“quoted”' })),
  'name the held part': onStand((s) => ({ ...s, skyName: 'lit leaves' })),
  'turn the camera': onStand((s) => ({ ...s, camera: { ...s.camera, orientation: 'portrait' } })),
  'mount a lens': onStand((s, { bag, chance }) =>
    bag.lenses?.length ? { ...s, lens: mountedLens(chance.pick(bag.lenses), s.lens.focalLengthMm) } : s,
  ),
  'mount a camera': onStand((s, { bag, chance }) =>
    bag.cameras?.length ? { ...s, camera: mountedCamera(chance.pick(bag.cameras), 'landscape') } : s,
  ),
  'focal length': onStand((s, { chance }) => ({
    ...s,
    lens: { ...s.lens, focalLengthMm: 14 + chance.below(100) },
  })),
  'focal length beyond': onStand((s) => ({ ...s, lens: { ...s.lens, focalLengthMm: 9_000 } })),
  'aperture and ISO': onStand((s, { chance }) => ({
    ...s,
    exposure: { aperture: chance.pick([8, 11]), iso: 200 },
  })),
  'move a skyline point': onStand((s, doing) =>
    moveSkylinePoint(s, doing.chance.below(s.skyline.length), somePoint(doing)),
  ),
  'add a skyline point': onStand((s, doing) => addSkylinePoint(s, somePoint(doing))),
  'remove a skyline point': onStand((s, { chance }) => removeSkylinePoint(s, chance.below(s.skyline.length))),
  'draw the skyline': onStand((s, { chance }) =>
    drawSkyline(
      s,
      Array.from({ length: 30 }, (_, i) => ({ u: 0.2 + i / 60, v: 0.4 + 0.1 * chance.next() })),
    ),
  ),
  'take a found skyline': onStand((s, { chance }) =>
    withSkyline(
      s,
      Array.from({ length: 40 }, (_, i) => ({ u: i / 39, v: 0.3 + 0.2 * chance.next() })),
    ),
  ),
  'outline a shape': onStand((s, doing) =>
    addShape(s, doing.workspace.newId('s'), [somePoint(doing), somePoint(doing), somePoint(doing)]),
  ),
  'treat a shape': onStand((s, doing) => {
    const shape = someShape(s, doing);
    const region = doing.chance.pick(['feature', 'water', 'ignore'] as const);
    return shape ? changeShape(s, shape.id, { region, name: 'fir', treat: 'tame' }) : s;
  }),
  'add a corner': onStand((s, doing) => {
    const shape = someShape(s, doing);
    return shape ? addCornerAfter(s, shape, 0) : s;
  }),
  'remove a corner': onStand((s, doing) => {
    const shape = someShape(s, doing);
    return shape ? removeCorner(s, shape, 0) : s;
  }),
  'remove a shape': onStand((s, doing) => removeShape(s, someShape(s, doing)?.id ?? 'none')),
  'mark what stands up': onStand((s, { workspace }) => markFeatures(s, workspace.newId)),
  crop: onStand((s, { chance }) => ({
    ...s,
    crop: chance.below(2) ? { width: 1, height: 1, at: 0.2 } : undefined,
  })),
  'leave out': onStand((s) => ({ ...s, leaveOut: [...(s.leaveOut ?? []), 'branch at the left'] })),
  place: onStand((s) => withOffer(s, { of: 'place', place: { latitudeDeg: 12.5, longitudeDeg: -3.25 } })),
  'take the picture’s time': onStand((s, { chance }) =>
    withOffer(s, { of: 'time', takenAt: momentOfDay(chance) }),
  ),
  'fill the frame': onStand((s, { chance }) => {
    const sha256 = chance.pick(['a', 'b', 'c']).repeat(64);
    const light = { columns: 2, rows: 1, topStops: 0, cells: '80f0' };
    return withPicture(s, { sha256, type: 'image/jpeg', columns: 3, rows: 2, light });
  }),
  'take the picture out': onStand((s) => withoutPicture(s)),
};

const BALANCE: Record<string, Deed> = {
  'another look': onStand((s, { chance }) => withSchool(s, chance.pick(SCHOOLS))),
  'another gap': onStand((s) =>
    s.look.school === 'natural' ? { ...s, look: { ...s.look, gapStops: 1.4 } } : s,
  ),
  'a gap of another look': onStand((s) => ({ ...s, look: { ...s.look, gapStops: 5 } })),
  'follow and placement': onStand((s) => ({
    ...s,
    look: { ...s.look, follow: 0.3, landPlacementStops: -0.5 },
  })),
  'where the sun is': onStand((s, { chance }) => ({
    ...s,
    look: { ...s.look, sun: chance.pick(SUN_SIDES) },
  })),
  'choose a sheet': onStand((s, doing) => {
    const sheet = sheetOr(doing.bag, doing);
    return sheet ? choose(s, { filterIds: [sheet.id], offsetMm: doing.chance.below(30), turnDeg: 0 }) : s;
  }),
  'choose two': onStand((s, doing) => {
    const [a, b] = [sheetOr(doing.bag, doing), sheetOr(doing.bag, doing)];
    return a && b && a !== b ? choose(s, { filterIds: [a.id, b.id], offsetMm: 2, turnDeg: 5 }) : s;
  }),
  'let it follow again': onStand((s) => choose(s, undefined)),
  'put glass on': onStand((s, doing) => putFitted(s, someId(doing.bag, doing), true)),
  'take glass off': onStand((s, doing) => putFitted(s, someId(doing.bag, doing), false)),
  'times through NDs': onStand((s, { bag }) =>
    withNds(
      s,
      bag,
      bag.filters
        .filter((f) => f.kind === 'neutral')
        .slice(0, 2)
        .map((f) => f.id),
    ),
  ),
  'turn the polariser': onStand((s, { bag }) => {
    const polariser = bag.filters.find((f) => f.kind === 'polariser');
    if (!polariser) return s;
    const others = (s.fitted ?? []).filter((f) => f.filterId !== polariser.id);
    return { ...s, fitted: [...others, { filterId: polariser.id, axisDeg: 40 }] };
  }),
  'drag the seat': ({ workspace, chance }) => {
    const { stands } = workspace.state.getState();
    const document = stands.length ? workspace.open(chance.pick(stands).id) : null;
    document?.beginGesture();
    for (let i = 0; i < 10; i++)
      document?.edit((d) =>
        d.stand.choice ? { ...d, stand: choose(d.stand, { ...d.stand.choice, offsetMm: i }) } : d,
      );
    document?.endGesture();
  },
};

const BAG: Record<string, Deed> = {
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
    const kind = doing.chance.pick(['graduated', 'reverse', 'band', 'measured'] as const);
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

const STANDS: Record<string, Deed> = {
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

const FILES: Record<string, Deed> = {
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
  'bring a table of glass in': ({ workspace }) => {
    const rows = workspace.readGlass(workspace.exportGlass().text).slice(0, 5);
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

/** Everything that a photographer does, by what it is called. */
export const DEEDS: Readonly<Record<string, Deed>> = {
  ...READING,
  ...FRAME,
  ...BALANCE,
  ...BAG,
  ...STANDS,
  ...FILES,
};
