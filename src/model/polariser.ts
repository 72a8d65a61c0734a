import { skylineAt } from '@/core/field';
import { mean } from '@/core/numerics';
import {
  type CameraView,
  darkestAxisDeg,
  glareLeft,
  polarisedFrame,
  type PolarisedFrame,
  SKY_CLARITY,
} from '@/core/sky';
import { degreesFromRadians } from '@/core/units';
import { frameOf } from './prepare';
import { type Stand } from './stand';

/** What a polariser would do to the sky of a stand. */
export interface PolariserEffect {
  /** The axis that darkens the sky the most, degrees clockwise from upright. */
  readonly darkestAxisDeg: number;
  readonly atDarkest: PolarisedFrame;
  /** At the axis it is turned to; at the darkest where none is noted. */
  readonly atAxis: PolarisedFrame;
}

/**
 * The polariser's part in a clear sky, by the directions of view and sun; null where they are not known or there is no sky.
 * The camera's tilt is taken from where the skyline lies.
 */
export function polariserOn(stand: Stand): PolariserEffect | null {
  const { sunAzimuthDeg, viewAzimuthDeg, sunAltitudeDeg = 0 } = stand.look;
  if (sunAzimuthDeg === undefined || viewAzimuthDeg === undefined) return null;
  const heightAt = skylineAt(stand.skyline);
  const view: CameraView = {
    azimuthDeg: viewAzimuthDeg,
    altitudeDeg: -angleAbove(stand, horizonOf(stand)),
    focalLengthMm: stand.lens.focalLengthMm,
    frame: frameOf(stand.camera),
  };
  const sun = { azimuthDeg: sunAzimuthDeg, altitudeDeg: sunAltitudeDeg };
  const isSky = (u: number, v: number) => v < heightAt(u);
  const darkest = darkestAxisDeg(view, sun, SKY_CLARITY.clear, isSky);
  if (darkest === null) return null;
  const at = (axis: number) => polarisedFrame(view, sun, axis, SKY_CLARITY.clear, isSky);
  const noted = stand.fitted?.find((f) => f.axisDeg !== undefined)?.axisDeg;
  const atDarkest = at(darkest);
  const atAxis = noted === undefined ? atDarkest : at(noted);
  return atDarkest && atAxis && { darkestAxisDeg: darkest, atDarkest, atAxis };
}

/** Glare that a polariser leaves at best on still water at the foot of the frame. */
export interface WaterGlare {
  readonly depressionDeg: number;
  /** Part of the glare, 0 to 1. */
  readonly glareLeft: number;
}

/** What a polariser does to the water of a stand; null where there is none below the horizon. */
export function waterBehindPolariser(stand: Stand): WaterGlare | null {
  const hasWater = [
    ...(stand.shapes ?? []).map((s) => s.region),
    ...stand.readings.map((r) => r.role),
  ].includes('water');
  const depressionDeg = angleAbove(stand, horizonOf(stand)) - angleAbove(stand, 1);
  return hasWater && depressionDeg > 0 ? { depressionDeg, glareLeft: glareLeft(depressionDeg) } : null;
}

/** Where the horizon lies in the frame, as far as the skyline tells. */
const horizonOf = ({ skyline }: Stand): number => mean([0, 0.25, 0.5, 0.75, 1].map(skylineAt(skyline)));

/** Angle of a height of the frame above its middle, degrees. */
const angleAbove = ({ camera, lens }: Stand, v: number): number =>
  degreesFromRadians(Math.atan(((0.5 - v) * frameOf(camera).heightMm) / lens.focalLengthMm));
