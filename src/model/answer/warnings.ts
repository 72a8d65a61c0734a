import { polarises } from '@/core/glass';
import { darkerThanReflection } from '@/core/balance';
import { type LightField, REGION_CODES, type UnknownLight, unknownLight } from '@/core/field';
import { beamInFrame, cornerVignette, crossedInCorners, crossedWithin, dimmingField } from '@/core/optics';
import { signalToNoise, stopsBelowBase } from '@/core/sensor';
import { exactIso } from '@/core/units';
import { type Bag, filtersById } from '../bag/bag';
import { type Derived, type Glass } from './derive';
import { traitsOf } from '../terms/looks';
import { openingsOf } from '../bag/openings';
import { fittedFilters, fittedPolariser } from '../bag/on-lens';
import { polariserOn } from './polariser';
import { frameOf } from '../resolve/lens';
import { type Prepared, type SheetLack } from './prepare';
import { perhapsTheSun } from './perhaps-the-sun';
import { type Stand } from '../stand/stand';

/** What the photographer should know beside the plan; the sentences are in `words`. */
export type Warning =
  | { readonly code: 'guess' }
  | { readonly code: 'pupil-estimated'; readonly giveOrTakeMm: number }
  | { readonly code: 'seat-at-bound' }
  | { readonly code: 'beam-wider-than-sheet' }
  | { readonly code: 'edge-may-show' }
  /** The beam alone is wider on the sheet than the whole picture: any transition is lost in it. */
  | { readonly code: 'acts-as-nd'; readonly focalLengthMm: number }
  | { readonly code: 'corners-dark'; readonly stops: number; readonly by: string }
  | { readonly code: 'exposure-capped' }
  /** Holding this reading puts the darker side so far down that it may be the sun's own disc. */
  | { readonly code: 'perhaps-the-sun'; readonly readingId: string }
  | {
      readonly code: 'least-not-enough';
      readonly printShortStops: number;
      readonly readingIds: readonly string[];
    }
  | { readonly code: 'reading-without-place'; readonly readingIds: readonly string[] }
  /** Read otherwise than the polariser is now: `on` or off the lens. */
  | {
      readonly code: 'polariser-readings-differ';
      readonly on: boolean;
      readonly readingIds: readonly string[];
    }
  | { readonly code: 'polariser-uneven'; readonly stops: number }
  /** A variable ND is set so strong that its corners part from its middle; it would not up to so much. */
  | {
      readonly code: 'variable-cross';
      readonly stops: number;
      readonly focalLengthMm: number;
      readonly evenUpToStops: number;
    }
  | { readonly code: 'noisy'; readonly signalToNoise: number; readonly iso: number }
  | { readonly code: 'no-grad-at-hand'; readonly lacks: SheetLack }
  | { readonly code: 'iso-below-base'; readonly lostStops: number }
  | { readonly code: 'darker-than-reflection'; readonly stops: number; readonly ceilingStops: number }
  | { readonly code: 'features-black'; readonly names: readonly string[] }
  /** So much of a side is blown or black in the picture, and no reading tells what it holds. */
  | { readonly code: 'picture-blown'; readonly side: UnknownLight['side']; readonly part: number }
  | { readonly code: 'picture-black'; readonly side: UnknownLight['side']; readonly part: number }
  | { readonly code: 'readings-clip'; readonly readingIds: readonly string[] };

/** Corners darker than this are worth a word, stops. */
const CORNER_WORTH = 0.2;
/** A feature is black when so much of it is. */
const BLACK_PART = 0.25;
/** Parts of a side that a picture may leave untold before it is worth a word. */
const BLOWN_WORTH = 0.1;
const BLACK_WORTH = 0.2;
/** By how much an ISO must lie below base to be remarked on: the marks' own roundings are not. */
const ISO_WORTH = 0.1;

/** A mid-grey with less signal over its noise is noisy even on a print. */
const NOISY_UNDER = 20;

/** Everything to warn of about a stand as seen through some glass. */
export function warningsOf(stand: Stand, bag: Bag, derived: Derived, glass: Glass): Warning[] {
  const { prepared, balance, plan } = derived;
  if (!prepared) return [];
  const { outcome, seat, filters } = glass;
  const { input } = prepared;
  const { readings } = input.field;
  const warnings: Warning[] = [];
  const { usesGlass, readsLight } = traitsOf(stand);
  if (!readsLight) warnings.push({ code: 'guess' });
  if (seat && input.lens.pupilEstimated)
    warnings.push({ code: 'pupil-estimated', giveOrTakeMm: outcome.seam?.giveOrTakeMm ?? 0 });
  for (const code of glass.warnings) warnings.push({ code });
  if (usesGlass && (balance?.neededStops ?? 0) > 0 && beamInFrame(input.lens, input.frame) >= 1)
    warnings.push({ code: 'acts-as-nd', focalLengthMm: stand.lens.focalLengthMm });
  const corner = cornerVignette(input.lens, input.frame, openingsOf(bag, input.lens), seat?.turnDeg ?? 0);
  if (corner.by !== null && corner.stops >= CORNER_WORTH)
    warnings.push({ code: 'corners-dark', stops: corner.stops, by: corner.by });
  const sun = usesGlass ? perhapsTheSun(derived) : null;
  if (sun !== null) warnings.push({ code: 'perhaps-the-sun', readingId: sun });
  else if (outcome.exposure?.capped && usesGlass) warnings.push({ code: 'exposure-capped' });
  const least = balance?.least;
  if (least && !least.enough && glass === plan)
    warnings.push({
      code: 'least-not-enough',
      printShortStops: least.printShortStops,
      readingIds: least.tooDark,
    });
  const rough = readings.filter((r) => r.rough).map((r) => r.id);
  if (rough.length) warnings.push({ code: 'reading-without-place', readingIds: rough });
  warnings.push(...photoWarnings(input.field));
  warnings.push(...polariserWarnings(stand, bag));
  warnings.push(...variableWarnings(stand, bag));
  const isWanted = (balance?.neededStops ?? 0) > 0 || prepared.lacks === 'no-slot';
  if (prepared.lacks && isWanted && usesGlass)
    warnings.push({ code: 'no-grad-at-hand', lacks: prepared.lacks });
  const lostStops = stopsBelowBase(stand.camera, exactIso(stand.exposure.iso));
  if (lostStops > ISO_WORTH) warnings.push({ code: 'iso-below-base', lostStops });
  const snr = signalToNoise(stand.camera, exactIso(stand.exposure.iso), 0);
  if (snr < NOISY_UNDER) warnings.push({ code: 'noisy', signalToNoise: snr, iso: stand.exposure.iso });
  const mirror = darkerThanReflection(input, glass.set, seat);
  if (mirror && filters.length) warnings.push({ code: 'darker-than-reflection', ...mirror });
  const black = usesGlass ? blackFeatures(prepared, glass) : [];
  if (black.length) warnings.push({ code: 'features-black', names: black });
  const isFeature = new Set(readings.filter((r) => r.role === 'feature').map((r) => r.id));
  const clipped = (usesGlass ? outcome.clips : []).filter((id) => !black.length || !isFeature.has(id));
  if (clipped.length) warnings.push({ code: 'readings-clip', readingIds: clipped });
  return warnings;
}

/** A reading to hold tells how bright the brightest is, and any reading of a side how dark it is in the main. */
function photoWarnings(field: LightField): Warning[] {
  const isHeld = (side: UnknownLight['side']) =>
    field.readings.some((r) => r.limit && (r.role === 'sky') === (side === 'sky'));
  return unknownLight(field).flatMap(({ side, blown, black }): Warning[] => [
    ...(blown > BLOWN_WORTH && !isHeld(side) ? [{ code: 'picture-blown', side, part: blown } as const] : []),
    ...(black > BLACK_WORTH ? [{ code: 'picture-black', side, part: black } as const] : []),
  ]);
}

function polariserWarnings(stand: Stand, bag: Bag): Warning[] {
  const on = fittedPolariser(stand, bag) !== undefined;
  const through = (ids: readonly string[] = []) => filtersById(bag, ids).some(polarises);
  const differing = stand.readings.filter((r) => through(r.throughFilterIds) !== on).map((r) => r.id);
  const used = on || stand.readings.some((r) => through(r.throughFilterIds));
  const effect = on ? polariserOn(stand, bag) : null;
  return [
    ...(used && differing.length
      ? [{ code: 'polariser-readings-differ', on, readingIds: differing } as const]
      : []),
    ...(effect?.atAxis.banded
      ? [{ code: 'polariser-uneven', stops: effect.atAxis.brightest - effect.atAxis.darkest } as const]
      : []),
  ];
}

/** Corners that part from the middle by more than this show, stops. */
const CROSS_WORTH = 0.5;

/** What a variable ND on the lens does to the corners: its two polarisers make a cross of a wide frame near its strong end. */
function variableWarnings(stand: Stand, bag: Bag): Warning[] {
  const { focalLengthMm } = stand.lens;
  const frame = frameOf(stand.camera);
  return fittedFilters(stand, bag).flatMap((filter): Warning[] => {
    if (filter.kind !== 'variable') return [];
    const stops = crossedInCorners(filter.stops - filter.leastStops, focalLengthMm, frame);
    if (stops <= CROSS_WORTH) return [];
    const evenUpToStops = filter.leastStops + crossedWithin(CROSS_WORTH, focalLengthMm, frame);
    return [{ code: 'variable-cross', stops, focalLengthMm, evenUpToStops }];
  });
}

const FEATURE = REGION_CODES.indexOf('feature');

const NONE: ReadonlySet<string> = new Set();

/** Features, silhouettes apart, of which a good part falls below what the sensor holds. */
function blackFeatures({ input, laid, fitted, tables }: Prepared, { set, seat, outcome }: Glass): string[] {
  const { exposure } = outcome;
  if (!exposure) return [];
  const { field, frame, lens, window, shapes } = input;
  const { columns, rows } = field.grid;
  const mayGoBlack = laid.ok ? laid.target.silhouettes : NONE;
  const dimming = seat && dimmingField(tables(set, seat), { lens, seat, frame, columns, rows });
  return shapes.flatMap((shape, index) => {
    if (shape.region !== 'feature' || mayGoBlack.has(shape.id)) return [];
    let cells = 0;
    let black = 0;
    field.shapes.forEach((covering, i) => {
      if (covering !== index || field.regions[i] !== FEATURE) return;
      cells++;
      const tone = (field.ev[i] ?? NaN) - (dimming?.[i] ?? 0) - fitted.stops - exposure.evCamera;
      if (tone < -window.shadowRoom) black++;
    });
    return black > BLACK_PART * cells ? [shape.name?.trim() || 'a feature'] : [];
  });
}
