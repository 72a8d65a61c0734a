import {
  Body,
  Equator,
  Horizon,
  Illumination,
  MoonPhase,
  Observer,
  SearchAltitude,
  SearchHourAngle,
  SearchRiseSet,
} from 'astronomy-engine';
import { type Place } from './place';
import { type SkyDirection } from './polarised-sky';

/** What happens in the sky of a place in the course of a day. */
export type SkyEventKind =
  | `${'astronomical' | 'nautical' | 'civil'}-${'dawn' | 'dusk'}`
  | 'sunrise'
  | 'sun-highest'
  | 'sunset'
  | 'moonrise'
  | 'moon-highest'
  | 'moonset';

export interface SkyEvent {
  readonly kind: SkyEventKind;
  /** ms since the epoch. */
  readonly atMs: number;
  /** Where sun or moon is seen then, clockwise from true north; refraction counted. */
  readonly direction: SkyDirection;
}

/** Heights of the sun's true centre between which the twilights lie, degrees. */
const TWILIGHTS = [
  ['civil', -6],
  ['nautical', -12],
  ['astronomical', -18],
] as const;

const DAY_MS = 86_400_000;

/** The library's searches after the next of something, over and over from `fromMs` to `toMs`. */
function everyFrom(
  fromMs: number,
  toMs: number,
  next: (from: Date, days: number) => { readonly date: Date } | null,
): number[] {
  const found: number[] = [];
  for (let at = fromMs; at < toMs;) {
    const days = (toMs - at) / DAY_MS;
    const time = next(new Date(at), days)?.date.getTime();
    if (time === undefined || time >= toMs) break;
    found.push(time);
    // the same moment must not be found again
    at = time + 60_000;
  }
  return found;
}

/**
 * Sun and moon of a place between two moments, in order of time: rise and set of the upper edge behind the usual air
 * (34 minutes of arc), the twilights by the sun's true centre, and both at their highest. What does not happen, as in a polar
 * summer, is not there.
 *
 * @param fromMs first moment, ms since the epoch, and the first that is no longer of it
 */
export function skyEvents(place: Place, fromMs: number, toMs: number): readonly SkyEvent[] {
  const observer = new Observer(place.latitudeDeg, place.longitudeDeg, 0);
  const found: SkyEvent[] = [];
  const add = (
    kind: SkyEventKind,
    body: Body,
    next: (from: Date, days: number) => { readonly date: Date } | null,
  ) => {
    for (const atMs of everyFrom(fromMs, toMs, next))
      found.push({ kind, atMs, direction: seenDirection(body, observer, atMs) });
  };
  add('sunrise', Body.Sun, (from, days) => SearchRiseSet(Body.Sun, observer, 1, from, days));
  add('sunset', Body.Sun, (from, days) => SearchRiseSet(Body.Sun, observer, -1, from, days));
  add('moonrise', Body.Moon, (from, days) => SearchRiseSet(Body.Moon, observer, 1, from, days));
  add('moonset', Body.Moon, (from, days) => SearchRiseSet(Body.Moon, observer, -1, from, days));
  for (const [name, altitudeDeg] of TWILIGHTS) {
    add(`${name}-dawn`, Body.Sun, (from, days) =>
      SearchAltitude(Body.Sun, observer, 1, from, days, altitudeDeg),
    );
    add(`${name}-dusk`, Body.Sun, (from, days) =>
      SearchAltitude(Body.Sun, observer, -1, from, days, altitudeDeg),
    );
  }
  add('sun-highest', Body.Sun, (from) => SearchHourAngle(Body.Sun, observer, 0, from).time);
  add('moon-highest', Body.Moon, (from) => SearchHourAngle(Body.Moon, observer, 0, from).time);
  return found.toSorted((a, b) => a.atMs - b.atMs);
}

function seenDirection(body: Body, observer: Observer, atMs: number): SkyDirection {
  const at = new Date(atMs);
  const { ra, dec } = Equator(body, at, observer, true, true);
  const { azimuth, altitude } = Horizon(at, observer, ra, dec, 'normal');
  return { azimuthDeg: azimuth, altitudeDeg: altitude };
}

/** Where the moon's centre is seen, refraction counted, at a time in ms since the epoch. */
export const moonDirection = ({ latitudeDeg, longitudeDeg }: Place, atMs: number): SkyDirection =>
  seenDirection(Body.Moon, new Observer(latitudeDeg, longitudeDeg, 0), atMs);

export interface MoonLook {
  /** Part of its disc that is lit, 0 to 1. */
  readonly litPart: number;
  readonly isWaxing: boolean;
}

/** How the moon looks at a time, ms since the epoch. */
export function moonLook(atMs: number): MoonLook {
  const at = new Date(atMs);
  return { litPart: Illumination(Body.Moon, at).phase_fraction, isWaxing: MoonPhase(at) < 180 };
}
