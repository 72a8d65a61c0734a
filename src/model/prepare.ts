import {
  type BagSheet,
  type BalanceInput,
  GRAD_SCHOOLS,
  type GradSchool,
  pose,
  type Posed,
} from '@/core/balance';
import { ev100 } from '@/core/exposure';
import { gridFor, lightField, type LightReading, mapRegions } from '@/core/field';
import {
  beamDiameterMm,
  dimmingAt,
  estimatedPupilToFilterMm,
  type FrameSize,
  type Lens,
  sensorPoint,
  sheetHeightMm,
  stackOf,
} from '@/core/optics';
import { sensorWindow } from '@/core/sensor';
import { exactAperture, exactIso, type ExactSeconds, shutterFromFileText } from '@/core/units';
import { type Bag, type Filter, isSheet, sheetOf } from './bag';
import { GAPS } from './limits';
import { type Camera, type Reading, type Stand } from './stand';

/** Everything about a stand that does not depend on where the glass is seated, resolved for the core. */
export interface Prepared extends Posed {
  /** Dimming by the ND and polariser on the lens, stops. */
  readonly fittedStops: number;
  /** Slots that the ND and polariser leave for grads; 0 where they leave none. */
  readonly freeSlots: number;
}

/** What keeps a stand from being computed at all, by name. */
export type CannotPrepare =
  | { readonly reason: 'look-not-available' }
  | { readonly reason: 'reading-through-unseated-grad'; readonly readingId: string };

export type PrepareResult =
  { readonly ok: true; readonly prepared: Prepared } | ({ readonly ok: false } & CannotPrepare);

/** Sensor size in the orientation used, mm. */
export function frameOf(camera: Camera): FrameSize {
  const { sensorWidthMm: long, sensorHeightMm: short } = camera;
  return camera.orientation === 'portrait'
    ? { widthMm: short, heightMm: long }
    : { widthMm: long, heightMm: short };
}

export function lensOf(stand: Stand): Lens {
  const { focalLengthMm, pupilToFilterMm } = stand.lens;
  return {
    focalLengthMm,
    aperture: exactAperture(stand.exposure.aperture),
    pupilToFilterMm: pupilToFilterMm ?? estimatedPupilToFilterMm(focalLengthMm),
    pupilEstimated: pupilToFilterMm === undefined,
  };
}

/** EV at ISO 100 that the meter showed, through whatever was on the lens. */
export function meteredEv(reading: Reading): number {
  if (reading.ev100 !== undefined) return reading.ev100;
  const { aperture, iso, shutter } = reading;
  if (aperture === undefined || iso === undefined || shutter === undefined)
    throw new Error(`reading ${reading.id} has neither an EV nor camera settings`);
  return ev100({ aperture: exactAperture(aperture), iso: exactIso(iso), seconds: readingSeconds(shutter) });
}

function readingSeconds(shutter: string | number): ExactSeconds {
  if (typeof shutter === 'number') return shutter as ExactSeconds;
  const read = shutterFromFileText(shutter);
  if (!read.ok) throw new Error(`shutter ${shutter} is no time`);
  return read.seconds;
}

/** Light that the filters on the lens took from a reading, stops; null for a grad whose seat was not recorded. */
function takenByGlass(reading: Reading, filters: ReadonlyMap<string, Filter>, stand: Stand): number | null {
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
    const lens = lensOf(stand);
    const y = sheetHeightMm(lens, seat.turnDeg, sensorPoint(frameOf(stand.camera), u, v)) - seat.offsetMm;
    stops += dimmingAt(stackOf([sheetOf(filter)]), y, beamDiameterMm(lens));
  }
  return stops;
}

const isGradSchool = (school: string): school is GradSchool =>
  (GRAD_SCHOOLS as readonly string[]).includes(school);

/** Reads a stand and its bag into what the core balances, with every default resolved. */
export function prepareStand(stand: Stand, bag: Bag): PrepareResult {
  const { school } = stand.look;
  if (!isGradSchool(school)) return { ok: false, reason: 'look-not-available' };
  const filters = new Map(bag.filters.map((f) => [f.id, f]));
  const readings: LightReading[] = [];
  for (const reading of stand.readings) {
    const taken = takenByGlass(reading, filters, stand);
    if (taken === null) return { ok: false, reason: 'reading-through-unseated-grad', readingId: reading.id };
    readings.push(lightReading(reading, taken));
  }
  const frame = frameOf(stand.camera);
  const shapes = stand.shapes ?? [];
  const fitted = (stand.fitted ?? []).flatMap(({ filterId }) => filters.get(filterId) ?? []);
  const occupied = fitted.filter((f) => !isSheet(f));
  const freeSlots = Math.max(0, (bag.slots ?? 1) - occupied.length);
  const input: BalanceInput = {
    frame,
    lens: lensOf(stand),
    field: lightField(mapRegions(gridFor(frame), stand.skyline, shapes), readings),
    shapes,
    window: sensorWindow(stand.camera, exactIso(stand.exposure.iso)),
    look: {
      school,
      gapStops: stand.look.gapStops ?? GAPS[school]?.usual ?? 0,
      follow: stand.look.follow ?? 0.5,
      placementStops: stand.look.landPlacementStops ?? 0,
    },
    sheets: freeSlots > 0 ? bag.filters.filter(isSheet).map(bagSheet) : [],
  };
  return {
    ok: true,
    prepared: {
      ...pose(input),
      fittedStops: occupied.reduce((sum, f) => sum + (f.kind === 'polariser' ? f.baseLossStops : f.stops), 0),
      freeSlots,
    },
  };
}

function lightReading(reading: Reading, takenStops: number): LightReading {
  const { id, role, u, v, limit, wantedToneStops } = reading;
  return {
    id,
    role,
    ev100: meteredEv(reading) + takenStops,
    limit,
    wantedToneStops,
    place: u === undefined || v === undefined ? undefined : { u, v },
  };
}

export function bagSheet(filter: Extract<Filter, { transitionMm: number }>): BagSheet {
  return { id: filter.id, sheet: sheetOf(filter), widthMm: filter.sheetWidthMm };
}
