import { useDrag } from '@use-gesture/react';
import { type LadderScale } from '@/render/ladder';
import { useKept } from '../session';

interface ScaleDrag {
  readonly x: LadderScale;
  /** Where the thing that is dragged lies, EV. */
  readonly ev: number;
  readonly enabled: boolean;
  readonly onMove: (ev: number) => void;
  /** It was pressed and not dragged. */
  readonly onTap: () => void;
  /** The scale must stand still while something on it is dragged. */
  readonly hold: (on: boolean) => void;
}

/** Drags something along the scale of light; the whole drag is one step of undo. */
export function useScaleDrag({ x, ev, enabled, onMove, onTap, hold }: ScaleDrag) {
  const kept = useKept();
  const bind = useDrag(
    ({ first, last, tap, movement: [moved], memo = ev }) => {
      const from = memo as number;
      if (tap) {
        onTap();
        return from;
      }
      if (first) {
        kept.beginGesture();
        hold(true);
      }
      onMove(x.invert(x(from) + moved));
      if (last) {
        kept.endGesture();
        hold(false);
      }
      return from;
    },
    { enabled, filterTaps: true, axis: 'x', pointer: { keys: false } },
  );
  return bind();
}
