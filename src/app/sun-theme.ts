import { preferences } from '@/store';
import { useTheme } from '@/ui/theme';

const EVERY_MS = 60_000;

/** Tells the theme whether the sun is up where the photographer is, for as long as that decides. */
export function startSunTheme(): void {
  const look = async () => {
    const { place } = preferences.getState();
    const { mode, setSun, sunIsUp } = useTheme.getState();
    if (mode !== 'sun') return;
    // the astronomy is loaded only where it is asked for
    const isUp = place && (await import('@/core/sky/sun-altitude')).isSunUp(place, Date.now());
    if (isUp !== sunIsUp) setSun(isUp);
  };
  void look();
  setInterval(() => void look(), EVERY_MS);
  preferences.subscribe(() => void look());
  useTheme.subscribe((now, before) => {
    if (now.mode !== before.mode) void look();
  });
}
