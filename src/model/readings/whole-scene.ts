import { secondsForEv, secondsThrough } from '@/core/exposure';
import { type Bag, filtersAtHand } from '../bag/bag';
import { fittedStops, meteredEv, servingScene, settingsOf, takenByGlass } from '../answer/prepare';
import { type MeteredLight, type Stand } from '../stand/stand';

/** The exposure of the whole scene by one time, for which there is neither sky nor land. */
export interface WholeScene {
  /** EV at ISO 100 without any glass. */
  readonly ev100: number;
  /** At the stand's aperture and ISO without glass, s. */
  readonly bareSeconds: number;
  /** Behind the ND and the polariser on the lens, s. */
  readonly seconds: number;
}

/** A stand with one time for the whole scene, or without. */
export function withWholeScene(stand: Stand, light: MeteredLight | undefined): Stand {
  const { wholeScene: _, ...rest } = stand;
  return light ? { ...rest, wholeScene: light } : rest;
}

/** What the whole scene asks for; null where it was not read, or where a sky was, which puts it aside. */
export function wholeSceneOf(stand: Stand, bag: Bag): WholeScene | null {
  const light = servingScene(stand);
  if (!light) return null;
  const ev100 = meteredEv(light) + (takenByGlass(light, stand, bag) ?? 0);
  const bareSeconds = secondsForEv(ev100, settingsOf(stand));
  return { ev100, bareSeconds, seconds: secondsThrough(bareSeconds, fittedStops(stand, bag)) };
}

/** A time behind an ND of the bag, or behind two. */
export interface TimeThrough {
  readonly filterIds: readonly string[];
  readonly stops: number;
  readonly seconds: number;
}

/** Times behind the NDs at hand, one or as many as the holder takes of them up to two, the shortest first. */
export function timesThrough(bareSeconds: number, bag: Bag): TimeThrough[] {
  const nds = filtersAtHand(bag).filter((f) => f.kind === 'neutral');
  const sets = nds.flatMap((a, i) => [
    [a],
    ...((bag.slots ?? 1) > 1 ? nds.slice(i + 1).map((b) => [a, b]) : []),
  ]);
  return sets
    .map((set) => {
      const stops = set.reduce((sum, f) => sum + f.stops, 0);
      return { filterIds: set.map((f) => f.id), stops, seconds: secondsThrough(bareSeconds, stops) };
    })
    .sort((a, b) => a.stops - b.stops);
}
