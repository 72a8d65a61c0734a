import {
  type BagSheet,
  type BalanceInput,
  type FittedGlass,
  type Look,
  pose,
  type Posed,
} from '@/core/balance';
import { type CameraSettings, ev100 } from '@/core/exposure';
import {
  gridFor,
  lightField,
  type LightReading,
  mapRegions,
  pictureCells,
  pictureField,
  type RegionMap,
} from '@/core/field';
import { stopsOfGlass } from '@/core/glass';
import {
  atSlot,
  dimmingOfPoint,
  estimatedPupilToFilterMm,
  type FrameSize,
  type Lens,
  sensorPoint,
} from '@/core/optics';
import { evOfWhite, lightOfFigures } from '@/core/photo';
import { sensorWindow } from '@/core/sensor';
import { exactAperture, exactIso, type ExactSeconds, shutterFromFileText } from '@/core/units';
import {
  type Bag,
  type Filter,
  filtersAtHand,
  filtersById,
  isSheet,
  type SheetFilter,
  sheetOf,
} from '../bag/bag';
import { cropBox, strips } from '../frame/crop';
import { traitsOf } from '../stand/looks';
import { type Camera, type MeteredLight, type PhotoExposure, type Reading, type Stand } from '../stand/stand';
import { sunGuessStops } from './sun-guess';

/** What keeps every grad out of the advice: the bag has none, none is along, or no slot is left for one. */
export type SheetLack = 'none-owned' | 'none-along' | 'no-slot';

const lackOf = (bag: Bag, freeSlots: number): SheetLack | null => {
  if (!bag.filters.some((f) => isSheet(f) && !f.archived)) return 'none-owned';
  if (!filtersAtHand(bag).some(isSheet)) return 'none-along';
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

/** What keeps a stand from being computed at all, by name. */
export type CannotPrepare = {
  readonly reason: 'reading-through-unseated-grad';
  readonly readingId: string;
};

export type PrepareResult =
  { readonly ok: true; readonly prepared: Prepared } | ({ readonly ok: false } & CannotPrepare);

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
  const { focalLengthMm, pupilToFilterMm, bulgingFront } = stand.lens;
  const lens = {
    focalLengthMm,
    aperture: exactAperture(stand.exposure.aperture),
    pupilToFilterMm: pupilToFilterMm ?? estimatedPupilToFilterMm(focalLengthMm, bulgingFront),
    pupilEstimated: pupilToFilterMm === undefined,
  };
  const nearest = fittedFilters(stand, bag).filter((f) => f.kind === 'neutral').length;
  return lens.pupilEstimated ? atSlot(lens, nearest) : lens;
}

/** ND and polariser on the lens. */
function fittedFilters(stand: Stand, bag: Bag): Exclude<Filter, SheetFilter>[] {
  const ids = (stand.fitted ?? []).map((f) => f.filterId);
  return filtersById(bag, ids).filter((f): f is Exclude<Filter, SheetFilter> => !isSheet(f));
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

/** Light that the filters on the lens took from a spot, stops; null for a grad whose seat was not recorded. */
export function takenByGlass(
  reading: MeteredLight & Pick<Reading, 'u' | 'v'>,
  stand: Stand,
  bag: Bag,
): number | null {
  const filters = new Map(bag.filters.map((f) => [f.id, f]));
  let stops = 0;
  for (const id of reading.throughFilterIds ?? []) {
    const filter = filters.get(id);
    if (!filter || filter.kind === 'polariser') continue;
    if (!isSheet(filter)) {
      stops += filter.stops;
      continue;
    }
    const { seat, u, v } = reading;
    if (seat?.filterId !== id || u === undefined || v === undefined) return null;
    stops += dimmingOfPoint(
      { lens: lensOf(stand, bag), sheets: [sheetOf(filter)], seat },
      sensorPoint(frameOf(stand.camera), u, v),
    );
  }
  return stops;
}

/** Reads a stand and its bag into what the core balances, with every default resolved. */
export function prepareStand(stand: Stand, bag: Bag): PrepareResult {
  const readings: LightReading[] = [];
  for (const reading of stand.readings) {
    const taken = takenByGlass(reading, stand, bag);
    if (taken === null) return { ok: false, reason: 'reading-through-unseated-grad', readingId: reading.id };
    readings.push(lightReading(reading, taken));
  }
  const frame = frameOf(stand.camera);
  const box = cropBox(stand.crop, frame);
  const shapes = [...(stand.shapes ?? []), ...(box ? strips(box) : [])];
  const map = mapRegions(gridFor(frame), stand.skyline, shapes);
  const relit = lightOver(stand, map);
  const occupied = fittedFilters(stand, bag);
  const freeSlots = Math.max(0, (bag.slots ?? 1) - occupied.length);
  const input: BalanceInput = {
    frame,
    lens: lensOf(stand, bag),
    field: relit(readings),
    relit,
    shapes,
    window: sensorWindow(stand.camera, exactIso(stand.exposure.iso)),
    look: lookOf(stand),
    sheets: freeSlots > 0 ? filtersAtHand(bag).filter(isSheet).map(bagSheet) : [],
    slots: freeSlots,
  };
  return {
    ok: true,
    prepared: { ...pose(input), fitted: fittedGlass(stand, bag), freeSlots, lacks: lackOf(bag, freeSlots) },
  };
}

/** A prepared stand under another look than its own, all else being the same. */
export const underLookOf = (prepared: Prepared, stand: Stand): Prepared => ({
  ...prepared,
  ...prepared.again({ look: lookOf(stand) }),
});

/** The light that readings make: of the stand's picture where something ties it to EV, else spread from them. */
function lightOver({ picture }: Stand, map: RegionMap): BalanceInput['relit'] {
  if (!picture) return (readings) => lightField(map, readings);
  const evOfOne = picture.exposure && evOfWhite(exposureEv(picture.exposure));
  const cells = pictureCells(map.grid, lightOfFigures(picture.light, evOfOne));
  return (readings) => pictureField(map, readings, cells) ?? lightField(map, readings);
}

/** The look with its defaults. */
function lookOf(stand: Stand): Look {
  const { gapStops, follow, landPlacementStops } = stand.look;
  const traits = traitsOf(stand);
  return {
    solver: traits.solver,
    gapStops: gapStops ?? traits.gap?.usual ?? 0,
    follow: traits.follow === null ? 0 : (follow ?? traits.follow),
    placementStops: landPlacementStops ?? 0,
    guessStops: traits.readsLight ? undefined : sunGuessStops(stand),
  };
}

/** What the ND and the polariser on the lens take from everything beyond what the meter saw taken, stops. */
export const fittedStops = (stand: Stand, bag: Bag): number => fittedGlass(stand, bag).stops;

/** The whole scene's reading while it serves: a sky that is read puts it aside, and with it all that it says. */
export const servingScene = ({ wholeScene, readings }: Stand): MeteredLight | undefined =>
  readings.some((r) => r.role === 'sky' && !r.limit) ? undefined : wholeScene;

/**
 * The ND and the polariser on the lens. A polariser stays on while one reads: what was read through one has lost its light
 * already, and glass that was on is never counted again (physics 1).
 */
function fittedGlass(stand: Stand, bag: Bag): FittedGlass {
  const scene = servingScene(stand);
  const lights: readonly MeteredLight[] = scene ? [...stand.readings, scene] : stand.readings;
  const seen = filtersById(
    bag,
    lights.flatMap((light) => light.throughFilterIds ?? []),
  ).some((f) => f.kind === 'polariser');
  const filters = fittedFilters(stand, bag).filter((f) => !(seen && f.kind === 'polariser'));
  const total = (of: readonly Filter[]) => of.reduce((sum, f) => sum + stopsOfGlass(f), 0);
  return {
    stops: total(filters),
    dyedStops: total(filters.filter((f) => f.kind === 'neutral' && f.body === 'dyed')),
  };
}

/** A reading as the core takes it, with what glass took from it added back. */
export function lightReading(reading: Reading, takenStops: number): LightReading {
  const { id, role, u, v, limit, fromPicture, wantedToneStops } = reading;
  return {
    id,
    role,
    ev100: meteredEv(reading) + takenStops,
    limit,
    fromPicture,
    wantedToneStops,
    place: u === undefined || v === undefined ? undefined : { u, v },
  };
}

export function bagSheet(filter: SheetFilter): BagSheet {
  return { id: filter.id, sheet: sheetOf(filter), widthMm: filter.sheetWidthMm };
}
