import { readReadingsCsv } from '@/files';
import {
  addCornerAfter,
  addReading,
  addShape,
  addSkylinePoint,
  changeReading,
  changeShape,
  choose,
  drawSkyline,
  forgetEarlier,
  markFeatures,
  mountedCamera,
  mountedLens,
  moveSkylinePoint,
  putFitted,
  readAgain,
  removeCorner,
  removeReading,
  removeShape,
  removeSkylinePoint,
  SCHOOLS,
  SUN_SIDES,
  withNds,
  withOffer,
  withoutPhoto,
  withoutPlace,
  withPhoto,
  setOf,
  prepareStand,
  WAYS,
  withGap,
  withPictureTime,
  withSheets,
  withSchool,
  withSkyline,
  withThrough,
} from '@/model';
import { type Deed, onStand, somePoint, someId, someReading, someShape, momentOfDay, sheetOr } from './doing';

export const READING: Record<string, Deed> = {
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
  'begin by a way': onStand((s, { chance }) => ({ ...s, way: chance.pick(WAYS) })),
  'put sheets on by eye': onStand((s, doing) => {
    const sheets = [sheetOr(doing.bag, doing), sheetOr(doing.bag, doing)].flatMap((f) => f?.id ?? []);
    const ids = [...new Set(sheets)].slice(0, doing.chance.below(3));
    return withSheets(s, prepareStand(s, doing.bag), setOf(doing.bag, ids));
  }),
  'read one time with a picture': onStand((s, { workspace, chance, bag }) =>
    withPictureTime(s, bag, {
      of: chance.pick(['land', 'through'] as const),
      light: { aperture: 8, shutter: '1/30', iso: 100 },
      id: workspace.newId('r'),
      newId: workspace.newId,
    }),
  ),
  'read through all that is on': onStand((s, { chance }) => withThrough(s, { ev100: 8 + chance.below(3) })),
  'read through some glass that is on': onStand((s, doing) =>
    withThrough(s, { ev100: 8, throughFilterIds: [someId(doing.bag, doing)] }),
  ),
  'forget what was read through': onStand((s) => withThrough(s, undefined)),
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

export const FRAME: Record<string, Deed> = {
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
  'another holder': onStand((s, { bag, chance }) => ({
    ...s,
    holderId: chance.pick([undefined, 'usual', ...(bag.holders ?? []).map((h) => h.id)]),
  })),
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
    return withPhoto(s, { sha256, type: 'image/jpeg', columns: 3, rows: 2, light });
  }),
  'take the picture out': onStand((s) => withoutPhoto(s)),
};

export const BALANCE: Record<string, Deed> = {
  'another look': onStand((s, { chance }) => withSchool(s, chance.pick(SCHOOLS))),
  'another gap': onStand((s) => withGap(s, 1.4)),
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
