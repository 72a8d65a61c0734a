import { useGesture } from '@use-gesture/react';
import { type RefObject, useRef } from 'react';
import { useSession } from '../../session';
import { panned, pointAt, zoomedAbout } from '../../session/zoom';

/** A turn of the wheel that doubles the frame, px. */
const WHEEL_DOUBLES = 400;
const MIDDLE_BUTTON = 4;

/**
 * Looks at a part of the frame by wheel, by two fingers, and moved by the middle button or two fingers.
 *
 * @returns whether two fingers are at it, which then do not draw
 */
export function useFrameZoom(box: RefObject<HTMLDivElement | null>): RefObject<boolean> {
  const setZoom = useSession((s) => s.setZoom);
  const isPinching = useRef(false);
  const bounds = () => (box.current as HTMLDivElement).getBoundingClientRect();
  const within = (x: number, y: number): readonly [number, number] => {
    const { left, top, width, height } = bounds();
    return [(x - left) / width, (y - top) / height];
  };
  useGesture(
    {
      onWheel: ({ event, delta: [across, down] }) => {
        event.preventDefault();
        const { width } = bounds();
        if (event.shiftKey || Math.abs(across) > Math.abs(down)) {
          setZoom((z) => panned(z, (across || down) / width, 0));
          return;
        }
        const [x, y] = within(event.clientX, event.clientY);
        setZoom((z) => zoomedAbout(z, 2 ** (-down / WHEEL_DOUBLES), pointAt(z, x, y)));
      },
      onPinch: ({ first, last, origin, offset: [times], memo }) => {
        isPinching.current = !last;
        const [x, y] = within(...origin);
        const before = (first ? { x, y, times } : memo) as { x: number; y: number; times: number };
        setZoom((z) => {
          const moved = panned(z, before.x - x, before.y - y);
          return zoomedAbout(moved, times / before.times, pointAt(moved, x, y));
        });
        return { x, y, times };
      },
      onDrag: ({ delta: [dx, dy] }) => {
        const { width, height } = bounds();
        setZoom((z) => panned(z, -dx / width, -dy / height));
      },
    },
    {
      target: box,
      eventOptions: { passive: false },
      drag: { pointer: { buttons: MIDDLE_BUTTON, keys: false } },
      pinch: { pinchOnWheel: false },
    },
  );
  return isPinching;
}
