import { useEffect, useState } from 'react';

const EVERY_MS = 20_000;

/** The time now, ms since the epoch, looked at often enough for ages in minutes. */
export function useNow(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}
