import { compassText } from './compass';
import { type Outing, type Framing, type Weather } from '@/model/outing';
import { type Wind } from '@/model';
import {
  type Air,
  type Caution,
  type Cloud,
  hourOf,
  type Missing,
  type PlannedRisk,
  type Rain,
  type SkyEventKind,
  type FramingLight,
  type WorthMoment,
} from '@/model/outing';
import { listText, stopsFigure } from '../figures/figures';

/** The sentences of an outing. Hours are those of its own zone. */

const DAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  timeZone: 'UTC',
});

/** A day in words: "Sunday, 29 March 2026". */
export const outingDayText = (day: string): string => {
  const date = new Date(`${day}T12:00:00Z`);
  return Number.isNaN(date.getTime()) ? day : DAY.format(date);
};

/** A length of time in minutes: "45 min", "1 h 50 min". */
export function minutesText(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / 60), Math.round(minutes % 60)];
  return hours === 0 ? `${rest} min` : rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

/** What an outing is called in a list. */
export const outingName = ({ name, place }: Pick<Outing, 'name' | 'place'>): string =>
  name.trim() || place?.name?.trim() || 'Outing without a name';

/** What a framing is called. */
export const framingName = ({ name }: Pick<Framing, 'name'>): string =>
  name.trim() || 'Framing without a name';

export const EVENT_NAMES: Record<SkyEventKind, string> = {
  'astronomical-dawn': 'night ends',
  'nautical-dawn': 'nautical dawn',
  'civil-dawn': 'civil dawn',
  sunrise: 'sunrise',
  'sun-highest': 'sun highest',
  sunset: 'sunset',
  'civil-dusk': 'civil dusk',
  'nautical-dusk': 'nautical dusk',
  'astronomical-dusk': 'night begins',
  moonrise: 'moonrise',
  'moon-highest': 'moon highest',
  moonset: 'moonset',
};

export const CLOUD_NAMES: Record<Cloud, string> = {
  clear: 'Clear',
  broken: 'Broken cloud',
  moving: 'Fast cloud',
  covered: 'Covered',
};
export const RAIN_NAMES: Record<Rain, string> = {
  dry: 'Dry',
  drizzle: 'Drizzle',
  showers: 'Showers',
  rain: 'Rain',
};
export const AIR_NAMES: Record<Air, string> = { mild: 'Mild', cold: 'Cold', frost: 'Frost' };
export const RISK_NAMES: Record<PlannedRisk, string> = {
  shore: 'A shore',
  swell: 'Swell',
  edge: 'Edges and drops',
  lightning: 'Lightning about',
  ice: 'Ice',
};

const WIND_FOLLOWS: Record<Wind, string> = {
  still: 'Still air: water mirrors, and every shutter time serves.',
  breeze: 'A breeze: leaves move from about 1/60 s on; wait for it to drop before a long exposure.',
  gusts: 'Gusts: keep the tripod low and weighted, shoot between them, and use the timer.',
};
const CLOUD_FOLLOWS: Record<Cloud, string> = {
  clear:
    'A clear sky: the polariser bites at a right angle to the sun, and the grads are needed most low down.',
  broken: 'Broken cloud: the light jumps by stops. Meter again before each frame.',
  moving: 'Fast cloud: it draws out within a minute. Take the 6 and 10 stop ND along.',
  covered: 'A covered sky: the polariser does nothing to it, but still takes glare off wet leaves and rock.',
};
const RAIN_FOLLOWS: Record<Exclude<Rain, 'dry'>, string> = {
  drizzle: 'Drizzle: dry the glass before each frame, and look at it against the sky.',
  showers: 'Showers: a cloth on top, the bag shut, and the light just before and after one.',
  rain: 'Rain: drops on the front sheet show most with a small aperture; turn away from the wind.',
};
const AIR_FOLLOWS: Record<Exclude<Air, 'mild'>, string> = {
  cold: 'Cold: a spare battery in an inner pocket, and let the glass cool before it is wiped.',
  frost: 'Frost: breath freezes on the sheets. Two batteries in an inner pocket.',
};

/** What follows from the weather as it is expected, for hand, shutter and glass. */
export const weatherFollows = ({ wind, cloud, rain, air }: Weather = {}): readonly string[] => [
  ...(cloud ? [CLOUD_FOLLOWS[cloud]] : []),
  ...(wind ? [WIND_FOLLOWS[wind]] : []),
  ...(rain && rain !== 'dry' ? [RAIN_FOLLOWS[rain]] : []),
  ...(air && air !== 'mild' ? [AIR_FOLLOWS[air]] : []),
];

/** Why a moment is worth being there for, as its reason says it. */
export function worthText({ why, offDeg, comes, hasWater }: WorthMoment): string {
  const off =
    offDeg === null || Math.abs(offDeg) < 2
      ? 'in its middle'
      : `${Math.round(Math.abs(offDeg))}° ${offDeg > 0 ? 'right' : 'left'} of its middle`;
  const what: Record<WorthMoment['why'], string> = {
    'sun-in-frame': `The sun ${comes ? 'comes up' : 'goes down'} within the frame, ${off}`,
    moon: `A near full moon on the horizon, ${off}`,
    'over-land': `The sun ${comes ? 'comes over' : 'goes behind'} the frame’s own skyline, ${off}`,
    'side-light': 'Low light from the side: every furrow has its shadow',
    glow: `The glow ${comes ? 'before sunrise' : 'after sunset'} stands ahead`,
    even: 'Sky and land are nearest to each other',
    polariser: 'A polariser darkens this sky the most',
  };
  const water =
    hasWater === null ? '' : hasWater ? '; the water is as you want it' : '; the water is not as you want it';
  return `${what[why]}${water}.`;
}

/** The span to be expected, with its range. */
export const expectedSpanText = (spanStops: number, [least, most]: readonly [number, number]): string =>
  `span about ${stopsFigure(spanStops)} stops (${stopsFigure(least)} to ${stopsFigure(most)})`;

/** Where a framing looks to, and what the sun of the day does there. */
export function framingLightText({ aim, polariser, land }: FramingLight, zone: string): readonly string[] {
  const at = (ms: number) => hourOf(ms, zone);
  return [
    aim.azimuthDeg === null ? 'direction not said' : `looks ${compassText(aim.azimuthDeg)}`,
    ...land.map((c) => `sun ${c.comesOut ? 'over' : 'behind'} its skyline ${at(c.atMs)}`),
    ...(polariser && polariser.darkerStops >= 0.5
      ? [`polariser best ${at(polariser.atMs)}, ${stopsFigure(polariser.darkerStops)} darker`]
      : []),
  ];
}

/** When the water serves. */
export const waterText = (water: NonNullable<FramingLight['water']>, zone: string): string =>
  water.length
    ? `water serves ${listText(water.map((s) => `${hourOf(s.fromMs, zone)} to ${hourOf(s.toMs, zone)}`))}, estimated`
    : 'the water never serves between the turns that are typed';

/** A caution as it stands on the page: short, and deferring to who knows. */
export function cautionText(caution: Caution, zone: string): string {
  switch (caution.what) {
    case 'dark-back': {
      const { lightLeftMinutes: left } = caution;
      return left >= 0
        ? `Back with ${minutesText(left)} of light left: take a torch each.`
        : `The way back ends ${minutesText(-left)} after dusk: take a torch each, and walk it by day first.`;
    }
    case 'rising-water':
      return `The water rises from ${hourOf(caution.fromMs, zone)}${caution.highMs === null ? '' : ` until ${hourOf(caution.highMs, zone)}`}: it can come behind you. These are estimates: go by the local tide table, the warden and the signs.`;
    case 'tide-not-known':
      return 'A shore, and the tide of these hours is not typed: look it up in a local table before you go.';
    case 'sun-in-finder':
      return 'The sun comes near the frame: never through an optical finder or a magnified lens. Grads and NDs are no solar filters.';
    case 'swell':
      return 'Swell and wet rock: watch the sea for ten minutes first, keep off what is wet, and never turn your back on it.';
    case 'edge':
      return 'Edges: set up away from the drop, and do not step back from the finder.';
    case 'ice':
      return 'Ice: spikes for the walk. Keep off frozen water, and go by local notices and those who know the place.';
    case 'lightning':
      return 'Lightning: leave ridge, water and tripod when thunder is heard, and go by the warnings.';
    case 'cold':
      return 'Cold: waiting cools more than walking. Spare layers, something hot, and a time to turn back.';
    case 'nobody-knows':
      return 'Nobody is noted as knowing where you are and when you will be back.';
  }
}

/** Something that is needed and not to be had. */
export function missingText({ what, name, neededFor, threadMm }: Missing): string {
  const whom = `for ${listText(neededFor)}`;
  switch (what) {
    case 'ring':
      return `No ${threadMm} mm ring for the ${name}, ${whom}`;
    case 'not-along':
      return `${name} is not in the pouch, needed ${whom}`;
    case 'glass':
      return `${name} is not in the bag, needed ${whom}`;
    default:
      return `${name} is not in the bag, ${whom}`;
  }
}

/** A weight: "640 g", "2.4 kg". */
export const weightText = (grams: number): string =>
  grams < 1000 ? `${Math.round(grams)} g` : `${(grams / 1000).toFixed(1)} kg`;

/** What became of the places of a file. */
export function broughtPlacesText({ taken, leftOut, refused }: BroughtPlaces): string {
  const [first] = refused;
  return `${[
    taken === 1 ? 'One place is in' : `${taken} places are in`,
    leftOut ? `${leftOut} more have no room: take some out first` : null,
    first ? `${refused.length} not taken (${first.path}: ${first.message})` : null,
  ]
    .filter((t) => t !== null)
    .join('; ')}.`;
}

interface BroughtPlaces {
  readonly taken: number;
  /** There was no room for them. */
  readonly leftOut: number;
  readonly refused: readonly { readonly path: string; readonly message: string }[];
}
