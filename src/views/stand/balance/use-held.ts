import { type KeyboardEvent, type MouseEvent, useRef } from 'react';
import { type Glass } from '@/model';
import { useSession } from '../session';

/** What is pressed for so long is held, ms. */
const HELD_MS = 350;

/**
 * A row of glass that is held with a finger, the mouse or the space bar shows the frame through it; let go, the frame is as
 * before, and nothing is chosen.
 */
export function useHeld(glass: Glass) {
  const setPeek = useSession((s) => s.setPeek);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const wasHeld = useRef(false);
  const press = () => {
    if (timer.current !== null) return;
    wasHeld.current = false;
    timer.current = setTimeout(() => {
      wasHeld.current = true;
      setPeek(glass);
    }, HELD_MS);
  };
  const release = () => {
    if (timer.current === null) return;
    clearTimeout(timer.current);
    timer.current = null;
    setPeek(null);
  };
  return {
    onPointerDown: press,
    onPointerUp: release,
    onPointerLeave: release,
    onPointerCancel: release,
    onBlur: release,
    onKeyDown: (e: KeyboardEvent) => {
      if (e.key === ' ') press();
    },
    onKeyUp: release,
    // a finger that stays is no menu
    onContextMenu: (e: MouseEvent) => e.preventDefault(),
    /** What a press is for that was no holding. */
    onClickCapture: (e: MouseEvent) => {
      if (!wasHeld.current) return;
      wasHeld.current = false;
      e.preventDefault();
      e.stopPropagation();
    },
  };
}
