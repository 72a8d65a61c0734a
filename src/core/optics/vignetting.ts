import { stopsFromTransmittance } from '@/core/units';
import { acrossSeam, beamDiameterMm, type FrameSize, type Lens } from './projection';

/** A round opening in front of the lens: a filter ring, the holder's adapter, a shade (physics 4). */
export interface RoundOpening {
  readonly radiusMm: number;
  /** From the entrance pupil, mm. */
  readonly distanceMm: number;
}

/** The slot's two straight edges, turned with the holder. */
export interface SlotOpening {
  readonly widthMm: number;
  readonly distanceMm: number;
}

/** Part of a disc of radius `a` that lies inside a circle of radius `r` whose centre is `apart` away. */
function overlap(a: number, r: number, apart: number): number {
  if (apart + a <= r) return 1;
  if (apart >= a + r) return 0;
  if (apart + r <= a) return (r / a) ** 2;
  const half = (from: number, other: number) =>
    Math.acos(Math.min(1, Math.max(-1, (apart ** 2 + from ** 2 - other ** 2) / (2 * apart * from))));
  const angleA = half(a, r);
  const angleR = half(r, a);
  const lens = a * a * (angleA - Math.sin(2 * angleA) / 2) + r * r * (angleR - Math.sin(2 * angleR) / 2);
  return lens / (Math.PI * a * a);
}

/** Part of the light of a picture point, `rhoMm` from the axis on the sensor, that a round opening lets through. */
export function passedByRing(lens: Lens, opening: RoundOpening, rhoMm: number): number {
  const apart = (opening.distanceMm * rhoMm) / lens.focalLengthMm;
  return overlap(beamDiameterMm(lens) / 2, opening.radiusMm, apart);
}

/** Part of a disc below a chord at `q` radii from its middle, -1 to 1. */
function discBelow(q: number): number {
  const held = Math.min(1, Math.max(-1, q));
  return 0.5 + (Math.asin(held) + held * Math.sqrt(1 - held * held)) / Math.PI;
}

/** Part of the light of a picture point that a slot's two edges let through. */
export function passedBySlot(
  lens: Lens,
  opening: SlotOpening,
  turnDeg: number,
  point: { x: number; h: number },
): number {
  const { sin, cos } = acrossSeam(turnDeg);
  const across = ((point.x * cos - point.h * sin) * opening.distanceMm) / lens.focalLengthMm;
  const radius = beamDiameterMm(lens) / 2;
  const half = opening.widthMm / 2;
  return discBelow((half - across) / radius) - discBelow((-half - across) / radius);
}

export interface Openings {
  readonly rings: readonly (RoundOpening & { readonly name: string })[];
  readonly slot: SlotOpening | null;
}

/** What is lost at one place of the frame, and to what. */
export interface Vignette {
  /** Infinite where no light is left. */
  readonly stops: number;
  /** The ring or "slot" that takes the most, null where nothing is lost. */
  readonly by: string | null;
}

/**
 * Light lost to the openings at a point of the sensor, stops. Two openings that cut the same beam are taken as cutting
 * different parts of it, which is the safe side.
 */
export function vignetteAt(
  lens: Lens,
  { rings, slot }: Openings,
  turnDeg: number,
  point: { x: number; h: number },
): Vignette {
  const rho = Math.hypot(point.x, point.h);
  const losses = [
    ...rings.map((ring) => ({ by: ring.name, lost: 1 - passedByRing(lens, ring, rho) })),
    ...(slot ? [{ by: 'slot', lost: 1 - passedBySlot(lens, slot, turnDeg, point) }] : []),
  ];
  const worst = losses.reduce((a, b) => (b.lost > a.lost ? b : a), { by: '', lost: 0 });
  const left = Math.max(0, 1 - losses.reduce((sum, l) => sum + l.lost, 0));
  return { stops: Math.max(0, stopsFromTransmittance(left)), by: worst.lost > 1e-9 ? worst.by : null };
}

/** The worst of the frame's four corners. */
export function cornerVignette(lens: Lens, frame: FrameSize, openings: Openings, turnDeg: number): Vignette {
  const x = frame.widthMm / 2;
  const h = frame.heightMm / 2;
  return [1, -1]
    .flatMap((a) => [1, -1].map((b) => vignetteAt(lens, openings, turnDeg, { x: a * x, h: b * h })))
    .reduce((worst, v) => (v.stops > worst.stops ? v : worst));
}

/** Light lost over the frame, stops, row by row: `vignetteAt` at cell centres. */
export function vignetteField(
  lens: Lens,
  frame: FrameSize,
  openings: Openings,
  { turnDeg, columns, rows }: { turnDeg: number; columns: number; rows: number },
): Float64Array {
  return Float64Array.from({ length: columns * rows }, (_, i) => {
    const x = (((i % columns) + 0.5) / columns - 0.5) * frame.widthMm;
    const h = (0.5 - (Math.floor(i / columns) + 0.5) / rows) * frame.heightMm;
    return vignetteAt(lens, openings, turnDeg, { x, h }).stops;
  });
}
