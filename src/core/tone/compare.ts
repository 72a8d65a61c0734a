import { mean, median, robustFit } from '@/core/numerics';

/**
 * A shot against what was expected of it (physics 12): the difference of tones taken apart by least squares into what is
 * robust, how bright all of it is and how bright the sky is against the land, and, where the picture can show it, where the
 * line came to lie. Tones are stops from mid-grey.
 */

/** One cell of the frame, as it was expected and as it was found. */
export interface ComparedCell {
  readonly isSky: boolean;
  /** As it was expected through the glass. */
  readonly expected: number;
  /** As it stands in the picture's linear light. */
  readonly found: number;
  /** By how much its tone changes when the sheet goes a millimetre towards its dark end, and when it is turned by a degree. */
  readonly perMm: number;
  readonly perDeg: number;
  /** Which of the frame's patches it lies in: cells of one patch err together. */
  readonly patch: number;
}

/** A figure, and how far it may be off either way, 95 times of 100. */
export interface Measured {
  readonly by: number;
  readonly giveOrTake: number;
}

export interface Comparison {
  /** By how much the land came out brighter than expected, stops. */
  readonly overall: Measured;
  /** By how much more that is so of the sky than of the land; null where one of them does not tell. */
  readonly skyAgainstLand: Measured | null;
  /** How far the line lies from where it was to lie, mm towards the dark end and degrees clockwise; null where that cannot be told. */
  readonly line: { readonly offsetMm: Measured; readonly turnDeg: Measured } | null;
  /** How many stops of the picture's light a stop of the scene became. */
  readonly contrast: number;
}

export interface ComparedHow {
  /** The picture's light is linear: a raw file, developed. */
  readonly isLinear: boolean;
  /** What was expected has the frame's own detail: it was told by a picture of it. */
  readonly hasDetail: boolean;
}

/** Cameras' own pictures bend tones about mid-grey by this, more or less, where nothing tells. */
const USUAL_CONTRAST = 0.85;
const CONTRAST_OFF = 0.1;
const CONTRASTS = [0.55, 1.25] as const;
/** A contrast that was fitted is good to so much of itself. */
const FITTED_OFF = 0.04;
/** So much of a side's own variation must be found again for its detail to be its own. */
const ALIKE = 0.6;
/** A side that fewer cells tell of does not tell. */
const LEAST_CELLS = 40;
/** Cells whose tone a millimetre changes by more than this lie in the transition: without the line they are left out. */
const IN_TRANSITION = 0.03;
/** What is known of a light beside its noise, stops: the tie of a picture, its corners, and of a camera's own picture its curve. */
const FLOOR = { linear: 0.06, bent: 0.09 };
const TWO_SIGMA = 2;

/** Takes the difference of a shot from its plan apart; null where too little of the land can be told. */
export function compareShot(
  cells: readonly ComparedCell[],
  { isLinear, hasDetail }: ComparedHow,
): Comparison | null {
  const away = cells.filter((c) => Math.abs(c.perMm) < IN_TRANSITION);
  const sides = [away.filter((c) => !c.isSky), away.filter((c) => c.isSky)] as const;
  const detail = hasDetail ? fittedContrast(sides) : null;
  const contrast = isLinear ? 1 : (detail?.contrast ?? USUAL_CONTRAST);
  const contrastOff = isLinear ? 0 : detail ? FITTED_OFF : CONTRAST_OFF;
  const off = (c: ComparedCell) => c.found / contrast - c.expected;
  const showsLine = hasDetail && detail !== null;
  const used = showsLine ? cells : away;
  const [land, sky] = [used.filter((c) => !c.isSky), used.filter((c) => c.isSky)];
  if (land.length < LEAST_CELLS) return null;
  const hasSky = sky.length >= LEAST_CELLS;
  const rows = used.map((c) => [
    1,
    ...(hasSky ? [c.isSky ? 1 : 0] : []),
    ...(showsLine ? [c.perMm, c.perDeg] : []),
  ]);
  const fit = robustFit(
    rows,
    used.map(off),
    used.map((c) => c.patch),
  );
  if (!fit) return null;
  // a bend of the tones that is not known moves what lies far from mid-grey
  const bent = (of: readonly ComparedCell[]) =>
    contrastOff * Math.abs(mean(of.map((c) => c.found / contrast)));
  const measured = (k: number, more: number): Measured => ({
    by: fit.values[k],
    giveOrTake: TWO_SIGMA * Math.hypot(fit.errors[k], more),
  });
  const k = hasSky ? 2 : 1;
  const kind = isLinear ? 'linear' : 'bent';
  return {
    overall: measured(0, Math.hypot(FLOOR[kind], bent(land))),
    skyAgainstLand: hasSky ? measured(1, Math.hypot(FLOOR[kind], bent(land) + bent(sky))) : null,
    line: showsLine
      ? { offsetMm: measured(k, LINE_FLOOR[kind].mm), turnDeg: measured(k + 1, LINE_FLOOR[kind].deg) }
      : null,
    contrast,
  };
}

/** No line is told better than this, however sharp the picture: in linear light, and in a camera's own. */
const LINE_FLOOR = { linear: { mm: 0.3, deg: 0.65 }, bent: { mm: 0.8, deg: 1 } };

/** The contrast of a picture by the detail within each side; null where the detail is not that of what was expected. */
function fittedContrast(sides: readonly (readonly ComparedCell[])[]): { readonly contrast: number } | null {
  let [xx, xy, yy] = [0, 0, 0];
  for (const side of sides) {
    if (side.length < LEAST_CELLS) continue;
    const [mx, my] = [median(side.map((c) => c.expected)), median(side.map((c) => c.found))];
    for (const c of side) {
      const [x, y] = [c.expected - mx, c.found - my];
      xx += x * x;
      xy += x * y;
      yy += y * y;
    }
  }
  const alike = xx > 0 && yy > 0 ? xy / Math.sqrt(xx * yy) : 0;
  if (alike < ALIKE) return null;
  // both have noise: the slope that treats them alike
  const contrast = Math.sqrt(yy / xx);
  return { contrast: Math.min(CONTRASTS[1], Math.max(CONTRASTS[0], contrast)) };
}
