import { moonLook, type MoonLook, type SkyEvent, skyEvents } from '@/core/sky/sky-day';
import { sunDirection, trueSunDirection } from '@/core/sky/sun-altitude';
import { type Stand } from '../stand/stand';
import { type DueAgain, dueOn } from './again';
import { type Caution, cautionsOf } from './cautions';
import { type DayLight, stopLight, type StopLight } from './light';
import { type Outing, type OwnPlace, type Stop } from './plans';
import { type Schedule, scheduleOf } from './schedule';
import { worthMoments, type WorthMoment } from './worth';
import { dayBounds } from './zone';

/** A framing with its stand, where that is here, and its light. */
export interface StopDay {
  readonly stop: Stop;
  readonly stand: Stand | null;
  readonly light: StopLight;
}

/** All that is worked out of an outing's day at its place. */
export interface OutingDay extends DayLight {
  readonly events: readonly SkyEvent[];
  readonly moon: MoonLook;
  readonly stops: readonly StopDay[];
  /** The light of the place itself, whatever the direction: for an outing that has no framing yet. */
  readonly open: StopLight;
  readonly worth: readonly WorthMoment[];
  readonly schedule: Schedule | null;
  readonly cautions: readonly Caution[];
  /** What was to be come back for and is there on this day. */
  readonly due: readonly DueAgain[];
}

/** A framing of which nothing is said. */
const ANY: Stop = { id: '', name: '' };

/** The day of an outing; null while its place is not known. */
export function outingDay(
  outing: Outing,
  standOf: (id: string) => Stand | null,
  ownPlace: OwnPlace | null,
): OutingDay | null {
  const { place, day, zone } = outing;
  if (!place) return null;
  const bounds = dayBounds(day, zone);
  const light: DayLight = {
    ...bounds,
    seenAt: (atMs) => sunDirection(place, atMs),
    sunAt: (atMs) => trueSunDirection(place, atMs),
  };
  const events = skyEvents(place, bounds.fromMs, bounds.toMs);
  const moon = moonLook((bounds.fromMs + bounds.toMs) / 2);
  const stops = outing.stops.map((stop): StopDay => {
    const stand = stop.standId === undefined ? null : standOf(stop.standId);
    return { stop, stand, light: stopLight(outing, stop, stand, light) };
  });
  const open = stopLight(outing, ANY, null, light);
  const schedule = scheduleOf(outing, standOf, events);
  return {
    ...light,
    events,
    moon,
    stops,
    open,
    worth: worthMoments({
      stops: stops.length ? stops : [{ stop: ANY, light: open }],
      events,
      moon,
      isCovered: outing.weather?.cloud === 'covered',
    }),
    schedule,
    cautions: cautionsOf({ outing, lights: stops.map((s) => s.light), events, schedule, ...bounds }),
    due: ownPlace ? dueOn(ownPlace, outing, { ...bounds, sunAt: light.seenAt }) : [],
  };
}
