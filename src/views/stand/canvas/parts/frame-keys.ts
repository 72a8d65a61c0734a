import { type KeyboardEvent } from 'react';
import { type FramePoint } from '@/core/field';

/** One press of an arrow key moves by this part of the frame; with Shift ten times as far. */
const STEP = 0.005;

const WAYS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** How far an arrow key moves a mark, in parts of the frame; null for other keys. */
export function arrowMove(event: KeyboardEvent): FramePoint | null {
  const way = WAYS[event.key];
  if (!way || event.ctrlKey || event.metaKey || event.altKey) return null;
  event.preventDefault();
  event.stopPropagation();
  const step = event.shiftKey ? 10 * STEP : STEP;
  return { u: way[0] * step, v: way[1] * step };
}

/** A point held inside the frame and to a thousandth of it, finer than any hand. */
export function heldToFrame({ u, v }: FramePoint): FramePoint {
  const held = (value: number) => Math.round(Math.min(1, Math.max(0, value)) * 1000) / 1000;
  return { u: held(u), v: held(v) };
}
