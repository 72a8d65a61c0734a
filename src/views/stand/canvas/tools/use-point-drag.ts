import { useDrag } from '@use-gesture/react';
import { type FramePoint } from '@/core/field';
import { useKept } from '../../session';

export interface PointDragOptions {
  readonly width: number;
  readonly height: number;
  readonly enabled?: boolean;
  readonly onStart: () => void;
  readonly onMove: (to: FramePoint) => void;
}

/** Drags a point of the frame; the whole drag is one step of undo. Gives the handlers for the mark. */
export function usePointDrag(point: FramePoint, options: PointDragOptions) {
  const kept = useKept();
  const { width, height, enabled = true, onStart, onMove } = options;
  const bind = useDrag(
    ({ first, last, delta: [dx, dy], memo = point }) => {
      if (first) {
        kept.beginGesture();
        onStart();
      }
      const from = memo as FramePoint;
      const to = { u: from.u + dx / width, v: from.v + dy / height };
      onMove(to);
      if (last) kept.endGesture();
      return to;
    },
    { enabled, filterTaps: true, pointer: { keys: false } },
  );
  return bind();
}
