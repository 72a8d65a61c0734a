import { type z } from 'zod';
import { type Bag } from '../bag/bag';
import {
  MAX_BAG_BYTES,
  MAX_FILTERS,
  MAX_EXTRAS,
  MAX_GEAR,
  MAX_OUTINGS,
  MAX_PLACES,
  MAX_PLANS_BYTES,
  MAX_READINGS,
  MAX_SHAPES,
  MAX_STAND_BYTES,
} from '../terms/limits';
import { type Plans } from '../outing/plans';
import { faultAcross } from './across';
import { type StandDocument } from './document';
import { type DocumentFault, faultOf, pathText, quoted } from '../schema/faults';
import { schemas } from '../schema/schema';

/** What a gate knows of one kind of kept thing. */
interface Rules {
  readonly shape: Readonly<Record<string, z.ZodType>>;
  /** Lists of things with ids: of those only what has changed is looked at. */
  readonly lists: Readonly<Record<string, { readonly thing: z.ZodType; readonly most: number }>>;
  readonly mostBytes: number;
}

const rules = {
  stand: (): Rules => {
    const { shape } = schemas('kept').stand;
    return {
      shape,
      lists: {
        readings: { thing: shape.readings.element, most: MAX_READINGS },
        shapes: { thing: shape.shapes.unwrap().element, most: MAX_SHAPES },
      },
      mostBytes: MAX_STAND_BYTES,
    };
  },
  bag: (): Rules => {
    const { bag, filter, lens, camera } = schemas('kept');
    return {
      shape: bag.shape,
      lists: {
        filters: { thing: filter, most: MAX_FILTERS },
        lenses: { thing: lens, most: MAX_GEAR },
        cameras: { thing: camera, most: MAX_GEAR },
      },
      mostBytes: MAX_BAG_BYTES,
    };
  },
  plans: (): Rules => {
    const { plans, outing, place } = schemas('kept');
    return {
      shape: plans.shape,
      lists: {
        outings: { thing: outing, most: MAX_OUTINGS },
        places: { thing: place, most: MAX_PLACES },
        extras: { thing: plans.shape.extras.unwrap().element, most: MAX_EXTRAS },
      },
      mostBytes: MAX_PLANS_BYTES,
    };
  },
};

type Parts = Readonly<Record<string, unknown>>;

/**
 * What keeps a changed stand from being kept, if anything does: every edit goes through here, and what comes out can be
 * stored, written and read again. Only what has changed is looked at, so that a drag may ask every frame.
 */
export const admitStand = (before: StandDocument | null, after: StandDocument): DocumentFault | null =>
  before?.stand === after.stand
    ? null
    : (admit(rules.stand(), before?.stand, after.stand) ?? faultAcross(after, before));

/** The same for a bag. */
export const admitBag = (before: Bag | null, after: Bag): DocumentFault | null =>
  before === after ? null : admit(rules.bag(), before ?? undefined, after);

/** The same for what is planned. */
export const admitPlans = (before: Plans | null, after: Plans): DocumentFault | null =>
  before === after ? null : admit(rules.plans(), before ?? undefined, after);

function admit({ shape, lists, mostBytes }: Rules, before: Parts = {}, after: Parts): DocumentFault | null {
  for (const [key, schema] of Object.entries(shape)) {
    const value = after[key];
    if (value === before[key] && key in before) continue;
    const list = lists[key];
    const fault =
      list && Array.isArray(value)
        ? admitList(key, list, asList(before[key]), value as Thing[])
        : found(schema, value, [key]);
    if (fault) return fault;
  }
  const bytes = sizeOf(after);
  return bytes > mostBytes && bytes > sizeOf(before)
    ? { code: 'too-large', path: '', message: `there is no room for more than ${mostBytes / 1e6} MB` }
    : null;
}

interface Thing {
  readonly id: string;
}
const asList = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);

function admitList(
  key: string,
  { thing, most }: Rules['lists'][string],
  before: readonly unknown[],
  after: readonly Thing[],
): DocumentFault | null {
  if (after.length > most && after.length > before.length)
    return { code: 'out-of-range', path: key, message: `at most ${most} entries` };
  const known = new Set(before);
  const ids = new Set<string>();
  for (const [i, item] of after.entries()) {
    const fault = known.has(item) ? null : found(thing, item, [key, i]);
    if (fault) return fault;
    if (ids.has(item.id))
      return {
        code: 'duplicate-id',
        path: pathText([key, i, 'id']),
        message: `the id ${quoted(item.id)} stands twice in this list`,
      };
    ids.add(item.id);
  }
  return null;
}

function found(schema: z.ZodType, value: unknown, path: PropertyKey[]): DocumentFault | null {
  const parsed = schema.safeParse(value);
  const issue = parsed.error?.issues[0];
  if (!issue) return null;
  const fault = faultOf(issue, value);
  const inside = fault.path && !fault.path.startsWith('[') ? `.${fault.path}` : fault.path;
  return { ...fault, path: `${pathText(path)}${inside}` };
}

/** Sizes of parts that were measured: a part is never changed in place. */
const sizes = new WeakMap<object, number>();

/** About the bytes of a value as a file holds it, its parts measured once. */
function sizeOf(value: unknown, depth = 0): number {
  if (typeof value !== 'object' || value === null)
    return value === undefined ? 0 : utf8Bytes(JSON.stringify(value));
  const known = sizes.get(value);
  if (known !== undefined) return known;
  const bytes =
    depth < 2
      ? Object.entries(value).reduce((sum, [key, part]) => sum + key.length + 4 + sizeOf(part, depth + 1), 2)
      : utf8Bytes(JSON.stringify(value));
  sizes.set(value, bytes);
  return bytes;
}

/** Length of a text as a file holds it, bytes. */
export function utf8Bytes(text: string): number {
  let bytes = 0;
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i);
    // each half of a surrogate pair counts two of its four bytes
    bytes += unit < 0x80 ? 1 : unit < 0x800 || (unit >= 0xd800 && unit < 0xe000) ? 2 : 3;
  }
  return bytes;
}
