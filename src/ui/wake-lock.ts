import { useEffect, useState } from 'react';

/** `none`: this browser, or a page that came over plain HTTP, has no such thing. */
export type WakeLock = 'asking' | 'on' | 'refused' | 'none';

/** Keeps the screen on for as long as it is wanted; the lock is lost out of sight, and asked for again in sight. */
export function useWakeLock(isWanted: boolean): WakeLock {
  const [state, setState] = useState<WakeLock>(() => ('wakeLock' in navigator ? 'asking' : 'none'));
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        const got = await navigator.wakeLock.request('screen');
        if (isOver) return void got.release();
        lock = got;
        setState('on');
      } catch {
        setState('refused');
      }
    };
    const again = () => void ask();
    again();
    document.addEventListener('visibilitychange', again);
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [isWanted]);
  return state;
}
