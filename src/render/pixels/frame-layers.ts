import {
  type LightField,
  type PlacedReading,
  readingsFor,
  ROLES,
  type Role,
  spreadReadings,
} from '@/core/field';
import { mean } from '@/core/numerics';

/** Cells along the long side of a drawn layer: light varies slowly, and the outlines are drawn as paths. */
const LONG_SIDE = 150;
/** What is drawn where nothing is read yet, EV: an ordinary evening. */
const ASSUMED = { land: 9, skyAboveLand: 2 };

/** The light of each region spread over the whole frame; the painter clips it to the region's outline. */
export interface FrameLayers {
  readonly columns: number;
  readonly rows: number;
  /** EV of each cell, worked out when a region is first drawn and kept. */
  readonly ev: (role: Role) => Float32Array;
  /** EV to show at mid-grey where no reading places the exposure. */
  readonly usualEv: number;
  /** Regions whose light is assumed, for want of a reading. */
  readonly assumed: ReadonlySet<Role>;
}

export function frameLayers(field: LightField): FrameLayers {
  const { aspect } = field.grid;
  const columns = aspect >= 1 ? LONG_SIDE : Math.round(LONG_SIDE * aspect);
  const rows = aspect >= 1 ? Math.round(LONG_SIDE / aspect) : LONG_SIDE;
  const fallback = assumedLight(field.readings);
  const lights = (role: Role) => readingsFor(role, field.readings);
  const spread = (role: Role): Float32Array => {
    const own = lights(role);
    if (!own.length)
      return new Float32Array(columns * rows).fill(role === 'sky' ? fallback.sky : fallback.land);
    return Float32Array.from(spreadReadings(own, { columns, rows, aspect }));
  };
  const known = new Map<Role, Float32Array>();
  return {
    columns,
    rows,
    ev: (role) => {
      const layer = known.get(role) ?? spread(role);
      known.set(role, layer);
      return layer;
    },
    usualEv: fallback.land,
    assumed: new Set(ROLES.filter((role) => !lights(role).length)),
  };
}

/** The light of sky and land where one of them, or both, is not read, EV. */
export function assumedLight(readings: readonly PlacedReading[]): { sky: number; land: number } {
  const known = (role: Role) => readingsFor(role, readings).map((r) => r.ev100);
  const land = known('land');
  const sky = known('sky');
  if (land.length) return { land: mean(land), sky: mean(land) + ASSUMED.skyAboveLand };
  if (sky.length) return { land: mean(sky) - ASSUMED.skyAboveLand, sky: mean(sky) };
  return { land: ASSUMED.land, sky: ASSUMED.land + ASSUMED.skyAboveLand };
}
