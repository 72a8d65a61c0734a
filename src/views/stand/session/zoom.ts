import { type FramePoint } from '@/core/field';
import { clamp } from '@/core/numerics';

/** What part of the frame is looked at: how many times larger than whole, and its upper left corner in parts of the frame. */
export interface Zoom {
  readonly times: number;
  readonly left: number;
  readonly top: number;
}

export const WHOLE: Zoom = { times: 1, left: 0, top: 0 };
export const MOST_TIMES = 8;
/** One press of a key or a button. */
export const ZOOM_STEP = 1.5;

/** Held to the frame: nothing beyond its edges is looked at. */
function held({ times, left, top }: Zoom): Zoom {
  // a hair over the whole is the whole
  if (times < 1.02) return WHOLE;
  const most = 1 - 1 / Math.min(MOST_TIMES, times);
  return { times: Math.min(MOST_TIMES, times), left: clamp(left, 0, most), top: clamp(top, 0, most) };
}

/** Larger or smaller by a factor, about a point of the frame that stays where it is. */
export function zoomedAbout(zoom: Zoom, factor: number, { u, v }: FramePoint): Zoom {
  const times = clamp(zoom.times * factor, 1, MOST_TIMES);
  const part = zoom.times / times;
  return held({ times, left: u - (u - zoom.left) * part, top: v - (v - zoom.top) * part });
}

/** Moved over the frame, in parts of what is looked at. */
export const panned = (zoom: Zoom, across: number, down: number): Zoom =>
  held({ ...zoom, left: zoom.left + across / zoom.times, top: zoom.top + down / zoom.times });

/** The point of the frame at the middle of what is looked at. */
export const middleOf = ({ times, left, top }: Zoom): FramePoint => ({
  u: left + 0.5 / times,
  v: top + 0.5 / times,
});

/** The point of the frame at a place of what is looked at, in parts of it. */
export const pointAt = ({ times, left, top }: Zoom, x: number, y: number): FramePoint => ({
  u: left + x / times,
  v: top + y / times,
});
