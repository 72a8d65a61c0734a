import { type Stand } from '../stand/stand';
import { type DueAgain, dueOn } from './again';
import { type Caution, cautionsOf } from './cautions';
import { stopLight, type StopLight } from './light';
import { type PlaceDay } from './place-day';
import { type Outing, type OwnPlace, type Stop } from './plans';
import { type Schedule, scheduleOf } from './schedule';
import { worthMoments, type WorthMoment } from './worth';

/** A framing with its stand, where that is here, and its light. */
export interface StopDay {
  readonly stop: Stop;
  readonly stand: Stand | null;
  readonly light: StopLight;
}

/** All that is worked out of an outing's day at its place. */
export interface OutingDay extends PlaceDay {
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

/** The day of an outing at its place. */
export function outingDay(
  outing: Outing,
  day: PlaceDay,
  standOf: (id: string) => Stand | null,
  ownPlace: OwnPlace | null,
): OutingDay {
  const { events, moon, seenAt } = day;
  const stops = outing.stops.map((stop): StopDay => {
    const stand = stop.standId === undefined ? null : standOf(stop.standId);
    return { stop, stand, light: stopLight(outing, stop, stand, day) };
  });
  const open = stopLight(outing, ANY, null, day);
  const schedule = scheduleOf(outing, standOf, events);
  return {
    ...day,
    stops,
    open,
    worth: worthMoments({
      stops: stops.length ? stops : [{ stop: ANY, light: open }],
      events,
      moon,
      isCovered: outing.weather?.cloud === 'covered',
    }),
    schedule,
    cautions: cautionsOf({ ...day, outing, lights: stops.map((s) => s.light), schedule }),
    due: ownPlace ? dueOn(ownPlace, outing, { ...day, sunAt: seenAt }) : [],
  };
}
