import { type Place } from '@/core/sky';
import { type Crop, type FrameBox } from '@/model';

/** A crop's proportions: "1:1 crop". */
export const cropText = ({ width, height }: Crop): string =>
  width === height ? 'square crop' : `${width}:${height} crop`;

/** How much of the sensor a crop leaves. */
export function cropLeavesText(
  { left, top, right, bottom }: FrameBox,
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
): string {
  const [across, down] = [right - left, bottom - top];
  return `Leaves ${(across * widthMm).toFixed(1)} × ${(down * heightMm).toFixed(1)} mm of the sensor, ${Math.round(across * down * 100)} % of it. What is outside does not count in the plan.`;
}

/** A place as it is written on a map: degrees with the side they are on. */
export function placeFigures({ latitudeDeg, longitudeDeg }: Place): string {
  const side = (deg: number, [plus, minus]: readonly [string, string]) =>
    `${Math.abs(deg).toFixed(4)}° ${deg < 0 ? minus : plus}`;
  return `${side(latitudeDeg, ['N', 'S'])}, ${side(longitudeDeg, ['E', 'W'])}`;
}
