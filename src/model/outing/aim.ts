import { skylineAt } from '@/core/field';
import { alongLine } from '@/core/numerics';
import { type CameraView, directionOfPoint, type LandAt } from '@/core/sky';
import { degreesFromRadians } from '@/core/units';
import { frameOf } from '../resolve/lens';
import { type Stand } from '../stand/stand';
import { type Framing } from './plans';

/** A framing as the sun of a day meets it. */
export interface Aim {
  /** Where it looks to, degrees clockwise from true north; null where nobody has said. */
  readonly azimuthDeg: number | null;
  /** From its middle to its edge, degrees; null where no lens is known. */
  readonly halfWidthDeg: number | null;
  /** Its own skyline over the azimuth; null where its direction or its skyline is not known. */
  readonly landAt: LandAt | null;
}

/** Places of a skyline that are looked at. */
const SAMPLES = 64;

/**
 * A framing of an outing, by its stand where it is one. The camera's tilt is taken from the lowest of its skyline, which is taken
 * to lie level unless it is said how far it stands above that.
 */
export function aimOf({ azimuthDeg, skylineUpDeg = 0 }: Framing, stand: Stand | null): Aim {
  const towards = azimuthDeg ?? stand?.look.viewAzimuthDeg ?? null;
  if (!stand) return { azimuthDeg: towards, halfWidthDeg: null, landAt: null };
  const frame = frameOf(stand.camera);
  const { focalLengthMm } = stand.lens;
  const halfWidthDeg = degreesFromRadians(Math.atan(frame.widthMm / 2 / focalLengthMm));
  const isKnown = !stand.assumed?.includes('skyline');
  if (towards === null || !isKnown) return { azimuthDeg: towards, halfWidthDeg, landAt: null };
  const heightAt = skylineAt(stand.skyline);
  const us = Array.from({ length: SAMPLES }, (_, i) => i / (SAMPLES - 1));
  const lowest = Math.max(...us.map(heightAt));
  const aboveMiddle = degreesFromRadians(Math.atan(((0.5 - lowest) * frame.heightMm) / focalLengthMm));
  const view: CameraView = {
    azimuthDeg: towards,
    altitudeDeg: skylineUpDeg - aboveMiddle,
    focalLengthMm,
    frame,
  };
  const edge = us.map((u) => {
    const { azimuthDeg: az, altitudeDeg } = directionOfPoint(view, { u, v: heightAt(u) });
    return { x: offTo(towards, az), y: altitudeDeg };
  });
  const [from, to] = [edge[0]!.x, edge.at(-1)!.x];
  return {
    azimuthDeg: towards,
    halfWidthDeg,
    landAt: (az) => {
      const x = offTo(towards, az);
      return x >= from && x <= to ? alongLine(edge, x) : null;
    },
  };
}

/** How far an azimuth lies to the right of another, -180 to 180 degrees. */
export const offTo = (fromDeg: number, toDeg: number): number => {
  const off = (((toDeg - fromDeg) % 360) + 540) % 360;
  return off - 180;
};
