import { type ScaleLinear, scaleLinear } from 'd3-scale';
import { type SensorWindow } from '@/model';
import { type Role, type ToneSpread } from '@/core/field';

/** A reading on the scale of light, EV. */
export interface LadderSpot {
  readonly id: string;
  readonly bare: number;
  readonly through: number;
}

/** A role's readings together: one mark at their mean, or each for itself. */
export interface LadderMark {
  /** Unique among the marks. */
  readonly key: string;
  readonly role: Role;
  /** To be held, not balanced: drawn with a lid. */
  readonly limit: boolean;
  readonly spots: readonly LadderSpot[];
  /** The single readings are drawn. */
  readonly isOpen: boolean;
}

/** EV at mid-grey of an exposure, and what the sensor holds around it. */
export interface LadderExposure {
  readonly evMidGrey: number;
  readonly window: SensorWindow;
  readonly shutter: string;
}

/** A stretch of the scale with what it measures. */
export interface LadderStretch {
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

/** Everything that the ladder shows. */
export interface LadderData {
  readonly marks: readonly LadderMark[];
  /** One, or those of a bracket; none where there is no exposure. */
  readonly exposures: readonly LadderExposure[];
  readonly span: LadderStretch | null;
  /** The span's two parts: what is to be kept, from the darker side, and what is to be taken away. */
  readonly keep: LadderStretch | null;
  readonly need: LadderStretch | null;
  /** What the glass leaves. */
  readonly left: LadderStretch | null;
  /** A picture's own light. */
  readonly tones: ToneSpread | null;
  /** Readings that the sensor does not hold, in words. */
  readonly out: { readonly bright: string; readonly dark: string };
  /** Noise at the dark end of the window and of what prints well, in words; null where it does not apply. */
  readonly noise: { readonly dark: string; readonly print: string; readonly printShort: string } | null;
  /** What the lower row is. */
  readonly caption: string;
}

export type LadderScale = ScaleLinear<number, number>;

/** Where the rows of the ladder lie, px from its top. */
export const LADDER_ROWS = {
  span: 11,
  chain: 33,
  bare: 60,
  left: 87,
  windowTop: 97,
  through: 113,
  foot: 135,
  windowBottom: 139,
  axis: 142,
  shutter: 144,
} as const;
export const LADDER_HEIGHT = 168;

const MARGIN = 14;
/** What the scale shows at least where nothing is exposed yet, EV. */
const NO_EXPOSURE_EVS = [5, 15];

/** The lowest and the highest EV that the ladder has to show. */
export function ladderDomain({ marks, exposures, keep }: LadderData): readonly [number, number] {
  const evs = [
    ...marks.flatMap((m) => m.spots.flatMap((s) => [s.bare, s.through])),
    ...(exposures.length ? [] : NO_EXPOSURE_EVS),
    ...(keep ? [keep.from, keep.to] : []),
    ...exposures.flatMap(({ evMidGrey: ev, window }) => [ev - window.shadowRoom, ev + window.highlightRoom]),
  ];
  return [Math.floor(Math.min(...evs) - 0.3), Math.ceil(Math.max(...evs) + 0.3)];
}

/** From EV to px, over a width. */
export const ladderScale = (domain: readonly [number, number], width: number): LadderScale =>
  scaleLinear()
    .domain(domain)
    .range([MARGIN, Math.max(MARGIN + 1, width - MARGIN)]);

/** Half the width of the shutter's tag, px. */
export const TAG_HALF = 42;

/** Where the tag of an exposure's time stands: at its mid-grey, inside the drawing. */
export const tagX = (x: LadderScale, evMidGrey: number, width: number): number =>
  Math.min(width - TAG_HALF, Math.max(TAG_HALF, x(evMidGrey)));

const PER_LETTER = 7.2;

/** Whether a stretch's figure has room on its line, px. */
export const fitsInside = ({ from, to, text }: LadderStretch, x: LadderScale): boolean =>
  Math.abs(x(to) - x(from)) > dimensionTextWidth(text) + 16;

/**
 * What is kept and what is taken, as the two parts of one chain: where what is taken has no room on its line nor behind it,
 * both figures stand before it.
 */
export function chainOf({ keep, need }: Pick<LadderData, 'keep' | 'need'>, x: LadderScale) {
  const edge = (x.range()[1] as number) + MARGIN;
  const isLost = need && !fitsInside(need, x) && x(need.to) + dimensionTextWidth(need.text) + 4 > edge;
  if (!isLost || !keep) return { keep, need };
  return { keep: { ...keep, text: `${keep.text}, ${need.text}` }, need: { ...need, text: '' } };
}

/** About how wide a dimension's figure is, px. */
export const dimensionTextWidth = (text: string): number => text.length * PER_LETTER + 10;
