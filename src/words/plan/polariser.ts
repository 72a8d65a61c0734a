import { type PolariserEffect, type PolariserPromise, type WaterGlare } from '@/model';
import { degreesFigure, stopsFigure, stopsText } from '../figures/figures';

const changeText = (stops: number): string =>
  `${stopsFigure(Math.abs(stops))} ${stops < 0 ? 'darker' : 'brighter'}`;

/** What a polariser does to a clear sky, over its base loss; how to learn it where the directions are not known. */
export function polariserText(effect: PolariserEffect | null): string {
  if (!effect)
    return 'Say where view and sun point to, and its effect on a clear sky is worked out; or turn it by eye.';
  const { darkestAxisDeg, atAxis } = effect;
  return `A clear sky comes out ${changeText(atAxis.meanStops)} on the whole, ${changeText(atAxis.darkest)} where it takes the most and ${changeText(atAxis.brightest)} where the least. Darkest with its axis at ${degreesFigure(darkestAxisDeg)}°; brightest a quarter turn from there.`;
}

/** How a polariser that is turned in the hand goes in, by the axis that darkens the sky. */
export function rimMarkText(axisDeg: number): string {
  return `Turned in the hand before it goes in: when the sky is darkest, note what stands on top of its rim, and put it in with that on top. By the sun its axis then stands at ${degreesFigure(axisDeg)}°, clockwise from upright.`;
}

/** What a polariser leaves of the glare on still water. */
export function waterGlareText({ depressionDeg, glareLeft }: WaterGlare): string {
  return `At the foot of the frame, ${Math.round(depressionDeg)}° below the horizon, still water keeps ${Math.round(glareLeft * 100)} % of its glare at best; near the horizon it keeps nearly all.`;
}

/** A promise below this is no reason to take it out of the pouch, stops. */
const HARDLY_STOPS = 0.3;

/** What a polariser would do here before it is on, and what it costs; what to say where that is not known. */
export function polariserPromiseText(promise: PolariserPromise | null, lossStops: number): string {
  const cost = `It takes ${stopsText(lossStops)} of everything, and the grad is judged after it.`;
  if (!promise)
    return `Say where the sun stands, and it is told what a polariser would do to this sky. ${cost}`;
  const [least, most] = promise.darkerStops;
  if (most < HARDLY_STOPS)
    return `On this sky it would do next to nothing; on wet rock, leaves and near water it still takes glare. ${cost}`;
  const range =
    most - least < 0.1 ? stopsFigure(most) : `${stopsFigure(least)} (hazy) to ${stopsFigure(most)} (clear)`;
  const band = promise.banded ? '; unevenly in a frame this wide, so that a band will show' : '';
  return `It would make a clear sky here up to ${range} darker than the rest${band}. Under even cloud nothing. ${cost}`;
}
