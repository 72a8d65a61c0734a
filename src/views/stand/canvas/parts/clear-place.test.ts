import fc from 'fast-check';
import { type Box, clearPlace, crosses, leaderEnd, plateAt, takenBy } from './clear-place';

const frame = { width: 576, height: 384 };
const part = fc.double({ min: 0.02, max: 0.98, noNaN: true });
const reading = fc.record({ u: part, v: part }).map((place) => ({ place }));
const seam = fc.oneof(fc.record({ left: part, right: part }), fc.record({ top: part, bottom: part }));

/** Points of the seam within the frame. */
const pointsOf = (at: { left: number; right: number } | { top: number; bottom: number }) =>
  Array.from({ length: 401 }, (_, i) => {
    const t = i / 400;
    return 'left' in at
      ? { x: t * frame.width, y: (at.left + t * (at.right - at.left)) * frame.height }
      : { x: (at.top + t * (at.bottom - at.top)) * frame.width, y: t * frame.height };
  });

describe('a note on the picture', () => {
  it('lies over no reading and over no seam, and within the picture, or is not there', () => {
    let placed = 0;
    fc.assert(
      fc.property(
        fc.array(reading, { maxLength: 12 }),
        fc.array(seam, { maxLength: 2 }),
        fc.record({ u: part, v: part }),
        fc.integer({ min: 40, max: 260 }),
        (readings, seams, { u, v }, textWidth) => {
          const taken = takenBy(readings, seams, frame);
          const spot = { x: u * frame.width, y: v * frame.height };
          const at = clearPlace({ spot, textWidth, frame, taken });
          if (!at) return;
          placed++;
          const plate = plateAt(at, textWidth);
          expect(at.x).toBeGreaterThanOrEqual(0);
          expect(at.x + textWidth).toBeLessThanOrEqual(frame.width);
          expect(plate.top).toBeGreaterThan(0);
          expect(plate.bottom).toBeLessThan(frame.height);
          for (const { place } of readings) {
            const [x, y] = [place.u * frame.width, place.v * frame.height];
            expect(x > plate.left && x < plate.right && y > plate.top && y < plate.bottom).toBe(false);
          }
          for (const at of seams)
            for (const { x, y } of pointsOf(at))
              expect(x > plate.left && x < plate.right && y > plate.top && y < plate.bottom).toBe(false);
        },
      ),
    );
    expect(placed).toBeGreaterThan(50);
  });

  it('stands beside its spot where nothing is in the way', () => {
    const at = clearPlace({
      spot: { x: 200, y: 200 },
      textWidth: 100,
      frame,
      taken: { boxes: [], lines: [] },
    });
    expect(at).toEqual({ x: 216, y: 224 });
  });

  it('rather leads over no figure, where there is another place', () => {
    const spot = { x: 200, y: 190 };
    const figure = takenBy([{ place: { u: 0.33, v: 0.56 } }], [], frame);
    const [box] = figure.boxes as [Box];
    const end = leaderEnd(clearPlace({ spot, textWidth: 100, frame, taken: figure })!, spot, 100);
    for (let t = 0; t <= 1; t += 0.02) {
      const [x, y] = [spot.x + t * (end.x - spot.x), spot.y + t * (end.y - spot.y)];
      expect(x > box.left && x < box.right && y > box.top && y < box.bottom).toBe(false);
    }
  });

  it('is told of a line that touches it, at any slope', () => {
    const box: Box = { left: 10, right: 20, top: 10, bottom: 20 };
    const line = (x1: number, y1: number, x2: number, y2: number) =>
      crosses(
        [
          { x: x1, y: y1 },
          { x: x2, y: y2 },
        ],
        box,
      );
    expect(line(0, 15, 100, 15)).toBe(true);
    expect(line(0, 40, 100, 40)).toBe(false);
    expect(line(0, 0, 100, 100)).toBe(true);
    expect(line(15, 0, 15, 100)).toBe(true);
    expect(line(60, 0, 60, 100)).toBe(false);
  });
});
