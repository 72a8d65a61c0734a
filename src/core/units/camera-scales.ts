import { type Brand } from './brand';

/**
 * Camera scales print rounded names for exact values (physics 1). A number typed by a photographer is *nominal*;
 * arithmetic needs the *exact* value, so the two are kept apart by the type system.
 */
export type ExactSeconds = Brand<number, 'exact seconds'>;
export type ExactAperture = Brand<number, 'exact f-number'>;
export type ExactIso = Brand<number, 'exact ISO'>;

/** A name on a camera's scale, and the exact value it stands for. */
export interface Mark {
  /** As it is written in files: "1/30", "0.4", "15", "11". */
  readonly name: string;
  /** Exact value in seconds, f-number or ISO. */
  readonly exact: number;
  /** Which scale it belongs to. */
  readonly scale: 'third' | 'half';
}

/** Names from slow to fast run 2^(k/3) s; the first belongs to k = 15 (30 s stands for 32 s). */
const SHUTTER_THIRDS =
  '30 25 20 15 13 10 8 6 5 4 3.2 2.5 2 1.6 1.3 1 0.8 0.6 0.5 0.4 0.3 1/4 1/5 1/6 1/8 1/10 1/13 1/15 1/20 1/25 1/30 1/40 1/50 1/60 1/80 1/100 1/125 1/160 1/200 1/250 1/320 1/400 1/500 1/640 1/800 1/1000 1/1250 1/1600 1/2000 1/2500 1/3200 1/4000 1/5000 1/6400 1/8000 1/10000 1/12800 1/16000 1/20000 1/25600 1/32000';

/** Names that only the half-stop scale has, with their exact power of two. */
const SHUTTER_HALVES: readonly (readonly [string, number])[] = [
  ['3', 1.5],
  ['1.5', 0.5],
  ['0.7', -0.5],
  ['1/3', -1.5],
  ['1/45', -5.5],
  ['1/90', -6.5],
  ['1/180', -7.5],
  ['1/350', -8.5],
  ['1/750', -9.5],
  ['1/1500', -10.5],
  ['1/3000', -11.5],
  ['1/6000', -12.5],
];

/** 2^(k/6) from k = -3 (f/0.7). */
const APERTURE_THIRDS =
  '0.7 0.8 0.9 1 1.1 1.2 1.4 1.6 1.8 2 2.2 2.5 2.8 3.2 3.5 4 4.5 5 5.6 6.3 7.1 8 9 10 11 13 14 16 18 20 22 25 29 32 36 40 45 51 57 64 72 81 90 102 114 128';

const APERTURE_HALVES: readonly (readonly [string, number])[] = [
  ['1.7', 0.75],
  ['2.4', 1.25],
  ['3.4', 1.75],
  ['4.8', 2.25],
  ['6.7', 2.75],
  ['9.5', 3.25],
  ['19', 4.25],
  ['27', 4.75],
];

/** 100 * 2^(k/3) from k = -3; ISO 50 is exactly 50, which the formula gives as well. */
const ISO_THIRDS =
  '50 64 80 100 125 160 200 250 320 400 500 640 800 1000 1250 1600 2000 2500 3200 4000 5000 6400 8000 10000 12800 16000 20000 25600 32000 40000 51200 64000 80000 102400 128000 160000 204800 256000 320000 409600';

function scale(
  thirds: string,
  exactAt: (index: number) => number,
  halves: readonly (readonly [string, number])[] = [],
): readonly Mark[] {
  return [
    ...thirds.split(' ').map((name, i): Mark => ({ name, exact: exactAt(i), scale: 'third' })),
    ...halves.map(([name, power]): Mark => ({ name, exact: 2 ** power, scale: 'half' })),
  ];
}

export const SHUTTER_MARKS = scale(SHUTTER_THIRDS, (i) => 2 ** ((15 - i) / 3), SHUTTER_HALVES);
export const APERTURE_MARKS = scale(APERTURE_THIRDS, (i) => 2 ** ((i - 3) / 6), APERTURE_HALVES);
export const ISO_MARKS = scale(ISO_THIRDS, (i) => 100 * 2 ** ((i - 3) / 3));

/** The number that a mark's name reads as: 1/30 for "1/30". */
export function nominalOf(name: string): number {
  const slash = name.indexOf('/');
  return slash < 0 ? Number(name) : Number(name.slice(0, slash)) / Number(name.slice(slash + 1));
}

/** The mark whose name reads as this number; the third scale wins where both share a name. */
function markNamed(marks: readonly Mark[], nominal: number): Mark | undefined {
  return marks.find((m) => Math.abs(nominalOf(m.name) - nominal) <= 1e-9 * nominal);
}

/** Exact f-number of a nominal one: 11 is 11.314; a number that is no mark is taken as typed (physics 1). */
export function exactAperture(nominal: number): ExactAperture {
  return (markNamed(APERTURE_MARKS, nominal)?.exact ?? nominal) as ExactAperture;
}

/** Exact ISO of a nominal one: 125 is 125.99; a number that is no mark is taken as typed. */
export function exactIso(nominal: number): ExactIso {
  return (markNamed(ISO_MARKS, nominal)?.exact ?? nominal) as ExactIso;
}

/** Exact seconds of a nominal time: 1/30 is 1/32 s, 15 is 16 s; a time that is no mark is taken as typed. */
export function exactShutter(nominalSeconds: number): ExactSeconds {
  return (markNamed(SHUTTER_MARKS, nominalSeconds)?.exact ?? nominalSeconds) as ExactSeconds;
}

/** Times up to here are offered as marks, longer ones in bulb mode (physics 1), seconds. */
export const LONGEST_MARK_SECONDS = 32 * 2 ** (1 / 6);

/** No camera has a time that is shorter than its fastest mark's, seconds. */
export const SHORTEST_MARK_SECONDS = 2 ** -15 * 2 ** (-1 / 6);

/** Two marks that differ from a time by no more than this, in stops, are as near. */
const HALF_WAY = 1e-9;

/** The whole third of a stop from a second that is nearest to a time, half-way the longer: the marks lie on them. */
export const wholeThirds = (seconds: number): number => Math.round(3 * Math.log2(seconds) + HALF_WAY);

/** The third-stop mark nearest to a time, and how far the mark is from it in stops (positive: the mark is longer). */
export function nearestShutterMark(
  seconds: number,
): { readonly mark: Mark; readonly errorStops: number } | null {
  if (!(seconds >= SHORTEST_MARK_SECONDS * (1 - 1e-12))) return null;
  if (seconds > LONGEST_MARK_SECONDS * (1 + 1e-12)) return null;
  const away = (mark: Mark) => Math.abs(Math.log2(mark.exact / seconds));
  let best: Mark | null = null;
  for (const mark of SHUTTER_MARKS) {
    if (mark.scale !== 'third') continue;
    // half-way between two marks goes to the longer, whatever its last bit says: they come with the longest first
    if (!best || away(mark) < away(best) - HALF_WAY) best = mark;
  }
  return best && { mark: best, errorStops: Math.log2(best.exact / seconds) };
}

/** The marks of the third-stop scale, the longest first. */
const THIRD_MARKS = SHUTTER_MARKS.filter((m) => m.scale === 'third').sort((a, b) => b.exact - a.exact);

/** Which of them is nearest to a time. */
function nearestThird(seconds: number): number {
  const away = THIRD_MARKS.map((m) => Math.abs(Math.log2(m.exact / seconds)));
  return away.indexOf(Math.min(...away));
}

/**
 * Third-stop marks round a time, from the longest to the shortest: `count` of them, `thirds` steps apart, the one nearest
 * to it in the middle; moved towards it where the scale ends.
 */
export function shutterMarksRound(seconds: number, thirds: number, count: number): readonly Mark[] {
  const nearest = nearestThird(seconds);
  const reach = thirds * (count - 1);
  const phase = nearest % thirds;
  const last = THIRD_MARKS.length - 1 - ((THIRD_MARKS.length - 1 - phase) % thirds);
  const first = Math.max(phase, Math.min(nearest - thirds * Math.floor(count / 2), last - reach));
  return THIRD_MARKS.filter((_, i) => i >= first && i <= first + reach && (i - first) % thirds === 0);
}

/** The third-stop mark so many steps from the one nearest to a time, towards shorter times; held to the ends of the scale. */
export function steppedShutterMark(seconds: number, thirds: number): Mark {
  const at = nearestThird(seconds) + thirds;
  return THIRD_MARKS[Math.min(THIRD_MARKS.length - 1, Math.max(0, at))];
}

/** The nominal value so many third-stop marks along a scale from the mark nearest to one; held to the ends of the scale. */
function stepped(marks: readonly Mark[], exact: number, thirds: number): number {
  const ladder = marks.filter((m) => m.scale === 'third');
  const away = ladder.map((m) => Math.abs(Math.log2(m.exact / exact)));
  const at = away.indexOf(Math.min(...away)) + thirds;
  return nominalOf(ladder[Math.min(ladder.length - 1, Math.max(0, at))].name);
}

/** The f-number so many thirds of a stop from a nominal one, towards smaller openings: 11 gives 13. */
export const steppedAperture = (nominal: number, thirds: number): number =>
  stepped(APERTURE_MARKS, exactAperture(nominal), thirds);

/** The ISO so many thirds of a stop from a nominal one, towards higher: 100 gives 125. */
export const steppedIso = (nominal: number, thirds: number): number =>
  stepped(ISO_MARKS, exactIso(nominal), thirds);
