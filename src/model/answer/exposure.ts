import { secondsForEv } from '@/core/exposure';
import { wholeThirds } from '@/core/units';
import { type Derived } from './derive';
import { traitsOf } from '../terms/looks';
import { settingsOf } from '../resolve/lens';
import { type Stand } from '../stand/stand';

/** How far from mid-grey the darker side may be placed, stops. */
export const PLACEMENT_MOST = 3;

/** What an exposure is placed by: the darker side's mean light through the glass, and how far from mid-grey that comes out. */
interface Placing {
  /** EV of the scene at mid-grey. */
  readonly evMidGrey: number;
  /** EV of the scene, through the glass, that the darker side has. */
  readonly darkEv: number;
  readonly fittedStops: number;
}

/** How the exposure can be moved; null where the look does not leave that to the photographer, or nothing is exposed. */
export function placingOf(stand: Stand, { inUse, prepared }: Derived): Placing | null {
  const exposure = inUse?.outcome.exposure;
  const tone = inUse?.outcome.darkToneStops ?? null;
  if (!exposure || !prepared || tone === null || !traitsOf(stand).placesExposure) return null;
  const { evMidGrey } = exposure;
  return { evMidGrey, darkEv: evMidGrey + tone, fittedStops: prepared.fitted.stops };
}

/**
 * The stand exposed so that an EV of the scene lies at mid-grey, or as near as the third of a stop that the shutter has;
 * unchanged where its look does not leave that open.
 */
export function exposedAt(stand: Stand, derived: Derived, evMidGrey: number): Stand {
  const placing = placingOf(stand, derived);
  if (!placing) return stand;
  const seconds = secondsForEv(evMidGrey - placing.fittedStops, settingsOf(stand));
  // the shutter's marks are whole thirds of a stop from a second
  const off = Math.log2(seconds) - wholeThirds(seconds) / 3;
  return placed(stand, placing.darkEv - evMidGrey - off);
}

/** The stand exposed for so long, or as near as its look allows. */
export function exposedFor(stand: Stand, derived: Derived, seconds: number): Stand {
  const placing = placingOf(stand, derived);
  const now = derived.inUse?.outcome.exposure?.seconds;
  if (!placing || now === undefined) return stand;
  return placed(stand, placing.darkEv - placing.evMidGrey + Math.log2(seconds / now));
}

/** The stand exposed by so many thirds of a stop longer than it is, on the shutter's marks. */
export function exposureStepped(stand: Stand, derived: Derived, thirds: number): Stand {
  const exposure = derived.inUse?.outcome.exposure;
  return exposure ? exposedAt(stand, derived, exposure.evMidGrey - thirds / 3) : stand;
}

/** The stand with its darker side placed at a tone, stops from mid-grey; at mid-grey where the look alone says. */
export function placed(stand: Stand, toneStops: number): Stand {
  const held = Math.min(PLACEMENT_MOST, Math.max(-PLACEMENT_MOST, toneStops));
  const { landPlacementStops: _, ...look } = stand.look;
  const landPlacementStops = Number(held.toFixed(4));
  return { ...stand, look: landPlacementStops === 0 ? look : { ...look, landPlacementStops } };
}

/** The gap that a look keeps, stops; null for one that has none to set, or where the top of the sky alone is held back. */
export function gapOf(stand: Stand): number | null {
  const gaps = traitsOf(stand).gap;
  if (stand.look.evensTop) return null;
  return gaps && gaps.range[0] !== gaps.range[1] ? (stand.look.gapStops ?? gaps.usual) : null;
}

/** The stand with another gap kept, to a tenth and within its look's range. */
export function withGap(stand: Stand, gapStops: number): Stand {
  const gaps = traitsOf(stand).gap;
  if (gapOf(stand) === null || !gaps) return stand;
  const [low, high] = gaps.range;
  const held = Math.round(Math.min(high, Math.max(low, gapStops)) * 10) / 10;
  return { ...stand, look: { ...stand.look, gapStops: held } };
}
