import { sideReadings, wantedEv } from '@/core/balance';
import {
  carriedStops,
  lightFall,
  type LightFall,
  secondsForEv,
  secondsInChangingLight,
} from '@/core/exposure';
import { ROLES, type Role } from '@/core/field';
import { mean } from '@/core/numerics';
import { lightMoves, RECORD_AFTER_MINUTES } from './age';
import { type Bag } from '../bag/bag';
import { fittedStops } from '../resolve/glass';
import { lightReading, takenByGlass } from '../resolve/metered';
import { meteredEv } from '../stand/metered';
import { settingsOf } from '../resolve/lens';
import { type Reading, type Stand } from '../stand/stand';

/** How fast the light of a role falls: by its own readings, or, where none of them was read twice, by another's. */
export interface RoleFall extends LightFall {
  readonly role: Role;
  /** Whose fall it is, where it is not its own. */
  readonly lentBy?: Role | undefined;
}

/** What carries readings from when they were taken to when the shutter will be open. */
export interface Carry {
  readonly falls: readonly RoleFall[];
  /** Stops by which each reading is carried, negative where the light falls; those that stay are absent. */
  readonly stops: ReadonlyMap<string, number>;
  /** From now to the middle of the exposure, s; 0 where there is none, or no time would be long enough. */
  readonly halfExposureSeconds: number;
  /** The light goes faster than the exposure gathers it: no time is long enough. */
  readonly runsOut: boolean;
}

/** Less than this is not carried: no meter shows it, stops. */
const LEAST_CARRIED = 0.02;

/** Whose fall a role borrows, the likest first: sky and land do not fall alike, but more alike than not at all. */
const LENDERS: Record<Role, readonly Role[]> = {
  sky: ['water', 'land', 'feature'],
  land: ['feature', 'water', 'sky'],
  water: ['sky', 'land', 'feature'],
  feature: ['land', 'water', 'sky'],
};

/** How fast the light of each role that is read falls; nothing where no spot was read twice. */
export function roleFalls(stand: Stand, bag: Bag): RoleFall[] {
  const falls = new Map(
    ROLES.map((role) => [
      role,
      lightFall(stand.readings.filter((r) => r.role === role).map((r) => looksAt(r, stand, bag))),
    ]),
  );
  return ROLES.filter((role) => stand.readings.some((r) => r.role === role)).flatMap((role): RoleFall[] => {
    const lender = [role, ...LENDERS[role]].find((r) => falls.get(r));
    const fall = lender && falls.get(lender);
    return fall ? [{ ...fall, role, lentBy: lender === role ? undefined : lender }] : [];
  });
}

/** Every look at a reading's spot that says when it was, what the glass took added back. */
function looksAt(reading: Reading, stand: Stand, bag: Bag) {
  const { u, v } = reading;
  return [...(reading.earlier ?? []), reading].flatMap((light) => {
    const taken = light.fromPicture ? null : takenByGlass({ ...light, u, v }, stand, bag);
    return light.takenAt === undefined || taken === null
      ? []
      : [{ atMs: Date.parse(light.takenAt), ev100: meteredEv(light) + taken }];
  });
}

/**
 * Carries the readings of a stand to now and on to the middle of the exposure (physics 8), each by its role's own fall.
 * Null where no fall is known, or all is a record of another day.
 *
 * @param nowMs ms since the epoch
 */
export function carryOf(stand: Stand, bag: Bag, nowMs: number): Carry | null {
  const falls = lightMoves(stand) ? roleFalls(stand, bag) : [];
  if (!falls.length || nowMs - Math.max(...falls.map((f) => f.lastMs)) > RECORD_AFTER_MINUTES * 60_000)
    return null;
  const exposure = exposureSeconds(stand, bag, falls, nowMs);
  const halfExposureSeconds = (exposure ?? 0) / 2;
  const stops = stopsAt(stand, falls, nowMs + halfExposureSeconds * 1000);
  return { falls, stops, halfExposureSeconds, runsOut: exposure === null };
}

/** What each reading is carried by at a time. */
function stopsAt({ readings }: Stand, falls: readonly RoleFall[], atMs: number): ReadonlyMap<string, number> {
  return new Map(
    readings.flatMap(({ id, role, takenAt, fromPicture }): (readonly [string, number])[] => {
      const fall = falls.find((f) => f.role === role);
      if (!fall || takenAt === undefined || fromPicture) return [];
      const stops = Math.round(100 * carriedStops(fall, Date.parse(takenAt), atMs)) / 100;
      return Math.abs(stops) < LEAST_CARRIED ? [] : [[id, stops]];
    }),
  );
}

/**
 * About how long the exposure will be, grads left out: as long as the darker side asks for now, in the light that is left
 * while it runs. 0 without readings to tell; null where no time is long enough.
 */
function exposureSeconds(stand: Stand, bag: Bag, falls: readonly RoleFall[], nowMs: number): number | null {
  const now = carriedStand(stand, { stops: stopsAt(stand, falls, nowMs) });
  const lights = now.readings.map((r) => lightReading(r, takenByGlass(r, stand, bag) ?? 0));
  const sides = (['land', 'sky'] as const).flatMap((side) => {
    const own = sideReadings(side, lights);
    const fall = falls.find((f) => f.role === own[0]?.role);
    return fall ? [{ ev: mean(own.map(wantedEv)), fall: fall.stopsPerMinute }] : [];
  });
  if (!sides.length) return 0;
  const darker = sides.reduce((a, b) => (b.ev < a.ev ? b : a));
  const constant = secondsForEv(darker.ev - fittedStops(stand, bag), settingsOf(stand));
  return secondsInChangingLight(constant, darker.fall);
}

/** The stand with its readings as they would be metered when the shutter is open; the same one where nothing is carried. */
export function carriedStand(stand: Stand, carry: Pick<Carry, 'stops'> | null): Stand {
  if (!carry?.stops.size) return stand;
  return {
    ...stand,
    readings: stand.readings.map((reading) => {
      const stops = carry.stops.get(reading.id);
      if (stops === undefined) return reading;
      const { aperture: _, shutter: __, iso: ___, ...rest } = reading;
      return { ...rest, ev100: meteredEv(reading) + stops };
    }),
  };
}
