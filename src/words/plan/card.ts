import {
  type Bag,
  type Derived,
  filtersAtHand,
  filtersById,
  isStale,
  momentOf,
  oldestReadingMinutes,
  piecesOn,
  isSheet,
  type Reading,
  type Stand,
  timesThrough,
  meteredEv,
} from '@/model';
import { ndSets, roomForNds, secondsWithoutNd, tripodList } from '@/model/expose';
import { type Role } from '@/core/field';
import { isDensity } from '@/core/glass';
import { momentText } from '../figures/dates';
import { ageText, exposureText, stopsFigure, stopsText, timeText } from '../figures/figures';
import { capital, spotNames } from '../figures/spots';
import { tripodText } from '../expose/tripod';
import { filterName } from '../glass/glass';
import { meterSettingsText } from '../readings/meter';
import { cameraAndLensText } from './frame';
import { LOOK_NAMES } from './looks';
import { type Slip, slipOf } from './slip';
import { type SlipContext } from './slip-context';
import { placeName } from './stack';

/** A line of a card's list: what it is, and beside it its figure. */
export interface CardRow {
  /** Of what side a reading is, where it is one. */
  readonly role?: Role;
  readonly text: string;
  readonly figure?: string;
  /** Something to be ticked, and whether it is; absent: it is no such thing. */
  readonly isTicked?: boolean;
}

export interface CardPart {
  readonly title: string;
  readonly rows: readonly CardRow[];
  readonly isNumbered?: boolean;
}

/** What one page says of a stand, to be read at arm's length by the tripod. */
export interface CardText {
  readonly name: string;
  /** What it was worked out for and with. */
  readonly head: string;
  readonly slip: Pick<Slip, 'lead' | 'rows'>;
  /** What is known and what can be chosen: light, glass, times. */
  readonly known: readonly CardPart[];
  /** The list in working order. */
  readonly toDo: CardPart;
  readonly cautions: readonly string[];
  readonly foot: string;
}

export interface CardContext extends SlipContext {
  readonly bag: Bag;
  readonly ndGoes: 'last' | 'lifted';
  /** When the card is made, ms since 1970. */
  readonly nowMs: number;
}

/** Readings are listed one by one up to so many; more are told by their side. */
const READINGS_LISTED = 8;
/** Times through NDs that stand on a card, at most. */
const TIMES_LISTED = 8;

export function cardText(context: CardContext): CardText {
  const { stand, bag, nowMs } = context;
  const { focalLengthMm } = stand.lens;
  const name = stand.name.trim() || 'Stand without a name';
  const { lead, rows } = slipOf(context);
  return {
    name,
    head: `${cameraAndLensText(stand)}, at ${focalLengthMm} mm; ${LOOK_NAMES[stand.look.school]}; light of ${momentText(momentOf(stand))}${staleText(stand, nowMs)}`,
    slip: { lead, rows },
    known: [
      readPart(stand, context.derived),
      glassPart(stand, bag, context.derived),
      timesPart(context),
    ].filter((part) => part.rows.length > 0),
    toDo: orderPart(context),
    cautions: cautions(stand),
    foot: `Pale Seam, made ${momentText(nowMs)}`,
  };
}

/** That the light has moved on since it was read. */
function staleText(stand: Stand, nowMs: number): string {
  const minutes = oldestReadingMinutes(stand, nowMs);
  return minutes !== null && isStale(minutes) ? `, read ${ageText(minutes)} ago: read it again` : '';
}

function readPart({ readings, skyName }: Stand, { spanStops }: Derived): CardPart {
  const span: CardRow[] =
    spanStops === null ? [] : [{ text: 'Span', figure: stopsText(Math.abs(spanStops)) }];
  const nameOf = spotNames(readings);
  const named = (text: string) => capital(skyName ? text.replace(/^sky/, skyName) : text);
  const one = (reading: Reading): CardRow => {
    const settings = meterSettingsText(reading);
    return {
      role: reading.role,
      text: `${named(nameOf(reading.id))}${reading.limit ? ', to hold' : ''}`,
      figure: `EV ${stopsFigure(meteredEv(reading))}${settings ? `, ${settings}` : ''}`,
    };
  };
  const together = (role: Role, those: readonly Reading[]): CardRow => {
    const evs = those.map(meteredEv);
    return {
      role,
      text: `${named(role)}, ${those.length} readings`,
      figure: `EV ${stopsFigure(Math.min(...evs))} to ${stopsFigure(Math.max(...evs))}`,
    };
  };
  const roles = [...new Set(readings.map((r) => r.role))];
  const rows =
    readings.length > READINGS_LISTED
      ? roles.map((role) =>
          together(
            role,
            readings.filter((r) => r.role === role),
          ),
        )
      : readings.map(one);
  return { title: 'Read', rows: [...rows, ...span] };
}

/** What is on the lens, from the lens outwards, and where. */
function glassPart(stand: Stand, bag: Bag, { inUse }: Derived): CardPart {
  const pieces = piecesOn(stand, bag, inUse?.seat ? inUse.filters.filter(isSheet) : []);
  return {
    title: 'On the lens, outwards',
    rows: pieces.map((piece) => ({ text: filterName(piece.filter), figure: placeName(piece) })),
  };
}

/** The NDs of the pouch against the base time. */
function timesPart({ stand, bag, derived }: CardContext): CardPart {
  const title = 'Times';
  const base = secondsWithoutNd(stand, bag, derived);
  if (base === null) return { title, rows: [] };
  const nds = filtersAtHand(bag).filter(isDensity);
  const times = timesThrough(base, ndSets(nds, roomForNds(stand, bag, derived)));
  const rows = times.map(({ filterIds, stops, seconds }) => ({
    text: `${filtersById(bag, filterIds).map(filterName).join(' with ')}${filterIds.length > 1 ? `, ${stopsText(stops)}` : ''}`,
    figure: exposureText(seconds),
  }));
  const left = rows.length - TIMES_LISTED;
  return {
    title,
    rows: [
      { text: 'Without any ND', figure: timeText(base) },
      ...rows.slice(0, TIMES_LISTED),
      ...(left > 0 ? [{ text: `and ${left} more` }] : []),
    ],
  };
}

/** The list at the tripod, in working order. */
function orderPart({ stand, bag, derived, ndGoes }: CardContext): CardPart {
  const { steps } = tripodList(stand, bag, derived);
  return {
    title: 'In this order',
    rows: steps.map((step) => ({ text: tripodText(step, stand, ndGoes).title })),
    isNumbered: true,
  };
}

/** What can hurt where this is used; local tables, rules and people know better. */
function cautions({ readings }: Stand): string[] {
  const hasWater = readings.some((r) => r.role === 'water');
  return [
    'Never at the sun through a finder: grad and ND are no solar filters.',
    hasWater
      ? 'Tide, swell and wet rock by the local table and those who know the shore; the sea behind you.'
      : 'The edge, wet rock, and the ground in the dark; no tripod under lightning.',
    'Light left for the walk back; someone who knows where you are.',
  ];
}
