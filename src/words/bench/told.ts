import { type Bag, exposureSeconds, filtersById, type Stand, type Take } from '@/model';
import { EXERCISE_TABLE, type Grade, type Lost, type Told, totalOf } from '@/model/bench';
import { exposureText, listText, percentText, stopsFigure, stopsText } from '../figures/figures';
import { filterName, glassName, glassNamed } from '../glass/glass';
import { slipOf } from '../plan/slip';
import { seatShortText } from '../plan/slip-seat';

/** A choice of a shot beside an experienced hand's. */
export interface ToldRow {
  readonly of: string;
  readonly own: string;
  readonly expert: string;
  /** What it cost, stops. */
  readonly stops: number;
}

/** Costs under this are none, stops. */
const NOTHING = 0.05;

export const costText = (stops: number): string => (stops < NOTHING ? 'nothing' : stopsText(stops));

/** Each choice of a shot, what an experienced hand would have chosen, and what the difference cost. */
export function toldRows({ own, expert, expertStand, costs }: Told, take: Take, bag: Bag): ToldRow[] {
  const seconds = exposureSeconds(expertStand, expert);
  return [
    {
      of: 'Glass',
      own: glassNamed(bag, take.filterIds),
      expert: glassName(expert.inUse?.filters ?? []),
      stops: costs.glass,
    },
    {
      of: 'Seat',
      own: seatShortText(own),
      expert: expert.inUse ? seatShortText(expert.inUse) : 'nothing to seat',
      stops: costs.seat,
    },
    {
      of: 'Time',
      own: exposureText(take.exposure.seconds),
      expert: seconds === null ? 'not known' : exposureText(seconds),
      stops: costs.time,
    },
  ];
}

/** What an experienced hand would have done, as a slip says it. */
export const expertSlip = ({ expert, expertStand }: Told, bag: Bag): string =>
  slipOf({
    stand: expertStand,
    bag,
    derived: expert,
    search: 'idle',
    oldestMinutes: null,
    isBesideShot: true,
  })
    .rows.map((r) => r.main.charAt(0).toLowerCase() + r.main.slice(1))
    .join('; ');

const GRADE_SENTENCES: Readonly<Record<Grade, string>> = {
  'as-good': 'As an experienced hand would have it.',
  near: 'Near what an experienced hand would have.',
  'not-yet': 'Not yet what an experienced hand would have.',
};

/** How a shot came out as a whole: "Near what an experienced hand would have: the choices cost 0.5 stops." */
export function gradeSentence(grade: Grade, { costs }: Told): string {
  const total = totalOf(costs);
  return `${GRADE_SENTENCES[grade].slice(0, -1)}: the choices cost ${costText(total)}${total < NOTHING ? '' : ' in all'}.`;
}

/** What led to the costs, and what else is to be said, a sentence each, the weightiest first. */
export function toldSentences(told: Told, lost: Lost, { bench }: Stand, bag: Bag): string[] {
  const { misread, polariserLate, longerStops, skyUnderWaterStops, lacking, left } = told;
  const names = (ids: readonly string[]) => listText(filtersById(bag, ids).map(filterName));
  const asked = bench?.exercise && EXERCISE_TABLE[bench.exercise].asksFor;
  const said: (string | false | undefined)[] = [
    lacking.length > 0 && asked && `This picture was to be made with the ${names(lacking)}.`,
    left.length > 0 &&
      `The ${names(left)} was on the lens, left from the frame before, and nobody had told of it.`,
    polariserLate &&
      Math.abs(misread.sky ?? 0) >= NOTHING &&
      `What was read and what was shot are not through the same polariser: the sky was read ${byText(misread.sky ?? 0)}.`,
    misreadText(told),
    Math.abs(longerStops) >= NOTHING &&
      `Behind this glass the shutter was open ${stopsText(Math.abs(longerStops))} too ${longerStops > 0 ? 'long' : 'short'}.`,
    skyUnderWaterStops !== null &&
      skyUnderWaterStops >= NOTHING &&
      `The sky comes out ${stopsFigure(skyUnderWaterStops)} darker than the water that mirrors it.`,
    lost.blown >= LOST_PART && `${percentText(lost.blown)} of the frame is brighter than the sensor holds.`,
    lost.blocked >= LOST_PART && `${percentText(lost.blocked)} of the frame is too dark to show detail.`,
  ];
  return said.filter((s): s is string => !!s);
}

/** Parts of the frame that are gone are named from here on. */
const LOST_PART = 0.01;
/** A reading further off than this is told, stops: a meter shows thirds. */
const MISREAD_FROM = 0.35;

const byText = (stops: number): string =>
  `${stopsFigure(Math.abs(stops))} too ${stops > 0 ? 'bright' : 'dark'}`;

/** What was read beside what each part has on the mean; nothing where that is near enough. */
function misreadText({ misread, polariserLate }: Told): string | false {
  const off = (['sky', 'land', 'water'] as const).flatMap((role) => {
    const stops = misread[role];
    if (stops === undefined || Math.abs(stops) < MISREAD_FROM || (role === 'sky' && polariserLate)) return [];
    return [`the ${role} ${stopsFigure(Math.abs(stops))} ${stops > 0 ? 'brighter' : 'darker'}`];
  });
  return off.length > 0 && `You read ${listText(off)} than ${off.length > 1 ? 'each' : 'it'} is on the mean.`;
}
