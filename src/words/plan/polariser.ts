import { type PolariserEffect, type WaterGlare } from '@/model';
import { degreesFigure, stopsFigure } from '../figures/figures';

const changeText = (stops: number): string =>
  `${stopsFigure(Math.abs(stops))} ${stops < 0 ? 'darker' : 'brighter'}`;

/** What a polariser does to a clear sky, over its base loss; how to learn it where the directions are not known. */
export function polariserText(effect: PolariserEffect | null): string {
  if (!effect)
    return 'Say where view and sun point to, and its effect on a clear sky is worked out; or turn it by eye.';
  const { darkestAxisDeg, atAxis } = effect;
  return `A clear sky comes out ${changeText(atAxis.meanStops)} on the whole, ${changeText(atAxis.darkest)} where it takes the most and ${changeText(atAxis.brightest)} where the least. Darkest with its axis at ${degreesFigure(darkestAxisDeg)}°; brightest a quarter turn from there.`;
}

/** What a polariser leaves of the glare on still water. */
export function waterGlareText({ depressionDeg, glareLeft }: WaterGlare): string {
  return `At the foot of the frame, ${Math.round(depressionDeg)}° below the horizon, still water keeps ${Math.round(glareLeft * 100)} % of its glare at best; near the horizon it keeps nearly all.`;
}
