import { dimmingOfPoint, sensorPoint } from '@/core/optics';
import { type Bag, filtersById } from '../bag/bag';
import { frameOf, lensOf } from '../resolve/lens';
import { plainStops, totalStops } from '../resolve/glass';
import { asShot, seenOf, setOfTake, tooBrightBy } from '../check/evidence/light';
import { type KeptStand } from '../documents/document';
import { middleOfSide } from '../frame/sides';
import { type School } from '../terms/looks';
import { type Seen, type Stand, type Take } from '../stand/stand';

/** A shot with what of its stand a ledger tells. */
export interface LedgerEntry {
  readonly standId: string;
  readonly standName: string;
  /** Its place among the shots of its stand, from 1. */
  readonly number: number;
  readonly take: Take;
  readonly focalLengthMm: number;
  readonly school: School;
  /** How much brighter the sky was than the land, stops; null where either was not known. */
  readonly spanStops: number | null;
  /** What of it the grads took, stops. */
  readonly takenStops: number;
  /** How much weaker they were than what was advised, stops; negative: stronger; 0: as advised. */
  readonly weakerStops: number;
  /** What ND and polariser took. */
  readonly ndStops: number;
  readonly seen: readonly Seen[];
  /** By how much it came out brighter than wanted, as far as was said, stops; null where nothing was. */
  readonly tooBrightStops: number | null;
}

/** All shots of some stands, the last first. */
export function ledgerOf(stands: readonly KeptStand[], bagOf: (kept: KeptStand) => Bag): LedgerEntry[] {
  return stands
    .flatMap((kept) => {
      const { stand } = kept.document;
      if (!stand.takes?.length) return [];
      const bag = bagOf(kept);
      return stand.takes.map((take, i) => entryOf(stand, bag, take, i + 1));
    })
    .sort((a, b) => Date.parse(b.take.takenAt) - Date.parse(a.take.takenAt));
}

function entryOf(stand: Stand, bag: Bag, take: Take, number: number): LedgerEntry {
  const { sky, land } = take.light ?? {};
  const seen = seenOf(stand, take);
  const said = seen.flatMap((s) => tooBrightBy(s) ?? []);
  return {
    standId: stand.id,
    standName: stand.name,
    number,
    take,
    focalLengthMm: stand.lens.focalLengthMm,
    school: stand.look.school,
    spanStops: sky === undefined || land === undefined ? null : sky - land,
    takenStops: takenBetween(stand, bag, take),
    weakerStops: weakerThanAdvised(bag, take),
    ndStops: plainStops(
      bag,
      (take.fitted ?? []).map((f) => f.filterId),
    ),
    seen,
    tooBrightStops: said.length
      ? said.reduce((a, b) => a + b, 0)
      : seen.length || take.verdict === 'keep'
        ? 0
        : null,
  };
}

function weakerThanAdvised(bag: Bag, { filterIds, advisedFilterIds }: Take): number {
  const advised = filtersById(bag, advisedFilterIds ?? []);
  if (!advised.length || advised.length !== advisedFilterIds?.length) return 0;
  return totalStops(advised) - totalStops(filtersById(bag, filterIds));
}

/** How much more the sheets of a shot took from its sky than from its land, stops. */
function takenBetween(stand: Stand, bag: Bag, take: Take): number {
  const { seat } = take;
  const sheets = setOfTake(bag, take).map((s) => s.sheet);
  if (!seat || !sheets.length) return 0;
  const lens = lensOf(asShot(stand, take), bag);
  const at = (role: 'sky' | 'land') => {
    const { u, v } = middleOfSide(stand, role);
    return dimmingOfPoint({ lens, sheets, seat }, sensorPoint(frameOf(stand.camera), u, v));
  };
  return at('sky') - at('land');
}
