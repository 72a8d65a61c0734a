import { type Place, type SkyDirection, type SkyPlace, skyEvs, SKY_STATES, type SkyState } from '@/core/sky';
import { moonLook, type MoonLook, type SkyEvent, skyEvents } from '@/core/sky/sky-day';
import { sunDirection, trueSunDirection } from '@/core/sky/sun-altitude';

/** Between two moments whose light is worked out, ms. */
export const STEP_MS = 10 * 60_000;

/** The sky of a moment, where a forecast of it serves. */
export interface SkyMoment {
  readonly atMs: number;
  /** The sun without refraction. */
  readonly sun: SkyDirection;
  /** EV at ISO 100 of each place of the sky. */
  readonly evAt: (place: SkyPlace) => number;
}

/** Sun, moon and sky of a day over a place: worked out once, whatever is planned for it. */
export interface PlaceDay {
  readonly fromMs: number;
  readonly toMs: number;
  readonly events: readonly SkyEvent[];
  readonly moon: MoonLook;
  /** Where the sun is seen at a time, ms since the epoch; and where it is without refraction. */
  readonly seenAt: (atMs: number) => SkyDirection;
  readonly sunAt: (atMs: number) => SkyDirection;
  /** Every ten minutes at which the forecast serves. */
  readonly skies: (sky: SkyState) => readonly SkyMoment[];
}

/** A day over a place, from its first moment to the first that is no longer of it, ms since the epoch. */
export function placeDay(
  place: Place,
  { fromMs, toMs }: { readonly fromMs: number; readonly toMs: number },
): PlaceDay {
  const sunAt = kept((atMs: number) => trueSunDirection(place, atMs));
  return {
    fromMs,
    toMs,
    events: skyEvents(place, fromMs, toMs),
    moon: moonLook((fromMs + toMs) / 2),
    seenAt: kept((atMs) => sunDirection(place, atMs)),
    sunAt,
    skies: kept((sky) => {
      const moments: SkyMoment[] = [];
      for (let atMs = fromMs; atMs <= toMs; atMs += STEP_MS) {
        const sun = sunAt(atMs);
        const evAt = skyEvs(sky, sun.altitudeDeg);
        if (evAt) moments.push({ atMs, sun, evAt });
      }
      return moments;
    }),
  };
}

/** A function that keeps what it gave for each of what it was asked with. */
function kept<A extends number | (typeof SKY_STATES)[number], T>(work: (of: A) => T): (of: A) => T {
  const known = new Map<A, T>();
  return (of) => {
    const before = known.get(of);
    if (before !== undefined) return before;
    const made = work(of);
    known.set(of, made);
    return made;
  };
}
