import { sameSet } from '@/core/balance';
import { isUpsideDown, type Seat, turnFromUpright } from '@/core/optics';
import {
  type Bag,
  type Balance,
  type Carry,
  type Derived,
  type Glass,
  type Lift,
  isStale,
  landingOf,
  perhapsTheSun,
  RECORD_AFTER_MINUTES,
  type Saying,
  sayingOf,
  type SearchState,
  type SlipState,
  slipStateOf,
  type Stand,
  type StandBracket,
  traitsOf,
  unsuitedOf,
  type WholeScene,
} from '@/model';
import { LONGEST_MARK_SECONDS, SHORTEST_MARK_SECONDS } from '@/core/units';
import { carriedNotes } from '../readings/drift';
import { faultText, lackText } from './faults';
import {
  ageText,
  fitFigure,
  degreesFigure,
  isoFigure,
  listText,
  mmFigure,
  stopsFigure,
  stopsText,
  timeText,
} from '../figures/figures';
import { glassName } from '../glass/glass';
import { toneText } from './tones';
import { unsuitedText } from './unsuited';
import { spotNames } from '../figures/spots';
import { darkerName, otherSide, sideNames, type SideNames } from '../figures/sides';

/** One row of the slip: what to do, in large, and beside it what else matters. */
export interface SlipRow {
  readonly label: 'Glass' | 'Seat' | 'Expose';
  readonly main: string;
  /** The same in fewer letters, for a narrow screen. */
  readonly brief: string;
  readonly aside: string;
}

export interface Slip {
  readonly state: SlipState;
  readonly rows: readonly [SlipRow, SlipRow, SlipRow];
}

export interface SlipContext {
  readonly stand: Stand;
  /** What it was worked out with; one that is assumed is said to be. */
  readonly bag?: Bag | undefined;
  readonly derived: Derived;
  readonly search: SearchState;
  /** Age of the oldest reading that counts, minutes; null where none says when it was taken. */
  readonly oldestMinutes: number | null;
  /** What carried the readings that the stand was worked out with; absent: nothing did. */
  readonly carry?: Carry | null | undefined;
}

/** The slip of a stand: a wording for every state it can be in. */
export function slipOf(context: SlipContext): Slip {
  const { derived, stand, search } = context;
  const saying = sayingOf(stand, derived, search);
  return { state: slipStateOf(saying, derived), rows: rowsOf(context, saying) };
}

function rowsOf(context: SlipContext, saying: Saying): Slip['rows'] {
  const { stand } = context;
  const waiting = (main: string, aside: string): Slip['rows'] => [
    row('Glass', main, aside),
    row('Seat', 'nothing to seat yet', ''),
    exposeRow(context),
  ];
  switch (saying.kind) {
    case 'unfit':
      return nothingRows('no plan', faultText(saying.fault, stand.readings));
    case 'no-plan':
      return waiting('no plan', faultText(saying.fault, stand.readings));
    case 'bracket':
      return bracketRows(context, saying.bracket);
    case 'whole-scene':
      return sceneRows(context, saying.scene);
    case 'meter':
      return waiting(...meterText(saying.missing, sideNames(stand).sky));
    case 'search-failed':
      return waiting('the search stopped', 'your stand is safe; change anything to try again');
    case 'being-worked-out':
      return waiting('being worked out', '');
    case 'glass':
      return [glassRow(context, saying.glass), seatRow(context, saying.glass), exposeRow(context)];
  }
}

/** What to read first, and why. */
function meterText(missing: 'land' | 'sky' | 'both', sky: string): [main: string, aside: string] {
  switch (missing) {
    case 'land':
      return ['Now meter the land', `the ${sky} alone cannot say which grad`];
    case 'sky':
      return [`Now meter the ${sky}`, 'the land alone cannot say which grad'];
    case 'both':
      return [`Meter the land, then the ${sky}`, 'two spot readings make a plan'];
  }
}

const row = (label: SlipRow['label'], main: string, aside: string, brief = main): SlipRow => ({
  label,
  main,
  brief,
  aside,
});

const nothingRows = (main: string, reason: string): Slip['rows'] => [
  row('Glass', main, reason),
  row('Seat', 'nothing to seat', ''),
  row('Expose', 'not known', ''),
];

/** A bracket takes the place of glass: one time after another, the darkest picture first. */
function bracketRows({ stand, derived }: SlipContext, bracket: StandBracket): Slip['rows'] {
  if (!bracket.ok) return nothingRows('no bracket', faultText(bracket, stand.readings));
  const { frames, reachStops } = bracket;
  const times = frames.map((f) => timeText(f.seconds));
  const { aperture, iso } = stand.exposure;
  return [
    row(
      'Glass',
      frames.length === 1 ? 'No grad: one frame holds it' : `No grad: ${frames.length} frames`,
      `for ${stopsText(reachStops)} from darkest to brightest`,
    ),
    row('Seat', 'nothing to seat', ''),
    row(
      'Expose',
      `f/${aperture}, ${listText(times)}, ISO ${iso}`,
      [...(frames.length > 1 ? ['darkest picture first'] : []), ...fittedText(derived)].join('; '),
    ),
  ];
}

/** One time for everything: no grad is asked for. */
const sceneRows = ({ stand, derived, oldestMinutes }: SlipContext, { seconds }: WholeScene): Slip['rows'] => [
  row('Glass', 'No grad asked for', 'the whole scene in one time; meter sky and land for a grad'),
  row('Seat', 'nothing to seat', ''),
  row(
    'Expose',
    settingsText(stand, seconds),
    [...staleText(oldestMinutes), ...fittedText(derived)].join('; '),
  ),
];

/** What is on the lens beside the grads, where a time has been worked out with it. */
function fittedText({ prepared }: Derived): string[] {
  const stops = prepared?.fitted.stops ?? 0;
  return stops > 0 ? [`with ${stopsFigure(stops)} stops of ND or polariser on`] : [];
}

/** How a holder is turned, in words: "level", "turned 8° anticlockwise", "upside down, level". */
export function turnText(turnDeg: number): string {
  const turn = turnFromUpright(turnDeg);
  const way =
    Math.abs(turn) < 0.125
      ? 'level'
      : `turned ${degreesFigure(Math.abs(turn))}° ${turn > 0 ? 'clockwise' : 'anticlockwise'}`;
  return isUpsideDown(turnDeg) ? `upside down, ${way}` : way;
}

function glassRow({ stand, bag, derived, search }: SlipContext, glass: Glass): SlipRow {
  const { plan, chosen } = derived;
  const asides: string[] = [];
  if (search === 'working' || derived.stale) asides.push('being worked out anew');
  else if (chosen && plan && chosen.filterIds.join() !== plan.filterIds.join())
    asides.push(`your choice; computed: ${glassName(plan.filters)}`);
  else if (chosen) asides.push('set by you: it stays as readings change');
  if (!chosen && derived.was) asides.push(`was ${glassName(derived.was)}`);
  if (glass.filters.length > 1) asides.push('the first nearest the lens');
  if (derived.balance?.spanStops === null) asides.push('a guess by the sun, not a measurement');
  if (glass.lift) asides.push(liftText(glass.lift, darkerName(stand, derived)));
  if (!chosen && derived.balance?.least?.enough === false)
    asides.push('one exposure does not hold everything');
  const unsuited = chosen ? null : unsuitedOf(stand, derived);
  if (unsuited && derived.balance)
    asides.unshift(unsuitedText(unsuited, derived.balance.brighter, sideNames(stand)));
  if (!glass.seat) {
    if (!chosen && !unsuited) asides.push(...noGradText(derived, sideNames(stand)));
    return row('Glass', chosen ? 'No grad' : noGradMain(derived), asides.join('; '));
  }
  if (bag?.assumed) asides.push('from an assumed bag: say what is yours');
  return row(
    'Glass',
    `${capital(glassName(glass.filters))}, ${turnText(glass.seat.turnDeg)}`,
    asides.join('; '),
  );
}

/** That no grad is advised: because none is needed, none serves, or none is at hand. */
function noGradMain({ balance, prepared }: Derived): string {
  if (!balance || balance.neededStops === 0 || balance.least?.enough) return 'No grad needed';
  return prepared?.lacks ? 'No grad at hand' : 'No grad serves here';
}

/** Why no grad is advised. */
function noGradText({ balance, prepared, spanStops }: Derived, names: SideNames): string[] {
  if (!balance || balance.spanStops === null) return [];
  if (balance.least) return [];
  if (balance.neededStops > 0)
    return [prepared?.lacks ? lackText(prepared.lacks) : lessText(balance, names[balance.brighter])];
  return [
    `${stopsText(Math.abs(spanStops ?? 0))} from the ${names[otherSide(balance.brighter)]} up to the ${names[balance.brighter]}, which may stay`,
  ];
}

/** That less shows without a grad than with the best one, where any serves at all. */
function lessText({ advice, best, neededStops }: Balance, brighter: string): string {
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

/** The seat in units that a ruler reads: what stands above the rail, or below it upside down. */
function seatMainText(glass: Glass): string {
  const { seat, sticksOutMm: out } = glass;
  if (!seat) return 'nothing to seat';
  const side = isUpsideDown(seat.turnDeg) ? 'below' : 'above';
  if (out === null) {
    const offset = seat.offsetMm;
    const way =
      offset === 0
        ? 'on the lens axis'
        : `${mmFigure(Math.abs(offset))} mm ${offset > 0 === (side === 'above') ? 'above' : 'below'} the lens axis`;
    return `Seam ${way}`;
  }
  return out >= 0
    ? `${mmFigure(out)} mm of sheet standing ${side} the rail`
    : `Sheet's end ${mmFigure(-out)} mm inside the rail`;
}

/** The seat for a narrow screen: "26.5 mm above the rail". */
function seatBriefText(glass: Glass): string {
  const { seat, sticksOutMm: out } = glass;
  if (!seat || out === null || out < 0) return seatMainText(glass);
  return `${mmFigure(out)} mm ${isUpsideDown(seat.turnDeg) ? 'below' : 'above'} the rail`;
}

/** The seat in a few characters: "26.5 mm, level". */
export function seatShortText(glass: Glass): string {
  if (!glass.seat) return 'nothing to seat';
  const figure = mmFigure(glass.sticksOutMm ?? glass.seat.offsetMm);
  return `${figure} mm, ${turnText(glass.seat.turnDeg)}`;
}

/**
 * From where to where a sheet may stand, mm of it out of the holder: "26.5 to 29.5 is as good", or by how much it is off;
 * empty where there is no room to speak of.
 */
export function playText(standsAtMm: number, [low, high]: readonly [number, number]): string {
  const [from, to] = [mmFigure(standsAtMm + low), mmFigure(standsAtMm + high)];
  const off = Math.max(0, low, -high);
  if (off >= 0.25) return `${mmFigure(Math.max(0.5, off))} mm off: ${from} to ${to} serves`;
  return from === to ? '' : `${from} to ${to} is as good`;
}

/** How far it may be off, and where the computed seat is when the photographer has set another. */
function seatRow({ stand, derived }: SlipContext, glass: Glass): SlipRow {
  const { seat, sticksOutMm: out } = glass;
  const asides: string[] = [];
  const computed = computedSeat(derived, glass);
  if (seat && computed && (computed.offsetMm !== seat.offsetMm || computed.turnDeg !== seat.turnDeg)) {
    const figure = mmFigure((out ?? seat.offsetMm) + computed.offsetMm - seat.offsetMm);
    asides.push(`computed: ${figure} mm, ${turnText(computed.turnDeg)}`);
  } else if (out !== null && glass.figures?.playMm) {
    const play = playText(out, glass.figures.playMm);
    if (play) asides.push(play);
  }
  const second = glass.standOutMm[1];
  if (out !== null && typeof second === 'number' && mmFigure(second) !== mmFigure(out))
    asides.push(
      `the second sheet ${mmFigure(Math.abs(second))} mm ${second < 0 ? 'inside' : seat && isUpsideDown(seat.turnDeg) ? 'below' : 'above'} it`,
    );
  const giveOrTake = glass.outcome.seam?.giveOrTakeMm ?? 0;
  if (giveOrTake >= 0.5) asides.push(`give or take ${mmFigure(giveOrTake)}, lens estimated`);
  const assumed = (stand.assumed ?? []).filter((part) => part !== 'camera');
  if (seat && assumed.length) asides.push(`${listText(assumed)} assumed`);
  return row('Seat', seatMainText(glass), asides.join('; '), seatBriefText(glass));
}

/** The seat that was computed for the same glass, if it was. */
export function computedSeat({ balance }: Derived, { filterIds }: Glass): Seat | null {
  return balance?.best.find((c) => sameSet(c.set, filterIds))?.seat ?? null;
}

/** The settings to expose with: "f/11, 1/8 s, ISO 100". */
function settingsText({ exposure: { aperture, iso } }: Stand, seconds: number): string {
  const bulb = seconds > LONGEST_MARK_SECONDS ? ', bulb' : '';
  return `f/${aperture}, ${timeText(seconds)}${bulb}, ISO ${iso}`;
}

/** That the light has moved on, or that it is the light of another day. */
function staleText(minutes: number | null): string[] {
  if (minutes === null) return [];
  if (minutes >= RECORD_AFTER_MINUTES) return [`readings ${ageText(minutes)} old: the light of another day`];
  return isStale(minutes) ? [`readings ${ageText(minutes)} old: read again`] : [];
}

function exposeRow({ stand, derived, oldestMinutes, carry = null }: SlipContext): SlipRow {
  const { inUse, prepared } = derived;
  const exposure = inUse?.outcome.exposure;
  if (!traitsOf(stand).readsLight && !exposure)
    return row('Expose', 'not metered', 'the sun rule gives a grad, not a time: meter the land for one');
  if (!inUse || !prepared || !exposure) return row('Expose', 'no land reading yet', '');
  const main = settingsText(stand, exposure.seconds);
  const asides = [
    ...(exposure.seconds < SHORTEST_MARK_SECONDS
      ? ['no camera has this time: stop down, lower the ISO or add an ND']
      : []),
    ...staleText(oldestMinutes),
    ...carriedNotes(carry),
  ];
  asides.push(...fittedText(derived), landingText(derived, inUse, sideNames(stand)));
  const { clips } = inUse.outcome;
  const spot = spotNames(stand.readings);
  const sun = perhapsTheSun(derived);
  if (sun !== null) asides.push(`held back for ${spot(sun)}: is that the sun itself?`);
  else if (clips.length) asides.push(`${listText(clips.map(spot))} not held`);
  else if (exposure.capped) asides.push('held back for the highlights');
  return row('Expose', main, asides.filter(Boolean).join('; '));
}

/** Where the brighter side comes out, its name in one or in many: "with the sky 1.2 above mid-grey". */
function landingText(derived: Derived, glass: Glass, names: SideNames): string {
  if (!derived.prepared) return '';
  const tone = landingOf(derived, glass);
  if (tone === null) return 'for the land alone';
  return `with the ${names[(derived.spanStops ?? 0) >= 0 ? 'sky' : 'land']} ${toneText(tone)}`;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** The slip as one sentence, for reading aloud and copying. */
export function slipSentence({ rows }: Slip): string {
  return `${rows.map((r) => (r.aside ? `${r.main} (${r.aside})` : r.main)).join('. ')}.`;
}
