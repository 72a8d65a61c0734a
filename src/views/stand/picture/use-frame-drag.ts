import { useDrag } from '@use-gesture/react';
import { type RefObject, useRef } from 'react';
import { acrossSeam, sheetScale } from '@/core/optics';
import { type FramePoint } from '@/core/field';
import {
  addSkylinePoint,
  type Brush,
  brushed,
  type BrushMask,
  drawnOutline,
  drawSkyline,
  frameOf,
  lensOf,
  maskOf,
  outlineOf,
  type Stand,
} from '@/model';
import { heldToFrame } from './frame-keys';
import { useStand } from '../stand-context';
import { useSeat } from '../seat/use-seat';
import { roleOfPlace } from '../read/role-of-place';

/**
 * What a finger or the mouse on the bare frame means: it depends on the step that is open.
 *
 * @param isPinching two fingers are at it: what the first of them began is given up
 */
export function useFrameDrag(width: number, height: number, isPinching: RefObject<boolean>) {
  const access = useStand();
  const {
    document: own,
    stand,
    bag,
    step,
    edit,
    draft,
    setDraft,
    selection,
    select,
    outline,
    setOutline,
    brush,
  } = access;
  const seat = useSeat();
  const from = useRef(0);
  const painting = useRef<{ readonly mask: BrushMask; readonly at: FramePoint } | null>(null);
  const stroke = useRef<{ readonly before: Stand; readonly points: FramePoint[] } | null>(null);

  /** Brushes over a stretch, or over a spot where it begins. */
  const paint = (point: FramePoint, { first, by }: { first: boolean; by: Brush }) => {
    const before = first || !painting.current ? null : painting.current;
    const mask = before?.mask ?? maskOf(outline ?? [], width / height);
    const at = heldToFrame(point);
    painting.current = { mask: brushed(mask, [before?.at ?? at, at], by), at };
    setOutline(outlineOf(painting.current.mask));
  };

  /** Draws by hand: the skyline over the stretch that is swept, or the outline of a shape. */
  const draw = (point: FramePoint, { first, last }: { first: boolean; last: boolean }) => {
    if (first || !stroke.current) {
      stroke.current = { before: stand, points: [] };
      if (!outline) own.beginGesture();
    }
    const { before, points } = stroke.current;
    points.push(heldToFrame(point));
    if (outline) {
      if (last) setOutline([...outline, ...drawnOutline(points)]);
    } else edit((s) => ({ ...s, skyline: drawSkyline(before, points).skyline }));
    if (!last) return;
    stroke.current = null;
    if (!outline) own.endGesture();
  };

  return useDrag(
    ({ first, last, tap, xy: [x, y], movement: [, moved], event, target, cancel }) => {
      if (isPinching.current) {
        own.dropGesture();
        stroke.current = null;
        cancel();
        return;
      }
      const place = () => {
        const box = (target as Element).closest('svg')?.getBoundingClientRect();
        return box ? { u: (x - box.left) / width, v: (y - box.top) / height } : null;
      };
      switch (step) {
        case 'frame': {
          const point = place();
          if (!point) break;
          if (outline && brush) paint(point, { first: first || tap, by: brush });
          else if (!tap) draw(point, { first, last });
          else if (outline) setOutline([...outline, heldToFrame(point)]);
          else if (selection?.kind === 'shape') select(null);
          else edit((s) => addSkylinePoint(s, point));
          break;
        }
        case 'read': {
          const point = tap ? place() : null;
          if (!point) break;
          select(null);
          setDraft({ ...draft, role: roleOfPlace(draft.role, point, access), place: point, again: null });
          document.getElementById('reading-shutter')?.focus();
          event.preventDefault();
          break;
        }
        case 'seat': {
          if (!seat.seat) break;
          if (first) {
            from.current = seat.seat.offsetMm;
            seat.begin();
          }
          const mmPerPx = (frameOf(stand.camera).heightMm / height) * sheetScale(lensOf(stand, bag));
          const up = -moved * mmPerPx * Math.sign(acrossSeam(seat.seat.turnDeg).cos || 1);
          seat.set({ offsetMm: from.current + up });
          if (last) seat.end();
        }
      }
    },
    { filterTaps: true, pointer: { keys: false } },
  );
}
