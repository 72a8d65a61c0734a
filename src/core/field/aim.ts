import { type MeterCircle } from '@/core/optics';
import { type LightField } from './light';
import { roleAt, spotOf, type Spot } from './spot';
import { type FramePoint, type Role } from './types';

/** Places at which a spot is tried, across and down. */
const TRIED = { across: 27, down: 18 };

interface Aim extends Spot {
  readonly place: FramePoint;
}

/** Spots of a region that lie in it whole, with what a meter would show of each. */
function aimsAt(field: LightField, region: Role, circleAt: (place: FramePoint) => MeterCircle): Aim[] {
  const isIn = (u: number, v: number) =>
    u >= 0 && u <= 1 && v >= 0 && v <= 1 && roleAt(field, { u, v }) === region;
  const aims: Aim[] = [];
  for (let i = 0; i < TRIED.across; i++)
    for (let k = 0; k < TRIED.down; k++) {
      const place = { u: (i + 0.5) / TRIED.across, v: (k + 0.5) / TRIED.down };
      const circle = circleAt(place);
      const [du, dv] = [circle.tangential / field.grid.aspect, circle.radial];
      const corners = [-1, 0, 1].flatMap((x) =>
        [-1, 0, 1].map((y) => isIn(place.u + x * du, place.v + y * dv)),
      );
      const spot = corners.every(Boolean) ? spotOf(field, circle) : null;
      if (spot) aims.push({ ...spot, place });
    }
  return aims;
}

/** Where a meter shows about the mean light of a region; null where it fits in nowhere. */
export function typicalPlace(
  field: LightField,
  region: Role,
  circleAt: (place: FramePoint) => MeterCircle,
): FramePoint | null {
  const aims = aimsAt(field, region, circleAt);
  if (!aims.length) return null;
  const meanLight = aims.reduce((sum, a) => sum + 2 ** a.ev100, 0) / aims.length;
  const off = (a: Aim) => Math.abs(a.ev100 - Math.log2(meanLight));
  return aims.reduce((best, a) => (off(a) < off(best) ? a : best)).place;
}

/** Where a meter shows the most light of a region; null where it fits in nowhere. */
export function brightestPlace(
  field: LightField,
  region: Role,
  circleAt: (place: FramePoint) => MeterCircle,
): FramePoint | null {
  const aims = aimsAt(field, region, circleAt);
  return aims.length ? aims.reduce((best, a) => (a.ev100 > best.ev100 ? a : best)).place : null;
}
