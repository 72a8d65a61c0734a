import { INK, type Mark, type Measure, QUIET, RULE, type Spot } from './marks';
import { lineHeight, setLines } from './set-text';

/** The light of a day as a card draws it. */
export interface DayLight {
  readonly fromMs: number;
  readonly toMs: number;
  /** EV of sky and land; a step longer than the others is a gap. */
  readonly moments: readonly { readonly atMs: number; readonly skyEv: number; readonly landEv: number }[];
  /** Upright lines with a name: the sun's rise and set. */
  readonly events: readonly { readonly atMs: number; readonly text: string }[];
  readonly hours: readonly { readonly atMs: number; readonly hour: string }[];
  /** The moments worth being there for. */
  readonly worth: readonly number[];
  /** The water between its turns; empty where it is not known. */
  readonly tide: readonly { readonly atMs: number; readonly heightM: number }[];
}

/** The light between sky and land, light enough to stay a grey. */
const SPAN = '#e6e6e0';
const WATER = '#3a6f7a';

/** Moments further apart than this are not joined, ms. */
const GAP_MS = 15 * 60_000;
/** What is left of the strip for the water, parts of its height. */
const TIDE_PART = 0.22;

/** The day from midnight to midnight: sky above land with the span between, the sun's hours, the water below. */
export function dayMarks(
  day: DayLight,
  [left, top]: Spot,
  { width, height, type, measure }: { width: number; height: number; type: number; measure: Measure },
): Mark[] {
  const line = lineHeight(type);
  const [upper, lower] = [top + line, top + height - line];
  const x = (ms: number) => left + ((ms - day.fromMs) / (day.toMs - day.fromMs)) * width;
  const foot = lower - (day.tide.length > 1 ? TIDE_PART * (lower - upper) : 0);
  const evs = day.moments.flatMap((m) => [m.skyEv, m.landEv]);
  const y = between([Math.min(0, ...evs), Math.max(14, ...evs)], [foot, upper]);
  const tideY = between(
    [Math.min(...day.tide.map((t) => t.heightM)), Math.max(...day.tide.map((t) => t.heightM))],
    [lower - 0.3, foot + 0.6],
  );
  const upright = (ms: number, ink: string, thick: number): Mark => ({
    kind: 'line',
    spots: [
      [x(ms), upper],
      [x(ms), lower],
    ],
    width: thick,
    ink,
  });
  return [
    ...runsOf(day.moments).flatMap((run) => spanMarks(run, x, y)),
    ...(day.tide.length > 1
      ? [
          {
            kind: 'line' as const,
            ink: WATER,
            width: 0.5,
            spots: day.tide.map((t): Spot => [x(t.atMs), tideY(t.heightM)]),
          },
        ]
      : []),
    ...day.events.map((e) => upright(e.atMs, RULE, 0.25)),
    ...day.worth.map((ms) => upright(ms, INK, 0.7)),
    ...beside(
      day.events.map((e) => ({ at: x(e.atMs), text: e.text })),
      [left, left + width],
      type,
      measure,
    ).flatMap(({ at, text }) => setLines([text], [at, top], { size: type, ink: INK }, measure).marks),
    ...beside(
      day.hours.map((h) => ({ at: x(h.atMs), text: h.hour })),
      [left, left + width],
      type,
      measure,
    ).flatMap(({ at, text }) => setLines([text], [at, lower], { size: type, ink: QUIET }, measure).marks),
  ];
}

/** A stretch of the day: the light of the sky over that of the land, and the span between. */
const spanMarks = (
  run: DayLight['moments'],
  x: (ms: number) => number,
  y: (ev: number) => number,
): Mark[] => [
  {
    kind: 'area',
    ink: SPAN,
    spots: [
      ...run.map((m): Spot => [x(m.atMs), y(m.skyEv)]),
      ...run.toReversed().map((m): Spot => [x(m.atMs), y(m.landEv)]),
    ],
  },
  { kind: 'line', ink: INK, width: 0.5, spots: run.map((m): Spot => [x(m.atMs), y(m.skyEv)]) },
  {
    kind: 'line',
    ink: INK,
    width: 0.5,
    isDashed: true,
    spots: run.map((m): Spot => [x(m.atMs), y(m.landEv)]),
  },
];

/** A straight scale, which stays in its middle where there is nothing between its ends. */
const between =
  ([from, to]: readonly [number, number], [low, high]: readonly [number, number]) =>
  (value: number): number =>
    to > from ? low + ((value - from) / (to - from)) * (high - low) : (low + high) / 2;

/** Moments that follow one another without a gap. */
function runsOf(moments: DayLight['moments']): DayLight['moments'][] {
  const runs: DayLight['moments'][number][][] = [];
  for (const moment of moments) {
    const last = runs.at(-1)?.at(-1);
    if (last && moment.atMs - last.atMs <= GAP_MS) runs.at(-1)!.push(moment);
    else runs.push([moment]);
  }
  return runs.filter((run) => run.length > 1);
}

/** Labels with their middles where they belong, held to the strip; one that would lie on the last is left out. */
function beside(
  labels: readonly { readonly at: number; readonly text: string }[],
  [least, most]: readonly [number, number],
  type: number,
  measure: Measure,
) {
  let free = least;
  return labels.flatMap(({ at, text }) => {
    const wide = measure(text, type, false);
    const from = Math.min(Math.max(at - wide / 2, least), most - wide);
    if (from < free) return [];
    free = from + wide + 0.5 * type;
    return [{ at: from, text }];
  });
}
