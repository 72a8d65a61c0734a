import { polarises } from '@/core/glass';
import { choose } from '../stand/choice';
import { type Stand } from '../stand/stand';
import { type Bag, type Filter, isSheet, type SheetFilter, takesSlot } from './bag';
import { fittedFilters } from './on-lens';

/** Where a piece of glass sits: on the thread, behind the holder, or in a slot, counted from the lens. */
export type Place = 'thread' | 'behind' | number;

/** Why it sits there, or what speaks against it. */
export type PlaceWhy =
  /** It turns by itself. */
  | 'turns-alone'
  | 'behind-all'
  /** Nearest the lens its seal keeps light out. */
  | 'sealed'
  /** Light comes in round it. */
  | 'unsealed'
  /** In front it is reached, and turned with the holder before the grad. */
  | 'in-front'
  /** Behind a grad it is not reached. */
  | 'out-of-reach'
  | 'slides'
  /** The holder has no slot for it. */
  | 'no-slot';

export interface Piece {
  readonly filter: Filter;
  readonly place: Place;
  readonly why: PlaceWhy;
}

/** The glass by its slot, from the one nearest the lens; null where one is empty. What finds no slot comes after them. */
type Slots = readonly (Filter | null)[];

/**
 * All that is on the lens, from the lens outwards. Where nobody said otherwise a dense ND sits nearest the lens, a polariser
 * in the front slot, and the sheets in the slots that are left, in their order.
 *
 * @param sheets the one nearest the lens first
 */
export function piecesOn(stand: Stand, bag: Bag, sheets: readonly SheetFilter[]): Piece[] {
  const fitted = fittedFilters(stand, bag);
  const outside = (sits: 'thread' | 'behind'): Piece[] =>
    fitted
      .filter((f) => f.sits === sits)
      .map((filter) => ({ filter, place: sits, why: polarises(filter) ? 'turns-alone' : 'behind-all' }));
  const slots = slotsOf(stand, bag, sheets);
  const inSlots = slots.flatMap((filter, i): Piece[] =>
    filter ? [{ filter, place: i + 1, why: whyOf(slots, i, bag.slots ?? 1) }] : [],
  );
  return [...outside('thread'), ...outside('behind'), ...inSlots];
}

function slotsOf(stand: Stand, bag: Bag, sheets: readonly SheetFilter[]): Slots {
  const slots: (Filter | null)[] = new Array<null>(bag.slots ?? 1).fill(null);
  const inSlots = fittedFilters(stand, bag).filter(takesSlot);
  const wantedOf = ({ id }: Filter) => stand.fitted?.find((f) => f.filterId === id)?.slot;
  const put = (filter: Filter, at: number) => {
    if (at < 0) slots.push(filter);
    else slots[at] = filter;
  };
  const left: Filter[] = [];
  for (const filter of inSlots) {
    const wanted = wantedOf(filter);
    if (wanted !== undefined && slots[wanted - 1] === null) put(filter, wanted - 1);
    else left.push(filter);
  }
  for (const filter of left.filter((f) => !polarises(f))) put(filter, slots.indexOf(null));
  for (const filter of left.filter(polarises)) put(filter, slots.lastIndexOf(null));
  for (const filter of sheets) put(filter, slots.indexOf(null));
  return slots;
}

function whyOf(slots: Slots, i: number, count: number): PlaceWhy {
  const filter = slots[i] as Filter;
  if (i >= count) return 'no-slot';
  if (isSheet(filter)) return 'slides';
  if (polarises(filter)) return slots.slice(i + 1).some((f) => f && isSheet(f)) ? 'out-of-reach' : 'in-front';
  return i === 0 ? 'sealed' : 'unsealed';
}

/** Why a piece can not be moved. */
export type MoveRefusal =
  /** It sits in no slot. */
  | 'in-no-slot'
  /** There is no slot there. */
  | 'no-such-slot'
  /** A sheet goes into the free slot nearest the lens: further out it only shades the corners. */
  | 'sheet-nearest';

export type Moved =
  { readonly ok: true; readonly stand: Stand } | { readonly ok: false; readonly reason: MoveRefusal };

interface Seated {
  readonly sheets: readonly SheetFilter[];
  readonly seat: { readonly offsetMm: number; readonly turnDeg: number };
}

/** The stand with a piece in another slot; what sat there changes places with it. */
export function movedToSlot(
  stand: Stand,
  bag: Bag,
  { sheets, seat }: Seated,
  { filterId, slot }: { readonly filterId: string; readonly slot: number },
): Moved {
  const count = bag.slots ?? 1;
  const slots = [...slotsOf(stand, bag, sheets)];
  const from = slots.findIndex((f) => f?.id === filterId);
  if (from < 0) return { ok: false, reason: 'in-no-slot' };
  if (from >= count || !Number.isInteger(slot) || slot < 1 || slot > count)
    return { ok: false, reason: 'no-such-slot' };
  const to = slot - 1;
  [slots[from], slots[to]] = [slots[to] ?? null, slots[from] ?? null];
  const fitted = (stand.fitted ?? []).map((f) => {
    const at = slots.findIndex((s) => s?.id === f.filterId);
    return at < 0 || at >= count ? f : { ...f, slot: at + 1 };
  });
  const ordered = slots.filter((f): f is SheetFilter => !!f && isSheet(f));
  const sameOrder = ordered.every((f, i) => f.id === sheets[i]?.id);
  const next = {
    ...(sameOrder ? stand : choose(stand, { ...seat, filterIds: ordered.map((f) => f.id) })),
    ...(fitted.length ? { fitted } : {}),
  };
  const comes = slotsOf(next, bag, ordered).map((f) => f?.id);
  return slots.every((f, i) => f?.id === comes[i])
    ? { ok: true, stand: next }
    : { ok: false, reason: 'sheet-nearest' };
}
