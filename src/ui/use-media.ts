import { useSyncExternalStore } from 'react';

/** Whether a media query holds, kept up to date. */
function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const list = matchMedia(query);
      list.addEventListener('change', changed);
      return () => list.removeEventListener('change', changed);
    },
    () => matchMedia(query).matches,
  );
}

/** Whether it is pointed at with fingers, so that keys and clicks are not spoken of. */
export const useTouch = (): boolean => useMedia('(pointer: coarse)');

/** Whether the layout is the phone's: the same query as the `compact` variant in the sheet of styles. */
export const useCompact = (): boolean => useMedia('(max-width: 1023.98px) or (max-height: 499.98px)');
