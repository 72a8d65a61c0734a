import { type Derived } from '@/model';
import { type DrawnSize } from './frame-path';

/** A line of the frame that something covers, px. */
interface Taken {
  readonly left: number;
  readonly right: number;
  readonly y: number;
}

interface Point {
  readonly x: number;
  readonly y: number;
}

interface NoteToPlace {
  readonly spot: Point;
  readonly textWidth: number;
  readonly frame: DrawnSize;
  readonly taken: readonly Taken[];
  /** How far the spot's own mark reaches up and down. */
  readonly reach?: number;
}

/** What the readings and their figures cover. */
export const takenByReadings = ({ prepared }: Derived, { width, height }: DrawnSize): Taken[] =>
  (prepared?.input.field.readings ?? []).map(({ place }) => ({
    left: place.u * width - (place.u > 0.88 ? 60 : 14),
    right: place.u * width + (place.u > 0.88 ? 14 : 60),
    y: place.v * height,
  }));

/** Where a note beside a spot covers no reading and stays in the picture: the nearest of a few places round it. */
export function clearPlace({ spot, textWidth, frame, taken, reach = 0 }: NoteToPlace): Point {
  const inside = (x: number) => Math.max(6, Math.min(x, frame.width - textWidth - 6));
  const places = [24, -24, 52, -52, 84, -84, 120, -120].flatMap((dy) =>
    [16, -textWidth - 10, -textWidth / 2].map((dx) => ({
      x: inside(spot.x + dx),
      y: spot.y + dy + Math.sign(dy) * reach,
    })),
  );
  const isClear = (p: Point) =>
    p.y > 18 &&
    p.y < frame.height - 8 &&
    taken.every((t) => t.right < p.x - 4 || t.left > p.x + textWidth + 4 || Math.abs(t.y - (p.y - 5)) > 20);
  return places.find(isClear) ?? { x: inside(spot.x + 16), y: spot.y + 24 + reach };
}
