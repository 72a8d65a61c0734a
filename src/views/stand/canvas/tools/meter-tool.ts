import { type FramePoint } from '@/core/field';
import { photoSpot } from '../../read/photo-spot';
import { type MakeTool, type Pointed } from './tool';

/** A finger that is dragged hides what lies under it: it aims so far above itself, px. */
const ABOVE_FINGER = 56;

/** Measures the picture: a tap takes the very spot that is tapped, a drag aims first and takes where it ends. */
export const meterTool: MakeTool = (open) => {
  const { setAim } = open.session.getState();
  const aimOf = ({ at, isTouch, px }: Pointed): FramePoint =>
    isTouch ? { u: at.u, v: Math.max(0, at.v - ABOVE_FINGER * px) } : at;
  const take = (at: FramePoint, { isTouch }: Pointed) => {
    photoSpot(open)?.take(at);
    if (isTouch) setAim(null);
  };
  return {
    cursor: 'crosshair',
    hover: (pointed) => setAim(pointed && aimOf(pointed)),
    press: ({ at }) => setAim(at),
    tap: (pointed) => take(pointed.at, pointed),
    start: (pointed) => setAim(aimOf(pointed)),
    move: (pointed) => setAim(aimOf(pointed)),
    end: (pointed) => take(aimOf(pointed), pointed),
    cancel: () => setAim(null),
  };
};
