import { startTransition, useEffect, useRef, useState } from 'react';

/** How far outside what is seen of a list its rows are already made ready. */
const AHEAD = '200px';

/**
 * Whether an element has come near what is seen of the list that it scrolls in; once near, it stays so.
 * What is dear to show waits for it, and gives way to the hand while it is made.
 */
export function useNear<E extends Element>() {
  const ref = useRef<E>(null);
  const [isNear, setNear] = useState(false);
  useEffect(() => {
    const element = ref.current;
    if (!element || isNear) return;
    const observer = new IntersectionObserver(
      (entries) => {
        if (entries.some((e) => e.isIntersecting)) startTransition(() => setNear(true));
      },
      { rootMargin: AHEAD, scrollMargin: AHEAD },
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, [isNear]);
  return { ref, isNear };
}
