import { degreesApart } from '@/core/units';
import { type Stand } from '../stand/stand';
import { type SunSide } from '../terms/stand';

/** Angles from the view at which the sun counts as ahead and as behind, and how low it must be to glare, degrees. */
const AHEAD_UNDER_DEG = 60;
const BEHIND_OVER_DEG = 120;
const LOW_UNDER_DEG = 10;
/** A land wanted so bright is snow, stops. */
const SNOW_TONE = 1.5;

/** Where the sun stands, as said outright or by its direction and the view's; null where neither is known. */
export function sunSideOf({ look }: Stand): SunSide | null {
  if (look.sun) return look.sun;
  const { sunAzimuthDeg, viewAzimuthDeg } = look;
  if (sunAzimuthDeg === undefined || viewAzimuthDeg === undefined) return null;
  const apart = degreesApart(sunAzimuthDeg, viewAzimuthDeg);
  if (apart > BEHIND_OVER_DEG) return 'behind';
  return apart < AHEAD_UNDER_DEG ? 'ahead' : 'side';
}

/** The density that the sun's direction makes likely, stops (solver: by the sun); undefined where it is not known. */
export function sunGuessStops(stand: Stand): number | undefined {
  switch (sunSideOf(stand)) {
    case null:
      return undefined;
    case 'behind':
      return 1;
    case 'side':
      return 2;
    case 'ahead':
      return (stand.look.sunAltitudeDeg ?? 0) < LOW_UNDER_DEG ? 3 : 2;
    case 'hidden':
      return stand.readings.some((r) => r.role === 'land' && (r.wantedToneStops ?? 0) >= SNOW_TONE) ? 0 : 2;
  }
}
