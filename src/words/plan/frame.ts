import { type Place } from '@/core/sky';
import { type Crop, type FrameBox, type Stand } from '@/model';
import { wholeOrTenth } from '../figures/figures';
import { shapeName } from '../figures/spots';

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

/** Metres of something in the frame: "at 2.5 m". */
export const distanceText = (metres: number): string => `at ${wholeOrTenth(metres)} m`;

/** Which camera and lens a stand has: "full frame, 24-70 standard". */
export function cameraAndLensText({ camera, lens }: Pick<Stand, 'camera' | 'lens'>): string {
  const sensor = `${wholeOrTenth(camera.sensorWidthMm)} × ${wholeOrTenth(camera.sensorHeightMm)} mm`;
  return [camera.name?.trim() || sensor, lens.name?.trim()].filter(Boolean).join(', ');
}

/** What is marked in the frame, by name: "tall firs, west cone", "nothing". */
export function markedText({ shapes = [] }: Pick<Stand, 'shapes'>): string {
  if (!shapes.length) return 'nothing';
  const [first, second] = shapes.map((s) => shapeName(s.id, shapes));
  const rest = shapes.length - 2;
  return [first, second, rest > 0 && `${rest} more`].filter(Boolean).join(', ');
}

/** What is to be left out of the frame, in a line. */
export function leaveOutText(things: readonly string[] = []): string {
  if (!things.length) return 'nothing noted';
  return things.length === 1 ? (things[0] as string) : `${things[0]}, ${things.length - 1} more`;
}

const NOTES_LONGEST = 40;

/** The beginning of a note. */
export function notesText(notes = ''): string {
  const [line = ''] = notes.trim().split('\n');
  if (!line) return 'none';
  return line.length > NOTES_LONGEST ? `${line.slice(0, NOTES_LONGEST).trimEnd()}…` : line;
}
