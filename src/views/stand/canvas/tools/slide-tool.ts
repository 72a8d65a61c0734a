import { acrossSeam, sheetScale } from '@/core/optics';
import { frameOf, lensOf } from '@/model';
import { setSeat } from '../../seat/use-seat';
import { type MakeTool } from './tool';

/** Slides the sheet with the finger: the line follows it. */
export const slideTool: MakeTool = (open) => {
  const { kept, answer } = open;
  let from = 0;
  return {
    cursor: 'ns-resize',
    start: () => {
      from = answer.getState().derived.inUse?.seat?.offsetMm ?? 0;
      kept.beginGesture();
    },
    move: (_, moved) => {
      const { derived, bag } = answer.getState();
      const seat = derived.inUse?.seat;
      if (!seat) return;
      const { stand } = kept.state.getState().value;
      const heightMm = frameOf(stand.camera).heightMm * sheetScale(lensOf(stand, bag));
      const up = -moved.v * heightMm * Math.sign(acrossSeam(seat.turnDeg).cos || 1);
      setSeat(open, { offsetMm: from + up });
    },
    end: () => kept.endGesture(),
    cancel: () => kept.dropGesture(),
  };
};
