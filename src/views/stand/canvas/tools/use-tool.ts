import { useGesture } from '@use-gesture/react';
import { type RefObject, useEffect, useMemo } from 'react';
import { type DrawnSize } from '../parts/frame-path';
import { useOpenStand } from '../../session';
import { type MakeTool, type Pointed } from './tool';

/** Further than this a press is a drag, px. */
const TAP_PX = 3;

/** What ends a press that nobody has ended. */
const LOST = ['pointercancel', 'lostpointercapture'];

/**
 * Puts a tool into the hand: handlers for the bare frame. They keep the pointer until the press has ended, and give up what
 * it began when a second finger comes, the pointer is lost or another tool is taken.
 *
 * @param isPinching two fingers are at it
 */
export function useTool(make: MakeTool, { width, height }: DrawnSize, isPinching: RefObject<boolean>) {
  const open = useOpenStand();
  const tool = useMemo(() => make(open), [make, open]);
  useEffect(() => () => tool.cancel?.(), [tool]);
  const pointed = (event: Event, [x, y]: readonly [number, number]): Pointed => {
    const { left, top } = (event.currentTarget as Element).getBoundingClientRect();
    return {
      at: { u: (x - left) / width, v: (y - top) / height },
      isTouch: 'pointerType' in event && event.pointerType === 'touch',
      px: 1 / height,
    };
  };
  const bind = useGesture(
    {
      onMove: ({ event, xy, dragging }) => {
        if (!dragging && !event.buttons) tool.hover?.(pointed(event, xy));
      },
      onHover: ({ active }) => {
        if (!active) tool.hover?.(null);
      },
      onDrag: ({ first, last, tap, canceled, xy, movement, event, memo, cancel }): Press => {
        if (canceled || LOST.includes(event.type)) {
          tool.cancel?.();
          return memo as Press;
        }
        const at = pointed(event, xy);
        const press: Press = first ? { from: at, isDrag: false } : (memo as Press);
        if (isPinching.current) {
          cancel();
          return press;
        }
        if (first) tool.press?.(at);
        const isDrag = press.isDrag || Math.hypot(...movement) > TAP_PX;
        if (isDrag) {
          if (!press.isDrag) tool.start?.(press.from);
          tool.move?.(at, { u: movement[0] / width, v: movement[1] / height });
        }
        if (last) {
          if (isDrag) tool.end?.(at);
          else if (tap) tool.tap?.(at);
          else tool.cancel?.();
        }
        return { ...press, isDrag };
      },
    },
    { drag: { pointer: { keys: false } } },
  );
  return { tool, bind };
}

/** A press that has not ended yet. */
interface Press {
  readonly from: Pointed;
  readonly isDrag: boolean;
}
