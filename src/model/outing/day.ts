import { type Stand } from '../stand/stand';
import { type DueAgain, dueOn } from './again';
import { type Caution, cautionsOf } from './cautions';
import { framingLight, type FramingLight } from './light';
import { type PlaceDay } from './place-day';
import { type Outing, type OwnPlace, type Framing } from './plans';
import { type Schedule, scheduleOf } from './schedule';
import { worthMoments, type WorthMoment } from './worth';

/** A framing with its stand, where that is here, and its light. */
export interface FramingDay {
  readonly framing: Framing;
  readonly stand: Stand | null;
  readonly light: FramingLight;
}

/** All that is worked out of an outing's day at its place. */
export interface OutingDay extends PlaceDay {
  readonly framings: readonly FramingDay[];
  /** The light of the place itself, whatever the direction: for an outing that has no framing yet. */
  readonly open: FramingLight;
  readonly worth: readonly WorthMoment[];
  readonly schedule: Schedule | null;
  readonly cautions: readonly Caution[];
  /** What was to be come back for and is there on this day. */
  readonly due: readonly DueAgain[];
}

/** A framing of which nothing is said. */
const ANY: Framing = { id: '', name: '' };

/** The day of an outing at its place. */
export function outingDay(
  outing: Outing,
  day: PlaceDay,
  standOf: (id: string) => Stand | null,
  ownPlace: OwnPlace | null,
): OutingDay {
  const { events, moon, seenAt } = day;
  const framings = outing.framings.map((framing): FramingDay => {
    const stand = framing.standId === undefined ? null : standOf(framing.standId);
    return { framing, stand, light: framingLight(outing, framing, stand, day) };
  });
  const open = framingLight(outing, ANY, null, day);
  const schedule = scheduleOf(outing, standOf, events);
  return {
    ...day,
    framings,
    open,
    worth: worthMoments({
      framings: framings.length ? framings : [{ framing: ANY, light: open }],
      events,
      moon,
      isCovered: outing.weather?.cloud === 'covered',
    }),
    schedule,
    cautions: cautionsOf({ ...day, outing, lights: framings.map((s) => s.light), schedule }),
    due: ownPlace ? dueOn(ownPlace, outing, { ...day, sunAt: seenAt }) : [],
  };
}
