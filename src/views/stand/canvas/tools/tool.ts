import { type FramePoint } from '@/core/field';
import { type OpenStand } from '../../session';

/** Where a pointer is on the frame. */
export interface Pointed {
  readonly at: FramePoint;
  readonly isTouch: boolean;
  /** One px of the screen as a part of the frame's height. */
  readonly px: number;
}

/**
 * What a finger or the mouse does on the bare frame. A press is either a tap, or becomes a drag (start, moves, end), or is
 * given up (cancel): by a second finger, by the system, or by whatever else takes the pointer.
 */
export interface Tool {
  readonly cursor: 'default' | 'crosshair' | 'ns-resize';
  /** The mouse moves over the frame without a press; null when it leaves. */
  readonly hover?: (pointed: Pointed | null) => void;
  readonly press?: (pointed: Pointed) => void;
  readonly tap?: (pointed: Pointed) => void;
  /** The press has become a drag. @param from where it was pressed */
  readonly start?: (from: Pointed) => void;
  /** @param moved how far since the press, in parts of the frame */
  readonly move?: (pointed: Pointed, moved: FramePoint) => void;
  readonly end?: (pointed: Pointed) => void;
  readonly cancel?: () => void;
}

/** Makes a tool for a stand; it looks at the stand when it is used, and wakes nobody by being there. */
export type MakeTool = (open: OpenStand) => Tool;
