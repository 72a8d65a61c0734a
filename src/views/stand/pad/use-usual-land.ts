import { useEffect, useState } from 'react';
import { roughSunAltitudeDeg, usualLandEv } from '@/model';
import { usePreferences } from '../../shared/workspace-context';
import { useStand } from '../session';

/** EV at ISO 100 to guess at for grey land now: by the sun where the stand's place or one's own is known, else by the clock. */
export function useUsualLand(): number {
  const stand = useStand();
  const own = usePreferences((p) => p.place);
  const place = stand.place ?? own;
  const [ev, setEv] = useState(() => {
    const now = new Date();
    return usualLandEv(roughSunAltitudeDeg(now.getHours() + now.getMinutes() / 60));
  });
  useEffect(() => {
    if (!place) return;
    let isHere = true;
    void import('@/core/sky/sun-altitude').then(({ sunAltitudeDeg }) => {
      if (isHere) setEv(usualLandEv(sunAltitudeDeg(place, Date.now())));
    });
    return () => {
      isHere = false;
    };
  }, [place]);
  return ev;
}
