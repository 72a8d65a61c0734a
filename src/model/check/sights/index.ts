import { LAND } from './land';
import { LINE } from './line';
import { MEASURED } from './measured';
import { MORE } from './more';
import { type Much, type SightOf, type SightRecord, type Surface, SURFACES } from './sight';
import { SKY } from './sky';
import { TIME } from './time';

export {
  type Edge,
  type Much,
  MUCHES,
  type OfLight,
  type RemedyName,
  SIGHTS_OF,
  type SightOf,
  type Surface,
} from './sight';

/** Everything that a shot can show, in the order in which it is offered. */
const SIGHTS = { ...SKY, ...LINE, ...LAND, ...TIME, ...MORE, ...MEASURED };

export type Sight = keyof typeof SIGHTS;
export const SIGHT_IDS = Object.keys(SIGHTS) as [Sight, ...Sight[]];
export type SightGroup = SightRecord['group'];

export const sightRecord = (sight: Sight): SightRecord => SIGHTS[sight];

/** Amounts of it that can be told, the least first; none where there is no telling. */
export const muchesOf = (sight: Sight): Much[] => Object.keys(sightRecord(sight).amounts ?? {}) as Much[];

/** What an amount of it stands for, in the sight's own unit; the least where none is told. */
export function amountOf(sight: Sight, much: Much | undefined): number {
  const { amounts = {} } = sightRecord(sight);
  return (much && amounts[much]) ?? Math.min(...Object.values(amounts));
}

export const isSurface = (of: SightOf): of is Surface => (SURFACES as readonly SightOf[]).includes(of);
