import { type LightField, type LightReading, type Shape } from '@/core/field';
import { type Sheet } from '@/core/glass';
import { type FrameSize, type Lens, type Seat } from '@/core/optics';
import { type SensorWindow } from '@/core/sensor';

/** How many cells of the frame are land, and how many water. */
export interface Ground {
  readonly land: number;
  readonly water: number;
}

/** The two sides of the seam as the readings tell them (solver: the target). */
export interface Sides<R extends LightReading = LightReading> {
  /** Null where the look asks for no reading. */
  readonly spanStops: number | null;
  readonly neededStops: number;
  readonly brighter: Side;
  readonly bright: readonly R[];
  readonly dark: readonly R[];
  /** Mean plain EV of the brighter side's readings. */
  readonly brightMeanEv: number;
  /** Mean of EV minus wanted tone of the darker side's readings. */
  readonly darkMeanEv: number;
}

export type SidesResult<R extends LightReading = LightReading> =
  | { readonly ok: true; readonly sides: Sides<R> }
  | { readonly ok: false; readonly reason: NoPlanReason; readonly spanStops: number | null };

/** How a look goes about choosing glass (glossary: the looks): a file each in `looks`. */
export interface LookSolver {
  /** Which side is the brighter, and how much of it the look wants taken away. */
  readonly sidesOf: <R extends LightReading>(
    readings: readonly R[],
    look: Look,
    scene: { readonly window: SensorWindow; readonly ground: Ground },
  ) => SidesResult<R>;
  /** What the exposure is placed by: the darker side's mean, or the brightest reading, the land being lifted afterwards. */
  readonly exposesFor: 'darker-side' | 'brightest';
  /** What is chosen: the set of the best score, or the weakest with which everything fits the window. */
  readonly seeks: 'best' | 'weakest';
}

export interface Look {
  readonly solver: LookSolver;
  /** The difference left between sky and land, stops; negative for Heavy, 0 for Least and By the sun. */
  readonly gapStops: number;
  /** How much of the brighter side's own unevenness is evened out too, 0 to 1; 0 for Least and By the sun. */
  readonly follow: number;
  /** The bright top of the sky alone is held back, down to the rest of it, whatever the span. */
  readonly evensTop?: boolean | undefined;
  /** Where the darker side's mean is placed, stops from mid-grey. */
  readonly placementStops: number;
  /** By the sun: the density guessed from its direction, stops. */
  readonly guessStops?: number | undefined;
}

/** A filter of the bag that can be seated: its glass, and its edges where they are known. */
export interface BagSheet {
  readonly id: string;
  readonly sheet: Sheet;
  readonly widthMm?: number | undefined;
  /** How far it is slid by itself beside the seat, mm towards its dark end: its sheet has that in it. */
  readonly slidMm?: number | undefined;
}

/** Everything a balance depends on. */
export interface BalanceInput {
  readonly frame: FrameSize;
  readonly lens: Lens;
  readonly field: LightField;
  /** The same light if these were the readings: from a picture where there is one, else spread from them. */
  readonly relit: (readings: readonly LightReading[]) => LightField;
  readonly shapes: readonly Shape[];
  readonly window: SensorWindow;
  readonly look: Look;
  /** In bag order, which breaks ties. */
  readonly sheets: readonly BagSheet[];
  /** Slots that are free for grads, behind one another; the lens's distance is that of the first. */
  readonly slots: number;
}

/** Sheets seated together, the one nearest the lens first; empty for no filter. */
export type SheetSet = readonly BagSheet[];

export type NoPlanReason =
  | 'no-sky-reading'
  | 'no-land-reading'
  | 'nothing-to-judge'
  | 'no-seam'
  | 'sky-already-darker'
  | 'all-sheets-show-edges'
  | 'no-sun-direction'
  | 'top-even-already';

/** Why there is no plan, with what would help where a figure can tell. */
export interface NoPlan {
  readonly reason: NoPlanReason;
  /** For `all-sheets-show-edges`: the sheet width that would do, mm. */
  readonly neededWidthMm?: number;
}

export type Side = 'sky' | 'land';

/** A spot of the frame that a figure is about. */
export interface Spot {
  readonly stops: number;
  readonly u: number;
  readonly v: number;
  readonly region: 'sky' | 'land' | 'water' | 'feature';
  /** The shape that covers it, if any. */
  readonly shape?: Shape | undefined;
  /** Within a tenth of the frame's height of the skyline. */
  readonly nearSkyline: boolean;
}

/** How well a seated set serves a stand (solver: the fit). */
export interface Fit {
  readonly fitStops: number;
  readonly unevenStops: number;
  /** Positive: the brighter side comes out too dark. */
  readonly levelStops: number;
  /** The free part of a sky that comes out darker above than at its foot, stops a frame height, 0 or less. */
  readonly gradientStops: number;
  readonly spillStops: number;
  /** The same beyond what is wanted there: of a tamed feature, what is too much. */
  readonly unwantedStops: number;
  readonly leakStops: number;
  readonly spillWorst: Spot | null;
  readonly line: Spot | null;
}

/** A set at its best raw seat; the best pairs judged in the slots they stand in, the others at the slots' mean. */
export interface Ranked {
  readonly set: SheetSet;
  /** Null for no filter. */
  readonly seat: Seat | null;
  readonly fitStops: number;
  readonly scoreStops: number;
  readonly noGlow: boolean;
  readonly atBound: boolean;
}

/** What a set at a seat costs beside its fit, stops. */
export interface Costs {
  readonly sheets: number;
  readonly turn: number;
  readonly noGlow: number;
}

/** A set at a seat that hands can set, with all its figures. */
export interface Candidate extends Fit {
  readonly set: SheetSet;
  readonly seat: Seat | null;
  readonly scoreStops: number;
  /** What the score has beside the fit. */
  readonly costs: Costs;
  readonly noGlow: boolean;
  /** From where to where the sheet may slide before the best seat's fit worsens by 0.1 stop, mm from this seat; null for no filter. */
  readonly playMm: readonly [number, number] | null;
  /** How much worse, in stops of score, the best level seat is; null where level shows an edge or there is no filter. */
  readonly levelCostStops: number | null;
  readonly warnings: readonly SeatWarning[];
}

export type SeatWarning = 'seat-at-bound' | 'beam-wider-than-sheet' | 'edge-may-show';

/** What the weakest glass leaves to be done afterwards (solver: least glass). */
export interface LeastGlass {
  /** By how much the darker side must be lifted afterwards, stops. */
  readonly liftStops: number;
  /** Everything lies within the window and the darker side prints well. */
  readonly enough: boolean;
  /** By how much the darker side's mean lies below what prints well, stops; 0 where it prints. */
  readonly printShortStops: number;
  /** Readings that come out darker than the sensor holds. */
  readonly tooDark: readonly string[];
}

export interface Balance {
  /** Null where the look asks for no reading. */
  readonly spanStops: number | null;
  readonly neededStops: number;
  readonly brighter: Side;
  readonly upsideDown: boolean;
  /** Sets at their raw seats, the best score first (the weakest that is enough, where that is sought): every sheet that has a seat, and the pairs that come near the best. */
  readonly ranking: readonly Ranked[];
  /** The first sets of the ranking at settable seats, in its order, and the advice. */
  readonly best: readonly Candidate[];
  /** What is to be fitted, by the tie rule too; null where no set was worked out. */
  readonly advice: Candidate | null;
  /** How many sets were compared, none among them. */
  readonly compared: number;
  /** For Least glass, what the first of `best` leaves. */
  readonly least: LeastGlass | null;
}

export type BalanceResult =
  { readonly ok: true; readonly balance: Balance } | ({ readonly ok: false } & NoPlan);
