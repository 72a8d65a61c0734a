import { type FramePoint } from '@/core/field';
import { type Brush, brushed, type BrushMask, frameOf, maskOf, outlineOf } from '@/model';
import { heldToFrame } from '../parts/frame-keys';
import { type MakeTool } from './tool';

/** Brushes over what is part of a shape, or is none: stretch by stretch, or over a spot that is tapped. */
export const brushTool =
  (brush: Brush): MakeTool =>
  ({ kept, session }) => {
    let painting: { readonly mask: BrushMask; readonly at: FramePoint } | null = null;
    const paint = (point: FramePoint) => {
      const { outline, setOutline } = session.getState();
      const { widthMm, heightMm } = frameOf(kept.state.getState().value.stand.camera);
      const mask = painting?.mask ?? maskOf(outline ?? [], widthMm / heightMm);
      const at = heldToFrame(point);
      painting = { mask: brushed(mask, [painting?.at ?? at, at], brush), at };
      setOutline(outlineOf(painting.mask));
    };
    const stop = () => (painting = null);
    return {
      cursor: 'crosshair',
      press: stop,
      tap: ({ at }) => paint(at),
      start: ({ at }) => paint(at),
      move: ({ at }) => paint(at),
      end: stop,
      cancel: stop,
    };
  };
