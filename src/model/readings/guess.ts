import { type CameraSettings, incidentEv, secondsForEv } from '@/core/exposure';
import { ROLES, type Role } from '@/core/field';
import { daylightLux } from '@/core/sky';
import { meteredEv } from '../stand/metered';
import { type MeteredLight, type Reading, type Stand, throughLight } from '../stand/stand';

/** What can be read: a spot of some role, or the frame through all that is on. */
export type ReadRole = Role | 'through';

/** How much brighter than the land a spot of each role usually is, stops. */
const ABOVE_LAND: Record<ReadRole, number> = { land: 0, feature: 0, water: 2, sky: 3, through: 1.5 };

/** The light to guess at where the night has no daylight left, EV at ISO 100. */
const DARKEST_GUESS = -2;

/** EV at ISO 100 of grey land under a clear sky with the sun at an altitude, degrees: a guess to begin a choice round. */
export function usualLandEv(sunAltitudeDeg: number): number {
  const lux = daylightLux(sunAltitudeDeg);
  return lux === null ? DARKEST_GUESS : Math.max(DARKEST_GUESS, incidentEv(lux));
}

/**
 * EV at ISO 100 that a spot of a role may well have: as it was last read, or as far from what else was read here as it
 * usually is, or from what the hour makes of the land.
 */
export function guessEv(role: ReadRole, stand: Stand, usualLand: number): number {
  const last = (r: ReadRole) => lastReading(stand, r);
  const same = last(role);
  if (same) return meteredEv(same);
  for (const other of ROLES) {
    const reading = last(other);
    if (reading) return meteredEv(reading) - ABOVE_LAND[other] + ABOVE_LAND[role];
  }
  return usualLand + ABOVE_LAND[role];
}

/** The time that such a spot may well ask for at a meter's settings, s. */
export const guessSeconds = (
  role: ReadRole,
  stand: Stand,
  settings: CameraSettings,
  usualLand: number,
): number => secondsForEv(guessEv(role, stand, usualLand), settings);

/** The last reading of a role that is to be balanced, or the camera's through all that is on. */
export const lastReading = (stand: Stand, role: ReadRole): MeteredLight | undefined =>
  role === 'through' ? throughLight(stand) : lastSpot(stand, role);

export const lastSpot = (stand: Stand, role: Role): Reading | undefined =>
  stand.readings.filter((r) => r.role === role && !r.limit).at(-1);
