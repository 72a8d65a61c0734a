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

/** What is to be packed. */
export function packingOf(
  outing: Pick<Outing, 'packed'>,
  {
    stands,
    bag,
    extras,
    weights,
    names,
  }: {
    readonly stands: readonly Stand[];
    readonly bag: Bag;
    readonly extras: readonly Extra[];
    /** What things weigh, grams, by their key. */
    readonly weights: Readonly<Record<string, number>>;
    readonly names: PackingNames;
  },
): Packing {
  const needs = new Map<string, Need>();
  const missing = new Map<string, Missing>();
  const need = (key: string, of: Omit<Need, 'key' | 'for'>, stand?: Stand) => {
    const known = needs.get(key);
    needs.set(key, { key, ...of, for: [...(known?.for ?? []), ...(stand ? [stand.name] : [])] });
  };
  const lack = (key: string, of: Omit<Missing, 'neededFor'>, stand: Stand) => {
    const known = missing.get(key);
    missing.set(key, { ...of, neededFor: [...(known?.neededFor ?? []), stand.name] });
  };
  const along = new Set(filtersAtHand(bag).map((f) => f.id));
  for (const stand of stands) {
    const camera = bag.cameras?.find((c) => !c.archived && c.name === stand.camera.name);
    if (camera) need(`camera:${camera.id}`, { what: 'camera', name: camera.name ?? '' }, stand);
    else if (bag.cameras?.length)
      lack(`camera:${stand.camera.name ?? ''}`, { what: 'camera', name: stand.camera.name ?? '' }, stand);
    const lens = bag.lenses?.find((l) => !l.archived && isMounted(l, stand));
    if (lens) {
      need(`lens:${lens.id}`, { what: 'lens', name: names.lens(lens) }, stand);
      if (needsHolder(stand, bag)) holderFor(lens, stand);
    } else if (bag.lenses?.length)
      lack(
        `lens:${stand.lens.focalLengthMm}`,
        { what: 'lens', name: `${stand.lens.focalLengthMm} mm` },
        stand,
      );
    for (const filter of glassOf(stand, bag)) {
      need(`glass:${filter.id}`, { what: 'glass', name: names.glass(filter) }, stand);
      if (!bag.filters.some((f) => f.id === filter.id && !f.archived))
        lack(`glass:${filter.id}`, { what: 'glass', name: names.glass(filter) }, stand);
      else if (!along.has(filter.id))
        lack(`along:${filter.id}`, { what: 'not-along', name: names.glass(filter) }, stand);
    }
  }
  function holderFor(lens: BagLens, stand: Stand) {
    const holder = holderByLens(stand, bag);
    const { threadsMm }: Holder = holder ?? bag.holder ?? {};
    need(`holder:${holder?.id ?? 'usual'}`, { what: 'holder', name: names.holder(holder) }, stand);
    const { threadMm } = lens;
    // a holder that says nothing of its rings may have them all
    if (threadMm !== undefined && threadsMm && !threadsMm.includes(threadMm))
      lack(
        `ring:${holder?.id ?? 'usual'}:${threadMm}`,
        { what: 'ring', name: names.holder(holder), threadMm },
        stand,
      );
  }
  for (const filter of filtersAtHand(bag))
    need(`glass:${filter.id}`, { what: 'glass', name: names.glass(filter) });
  for (const extra of extras) need(`extra:${extra.id}`, { what: 'extra', name: extra.name });
  const ticked = new Set(outing.packed);
  const things = [...needs.values()].map(({ key, what, name, for: neededFor }): Packed => ({
    key,
    what,
    name,
    grams: weights[key] ?? null,
    neededFor,
    isPacked: ticked.has(key),
  }));
  return {
    things: things.toSorted((a, b) => ORDER.indexOf(a.what) - ORDER.indexOf(b.what)),
    missing: [...missing.values()],
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
