import { type CameraSettings, secondsForEv } from '@/core/exposure';
import { type PlacedReading } from '@/core/field';
import { mean } from '@/core/numerics';
import {
  beamDiameterMm,
  dimmingAt,
  PUPIL_ESTIMATE_ERROR,
  type Seat,
  type SeamAt,
  seamAtEdges,
  seamSpread,
  stackOf,
  sensorPoint,
  sheetHeightMm,
} from '@/core/optics';
import { isHeld } from '@/core/sensor';
import { type Posed } from './pose';
import { sideReadings, sidesOf, wantedEv } from './sides';
import { type BalanceInput, type SheetSet } from './types';

/** Room left under the highlight room for a reading through the glass, stops (physics 5). */
const CAP_MARGIN = 0.5;

/** What one reading becomes. Tones are stops from mid-grey. */
export interface ReadingOutcome {
  readonly id: string;
  readonly ev100: number;
  /** In the exposure that would be made without any glass. */
  readonly toneBareStops: number;
  readonly toneThroughStops: number;
  readonly held: boolean;
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
  /** Span left after the glass, stops; null without readings of both sides. */
  readonly residualGapStops: number | null;
  readonly clips: readonly string[];
  readonly seam: SeamOutcome | null;
}

export interface OutcomeRequest {
  readonly posed: Posed;
  readonly settings: CameraSettings;
  /** Dimming by ND and polariser, which covers the frame alike, stops. */
  readonly fittedStops: number;
  readonly set: SheetSet;
  readonly seat: Seat | null;
}

/** Dimming by a seated set at the readings' spots, stops by id. */
function spotDimmings({ posed: { input }, set, seat }: OutcomeRequest): ReadonlyMap<string, number> {
  const stack = stackOf(set.map((s) => s.sheet));
  const beam = beamDiameterMm(input.lens);
  return new Map(
    input.field.readings.map(({ id, place }) => {
      if (!seat) return [id, 0];
      const point = sensorPoint(input.frame, place.u, place.v);
      return [id, dimmingAt(stack, sheetHeightMm(input.lens, seat.turnDeg, point) - seat.offsetMm, beam)];
    }),
  );
}

/** Follows the readings through the glass (physics 5; formats: the command line). */
export function outcomeOf(request: OutcomeRequest): Outcome {
  const { settings, fittedStops } = request;
  const { input } = request.posed;
  const { readings } = input.field;
  const dimming = spotDimmings(request);
  const through = (r: PlacedReading) => (dimming.get(r.id) ?? 0) + fittedStops;
  const dark = darkReadings(input);
  const { placementStops } = input.look;
  const { highlightRoom } = input.window;
  const exposure = dark.length ? placed() : null;

  function placed(): Exposure {
    const asked = mean(dark.map((r) => wantedEv(r) - through(r))) - placementStops;
    const brightest = Math.max(
      ...readings.filter((r) => r.role !== 'feature').map((r) => r.ev100 - through(r)),
    );
    const lowest = brightest - (highlightRoom - CAP_MARGIN);
    const evCamera = Math.max(asked, lowest);
    return {
      evCamera,
      evMidGrey: evCamera + fittedStops,
      capped: lowest > asked + 1e-6,
      seconds: secondsForEv(evCamera, settings),
    };
  }

  const bareMidGreyEv = dark.length ? mean(dark.map(wantedEv)) - placementStops : null;
  const outcomes = readings.map((r): ReadingOutcome => {
    const tone = exposure ? r.ev100 - through(r) - exposure.evCamera : NaN;
    return {
      id: r.id,
      ev100: r.ev100,
      toneBareStops: bareMidGreyEv === null ? NaN : r.ev100 - bareMidGreyEv,
      toneThroughStops: tone,
      held: isHeld(tone, input.window),
      dimmingStops: dimming.get(r.id) ?? 0,
    };
  });
  return {
    readings: outcomes,
    exposure,
    bareMidGreyEv,
    residualGapStops: residualGap(input, dimming),
    clips: exposure ? outcomes.filter((r) => !r.held).map((r) => r.id) : [],
    seam: request.seat && request.set.length ? seamOf(request, request.seat) : null,
  };
}

/** Readings that the exposure is placed by: the darker side's, or the land's where the sky is not read yet. */
function darkReadings(input: BalanceInput): readonly PlacedReading[] {
  const { readings } = input.field;
  const counted = sidesOf(readings, input.look);
  return counted.ok ? counted.sides.dark : sideReadings('land', readings);
}

function residualGap(input: BalanceInput, dimming: ReadonlyMap<string, number>): number | null {
  const { readings } = input.field;
  const sky = sideReadings('sky', readings);
  const land = sideReadings('land', readings);
  if (!sky.length || !land.length) return null;
  const left = (side: readonly PlacedReading[]) =>
    mean(side.map((r) => wantedEv(r) - (dimming.get(r.id) ?? 0)));
  return left(sky) - left(land);
}

function seamOf({ posed, set }: OutcomeRequest, seat: Seat): SeamOutcome {
  const { input } = posed;
  const { transition } = posed.tables(set);
  const { halfMm } = transition;
  return {
    at: seamAtEdges(seat, halfMm, input.lens, input.frame),
    spread: seamSpread(transition, input.lens, input.frame),
    halfDimmingMm: halfMm,
    giveOrTakeMm: input.lens.pupilEstimated ? PUPIL_ESTIMATE_ERROR * Math.abs(seat.offsetMm + halfMm) : 0,
  };
}
