import { sameSet, sideReadings } from '@/core/balance';
import { clamp, mean } from '@/core/numerics';
import { nearestShutterMark } from '@/core/units';
import { type Bag, filtersById } from '../bag/bag';
import { seenCast } from '../answer/cast';
import { type Derived, type SeenThrough } from '../answer/derive';
import { fittedStops } from '../resolve/glass';
import { readingSeconds } from '../stand/metered';
import { exposureSeconds } from '../answer/slip';
import { type StandDocument } from '../documents/document';
import { choiceOf } from '../stand/choice';
import { LIMITS, MAX_TAKES } from '../terms/limits';
import { withRecords } from '../stand/parts';
import { type PhotoExposure, type Stand, type Take } from '../stand/stand';
import { asShot, seenOf, setOfTake, takeEv } from './evidence/light';

/** A stand as it is solved: with what shots have shown and what carries its readings, and what is worked out of it. */
export interface Solved {
  readonly stand: Stand;
  readonly bag: Bag;
  readonly derived: Derived;
}

/** How long the countdown's last exposure may lie back and still be the one that was shot, ms beyond its own length. */
const JUST_NOW_MS = 10 * 60_000;

/**
 * The shot as the slip says it: settings, glass and seat, and the light by what is known of it. Where the countdown has just
 * closed a shutter, its time is the one that it was open. Null while the slip has no time.
 *
 * @param at the moment, ISO 8601
 */
export function takeOf({ stand, derived }: Solved, id: string, at: string): Take | null {
  const planned = exposureSeconds(stand, derived);
  if (planned === null) return null;
  const made = justMade(stand, at);
  const wanted = { ...stand.exposure, seconds: withinTimes(planned) };
  const exposure = { ...wanted, seconds: made ? withinTimes(made.seconds) : dialled(planned) };
  const { inUse, plan, chosen, prepared } = derived;
  const light = prepared.input.field.readings;
  const evOf = (side: 'sky' | 'land') => {
    const own = sideReadings(side, light);
    return own.length ? { [side]: mean(own.map((r) => r.ev100)) } : {};
  };
  return {
    id,
    takenAt: made?.openedAt ?? at,
    exposure,
    ...(Math.abs(Math.log2(exposure.seconds / wanted.seconds)) > SAME_EXACTLY ? { planned: wanted } : {}),
    filterIds: [...(inUse?.filterIds ?? [])],
    ...(chosen && plan?.filterIds.length && !sameSet(plan.set, chosen.filterIds)
      ? { advisedFilterIds: [...plan.filterIds] }
      : {}),
    ...(inUse?.seat ? { seat: inUse.seat } : {}),
    ...(inUse?.seat && inUse.apartMm ? { apartMm: inUse.apartMm } : {}),
    ...(inUse?.seat && inUse.sticksOutMm !== null ? { standsOutMm: inUse.sticksOutMm } : {}),
    ...(inUse?.seat && (inUse.nudge.offsetMm || inUse.nudge.turnDeg) ? { nudge: inUse.nudge } : {}),
    ...(stand.fitted?.length ? { fitted: stand.fitted } : {}),
    ...(light.length ? { light: { ...evOf('sky'), ...evOf('land') } } : {}),
  };
}

/** A time as it is set on a camera: its mark where it has one, s. */
export const dialled = (seconds: number): number =>
  nearestShutterMark(seconds)?.mark.exact ?? withinTimes(seconds);

const withinTimes = (seconds: number): number => clamp(seconds, ...LIMITS.seconds);

/** The exposure that the countdown has closed just now, and that is no take yet. */
function justMade({ exposures = [], takes = [] }: Stand, at: string) {
  const last = exposures.at(-1);
  if (!last || takes.some((t) => t.takenAt === last.openedAt)) return null;
  const back = Date.parse(at) - Date.parse(last.openedAt) - 1000 * last.seconds;
  return back >= -1000 && back < JUST_NOW_MS ? last : null;
}

/** The shot that was made last. */
export const lastTake = ({ takes = [] }: Pick<Stand, 'takes'>): Take | undefined => takes.at(-1);

/** The stand with one more shot; of more than a stand keeps, the oldest that nobody has said to keep goes. */
export function withTake(stand: Stand, take: Take): Stand {
  const takes = [...(stand.takes ?? []), take];
  if (takes.length <= MAX_TAKES) return { ...stand, takes };
  const gone = takes.find((t) => !t.verdict && !t.note && !seenOf(stand, t).length) ?? takes[0];
  return withoutTake({ ...stand, takes }, gone?.id ?? '');
}

/** The stand with something about a shot changed. */
export const withTakeAs = (stand: Stand, id: string, change: (take: Take) => Take): Stand => ({
  ...stand,
  takes: (stand.takes ?? []).map((t) => (t.id === id ? change(t) : t)),
});

/** The stand without a shot, nor what it showed. */
export function withoutTake(stand: Stand, id: string): Stand {
  const { takes: _, seen: __, ...rest } = stand;
  const takes = (stand.takes ?? []).filter((t) => t.id !== id);
  const seen = (stand.seen ?? []).filter((s) => s.takeId !== id);
  return { ...rest, ...(takes.length ? { takes } : {}), ...(seen.length ? { seen } : {}) };
}

/** The stand with a shot in its place in time, where it has room. */
export function withTakeInTime(stand: Stand, take: Take): Stand {
  if ((stand.takes ?? []).length >= MAX_TAKES) return stand;
  const takes = [...(stand.takes ?? []), take];
  return { ...stand, takes: takes.toSorted((a, b) => Date.parse(a.takenAt) - Date.parse(b.takenAt)) };
}

/** The stand with a shot back in its place in time, with what it showed. */
export function withTakeBack(stand: Stand, was: Stand, id: string): Stand {
  const take = was.takes?.find((t) => t.id === id);
  if (!take || stand.takes?.some((t) => t.id === id)) return stand;
  const seen = [...(stand.seen ?? []), ...seenOf(was, take)];
  return { ...withTakeInTime(stand, take), ...(seen.length ? { seen } : {}) };
}

/** Whether settings were not as planned. */
export const departed = ({ exposure, planned }: Take): boolean => !!planned && !sameMarks(planned, exposure);

/** Whether two settings are the same marks of a camera. */
const sameMarks = (a: Take['exposure'], b: Take['exposure']): boolean =>
  2 * Math.abs(Math.log2(a.aperture / b.aperture)) < SAME_MARK &&
  Math.abs(Math.log2(a.iso / b.iso)) < SAME_MARK &&
  Math.abs(Math.log2(a.seconds / b.seconds)) < SAME_MARK;

/** Settings nearer to each other than this are one mark, and times one and the same, stops. */
const SAME_MARK = 1 / 5;
const SAME_EXACTLY = 0.01;

/** A file's own settings, where they are not those of a shot; null where they are, or it tells none. */
export function otherSettings(told: PhotoExposure | undefined, { exposure }: Take): Take['exposure'] | null {
  if (!told) return null;
  const own = { aperture: told.aperture, iso: told.iso, seconds: readingSeconds(told.shutter) };
  return sameMarks(own, exposure) ? null : own;
}

/** The stand with a shot's file; settings that it tells otherwise are those of the shot. */
export function withFile(
  stand: Stand,
  id: string,
  file: NonNullable<Take['file']>,
  departs: Take['exposure'] | null,
): Stand {
  const known = withTakeAs(stand, id, (take) => ({ ...take, file }));
  return departs ? shotOtherwise(known, id, departs) : known;
}

/** The stand with the last shot made by other settings than planned. */
export const shotOtherwise = (stand: Stand, id: string, exposure: Take['exposure']): Stand =>
  withTakeAs(stand, id, (take) => {
    const planned = take.planned ?? take.exposure;
    const { planned: _, ...rest } = take;
    const next = { ...rest, exposure, planned };
    return departed(next) ? next : { ...rest, exposure: planned };
  });

/** The stand's settings, glass and seat put back to those of a shot. */
export function takenUpAgain(stand: Stand, take: Take): Stand {
  const { aperture, iso } = take.exposure;
  const { fitted: _, choice: __, ...rest } = stand;
  return {
    ...rest,
    exposure: { aperture, iso },
    ...(take.fitted ? { fitted: take.fitted } : {}),
    ...(take.seat
      ? { choice: choiceOf({ ...take, seat: take.seat, apartMm: take.apartMm ?? 0 }) }
      : { choice: { filterIds: [], offsetMm: 0, turnDeg: 0 } }),
  };
}

/**
 * A document with what has happened since: shots, exposures, what was told of a try. They are records, and no undo takes them
 * back.
 */
export function withRecordsOf(document: StandDocument, now: StandDocument): StandDocument {
  const stand = withRecords(document.stand, now.stand);
  return stand === document.stand ? document : { ...document, stand };
}

/** A shot as it was seen through its glass: where its seam was to lie, and what came out at mid-grey. */
export const takeThrough = (take: Take, stand: Stand, bag: Bag): SeenThrough => ({
  set: setOfTake(bag, take),
  seat: take.seat ?? null,
  evMidGrey: takeEv(take.exposure) + fittedStops(asShot(stand, take), bag),
  cast: seenCast(asShot(stand, take), bag, filtersById(bag, take.filterIds)),
});

/** A name for a shot by its place among those of its stand. */
export const takeNumber = ({ takes = [] }: Pick<Stand, 'takes'>, id: string): number =>
  takes.findIndex((t) => t.id === id) + 1;
