import { polarises, stopsOfGlass } from '@/core/glass';
import {
  type Bag,
  type Derived,
  fittedFilters,
  type Glass,
  holderOn,
  isSheet,
  type Lift,
  piecesOn,
  type Stand,
  takenStops,
  unsuitedOf,
} from '@/model';
import { clockText } from '../figures/dates';
import { fitFigure, isoFigure, listText, stopsFigure, stopsText } from '../figures/figures';
import { darkerName, otherSide, sideNames, type SideNames } from '../figures/sides';
import { capital } from '../figures/spots';
import { holderText } from '../glass/gear';
import { filterName, glassName } from '../glass/glass';
import { lackText } from './faults';
import { type SlipContext } from './slip-context';
import { row, type SlipRow } from './slip-row';
import { turnText } from '../figures/turn';
import { unsuitedText } from './unsuited';

/**
 * The glass to fit, by what is printed on it, and what it takes of what.
 *
 * @param lead what the line above the rows says already of there being none
 */
export function glassRow(context: SlipContext, glass: Glass, lead: string | null = null): SlipRow {
  const { stand, bag, derived, search } = context;
  const { plan, chosen, balance } = derived;
  const isAnother = chosen && plan && chosen.filterIds.join() !== plan.filterIds.join();
  const asides = [
    search === 'working' || (derived.stale && balance)
      ? 'being worked out anew'
      : isAnother
        ? `your choice; computed: ${glassName(plan.filters)}`
        : chosen && !stand.choice?.follows && 'set by you: it stays as readings change',
    chosen && fitForText(stand),
    takenText(stand, derived, glass),
    !chosen && !context.isBesideShot && derived.was && `was ${glassName(derived.was)}`,
    stackText(stand, bag, glass),
    ...measuredTexts(glass),
    glass.seat && bag && inHolderText(stand, bag),
    !chosen && balance?.spanStops === null && 'a guess by the sun, not a measurement',
    chosen && !chosen.figures && glass.seat && 'seated along the skyline; nothing metered',
    glass.lift && liftText(glass.lift, darkerName(stand, derived)),
    !chosen && balance?.least?.enough === false && 'one exposure does not hold everything',
    glass.seat && bag?.assumed && 'from an assumed bag: say what is yours',
  ];
  if (!glass.seat) {
    const why = chosen || lead ? [] : noGradText(derived, sideNames(stand));
    return row('Glass', chosen ? 'No grad' : noGradMain(derived), [...asides, ...why]);
  }
  return row('Glass', `${capital(glassName(glass.filters))}, ${turnText(glass.turnToSetDeg)}`, asides);
}

/** What was measured of the sheets, where it is not what they are sold as. */
const measuredTexts = ({ filters }: Glass): string[] =>
  filters.filter(isSheet).flatMap((sheet) => {
    const [own, sold] = [takenStops(sheet), stopsOfGlass(sheet)];
    return Math.abs(own - sold) < 0.05
      ? []
      : [`measured ${stopsFigure(own)} at most, sold as ${stopsFigure(sold)}`];
  });

/** That the glass was chosen for a moment to come: until something is read at or after it. */
function fitForText({ coming, readings }: Stand): string | null {
  const at = coming?.fitFor;
  if (!at || readings.some((r) => r.takenAt && Date.parse(r.takenAt) >= Date.parse(at))) return null;
  return `fitted for ${clockText(at)}, by the forecast of the light`;
}

/** What the glass takes of the difference, and what it leaves of it: "takes 2.0 of 3.2; keeps the sky 1.2 brighter". */
function takenText(stand: Stand, derived: Derived, { seat, outcome }: Glass): string | null {
  const { spanStops, balance } = derived;
  const left = outcome.residualGapStops;
  if (seat && stand.look.evensTop && balance)
    return `evens out the top of the ${sideNames(stand).sky}, ${stopsFigure(balance.neededStops)} brighter than the rest`;
  if (!seat || spanStops === null || left === null) return null;
  const names = sideNames(stand);
  const brighter = balance?.brighter ?? (spanStops >= 0 ? 'sky' : 'land');
  const way = brighter === 'sky' ? 1 : -1;
  const kept = way * left;
  const leaves =
    Math.abs(kept) < 0.05
      ? `leaves the two alike`
      : kept > 0
        ? `keeps the ${names[brighter]} ${stopsFigure(kept)} brighter`
        : `makes the ${names[brighter]} ${stopsFigure(-kept)} darker than the ${names[otherSide(brighter)]}`;
  return `takes ${stopsFigure(way * (spanStops - left))} of ${stopsFigure(way * spanStops)}; ${leaves}`;
}

/** All that is on the lens, from the lens outwards, where that is more than one sheet. */
function stackText(stand: Stand, bag: Bag | undefined, { filters }: Glass): string | null {
  const others = bag ? fittedFilters(stand, bag) : [];
  // a pair alone is named in its order already
  if (!others.length) return filters.length > 1 ? 'the first of them nearer the lens' : null;
  const stack = bag ? piecesOn(stand, bag, filters.filter(isSheet)) : [];
  return stack.length < 2
    ? null
    : `from the lens outwards: ${stack.map((p) => filterName(p.filter)).join(' · ')}`;
}

/** Which of several holders it goes into; null where there is but one. */
function inHolderText(stand: Stand, bag: Bag): string | null {
  if (!bag.holders?.length) return null;
  const holder = holderOn(stand, bag);
  return holder ? `in the ${holderText(holder)}` : 'in the usual holder';
}

/** That no grad is advised: because none is needed, none serves, or none is at hand. */
function noGradMain({ balance, prepared }: Derived): string {
  if (!balance || balance.neededStops === 0 || balance.least?.enough) return 'No grad needed';
  return prepared.lacks ? 'No grad at hand' : 'No grad serves here';
}

/** Why no grad is advised. */
function noGradText({ balance, prepared, spanStops }: Derived, names: SideNames): string[] {
  if (!balance || balance.spanStops === null || balance.least) return [];
  if (balance.neededStops > 0)
    return [prepared.lacks ? lackText(prepared.lacks) : lessText(balance, names[balance.brighter])];
  return [
    `${stopsText(Math.abs(spanStops ?? 0))} from the ${names[otherSide(balance.brighter)]} up to the ${names[balance.brighter]}, which may stay`,
  ];
}

/** That less shows without a grad than with the best one, where any serves at all. */
function lessText({ advice, best, neededStops }: NonNullable<Derived['balance']>, brighter: string): string {
  const sheet = best.find((c) => c.set.length);
  if (advice && sheet)
    return `without one it misses what is wanted by ${fitFigure(advice.fitStops)} stops, with the best by ${fitFigure(sheet.fitStops)}`;
  const over = neededStops < 0.05 ? 'hardly' : `only ${stopsFigure(neededStops)}`;
  return `${over} more on the ${brighter} than wanted, too little for a grad`;
}

/** What Least glass leaves to be done afterwards, and what that costs. */
export function liftText({ stops, asNoisyAsIso }: Lift, darker: string): string {
  if (stops < 0.05) return 'nothing to lift afterwards';
  return `lift the ${darker} ${stopsText(stops)} afterwards, as noisy as ISO ${isoFigure(asNoisyAsIso)}`;
}

/**
 * The line above the rows where glass is not the answer: no sheet suits, or none is wanted, with what that saves and costs.
 * Null where the rows say it all.
 */
export function leadText({ stand, bag, derived }: SlipContext, glass: Glass): string | null {
  const { balance, chosen, spanStops } = derived;
  if (!balance || chosen || spanStops === null) return null;
  const unsuited = unsuitedOf(derived);
  if (unsuited) return `${capital(unsuitedText(unsuited, balance.brighter, sideNames(stand)))}.`;
  if (glass.seat || balance.neededStops > 0 || glass.outcome.clips.length) return null;
  const polarisers = bag ? fittedFilters(stand, bag).filter(polarises).map(filterName) : [];
  const what = polarisers.length ? `Only the ${listText(polarisers)}` : 'Leave the grads in the bag';
  const span = stopsText(Math.abs(spanStops));
  return `${what}: ${span} ${span === stopsText(1) ? 'fits' : 'fit'} the sensor, and nothing is lost.`;
}
