import {
  type Bag,
  type BagLens,
  type Filter,
  filtersAtHand,
  type FurtherHolder,
  type Holder,
} from '../bag/bag';
import { fittedFilters } from '../bag/on-lens';
import { holderByLens, isMounted } from '../bag/holders';
import { type Stand } from '../stand/stand';
import { type Extra, type Outing } from './plans';

/** What goes along on an outing: what its stands need, what is in the pouch, and what is taken beside. */

export interface Packed {
  /** By which it is ticked: what it is and its id. */
  readonly key: string;
  readonly what: 'camera' | 'lens' | 'holder' | 'glass' | 'extra';
  readonly name: string;
  readonly grams: number | null;
  /** Names of the framings that need it; none: it is along anyway. */
  readonly neededFor: readonly string[];
  readonly isPacked: boolean;
}

/** Something that is needed and not to be had. */
export interface Missing {
  readonly what: 'lens' | 'camera' | 'glass' | 'not-along' | 'ring';
  readonly name: string;
  readonly neededFor: readonly string[];
  /** Of a ring: the thread that it would have to fit. */
  readonly threadMm?: number;
}

export interface Packing {
  readonly things: readonly Packed[];
  readonly missing: readonly Missing[];
  /** Of all that is on the list and has a weight, and how many have none. */
  readonly grams: number;
  readonly withoutWeight: number;
}

export interface PackingNames {
  readonly glass: (filter: Filter) => string;
  readonly lens: (lens: BagLens) => string;
  readonly holder: (holder: FurtherHolder | null) => string;
}

/** A thing that stands need, under the key that it is ticked by. */
interface Need {
  readonly key: string;
  readonly what: Packed['what'];
  readonly name: string;
  readonly for: readonly string[];
}

/** What a day needs, as it is gone through: each thing once, for whom it is. */
function needList() {
  const needs = new Map<string, Need>();
  const missing = new Map<string, Missing>();
  return {
    needs,
    missing,
    need: (key: string, of: Omit<Need, 'key' | 'for'>, stand?: Stand) => {
      const known = needs.get(key);
      needs.set(key, { key, ...of, for: [...(known?.for ?? []), ...(stand ? [stand.name] : [])] });
    },
    lack: (key: string, of: Omit<Missing, 'neededFor'>, stand: Stand) => {
      const known = missing.get(key);
      missing.set(key, { ...of, neededFor: [...(known?.neededFor ?? []), stand.name] });
    },
  };
}

type NeedList = ReturnType<typeof needList>;

/** What the glass is put into, on this lens; a holder that says nothing of its rings may have them all. */
function holderFor(list: NeedList, lens: BagLens, stand: Stand, bag: Bag, names: PackingNames): void {
  const holder = holderByLens(stand, bag);
  const { threadsMm }: Holder = holder ?? bag.holder ?? {};
  const [key, name] = [holder?.id ?? 'usual', names.holder(holder)];
  list.need(`holder:${key}`, { what: 'holder', name }, stand);
  const { threadMm } = lens;
  if (threadMm !== undefined && threadsMm && !threadsMm.includes(threadMm))
    list.lack(`ring:${key}:${threadMm}`, { what: 'ring', name, threadMm }, stand);
}

/** What a stand needs of the bag. */
function standNeeds(list: NeedList, stand: Stand, bag: Bag, names: PackingNames): void {
  const { need, lack } = list;
  const camera = bag.cameras?.find((c) => !c.archived && c.name === stand.camera.name);
  if (camera) need(`camera:${camera.id}`, { what: 'camera', name: camera.name ?? '' }, stand);
  else if (bag.cameras?.length)
    lack(`camera:${stand.camera.name ?? ''}`, { what: 'camera', name: stand.camera.name ?? '' }, stand);
  const { focalLengthMm } = stand.lens;
  const lens = bag.lenses?.find((l) => !l.archived && isMounted(l, stand));
  if (lens) {
    need(`lens:${lens.id}`, { what: 'lens', name: names.lens(lens) }, stand);
    if (needsHolder(stand, bag)) holderFor(list, lens, stand, bag, names);
  } else if (bag.lenses?.length)
    lack(`lens:${focalLengthMm}`, { what: 'lens', name: `${focalLengthMm} mm` }, stand);
  const along = new Set(filtersAtHand(bag).map((f) => f.id));
  for (const filter of glassOf(stand, bag)) {
    const name = names.glass(filter);
    need(`glass:${filter.id}`, { what: 'glass', name }, stand);
    if (!bag.filters.some((f) => f.id === filter.id && !f.archived))
      lack(`glass:${filter.id}`, { what: 'glass', name }, stand);
    else if (!along.has(filter.id)) lack(`along:${filter.id}`, { what: 'not-along', name }, stand);
  }
}

/** What a day is packed from. */
interface PackedFrom {
  readonly stands: readonly Stand[];
  readonly bag: Bag;
  readonly extras: readonly Extra[];
  /** What things weigh, grams, by their key. */
  readonly weights: Readonly<Record<string, number>>;
  readonly names: PackingNames;
}

/** What is to be packed. */
export function packingOf(
  outing: Pick<Outing, 'packed'>,
  { stands, bag, extras, weights, names }: PackedFrom,
): Packing {
  const list = needList();
  for (const stand of stands) standNeeds(list, stand, bag, names);
  for (const filter of filtersAtHand(bag))
    list.need(`glass:${filter.id}`, { what: 'glass', name: names.glass(filter) });
  for (const extra of extras) list.need(`extra:${extra.id}`, { what: 'extra', name: extra.name });
  const ticked = new Set(outing.packed);
  const things = [...list.needs.values()].map(({ key, what, name, for: neededFor }): Packed => ({
    key,
    what,
    name,
    grams: weights[key] ?? null,
    neededFor,
    isPacked: ticked.has(key),
  }));
  return {
    things: things.toSorted((a, b) => ORDER.indexOf(a.what) - ORDER.indexOf(b.what)),
    missing: [...list.missing.values()],
    grams: things.reduce((sum, t) => sum + (t.grams ?? 0), 0),
    withoutWeight: things.filter((t) => t.grams === null).length,
  };
}

const ORDER: readonly Packed['what'][] = ['camera', 'lens', 'holder', 'glass', 'extra'];

/** The glass that a stand has on, by choice or fitted. */
function glassOf(stand: Stand, bag: Bag): readonly Filter[] {
  const chosen = (stand.choice?.filterIds ?? []).flatMap((id) => bag.filters.find((f) => f.id === id) ?? []);
  return [...chosen, ...fittedFilters(stand, bag)];
}

/** Whether a stand has glass on that sits in a holder. */
const needsHolder = (stand: Stand, bag: Bag): boolean =>
  !stand.choice ||
  stand.choice.filterIds.length > 0 ||
  fittedFilters(stand, bag).some((f) => f.sits !== 'thread');
