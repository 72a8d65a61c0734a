import { type FramePoint } from '@/core/field';
import { type SeamAt } from '@/core/optics';
import { seamEnds } from '@/render';
import { type DrawnSize } from './frame-path';

interface Point {
  readonly x: number;
  readonly y: number;
}

export interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** What no note lies over, px: the readings with their figures, and the lines that are measured by. */
export interface Taken {
  readonly boxes: readonly Box[];
  readonly lines: readonly (readonly [Point, Point])[];
}

interface NoteToPlace {
  readonly spot: Point;
  readonly textWidth: number;
  readonly frame: DrawnSize;
  readonly taken: Taken;
  /** How far the spot's own mark reaches up and down. */
  readonly reach?: number;
}

/** A mark and its figure beside it, px: beyond this part of the width the figure stands to its left. */
const FIGURE_TURNS = 0.88;
const FIGURE = 60;
const MARK = 14;

/** What the readings, their figures and the seams cover. */
export function takenBy(
  readings: readonly { readonly place: FramePoint }[],
  seams: readonly SeamAt[],
  { width, height }: DrawnSize,
): Taken {
  return {
    boxes: readings.map(({ place: { u, v } }) => {
      const [x, y] = [u * width, v * height];
      const isTurned = u > FIGURE_TURNS;
      return {
        left: x - (isTurned ? FIGURE : MARK),
        right: x + (isTurned ? MARK : FIGURE),
        top: y - MARK,
        bottom: y + MARK,
      };
    }),
    lines: seams.map((at) => {
      const [x1, y1, x2, y2] = seamEnds(at, width, height);
      return [
        { x: x1, y: y1 },
        { x: x2, y: y2 },
      ];
    }),
  };
}

/** A plate's height above and below the baseline of its letters, px. */
const ABOVE = 15;
const BELOW = 6;
/** What a plate keeps clear of things by, px. */
const GAP = 4;

/** The plate of a note whose letters begin at a place. */
export const plateAt = ({ x, y }: Point, textWidth: number): Box => ({
  left: x - GAP,
  right: x + textWidth + GAP,
  top: y - ABOVE,
  bottom: y + BELOW,
});

/** How far up and down from its spot a note is tried, px, the nearest first. */
const HEIGHTS = [24, -24, 52, -52, 84, -84, 120, -120, 160, -160, 210, -210];

/** Where a note beside a spot covers no reading and no line and stays in the picture: the nearest of the places round it; null where all is taken. */
export function clearPlace({ spot, textWidth, frame, taken, reach = 0 }: NoteToPlace): Point | null {
  const inside = (x: number) => Math.max(6, Math.min(x, frame.width - textWidth - 6));
  const places = HEIGHTS.flatMap((dy) =>
    [16, -textWidth - 10, -textWidth / 2, 90, -textWidth - 90].map((dx) => ({
      x: inside(spot.x + dx),
      y: spot.y + dy + Math.sign(dy) * reach,
    })),
  );
  const isClear = (p: Point) => {
    const plate = plateAt(p, textWidth);
    return (
      plate.top > 2 &&
      plate.bottom < frame.height - 2 &&
      taken.boxes.every((box) => !overlap(plate, box)) &&
      taken.lines.every((line) => !crosses(line, plate))
    );
  };
  // a leader that runs over a figure is second best
  const clear = places.filter(isClear);
  return (
    clear.find((p) => !taken.boxes.some((box) => meets(spot, leaderEnd(p, spot, textWidth), box))) ??
    clear[0] ??
    null
  );
}

/** Where the line from a spot meets the plate of its note. */
export const leaderEnd = (at: Point, spot: Point, textWidth: number): Point => ({
  x: Math.min(at.x + textWidth, Math.max(at.x - 3, spot.x)),
  y: at.y < spot.y ? at.y + 4 : at.y - 13,
});

/** Points of a stretch that are looked at. */
const LOOKED_AT = 24;

/** Whether a stretch runs over a box, but for its beginning. */
const meets = (a: Point, b: Point, { left, right, top, bottom }: Box): boolean =>
  Array.from({ length: LOOKED_AT }, (_, i) => (i + 4) / (LOOKED_AT + 4)).some((t) => {
    const [x, y] = [a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)];
    return x > left && x < right && y > top && y < bottom;
  });

const overlap = (a: Box, b: Box): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** Whether a line that runs on either way goes through a box: its corners lie on both sides, or on the line. */
export function crosses([a, b]: readonly [Point, Point], { left, right, top, bottom }: Box): boolean {
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const sides = [
    [left, top],
    [right, top],
    [left, bottom],
    [right, bottom],
  ].map(([x, y]) => ((b.x - a.x) * (y! - a.y) - (b.y - a.y) * (x! - a.x)) / length);
  return Math.min(...sides) <= GAP && Math.max(...sides) >= -GAP;
}
