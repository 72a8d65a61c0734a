import { useEffect } from 'react';

/** A field has taken so much of the screen for its keyboard that the rest must make room: part of the height that is left. */
const KEYBOARD_LEAVES = 0.75;

/**
 * Keeps the page as high as what is seen of it when a keyboard comes up, marks the page with `data-typing` while it is, and
 * brings the field that is typed in into view.
 */
export function useVisibleHeight(): void {
  useEffect(() => {
    const view = window.visualViewport;
    if (!view) return;
    const root = document.documentElement;
    let tallest = view.height;
    let width = view.width;
    const look = () => {
      if (view.scale > 1.01) return; // zoomed by hand: not a keyboard
      if (view.width !== width) {
        width = view.width;
        tallest = 0;
      }
      tallest = Math.max(tallest, view.height);
      const field = document.activeElement;
      const typing = !!field?.matches('input, textarea') && view.height < KEYBOARD_LEAVES * tallest;
      root.style.setProperty('--visible-height', `${view.height}px`);
      root.toggleAttribute('data-typing', typing);
      if (typing) field?.scrollIntoView({ block: 'nearest' });
    };
    look();
    view.addEventListener('resize', look);
    addEventListener('focusin', look);
    addEventListener('focusout', look);
    return () => {
      view.removeEventListener('resize', look);
      removeEventListener('focusin', look);
      removeEventListener('focusout', look);
    };
  }, []);
}
