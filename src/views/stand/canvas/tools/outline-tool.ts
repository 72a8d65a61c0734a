import { type FramePoint } from '@/core/field';
import { drawnOutline } from '@/model';
import { heldToFrame } from '../parts/frame-keys';
import { type MakeTool } from './tool';

/** Outlines a shape: a tap sets a corner, a drag draws round. */
export const outlineTool: MakeTool = ({ session }) => {
  let drawn: FramePoint[] = [];
  const add = (corners: readonly FramePoint[]) => {
    const { outline, setOutline } = session.getState();
    setOutline([...(outline ?? []), ...corners]);
  };
  return {
    cursor: 'crosshair',
    tap: ({ at }) => add([heldToFrame(at)]),
    start: ({ at }) => (drawn = [heldToFrame(at)]),
    move: ({ at }) => drawn.push(heldToFrame(at)),
    end: () => add(drawnOutline(drawn)),
  };
};
