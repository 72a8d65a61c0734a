import { type Shape } from '@/core/field';
import { type FrameSize } from '@/core/optics';

/** The part of the frame that is printed: the largest of its proportions. */
export interface Crop {
  /** Proportions of the upright picture. */
  readonly width: number;
  readonly height: number;
  /** Where it stands on the side that leaves room: 0 left or top, 1 right or bottom; absent: in the middle. */
  readonly at?: number | undefined;
}

/** A part of the frame, in parts of its sides. */
export interface FrameBox {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** A crop that leaves out less than this part of a side leaves the frame as it is. */
const NOTHING = 0.001;

/** What a crop leaves of a frame; null where that is all of it. */
export function cropBox(crop: Crop | undefined, { widthMm, heightMm }: FrameSize): FrameBox | null {
  if (!crop) return null;
  const ratio = crop.width / crop.height / (widthMm / heightMm);
  const [across, down] = [Math.min(1, ratio), Math.min(1, 1 / ratio)];
  if (Math.min(across, down) > 1 - NOTHING) return null;
  const at = crop.at ?? 0.5;
  const [left, top] = [(1 - across) * at, (1 - down) * at];
  return { left, top, right: left + across, bottom: top + down };
}

/** The one or two strips that a crop leaves out, as shapes whose light does not count. */
export function strips({ left, top, right, bottom }: FrameBox): Shape[] {
  const box = (id: string, from: readonly [number, number], to: readonly [number, number]): Shape => ({
    id,
    region: 'ignore',
    points: [
      { u: from[0], v: from[1] },
      { u: to[0], v: from[1] },
      { u: to[0], v: to[1] },
      { u: from[0], v: to[1] },
    ],
  });
  return [
    ...(left > 0 ? [box('crop-left', [-1, -1], [left, 2])] : []),
    ...(right < 1 ? [box('crop-right', [right, -1], [2, 2])] : []),
    ...(top > 0 ? [box('crop-top', [-1, -1], [2, top])] : []),
    ...(bottom < 1 ? [box('crop-bottom', [-1, bottom], [2, 2])] : []),
  ];
}
