import { type Grid, REGION_CODES, type RegionMap } from './grid';
import { type FramePoint, type LightReading, type PictureTie, type Role } from './types';

/** The light field: what each cell of the frame gives, EV at ISO 100. */
export interface LightField extends RegionMap {
  /** EV of each cell; NaN where its region has no reading to go by. */
  readonly ev: Float64Array;
  /** How a picture gave it; absent: spread from readings. */
  readonly tie?: PictureTie | undefined;
  /** What of each cell is known (`KNOWN`); absent: nothing is beyond what was measured. */
  readonly known?: Uint8Array | undefined;
  /** The readings, every one with a place. */
  readonly readings: readonly PlacedReading[];
}

export interface PlacedReading extends LightReading {
  readonly place: FramePoint;
  /** The reading came without a place and stands at the middle of its region. */
  readonly rough: boolean;
}

/** Softens the weight of a reading close by, in frame heights, and how much less a sideways distance counts. */
const NEAR = 0.02;
const SIDEWAYS = 0.1;

/** The roles whose readings light a region, the first that has any: water and land stand in for each other. */
const STAND_INS: Record<Role, readonly Role[]> = {
  sky: ['sky'],
  land: ['land', 'water'],
  water: ['water', 'land'],
  feature: ['feature', 'land', 'water'],
};

/** Gives every reading a place: its own, or the mean position of its region's cells. */
export function placeReadings(map: RegionMap, readings: readonly LightReading[]): PlacedReading[] {
  const centres = new Map<Role, FramePoint>();
  return readings.map((reading) => {
    if (reading.place) return { ...reading, place: reading.place, rough: false };
    const centre = centres.get(reading.role) ?? regionCentre(map, reading.role);
    centres.set(reading.role, centre);
    return { ...reading, place: centre, rough: true };
  });
}

/** Mean position of a region's cells; of all that is not sky where there are none, or of the frame. */
function regionCentre(map: RegionMap, role: Role): FramePoint {
  const code = REGION_CODES.indexOf(role);
  const sky = REGION_CODES.indexOf('sky');
  return (
    centreOf(map, (region) => region === code) ??
    (role === 'sky' ? null : centreOf(map, (region) => region !== sky)) ?? { u: 0.5, v: 0.5 }
  );
}

function centreOf(map: RegionMap, counts: (region: number) => boolean): FramePoint | null {
  const { columns, rows } = map.grid;
  let n = 0;
  let u = 0;
  let v = 0;
  map.regions.forEach((region, i) => {
    if (!counts(region)) return;
    n++;
    u += ((i % columns) + 0.5) / columns;
    v += (Math.floor(i / columns) + 0.5) / rows;
  });
  return n ? { u: u / n, v: v / n } : null;
}

/** The readings that light a region of the frame; none if neither its own role nor a stand-in has any. */
export function readingsFor<R extends LightReading>(role: Role, readings: readonly R[]): readonly R[] {
  for (const standIn of STAND_INS[role]) {
    const own = readings.filter((r) => r.role === standIn && !r.isPoint);
    if (own.length) return own;
  }
  return [];
}

/**
 * EV of every cell from readings, row by row, weighted by `1 / (0.1 du^2 aspect^2 + dv^2 + 0.02^2)`; NaN for none.
 *
 * @param only the cells of a region, and the field to put them into. Absent: every cell of a new one.
 */
export function spreadReadings(
  readings: readonly PlacedReading[],
  { columns, rows, aspect }: Grid,
  only?: { readonly regions: Uint8Array; readonly code: number; readonly field: Float64Array },
): Float64Array {
  const n = readings.length;
  const ev = Float64Array.from(readings, (r) => r.ev100);
  const across = new Float64Array(columns * n);
  for (let column = 0; column < columns; column++)
    readings.forEach(({ place }, k) => {
      const du = ((column + 0.5) / columns - place.u) * aspect;
      across[column * n + k] = SIDEWAYS * du * du + NEAR * NEAR;
    });
  const down = new Float64Array(n);
  const field = only?.field ?? new Float64Array(columns * rows);
  for (let row = 0, i = 0; row < rows; row++) {
    readings.forEach(({ place }, k) => {
      down[k] = ((row + 0.5) / rows - place.v) ** 2;
    });
    for (let column = 0, at = 0; column < columns; column++, i++, at += n) {
      if (only && only.regions[i] !== only.code) continue;
      let sum = 0;
      let weights = 0;
      for (let k = 0; k < n; k++) {
        const weight = 1 / (across[at + k] + down[k]);
        sum += weight * ev[k];
        weights += weight;
      }
      field[i] = sum / weights;
    }
  }
  return field;
}

/** Spreads readings over the regions of the frame (solver: the light field). */
export function lightField(map: RegionMap, given: readonly LightReading[]): LightField {
  const readings = placeReadings(map, given);
  const ev = new Float64Array(map.regions.length);
  REGION_CODES.forEach((region, code) => {
    if (!map.regions.includes(code)) return;
    const lights = readingsFor(region === 'ignore' ? 'land' : region, readings);
    spreadReadings(lights, map.grid, { regions: map.regions, code, field: ev });
  });
  return { ...map, ev, readings };
}
