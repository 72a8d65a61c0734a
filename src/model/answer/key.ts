import { type Bag } from '../bag/bag';
import { type Stand, throughLight } from '../stand/stand';

/** Whether an answer depends on a part: on all of it, on none, or on what is worked out of the whole. */
type Part<T> = 'all' | 'none' | ((whole: T) => unknown);
/** Every part is named, so that a new one has to be decided. */
type Parts<T> = { readonly [K in keyof Required<T>]: Part<T> };

const OF_STAND: Parts<Stand> = {
  id: 'none',
  name: 'none',
  skyName: 'none',
  createdAt: 'none',
  lightAt: 'none',
  place: 'none',
  notes: 'none',
  archived: 'none',
  assumed: 'none',
  nothingToHold: 'none',
  leaveOut: 'none',
  choice: 'none',
  camera: 'all',
  lens: 'all',
  exposure: 'all',
  skyline: 'all',
  shapes: 'all',
  readings: ({ readings }) => readings.map(({ takenAt: _, earlier: __, ...light }) => light),
  wholeScene: 'none',
  // it ties the picture's light, where there is one
  through: (stand) => stand.picture && throughLight(stand),
  way: 'none',
  look: 'all',
  bracket: 'all',
  wantedTime: 'none',
  // it carries the readings that are asked about
  coming: 'none',
  tripodUpTo: 'none',
  wind: 'none',
  waveSeconds: 'none',
  exposures: 'none',
  doAgain: 'none',
  takes: 'none',
  // what they say of the light is in the readings that are solved
  seen: 'none',
  fitted: 'all',
  // it is resolved in the bag's slots and holder
  holderId: 'none',
  picture: ({ picture }) => picture && [picture.light, picture.exposure],
  crop: 'all',
  // a scene of the bench is no light that is known
  bench: ({ bench }) => !!bench,
};

const OF_BAG: Parts<Bag> = {
  slots: 'all',
  holder: 'all',
  holders: 'none',
  filters: 'all',
  pouch: 'all',
  lenses: 'none',
  cameras: 'none',
  assumed: 'none',
};

/** The parts of a stand on which its answer does not depend. */
export const UNDECIDING = (Object.keys(OF_STAND) as (keyof Stand)[]).filter((k) => OF_STAND[k] === 'none');

function partsOf<T extends object>(whole: T, parts: Parts<T>): unknown[] {
  return (Object.entries(parts) as [keyof T, Part<T>][])
    .filter(([, part]) => part !== 'none')
    .map(([name, part]) => (typeof part === 'function' ? part(whole) : whole[name]));
}

const written = new WeakMap<object, string>();

/** What is kept is never changed in place: its text is written once. */
function textOf<T extends object>(whole: T, parts: Parts<T>): string {
  const text = written.get(whole) ?? JSON.stringify(partsOf(whole, parts));
  written.set(whole, text);
  return text;
}

/** Text of everything that a solution depends on: two stands with the same key have the same answer. */
export const solutionKey = (stand: Stand, bag: Bag): string =>
  `${textOf(stand, OF_STAND)} ${textOf(bag, OF_BAG)}`;
