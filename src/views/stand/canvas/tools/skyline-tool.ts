import { type FramePoint } from '@/core/field';
import { addSkylinePoint, drawSkyline, type Stand } from '@/model';
import { heldToFrame } from '../parts/frame-keys';
import { type MakeTool } from './tool';

/** Draws the skyline over the stretch that is swept; a tap adds a point to it, or lets go of a shape. */
export const skylineTool: MakeTool = ({ kept, edit, session }) => {
  let before: Stand | null = null;
  let swept: FramePoint[] = [];
  return {
    cursor: 'crosshair',
    tap: ({ at }) => {
      const { selection, select } = session.getState();
      if (selection?.kind === 'shape') return select(null);
      const { skyline } = kept.state.getState().value.stand;
      edit((s) => addSkylinePoint(s, at));
      const added = kept.state.getState().value.stand.skyline.findIndex((p) => !skyline.includes(p));
      // what was just added is at hand, to be moved or taken away again
      select(added < 0 ? null : { kind: 'point', index: added });
    },
    start: ({ at }) => {
      kept.beginGesture();
      before = kept.state.getState().value.stand;
      swept = [heldToFrame(at)];
    },
    move: ({ at }) => {
      swept.push(heldToFrame(at));
      const from = before;
      if (from) edit((s) => ({ ...s, skyline: drawSkyline(from, swept).skyline }));
    },
    end: () => kept.endGesture(),
    cancel: () => kept.dropGesture(),
  };
};
