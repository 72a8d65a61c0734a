import { type Grid, isInside, type PlacedReading, REGION_CODES, type Shape } from '@/core/field';
import { mean, median, medianSlope } from '@/core/numerics';
import { degreesFromRadians } from '@/core/units';
import { type BrightPart, brightPartOf } from './bright-part';
import { groundOf, sidesOf } from './problem/sides';
import { type BalanceInput, type NoPlanReason, type Sides } from './problem/types';

/** What an ideal filter cut along the skyline would do, cell by cell, and how much each cell matters. */
export interface Target {
  readonly sides: Sides<PlacedReading>;
  readonly upsideDown: boolean;
  /** Dimming wanted of each cell, stops. */
  readonly stops: Float64Array;
  readonly weights: Float64Array;
  /** 1 for the cells of the brighter side (features are not among them). */
  readonly bright: Uint8Array;
  /** Weighted mean height of the brighter side's cells, parts of the frame's height from its top, and the weighted sum of the squares of what they lie off it. */
  readonly brightMiddle: { readonly v: number; readonly height: number };
  /** 1 for the cells in which a transition shows as a line. */
  readonly far: Uint8Array;
  /** The turn that lays the seam along the skyline, degrees; about 180 when the sheet goes in upside down. */
  readonly skylineTurnDeg: number;
  /** Shapes that may go black, as they were told or by their own light. */
  readonly silhouettes: ReadonlySet<string>;
  /** Readings inside silhouettes: they may come out black. */
  readonly mayGoBlack: ReadonlySet<string>;
  /** Readings of features that are tamed: they are to be held as the brighter side's are. */
  readonly tamed: ReadonlySet<string>;
  /** The sky is the brighter side, its foot is clearly brighter than its head, and the skyline below it is no rough one. */
  readonly glow: boolean;
}

export type TargetResult =
  { readonly ok: true; readonly target: Target } | { readonly ok: false; readonly reason: NoPlanReason };

const FEATURE_WEIGHT = 3;
/** Parts of the frame's height from the skyline within which the eye looks for the line; the distance itself counts. */
const NEAR_SKYLINE = 0.1 + 1e-9;
const NEAR_WEIGHT = 2;
const BLOWN_WEIGHT = 2;
/** A side with less of the frame than this has no seam to lay. */
const SMALLEST_SIDE = 0.02;
/** Own readings of a feature this far above (beyond the gap) or below the darker side decide its treatment. */
const TAMED_ABOVE = 0.5;
const SILHOUETTE_BELOW = 2;
/** Foot brighter than head by this makes a glow for a reverse or band sheet, stops. */
const GLOW_STOPS = 0.5;

const SKY = REGION_CODES.indexOf('sky');
const FEATURE = REGION_CODES.indexOf('feature');
const IGNORE = REGION_CODES.indexOf('ignore');

/** Lays down the target of a stand, or says by name why there is none (solver: the target). */
export function targetFor(input: BalanceInput): TargetResult {
  const { field, frame, look, window } = input;
  const counted = sidesOf(field.readings, look, { window, ground: groundOf(field) });
  if (!counted.ok) return counted;
  const faults = areaFault(field.regions);
  if (faults) return { ok: false, reason: faults };
  const part = look.evensTop ? brightPartOf(field) : null;
  if (look.evensTop && !part) return { ok: false, reason: 'top-even-already' };
  const sides = part ? topOf(counted.sides, part) : counted.sides;
  const skyBrighter = sides.brighter === 'sky';
  const treatments = input.shapes.map((shape) => treatmentOf(shape, input, sides));
  const { stops, weights, bright, far } = cellsOf(input, { sides, part, treatments });
  const line = skylineLine(field.skyline, frame);
  return {
    ok: true,
    target: {
      sides,
      upsideDown: !skyBrighter,
      stops,
      weights,
      bright,
      brightMiddle: middleOf(bright, weights, field.grid),
      far,
      silhouettes: new Set(input.shapes.filter((_, i) => treatments[i]?.silhouette).map((s) => s.id)),
      tamed: new Set(treatments.flatMap((t) => t.tamed)),
      mayGoBlack: new Set(
        field.readings
          .filter(
            (r) =>
              r.role === 'feature' && treatments.some((t, i) => t.silhouette && holds(input.shapes[i], r)),
          )
          .map((r) => r.id),
      ),
      skylineTurnDeg: part ? 0 : skyBrighter ? line.turnDeg : 180 + line.turnDeg,
      glow: !part && skyBrighter && line.isSmooth && footAboveHead(input, weights) >= GLOW_STOPS,
    },
  };
}

/** The sides where the top of the sky alone is held back, down to the rest of it. */
const topOf = (sides: Sides<PlacedReading>, { aboveStops, meanEv }: BrightPart): Sides<PlacedReading> => ({
  ...sides,
  brighter: 'sky',
  neededStops: aboveStops,
  brightMeanEv: meanEv,
});

interface Asked {
  readonly sides: Sides<PlacedReading>;
  /** The part of the sky that is held back; null for all of the brighter side. */
  readonly part: BrightPart | null;
  readonly treatments: readonly Treatment[];
}

/** What is wanted of each cell, and what each counts. */
function cellsOf(
  { field, look, window }: BalanceInput,
  { sides, part, treatments }: Asked,
): Pick<Target, 'stops' | 'weights' | 'bright' | 'far'> {
  const skyBrighter = sides.brighter === 'sky';
  const cells = field.regions.length;
  const stops = new Float64Array(cells);
  const weights = new Float64Array(cells);
  const bright = new Uint8Array(cells);
  const far = new Uint8Array(cells);
  const { columns, rows } = field.grid;
  const need = sides.neededStops;
  const follow = sides.spanStops === null ? 0 : look.follow * Math.min(1, need);
  for (let row = 0, i = 0; row < rows; row++) {
    const v = (row + 0.5) / rows;
    for (let column = 0; column < columns; column++, i++) {
      const region = field.regions[i];
      if (region === IGNORE) continue;
      if (region === FEATURE) {
        const treatment = treatments[field.shapes[i]];
        far[i] = 1;
        weights[i] = treatment?.silhouette ? 0 : FEATURE_WEIGHT;
        stops[i] = treatment?.targetStops ?? 0;
        continue;
      }
      const near = Math.abs(v - field.skyline[column]) <= NEAR_SKYLINE;
      far[i] = near ? 0 : 1;
      weights[i] = near ? NEAR_WEIGHT : 1;
      if ((region === SKY) !== skyBrighter || (part && v > part.v)) continue;
      const ev = field.ev[i];
      bright[i] = 1;
      if (need > 0) stops[i] = follow ? Math.max(0, need + follow * (ev - sides.brightMeanEv)) : need;
      const tone = ev - sides.darkMeanEv + look.placementStops;
      if (tone > window.highlightRoom + 1e-6) weights[i] = weights[i] * BLOWN_WEIGHT;
    }
  }
  return { stops, weights, bright, far };
}

/** Where the brighter side lies, and how far it stretches up and down. */
function middleOf(bright: Uint8Array, weights: Float64Array, { columns, rows }: Grid) {
  let weight = 0;
  let sum = 0;
  let squares = 0;
  for (let row = 0, i = 0; row < rows; row++) {
    const v = (row + 0.5) / rows;
    let own = 0;
    for (let column = 0; column < columns; column++, i++) if (bright[i] === 1) own += weights[i];
    weight += own;
    sum += own * v;
    squares += own * v * v;
  }
  const v = weight > 0 ? sum / weight : 0;
  return { v, height: Math.max(0, squares - weight * v * v) };
}

/** Whether the frame has two sides at all. */
function areaFault(regions: Uint8Array): NoPlanReason | null {
  let sky = 0;
  let others = 0;
  for (const region of regions) {
    if (region === SKY) sky++;
    else if (region !== IGNORE) others++;
  }
  if (sky + others === 0) return 'nothing-to-judge';
  return Math.min(sky, others) < SMALLEST_SIDE * regions.length ? 'no-seam' : null;
}

/** A skyline's own line, that a headland on one side does not tilt. */
interface SkylineLine {
  /** Degrees clockwise from behind: `-atan(slope)`. */
  readonly turnDeg: number;
  /** Nearly all of the skyline lies close to it. */
  readonly isSmooth: boolean;
}

/** Every so many-th column is paired with the others for the slope. */
const EVERY = 4;
/** A smooth skyline lies so near its line, parts of the frame's height, in so much of its columns. */
const SMOOTH_WITHIN = 0.05;
const SMOOTH_PART = 0.9;

/** The line of the median slope through the median residual, on the sensor (solver: the fit). */
function skylineLine(
  skyline: Float64Array,
  frame: { readonly widthMm: number; readonly heightMm: number },
): SkylineLine {
  const xs = Array.from(skyline, (_, i) => ((i + 0.5) / skyline.length - 0.5) * frame.widthMm);
  const hs = Array.from(skyline, (v) => (0.5 - v) * frame.heightMm);
  const isPaired = (_: number, i: number) => i % EVERY === 0;
  const slope = medianSlope(xs.filter(isPaired), hs.filter(isPaired));
  const residuals = hs.map((h, i) => h - slope * xs[i]);
  const middle = median(residuals);
  const near = residuals.filter((r) => Math.abs(r - middle) <= SMOOTH_WITHIN * frame.heightMm + 1e-9);
  return {
    turnDeg: Math.abs(slope) < 1e-12 ? 0 : -degreesFromRadians(Math.atan(slope)),
    isSmooth: near.length >= SMOOTH_PART * residuals.length - 1e-9,
  };
}

interface Treatment {
  readonly silhouette: boolean;
  readonly targetStops: number;
  /** Ids of the readings that it is tamed by. */
  readonly tamed: readonly string[];
}

/** What is wanted of a feature: nothing taken off it, as much as its own light asks for, or it may go black. */
function treatmentOf(shape: Shape, input: BalanceInput, sides: Sides<PlacedReading>): Treatment {
  const { gapStops } = input.look;
  if (sides.spanStops === null)
    return { silhouette: shape.treat === 'silhouette', targetStops: 0, tamed: [] };
  const all = input.field.readings.filter((r) => r.role === 'feature' && !r.limit);
  const own = all.filter((r) => holds(shape, r));
  const above = (readings: readonly PlacedReading[]) => mean(readings.map((r) => r.ev100)) - sides.darkMeanEv;
  const treat =
    shape.treat ??
    (own.length === 0
      ? 'protect'
      : above(own) > gapStops + TAMED_ABOVE
        ? 'tame'
        : above(own) < -SILHOUETTE_BELOW
          ? 'silhouette'
          : 'protect');
  const lit = own.length ? own : all;
  const tamedBy = treat === 'tame' ? lit : [];
  const targetStops = tamedBy.length
    ? Math.min(sides.neededStops, Math.max(0, above(tamedBy) - gapStops))
    : 0;
  return { silhouette: treat === 'silhouette', targetStops, tamed: tamedBy.map((r) => r.id) };
}

/** Whether a reading was taken inside a shape. */
const holds = (shape: Shape | undefined, { place, rough }: PlacedReading): boolean =>
  !!shape && !rough && isInside(shape.points, place.u, place.v);

/** How much brighter the lower third of the sky's cells is than the upper third, bare, stops. */
function footAboveHead({ field }: BalanceInput, weights: Float64Array): number {
  const { columns } = field.grid;
  const isSky = (region: number) => region === SKY;
  const top = Math.floor(field.regions.findIndex(isSky) / columns);
  const bottom = Math.floor(field.regions.findLastIndex(isSky) / columns);
  const third = (bottom - top) / 3;
  const meanOver = (from: number, to: number): number => {
    let sum = 0;
    let weight = 0;
    for (let i = Math.ceil(from - 1e-9) * columns; i < (Math.floor(to + 1e-9) + 1) * columns; i++) {
      if (field.regions[i] !== SKY) continue;
      sum += weights[i] * field.ev[i];
      weight += weights[i];
    }
    return sum / weight;
  };
  return meanOver(bottom - third, bottom) - meanOver(top, top + third);
}
