import { type Stand } from '../stand/stand';
import { type Outing } from './plans';

/** A place on the way of an outing. */
export interface PlaceOnWay {
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}

/** The places of an outing in their turn: where it goes to, and where the tripod stood of each framing that tells it. */
export function placesOnWay(
  { place, name, framings }: Outing,
  standOf: (id: string) => Stand | null,
): PlaceOnWay[] {
  const first = place ? [{ ...place, name: place.name ?? name }] : [];
  const stands = framings.flatMap((framing): PlaceOnWay[] => {
    const stand = framing.standId === undefined ? null : standOf(framing.standId);
    return stand?.place ? [{ ...stand.place, name: framing.name || stand.name }] : [];
  });
  return [...first, ...stands].map(({ name: called, latitudeDeg, longitudeDeg }) => ({
    name: called,
    latitudeDeg,
    longitudeDeg,
  }));
}
