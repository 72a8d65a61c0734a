import {
  benchWith,
  fittedWith,
  lightAgainWith,
  lightsWith,
  lightWith,
  type Path,
  type PutId,
  seenWith,
  sheetsWith,
  shotsWith,
} from './glass-names';
import { type Stand, throughLight } from './stand';

/** Whether an answer depends on a part: on all of it, on none, or on what is worked out of the whole. */
export type Moves<T> = 'all' | 'none' | ((whole: T) => unknown);

type Value<K extends keyof Stand> = NonNullable<Stand[K]>;

/** What is asked of every part of a stand. */
export interface Part<K extends keyof Stand> {
  /** What of it moves the answer. */
  readonly answer: Moves<Stand>;
  /** The next framing from the same place has it too; else it belongs to one framing. */
  readonly goesOn: boolean;
  /** The next try at the same scene of the bench has it too. */
  readonly isOfScene: boolean;
  /** It has happened, and undo leaves it: as it stands now, or what of it is worked out from before and now. */
  readonly record?: true | ((restored: Stand, now: Stand) => Stand[K]);
  /** It names glass: the same with each name put anew. */
  readonly glass?: (value: Value<K>, at: Path, put: PutId) => Value<K>;
  /** An answer to what a shot showed may change it: it is kept as it was. */
  readonly mayAnswer?: true;
  /** It is of shots, and stays behind where a link has no room. */
  readonly isOfShots?: true;
}

/** A part that is added to a stand is a line of the table: the compiler asks for it. */
type StandParts = { readonly [K in keyof Required<Stand>]: Part<K> };

/** Kept from framing to framing and from try to try, and nothing to the answer. */
const SET_UP = { answer: 'none', goesOn: true, isOfScene: true } as const;
/** Kept likewise, and the answer moves with all of it. */
const SOLVED = { ...SET_UP, answer: 'all' } as const;
/** Of one framing alone. */
const OF_FRAMING = { answer: 'none', goesOn: false, isOfScene: true } as const;
/** Of one try alone, at the bench as in the field. */
const OF_TRY = { answer: 'none', goesOn: false, isOfScene: false } as const;

/**
 * Every part of a stand, and what is to be known of it: the answer's key, the next framing and the next try, what undo leaves,
 * where glass is named and what a shot may change are folded from here.
 */
export const STAND_PARTS: StandParts = {
  id: SET_UP,
  name: SET_UP,
  skyName: SET_UP,
  createdAt: SET_UP,
  lightAt: OF_FRAMING,
  place: SET_UP,
  notes: OF_FRAMING,
  archived: OF_FRAMING,
  assumed: SET_UP,
  nothingToHold: { ...SET_UP, isOfScene: false },
  leaveOut: SET_UP,
  choice: { ...SET_UP, isOfScene: false, glass: sheetsWith, mayAnswer: true },
  camera: SOLVED,
  lens: SOLVED,
  exposure: { ...SOLVED, mayAnswer: true },
  skyline: SOLVED,
  shapes: { ...SOLVED, goesOn: false },
  readings: {
    ...SET_UP,
    answer: ({ readings }) => readings.map(({ takenAt: _, earlier: __, ...light }) => light),
    glass: lightsWith,
  },
  wholeScene: { ...SET_UP, glass: lightWith },
  // it ties the picture's light, where there is one
  through: {
    ...SET_UP,
    answer: (stand) => stand.picture && throughLight(stand),
    isOfScene: false,
    glass: lightAgainWith,
  },
  way: SET_UP,
  look: { ...SOLVED, mayAnswer: true },
  bracket: SOLVED,
  wantedTime: { ...SET_UP, isOfScene: false, mayAnswer: true },
  // it carries the readings that are asked about
  coming: { ...SET_UP, isOfScene: false },
  tripodUpTo: OF_TRY,
  wind: SET_UP,
  // it was tapped along with the water
  waveSeconds: { ...SET_UP, record: true },
  exposures: { ...OF_TRY, record: true, isOfShots: true },
  doAgain: { ...OF_TRY, isOfShots: true },
  takes: { ...OF_TRY, record: true, glass: shotsWith, isOfShots: true },
  // what they say of the light is in the readings that are solved; what is told of a shot that is gone goes with it
  seen: { ...OF_TRY, record: seenOfTakes, glass: seenWith, isOfShots: true },
  fitted: { ...SOLVED, isOfScene: false, glass: fittedWith, mayAnswer: true },
  // it is resolved in the bag's slots and holder
  holderId: SET_UP,
  picture: { ...OF_FRAMING, answer: ({ picture }) => picture && [picture.light, picture.exposure] },
  crop: { ...OF_FRAMING, answer: 'all', mayAnswer: true },
  later: SET_UP,
  // a scene of the bench is no light that is known
  bench: { ...OF_FRAMING, answer: ({ bench }) => !!bench, record: benchTold, glass: benchWith },
};

type Key = keyof Required<Stand>;
const PARTS: readonly (readonly [Key, Part<Key>])[] = Object.entries(STAND_PARTS) as never;

/** The parts of which something holds, in the order of the table. */
export const partsThat = (holds: (part: Part<Key>) => boolean): readonly Key[] =>
  PARTS.filter(([, part]) => holds(part)).map(([key]) => key);

/** The stand without some of its parts. */
export function withoutParts(stand: Stand, gone: readonly Key[]): Stand {
  const names: readonly string[] = gone;
  return Object.fromEntries(
    Object.entries(stand).filter(([key]) => !names.includes(key)),
  ) as unknown as Stand;
}

/** The stand with a part; without it where it is nothing. */
function withPart<K extends Key>(stand: Stand, key: K, value: Stand[K]): Stand {
  if (value === stand[key]) return stand;
  if (value !== undefined) return { ...stand, [key]: value };
  return withoutParts(stand, [key]);
}

/** A restored stand with what has happened since: records are no steps of undo. The same one where that changes nothing. */
export const withRecords = (restored: Stand, now: Stand): Stand =>
  PARTS.reduce(
    (stand, [key, { record }]) =>
      record ? withPart(stand, key, record === true ? now[key] : record(stand, now)) : stand,
    restored,
  );

/** The stand with each name of glass put anew. */
export const withGlassIds = (stand: Stand, put: PutId): Stand =>
  PARTS.reduce((renamed, [key, { glass }]) => {
    const value = renamed[key];
    return glass && value !== undefined ? { ...renamed, [key]: glass(value, [key], put) } : renamed;
  }, stand);

function seenOfTakes({ seen }: Stand, { takes = [] }: Stand): Stand['seen'] {
  const known = new Set(takes.map((t) => t.id));
  const left = seen?.filter((s) => known.has(s.takeId));
  return left?.length === seen?.length ? seen : left?.length ? left : undefined;
}

/** What was told of a try of the bench, and that its advice was shown, cannot be undone. */
function benchTold({ bench }: Stand, { bench: now }: Stand): Stand['bench'] {
  if (!bench || !now || (bench.told === now.told && bench.advised === now.advised)) return bench;
  const { told: _, advised: __, ...rest } = bench;
  return {
    ...rest,
    ...(now.advised ? { advised: now.advised } : {}),
    ...(now.told ? { told: now.told } : {}),
  };
}
