import {
  type Glass,
  type Saying,
  sayingOf,
  type SlipState,
  slipStateOf,
  type StandBracket,
  type ThroughTime,
  type Way,
} from '@/model';
import { stopsText } from '../figures/figures';
import { sideNames } from '../figures/sides';
import { bracketNotes, bracketSettingsText } from './bracket';
import { faultText } from './faults';
import { type SlipContext } from './slip-context';
import { exposeRow, fittedText, throughRow } from './slip-expose';
import { glassRow, leadText } from './slip-glass';
import { NOTHING_TO_SEAT, row, type SlipRow } from './slip-row';
import { seatRow } from './slip-seat';

/** What to do now, in a wording for every state a stand can be in. */
export interface Slip {
  readonly state: SlipState;
  /** Said above the rows where glass is not the answer; null where it is. */
  readonly lead: string | null;
  readonly rows: readonly [SlipRow, SlipRow, SlipRow];
}

/** The slip of a stand. */
export function slipOf(context: SlipContext): Slip {
  const { derived, stand, search } = context;
  const saying = sayingOf(stand, derived, search);
  const lead = saying.kind === 'glass' ? leadText(context, saying.glass) : null;
  return { state: slipStateOf(saying, derived), lead, rows: rowsOf(context, saying, lead) };
}

function rowsOf(context: SlipContext, saying: Saying, lead: string | null): Slip['rows'] {
  const { stand } = context;
  const waiting = (main: string, aside = ''): Slip['rows'] => [
    row('Glass', main, [aside]),
    row('Seat', 'nothing to seat yet'),
    exposeRow(context),
  ];
  switch (saying.kind) {
    case 'no-plan':
      return waiting('no plan', faultText(saying.fault));
    case 'bracket':
      return bracketRows(context, saying.bracket);
    case 'through':
      return throughRows(context, saying.time, saying.glass);
    case 'meter':
      return waiting(...meterText(saying.missing, sideNames(stand).sky));
    case 'begin':
      return beginRows(saying.way, !!stand.picture);
    case 'search-failed':
      return waiting('the search stopped', 'your stand is safe; change anything to try again');
    case 'being-worked-out':
      return waiting('being worked out');
    case 'kept-back':
      return waiting('Choose a sheet yourself', 'the bench keeps its advice back until you have shot');
    case 'glass':
      return [glassRow(context, saying.glass, lead), seatRow(context, saying.glass), exposeRow(context)];
  }
}

/** What to do first, and why: the camera need only be pointed at one side and then at the other. */
function meterText(missing: 'land' | 'sky' | 'both', sky: string): [main: string, aside: string] {
  switch (missing) {
    case 'land':
      return ['Now point the camera at the land', `the ${sky} alone cannot say which grad`];
    case 'sky':
      return [`Now point the camera at the ${sky}`, 'the land alone cannot say which grad'];
    case 'both':
      return [`Point the camera at the land, then at the ${sky}`, 'two readings make a plan'];
  }
}

/** What is done first where neither side is metered. */
function beginRows(way: Exclude<Way, 'meter'>, hasPicture: boolean): Slip['rows'] {
  const seat = row('Seat', 'nothing to seat yet');
  switch (way) {
    case 'sheet':
      return [
        row('Glass', 'Say which sheet is on', ['its seat follows from the skyline']),
        seat,
        row('Expose', 'then let the camera read'),
      ];
    case 'time':
      return [
        row('Glass', 'No grad asked for'),
        row('Seat', NOTHING_TO_SEAT),
        row('Expose', 'Let the camera read through all that is on'),
      ];
    case 'picture':
      return [
        hasPicture
          ? row('Glass', 'Now one time off the camera', ['it ties the light of the picture'])
          : row('Glass', 'Take the picture first', ['then one time off the camera']),
        seat,
        row('Expose', 'not known yet'),
      ];
  }
}

/** A sentence as it stands in a row. */
const inRow = (sentence: string): string => sentence.charAt(0).toLowerCase() + sentence.slice(1, -1);

/** A bracket takes the place of glass: one time after another, the darkest picture first. */
function bracketRows({ stand, bag, derived }: SlipContext, bracket: StandBracket): Slip['rows'] {
  if (!bracket.ok)
    return [
      row('Glass', 'no bracket', [faultText(bracket)]),
      row('Seat', NOTHING_TO_SEAT),
      row('Expose', 'not known'),
    ];
  const { frames, reachStops } = bracket;
  return [
    row('Glass', frames.length === 1 ? 'No grad: one frame holds it' : `No grad: ${frames.length} frames`, [
      `for ${stopsText(reachStops)} from darkest to brightest`,
    ]),
    row('Seat', NOTHING_TO_SEAT),
    row('Expose', bracketSettingsText(bracket, stand, bag), [
      frames.length > 1 && 'darkest picture first',
      fittedText(derived),
      ...bracketNotes(bracket, stand).map(inRow),
    ]),
  ];
}

/** The camera's own time through all that is on: a sheet that was put on by eye, or no grad at all. */
function throughRows(context: SlipContext, time: ThroughTime, glass: Glass | null): Slip['rows'] {
  return [
    glass?.seat
      ? glassRow(context, glass)
      : row('Glass', 'No grad asked for', ['one time for the frame; meter sky and land for a grad']),
    glass?.seat ? seatRow(context, glass) : row('Seat', NOTHING_TO_SEAT),
    throughRow(context, time),
  ];
}

/** The slip as one sentence, for reading aloud and copying. */
export function slipSentence({ lead, rows }: Slip): string {
  const said = rows.map((r) => (r.aside ? `${r.main} (${r.aside})` : r.main)).join('. ');
  return `${lead ? `${lead} ` : ''}${said}.`;
}
