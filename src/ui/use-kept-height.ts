import { type RefObject, useEffect } from 'react';

/**
 * Keeps an element as high as it has been while `key` is the same and it is as wide as it was, so that what stands above
 * it does not move under a hand when fewer lines are needed for a while.
 */
export function useKeptHeight(ref: RefObject<HTMLElement | null>, key: string): void {
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    let [width, height] = [0, 0];
    const observer = new ResizeObserver(() => {
      if (element.offsetWidth !== width) [width, height] = [element.offsetWidth, 0];
      height = Math.max(height, element.offsetHeight);
      element.style.minHeight = `${height}px`;
    });
    observer.observe(element);
    return () => {
      observer.disconnect();
      element.style.minHeight = '';
    };
  }, [ref, key]);
}
