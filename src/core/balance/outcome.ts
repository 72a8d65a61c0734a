import { type CameraSettings, secondsForEv } from '@/core/exposure';
import { type PlacedReading } from '@/core/field';
import { mean } from '@/core/numerics';
import {
  dimmingField,
  dimmingOfPoint,
  PUPIL_ESTIMATE_ERROR,
  type Seat,
  type SeamAt,
  seamAtEdges,
  seamSpread,
  sensorPoint,
  slantFactor,
} from '@/core/optics';
import { isHeld, type SensorWindow, withGlare } from '@/core/sensor';
import { type Posed } from './pose';
import { CAP_MARGIN, groundOf, sideMean, sideReadings, sidesOf, wantedEv } from './problem/sides';
import { type BalanceInput, type SheetSet } from './problem/types';

/** What one reading becomes. Tones are stops from mid-grey. */
export interface ReadingOutcome {
  readonly id: string;
  readonly ev100: number;
  /** In the exposure that would be made without any glass. */
  readonly toneBareStops: number;
  readonly toneThroughStops: number;
  /** The same with the lens's veiling glare on it (physics 5): what the file will show of it. */
  readonly toneRecordedStops: number;
  readonly held: boolean;
  /** Of a bracket: which of its frames shows it best, from 0; null for one exposure. */
  readonly frame: number | null;
  /** Dimming by the grad at its spot, stops. */
  readonly dimmingStops: number;
}

export interface Exposure {
  readonly seconds: number;
  readonly evCamera: number;
  /** EV of the scene, through the grad, that lands at mid-grey: what covers the frame alike is added back. */
  readonly evMidGrey: number;
  /** The land was placed lower than asked so that no reading passes the highlight room less half a stop. */
  readonly capped: boolean;
}

/** Where the seam of the picture lies, and how wide it is drawn. */
export interface SeamOutcome {
  readonly at: SeamAt;
  /** The further line of half dimming of a band; null for other glass. */
  readonly farAt: SeamAt | null;
  /** Part of the frame's height between 10 % and 90 % of the dimming. */
  readonly spread: number;
  /** How far the line of half dimming lies from the sheet's mid-line, mm. */
  readonly halfDimmingMm: number;
  /** Uncertainty of the seat from an estimated pupil distance, mm; 0 for a known one. */
  readonly giveOrTakeMm: number;
}

/** What glass at a seat does to the readings, the exposure and the picture. */
export interface Outcome {
  readonly readings: readonly ReadingOutcome[];
  /** Null without a reading of the darker side. */
  readonly exposure: Exposure | null;
  /** EV at mid-grey of the exposure that would be made without any glass; null likewise. */
  readonly bareMidGreyEv: number | null;
  /** Mean tone of the darker side's readings through the glass, wanted tones counted; null without an exposure. */
  readonly darkToneStops: number | null;
  /** Span left after the glass, stops; null without readings of both sides. */
  readonly residualGapStops: number | null;
  readonly clips: readonly string[];
  readonly seam: SeamOutcome | null;
}

/** ND and polariser on the lens: what they take on the axis, and how much of it is dyed and grows towards the corners. */
export interface FittedGlass {
  readonly stops: number;
  readonly dyedStops: number;
}

export interface OutcomeRequest {
  readonly posed: Posed;
  readonly settings: CameraSettings;
  readonly fitted: FittedGlass;
  readonly set: SheetSet;
  readonly seat: Seat | null;
  /** Part of the frame's mean light that the lens spreads over all of it; 0 for none. */
  readonly glarePart: number;
  /** EV at mid-grey of each frame of a bracket, darkest picture first; absent for one exposure, that is placed here. */
  readonly bracket?: readonly number[] | undefined;
}

/** Stops taken at a spot, by the grads and by what covers the whole frame. */
interface Taken {
  readonly grads: number;
  readonly fitted: number;
}

function takenAtSpots({ posed: { input }, fitted, set, seat }: OutcomeRequest): ReadonlyMap<string, Taken> {
  const { lens, frame } = input;
  const sheets = set.map((s) => s.sheet);
  return new Map(
    input.field.readings.map(({ id, place }) => {
      const point = sensorPoint(frame, place.u, place.v);
      return [
        id,
        {
          grads: seat ? dimmingOfPoint({ lens, sheets, seat }, point) : 0,
          fitted: fitted.stops + fitted.dyedStops * (slantFactor(lens, point) - 1),
        },
      ];
    }),
  );
}

/** Follows the readings through the glass (physics 5; formats: the command line). */
export function outcomeOf(request: OutcomeRequest): Outcome {
  const { input } = request.posed;
  const { readings } = input.field;
  const taken = takenAtSpots(request);
  const grads = (r: PlacedReading) => taken.get(r.id)?.grads ?? 0;
  const through = (r: PlacedReading) => grads(r) + (taken.get(r.id)?.fitted ?? 0);
  const dark = darkReadings(input);
  const ground = groundOf(input.field);
  const darkEv = dark.length ? sideMean(dark, ground, (r) => wantedEv(r) - through(r)) : null;
  const exposure = exposureOf(request, { darkEv, left: (r) => r.ev100 - through(r) });
  const frames = request.bracket ?? (exposure ? [exposure.evMidGrey] : []);
  const bareMidGreyEv = bareMidGreyEvOf(input, dark);
  const meanLight = exposure && request.glarePart > 0 ? frameLight(request, exposure.evMidGrey) : 0;
  const outcomes = readings.map((r): ReadingOutcome => {
    const tones = frames.map((evMidGrey) => r.ev100 - through(r) - (evMidGrey - request.fitted.stops));
    const frame = bestShown(tones, input.window);
    const tone = tones[frame] ?? NaN;
    return {
      id: r.id,
      ev100: r.ev100,
      toneBareStops: bareMidGreyEv === null ? NaN : r.ev100 - bareMidGreyEv,
      toneThroughStops: tone,
      toneRecordedStops: withGlare(tone, request.glarePart, meanLight),
      held: isHeld(tone, input.window),
      frame: frames.length > 1 ? frame : null,
      dimmingStops: grads(r),
    };
  });
  return {
    readings: outcomes,
    exposure,
    bareMidGreyEv,
    darkToneStops: exposure && darkEv !== null ? darkEv - exposure.evCamera : null,
    residualGapStops: residualGap(input, grads),
    clips: exposure ? outcomes.filter((r) => !r.held).map((r) => r.id) : [],
    seam: request.seat && request.set.length ? seamOf(request, request.seat) : null,
  };
}

/** EV at mid-grey of the exposure that a look makes without any glass; null without a reading of the darker side. */
export function bareMidGreyEvOf(input: BalanceInput, dark = darkReadings(input)): number | null {
  return dark.length ? sideMean(dark, groundOf(input.field), wantedEv) - input.look.placementStops : null;
}

/** Which of the tones that a reading has in several frames shows it best: held, and nearest to mid-grey. */
function bestShown(tones: readonly number[], window: SensorWindow): number {
  const loss = (tone: number) => Math.abs(tone) + (isHeld(tone, window) ? 0 : 1e3);
  return tones.reduce((best, tone, i) => (loss(tone) < loss(tones[best]) ? i : best), 0);
}

/** What is left of the light behind the glass. */
interface Left {
  /** EV of the darker side, wanted tones counted; null where it is not read. */
  readonly darkEv: number | null;
  /** EV of a reading. */
  readonly left: (r: PlacedReading) => number;
}

/** The exposure through the glass, or the only one of a bracket; null without anything to place it by. */
function exposureOf(
  { posed: { input, laid }, settings, fitted, bracket }: OutcomeRequest,
  { darkEv, left }: Left,
): Exposure | null {
  const at = (evCamera: number, capped: boolean): Exposure => ({
    evCamera,
    evMidGrey: evCamera + fitted.stops,
    capped,
    seconds: secondsForEv(evCamera, settings),
  });
  if (bracket?.length === 1) return at(bracket[0] - fitted.stops, false);
  if (darkEv === null) return null;
  const { readings } = input.field;
  const { placementStops, solver } = input.look;
  const mostTone = input.window.highlightRoom - CAP_MARGIN;
  // the least glass leaves the land to be lifted: it is the brightest reading that the exposure is placed by
  if (solver.exposesFor === 'brightest') return at(Math.max(...readings.map(left)) - mostTone, false);
  const asked = darkEv - placementStops;
  const isTamed = ({ id }: PlacedReading) => laid.ok && laid.target.tamed.has(id);
  const counted = readings.filter((r) => r.role !== 'feature' || isTamed(r));
  const lowest = Math.max(...counted.map(left)) - mostTone;
  return at(Math.max(asked, lowest), lowest > asked + 1e-6);
}

/** Readings that the exposure is placed by: the darker side's, or the land's where the sky is not read yet. */
function darkReadings(input: BalanceInput): readonly PlacedReading[] {
  const { readings } = input.field;
  const ground = groundOf(input.field);
  const counted = sidesOf(readings, input.look, { window: input.window, ground });
  // a look that asks for no reading leaves the land where it is placed
  return counted.ok && counted.sides.dark.length
    ? counted.sides.dark
    : sideReadings('land', readings, ground);
}

/** Mean of `2^tone` over the frame through the grads; cells without light do not count. */
function frameLight({ posed: { input, tables }, set, seat }: OutcomeRequest, evMidGrey: number): number {
  const { lens, frame, field } = input;
  const { columns, rows } = field.grid;
  const dimming =
    seat && set.length ? dimmingField(tables(set, seat), { lens, seat, frame, columns, rows }) : null;
  const lit = Array.from(field.ev, (ev, i) => 2 ** (ev - (dimming?.[i] ?? 0) - evMidGrey)).filter(
    Number.isFinite,
  );
  return lit.length ? mean(lit) : 0;
}

function residualGap(input: BalanceInput, grads: (r: PlacedReading) => number): number | null {
  const { readings } = input.field;
  const sky = sideReadings('sky', readings);
  const ground = groundOf(input.field);
  const land = sideReadings('land', readings, ground);
  if (!sky.length || !land.length) return null;
  const left = (side: readonly PlacedReading[]) => sideMean(side, ground, (r) => wantedEv(r) - grads(r));
  return left(sky) - left(land);
}

function seamOf({ posed, set }: OutcomeRequest, seat: Seat): SeamOutcome {
  const { input } = posed;
  const transition = posed.transition(set);
  const { halfMm, farHalfMm } = transition;
  return {
    at: seamAtEdges(seat, halfMm, input.lens, input.frame),
    farAt: farHalfMm === null ? null : seamAtEdges(seat, farHalfMm, input.lens, input.frame),
    spread: seamSpread(transition, input.lens, input.frame),
    halfDimmingMm: halfMm,
    giveOrTakeMm: input.lens.pupilEstimated ? PUPIL_ESTIMATE_ERROR * Math.abs(seat.offsetMm + halfMm) : 0,
  };
}
