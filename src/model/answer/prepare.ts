import {
  type BagSheet,
  type BalanceInput,
  type FittedGlass,
  type Look,
  pose,
  type Posed,
  type SheetSet,
  slidBy,
} from '@/core/balance';
import { type CameraSettings, ev100 } from '@/core/exposure';
import {
  type FramePoint,
  gridFor,
  lightField,
  type LightReading,
  mapRegions,
  pictureCells,
  pictureField,
  type RegionMap,
  type Role,
} from '@/core/field';
import { isDensity, polarises, stopsOfGlass } from '@/core/glass';
import {
  atSlot,
  dimmingOfPoint,
  estimatedPupilToFilterMm,
  type FrameSize,
  type Lens,
  type Seat,
  sensorPoint,
  sheetScale,
} from '@/core/optics';
import { evOfWhite, lightOfFigures } from '@/core/photo';
import { sensorWindow } from '@/core/sensor';
import { exactAperture, exactIso, type ExactSeconds, shutterFromFileText } from '@/core/units';
import {
  type Bag,
  type Filter,
  filtersAtHand,
  filtersById,
  fitsHolder,
  isSheet,
  profileOf,
  type SheetFilter,
  sheetOf,
  takesSlot,
} from '../bag/bag';
import { knownPupilMm } from '../bag/pupils';
import { fittedFilters } from '../bag/on-lens';
import { cropBox, strips } from '../frame/crop';
import { meanHeight, middleOfSide } from '../frame/sides';
import { traitsOf } from '../stand/looks';
import {
  type Camera,
  type MeteredLight,
  type PhotoExposure,
  type Reading,
  type Stand,
  throughLight,
} from '../stand/stand';
import { sunGuessStops } from './sun-guess';

/** The sheets that advice is made from: those along that the holder takes. */
const fittingSheets = (bag: Bag): SheetFilter[] =>
  filtersAtHand(bag)
    .filter(isSheet)
    .filter((f) => fitsHolder(f, bag.holder));

/** What keeps every grad out of the advice: the bag has none, none is along, or no slot is left for one. */
export type SheetLack = 'none-owned' | 'none-along' | 'none-fits' | 'no-slot';

const lackOf = (bag: Bag, freeSlots: number): SheetLack | null => {
  if (!bag.filters.some((f) => isSheet(f) && !f.archived)) return 'none-owned';
  if (!filtersAtHand(bag).some(isSheet)) return 'none-along';
  if (!fittingSheets(bag).length) return 'none-fits';
  return freeSlots > 0 ? null : 'no-slot';
};

/** Everything about a stand that does not depend on where the glass is seated, resolved for the core. */
export interface Prepared extends Posed {
  /** The ND and polariser on the lens. */
  readonly fitted: FittedGlass;
  /** Slots that the ND and polariser leave for grads; 0 where they leave none. */
  readonly freeSlots: number;
  /** Why no grad can be advised, whatever the light; null where one can. */
  readonly lacks: SheetLack | null;
}

/** Sensor size in the orientation used, mm. */
export function frameOf(camera: Camera): FrameSize {
  const { sensorWidthMm: long, sensorHeightMm: short } = camera;
  return camera.orientation === 'portrait'
    ? { widthMm: short, heightMm: long }
    : { widthMm: long, heightMm: short };
}

/** The aperture and ISO that a stand is exposed with, by what their marks stand for. */
export const settingsOf = ({ exposure }: Stand): CameraSettings => ({
  aperture: exactAperture(exposure.aperture),
  iso: exactIso(exposure.iso),
});

/**
 * The lens with its distance to the slot that a single grad takes. A distance that is given is to that slot already
 * (physics 3); an estimated one is to the slot nearest the lens, and each ND that stands there moves the grad on by one.
 */
export function lensOf(stand: Stand, bag: Bag): Lens {
  const { focalLengthMm, bulgingFront } = stand.lens;
  const pupilToFilterMm = knownPupilMm(stand.lens, focalLengthMm);
  const lens = {
    focalLengthMm,
    aperture: exactAperture(stand.exposure.aperture),
    pupilToFilterMm: pupilToFilterMm ?? estimatedPupilToFilterMm(focalLengthMm, bulgingFront),
    pupilEstimated: pupilToFilterMm === undefined,
  };
  const nearest = fittedFilters(stand, bag).filter(takesSlot).filter(isDensity).length;
  return lens.pupilEstimated ? atSlot(lens, nearest) : lens;
}

/** What a filter takes: as it was measured, where it was, else as it is sold, stops. */
export const takenStops = (filter: Filter): number =>
  isSheet(filter) ? stopsOfGlass(profileOf(filter)) : (filter.measuredStops ?? stopsOfGlass(filter));

/** What some filters take together, stops. */
export const totalStops = (filters: readonly Filter[]): number =>
  filters.reduce((sum, f) => sum + takenStops(f), 0);

/** What the ND and polarisers among some filters take, stops. */
export const plainStops = (bag: Bag, ids: readonly string[]): number =>
  totalStops(filtersById(bag, ids).filter((f) => !isSheet(f)));

/** What a filter takes beside what it takes by polarising: that is lost to a meter behind it already. */
function unpolarisedStops(filter: Filter): number {
  if (!polarises(filter)) return takenStops(filter);
  return isDensity(filter) && 'baseLossStops' in filter
    ? Math.max(0, takenStops(filter) - filter.baseLossStops)
    : 0;
}

/** EV at ISO 100 that the meter showed, through whatever was on the lens. */
export function meteredEv(reading: MeteredLight): number {
  if (reading.ev100 !== undefined) return reading.ev100;
  const { aperture, iso, shutter } = reading;
  if (aperture === undefined || iso === undefined || shutter === undefined)
    throw new Error('a reading has neither an EV nor camera settings');
  return exposureEv({ aperture, iso, shutter });
}

/** EV at ISO 100 of camera settings as they stand in a document. */
const exposureEv = ({ aperture, iso, shutter }: PhotoExposure): number =>
  ev100({ aperture: exactAperture(aperture), iso: exactIso(iso), seconds: readingSeconds(shutter) });

/** Exact seconds of a shutter time as it stands in a document. */
export function readingSeconds(shutter: string | number): ExactSeconds {
  if (typeof shutter === 'number') return shutter as ExactSeconds;
  const read = shutterFromFileText(shutter);
  if (!read.ok) throw new Error(`shutter ${shutter} is no time`);
  return read.seconds;
}

/** Glass that was looked through without its seat being kept is taken as laid along the skyline, level. */
function seatNotKept({ skyline, camera, choice }: Stand, lens: Lens, filterId: string): Seat {
  if (choice?.filterIds.includes(filterId)) return choice;
  const v = meanHeight(skyline);
  return { offsetMm: sheetScale(lens) * (0.5 - v) * frameOf(camera).heightMm, turnDeg: 0 };
}

/** Light that the filters on the lens took from a spot, stops. */
export function takenByGlass(
  reading: MeteredLight & Pick<Reading, 'u' | 'v'> & { readonly role?: Role },
  stand: Stand,
  bag: Bag,
): number {
  const filters = new Map(bag.filters.map((f) => [f.id, f]));
  let stops = 0;
  for (const id of reading.throughFilterIds ?? []) {
    const filter = filters.get(id);
    if (!filter) continue;
    if (!isSheet(filter)) {
      stops += unpolarisedStops(filter);
      continue;
    }
    const lens = lensOf(stand, bag);
    const seat = reading.seat?.filterId === id ? reading.seat : seatNotKept(stand, lens, id);
    const { u, v } = placeOf(reading) ?? middleOfSide(stand, reading.role ?? 'land');
    stops += dimmingOfPoint(
      { lens, sheets: [sheetOf(filter)], seat },
      sensorPoint(frameOf(stand.camera), u, v),
    );
  }
  return stops;
}

/** Reads a stand and its bag into what the core balances, with every default resolved. */
export function prepareStand(stand: Stand, bag: Bag): Prepared {
  const readings = stand.readings.map((r) => lightReading(r, takenByGlass(r, stand, bag)));
  const frame = frameOf(stand.camera);
  const box = cropBox(stand.crop, frame);
  const shapes = [...(stand.shapes ?? []), ...(box ? strips(box) : [])];
  const map = mapRegions(gridFor(frame), stand.skyline, shapes);
  const relit = lightOver(stand, bag, map);
  const occupied = fittedFilters(stand, bag).filter(takesSlot);
  const freeSlots = Math.max(0, (bag.slots ?? 1) - occupied.length);
  const input: BalanceInput = {
    frame,
    lens: lensOf(stand, bag),
    field: relit(readings),
    relit,
    shapes,
    window: sensorWindow(stand.camera, exactIso(stand.exposure.iso)),
    look: lookOf(stand),
    sheets: freeSlots > 0 ? fittingSheets(bag).map(bagSheet) : [],
    slots: freeSlots,
  };
  return {
    ...pose(input),
    fitted: fittedGlass(stand, bag),
    freeSlots,
    lacks: lackOf(bag, freeSlots),
  };
}

/** A prepared stand under another look than its own, all else being the same. */
export const underLookOf = (prepared: Prepared, stand: Stand): Prepared => ({
  ...prepared,
  ...prepared.again({ look: lookOf(stand) }),
});

/**
 * The light that readings make: of the stand's picture where something ties it to EV, else spread from them. On the bench the
 * picture is what the eye sees, and tells no light.
 */
function lightOver(stand: Stand, bag: Bag, map: RegionMap): BalanceInput['relit'] {
  const { picture } = stand;
  if (!picture || stand.bench) return (readings) => lightField(map, readings);
  const evOfOne = picture.exposure && evOfWhite(exposureEv(picture.exposure));
  const cells = pictureCells(map.grid, lightOfFigures(picture.light, evOfOne));
  const through = throughLight(stand);
  const frameEv = through && meteredEv(through) + plainStops(bag, through.throughFilterIds ?? []);
  return (readings) => pictureField(map, readings, cells, frameEv) ?? lightField(map, readings);
}

/** The look with its defaults. */
function lookOf(stand: Stand): Look {
  const { gapStops, follow, evensTop, landPlacementStops } = stand.look;
  const traits = traitsOf(stand);
  return {
    solver: traits.solver,
    gapStops: gapStops ?? traits.gap?.usual ?? 0,
    follow: traits.follow === null ? 0 : (follow ?? traits.follow),
    evensTop: traits.follow !== null && evensTop,
    placementStops: landPlacementStops ?? 0,
    guessStops: traits.readsLight ? undefined : sunGuessStops(stand),
  };
}

/** What the ND and the polariser on the lens take from everything beyond what the meter saw taken, stops. */
export const fittedStops = (stand: Stand, bag: Bag): number => fittedGlass(stand, bag).stops;

/** Glass on the lens beside the grads, and what is to be added for it to a time that the readings give. */
export interface FittedCharge {
  readonly filter: Filter;
  readonly stops: number;
}

/**
 * What the ND and the polariser on the lens are charged. A polariser stays on while one reads: what was read through one has
 * lost its light already, and glass that was on is never counted again (physics 1).
 */
export function fittedCharges(stand: Stand, bag: Bag): FittedCharge[] {
  const seen = filtersById(
    bag,
    stand.readings.flatMap((light) => light.throughFilterIds ?? []),
  ).some(polarises);
  return fittedFilters(stand, bag).map((filter) => ({
    filter,
    stops: seen ? unpolarisedStops(filter) : takenStops(filter),
  }));
}

/** The ND and the polariser on the lens, as the core takes them. */
function fittedGlass(stand: Stand, bag: Bag): FittedGlass {
  const charges = fittedCharges(stand, bag);
  const total = (of: readonly FittedCharge[]) => of.reduce((sum, { stops }) => sum + stops, 0);
  return {
    stops: total(charges),
    dyedStops: total(charges.filter(({ filter: f }) => isDensity(f) && 'body' in f && f.body === 'dyed')),
  };
}

const placeOf = ({ u, v }: Pick<Reading, 'u' | 'v'>): FramePoint | undefined =>
  u === undefined || v === undefined ? undefined : { u, v };

/** The angle of a spot that says nothing of what lies around it: no meter's. */
export const POINT_ANGLE_DEG = 0.01;

/** A reading as the core takes it, with what glass took from it added back. */
export function lightReading(reading: Reading, takenStops: number): LightReading {
  const { id, role, limit, fromPicture, wantedToneStops, spotAngleDeg } = reading;
  return {
    id,
    role,
    ev100: meteredEv(reading) + takenStops,
    limit,
    isPoint: limit && spotAngleDeg === POINT_ANGLE_DEG,
    fromPicture,
    wantedToneStops,
    place: placeOf(reading),
  };
}

/**
 * The sheets that ids name, as the core takes them.
 *
 * @param apartMm how far the second of a pair is slid by itself, mm
 */
export const setOf = (bag: Bag, ids: readonly string[], apartMm = 0): SheetSet =>
  filtersById(bag, ids)
    .filter(isSheet)
    .map((sheet, i) => slidBy(bagSheet(sheet), i === 1 ? apartMm : 0));

export function bagSheet(filter: SheetFilter): BagSheet {
  return { id: filter.id, sheet: sheetOf(filter), widthMm: filter.sheetWidthMm };
}
