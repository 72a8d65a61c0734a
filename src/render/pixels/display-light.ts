import { type Role } from '@/core/field';
import { type SensorWindow } from '@/model';

/** Tints in linear light, so that the regions of a drawn ground can be told apart. */
export const TINTS: Record<Role, readonly [number, number, number]> = {
  sky: [0.92, 0.98, 1.06],
  land: [1.05, 1, 0.9],
  water: [0.9, 1.01, 1.02],
  feature: [1.03, 0.98, 0.97],
};
/** In Dusk the whole picture is dimmer and warm. */
export const THEME_TINTS = { noon: [1, 1, 1], dusk: [0.5, 0.38, 0.26] } as const;

/** Bend of the shoulder: the least of the highlights is kept apart, mid-grey stays a mid-grey on the screen. */
export const SHOULDER = 0.6;

/** Display light (linear, 0 to 1) of a tone: white at the top of the sensor's window, and clipped there. */
export function displayLight(tone: number, window: Pick<SensorWindow, 'highlightRoom'>): number {
  const x = Math.min(1, 2 ** (tone - window.highlightRoom));
  return (x * (1 + SHOULDER)) / (x + SHOULDER);
}
