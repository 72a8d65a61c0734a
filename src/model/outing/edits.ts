import { insert, moved, put, without } from '../records/lists';
import { MAX_PLACES } from '../terms/limits';
import { type Stand } from '../stand/stand';
import { skyStateOf } from './sky-state';
import { type Extra, type Outing, type OwnPlace, type Plans, type Framing } from './plans';

/** Pure edits of what is planned. */

export const putOuting = (plans: Plans, outing: Outing): Plans => ({
  ...plans,
  outings: put(plans.outings, outing),
});

export const restoreOuting = (plans: Plans, outing: Outing, index: number): Plans => ({
  ...plans,
  outings: insert(plans.outings, outing, index),
});

export const removeOuting = (plans: Plans, id: string): Plans => ({
  ...plans,
  outings: without(plans.outings, id),
});

/** What is planned with something about an outing changed. */
export const withOuting = (plans: Plans, id: string, change: (outing: Outing) => Outing): Plans => {
  const outing = plans.outings.find((o) => o.id === id);
  const next = outing && change(outing);
  return !next || next === outing ? plans : putOuting(plans, next);
};

export const putPlace = (plans: Plans, place: OwnPlace): Plans => ({
  ...plans,
  places: put(plans.places, place),
});

/** What is planned with places that a file brings, as far as there is room for them; the others are counted. */
export function withPlaces(
  plans: Plans,
  brought: readonly OwnPlace[],
): { readonly plans: Plans; readonly taken: number; readonly leftOut: number } {
  const room = Math.max(0, MAX_PLACES - plans.places.length);
  const taken = brought.slice(0, room);
  return {
    plans: taken.length ? { ...plans, places: [...plans.places, ...taken] } : plans,
    taken: taken.length,
    leftOut: brought.length - taken.length,
  };
}

export const restorePlace = (plans: Plans, place: OwnPlace, index: number): Plans => ({
  ...plans,
  places: insert(plans.places, place, index),
});

/** What is planned without a place; outings that go there keep where it is. */
export const removePlace = (plans: Plans, id: string): Plans => ({
  ...plans,
  places: without(plans.places, id),
  outings: plans.outings.map((outing) => {
    if (outing.placeId !== id) return outing;
    const { placeId: _, ...rest } = outing;
    return rest;
  }),
});

export const putExtra = (plans: Plans, extra: Extra): Plans => ({
  ...plans,
  extras: put(plans.extras, extra),
});

export function removeExtra(plans: Plans, id: string): Plans {
  const { extras: _, ...rest } = plans;
  const extras = without(plans.extras, id);
  return extras.length ? { ...rest, extras } : rest;
}

/** An outing as it is begun: a day and its zone, nothing else said. */
export const newOuting = ({
  id,
  name,
  createdAt,
  day,
  zone,
}: Pick<Outing, 'id' | 'name' | 'createdAt' | 'day' | 'zone'>): Outing => ({
  id,
  name,
  createdAt,
  day,
  zone,
  framings: [],
});

/** A framing of an outing made of a stand. */
export const framingOf = (id: string, { id: standId, name }: Pick<Stand, 'id' | 'name'>): Framing => ({
  id,
  name,
  standId,
});

/** A stand as it is begun for a framing: what the outing knows of its place, direction and sky. */
export function standOfFraming(
  stand: Stand,
  { place, weather }: Outing,
  { name, azimuthDeg }: Framing,
): Stand {
  return {
    ...stand,
    ...(name.trim() ? { name } : {}),
    ...(place ? { place: { latitudeDeg: place.latitudeDeg, longitudeDeg: place.longitudeDeg } } : {}),
    ...(azimuthDeg === undefined ? {} : { look: { ...stand.look, viewAzimuthDeg: azimuthDeg } }),
    ...(weather?.wind ? { wind: weather.wind } : {}),
    ...(weather?.cloud ? { coming: { ...stand.coming, sky: skyStateOf(weather) } } : {}),
  };
}

export const putFraming = (outing: Outing, framing: Framing): Outing => ({
  ...outing,
  framings: put(outing.framings, framing),
});

export const removeFraming = (outing: Outing, id: string): Outing => ({
  ...outing,
  framings: without(outing.framings, id),
});

/** The outing with a framing so many places later in its turn, or earlier. */
export function movedFraming(outing: Outing, id: string, by: number): Outing {
  const from = outing.framings.findIndex((s) => s.id === id);
  const to = from + by;
  if (from < 0 || to < 0 || to >= outing.framings.length) return outing;
  return { ...outing, framings: moved(outing.framings, from, to) };
}

/** The outing with a thing ticked as packed, or not. */
export function withPacked(outing: Outing, key: string, packed: boolean): Outing {
  const { packed: before = [], ...rest } = outing;
  const keys = packed ? [...new Set([...before, key])] : before.filter((k) => k !== key);
  return keys.length ? { ...rest, packed: keys } : rest;
}

/** The outing as it is done once more on another day: its framings are to do again, and nothing is packed; tide and weather are of that day. */
export function outingAgain(
  { packed: _, tides: __, weather: ___, ...outing }: Outing,
  fresh: Pick<Outing, 'id' | 'name' | 'createdAt' | 'day'>,
): Outing {
  const framings = outing.framings.map(({ done: ____, ...framing }) => framing);
  return { ...outing, ...fresh, framings };
}
