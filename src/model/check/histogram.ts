import { REGION_CODES } from '@/core/field';
import { dimmingField } from '@/core/optics';
import { JPEG_HIGHLIGHT_ROOM } from '@/core/sensor';
import { endsOf, histogramOf, placeOfTone, toneAtPlace } from '@/core/tone';
import { type Take } from '../stand/stand';
import { type Solved, takeThrough } from './takes';

/** How a camera's histogram of a shot ought to look: its two sides apart, heights of one scale. */
export interface PlannedHistogram {
  readonly sky: readonly number[];
  readonly ground: readonly number[];
  /** Where its two ends stand, parts of the width. */
  readonly left: number;
  readonly right: number;
}

/** The light that a shot meets. */
type Lit = Pick<Solved, 'stand' | 'bag'> & { readonly derived: Pick<Solved['derived'], 'prepared'> };

const BINS = 64;

/** The tones of a shot's frame, stops from mid-grey, those of the sky apart; none where its light is not known. */
export function tonesOf(take: Take, { stand, bag, derived }: Lit): { sky: number[]; ground: number[] } {
  const { input, tables } = derived.prepared;
  const { field, frame, lens } = input;
  const { columns, rows } = field.grid;
  const { set, seat, evMidGrey } = takeThrough(take, stand, bag);
  const taken =
    seat && set.length ? dimmingField(tables(set, seat), { lens, seat, frame, columns, rows }) : null;
  const tones: { sky: number[]; ground: number[] } = { sky: [], ground: [] };
  field.ev.forEach((ev, i) => {
    const region = REGION_CODES[field.regions[i] ?? 0];
    if (!Number.isFinite(ev) || region === 'ignore') return;
    tones[region === 'sky' ? 'sky' : 'ground'].push(ev - (taken?.[i] ?? 0) - (evMidGrey ?? 0));
  });
  return tones;
}

/** The histogram that the plan expects of a shot; null where the frame's light is not known. */
export function plannedHistogram(take: Take, solved: Lit): PlannedHistogram | null {
  const { sky, ground } = tonesOf(take, solved);
  const ends = endsOf([...sky, ...ground]);
  if (!ends) return null;
  const most = Math.max(
    1,
    ...[sky, ground].flatMap((tones) => histogramOf(tones, JPEG_HIGHLIGHT_ROOM, BINS, 1)),
  );
  return {
    sky: histogramOf(sky, JPEG_HIGHLIGHT_ROOM, BINS, most),
    ground: histogramOf(ground, JPEG_HIGHLIGHT_ROOM, BINS, most),
    left: placeOfTone(ends[0], JPEG_HIGHLIGHT_ROOM),
    right: placeOfTone(ends[1], JPEG_HIGHLIGHT_ROOM),
  };
}

/** Where the ends of a histogram stand on the camera: a place, or beyond the edge. */
export interface HistogramEnds {
  readonly left: number | 'off';
  readonly right: number | 'off';
}

/** A hump that runs off an edge goes so far beyond it, as far as anybody knows, stops. */
const OFF_STOPS = 0.7;
/** An eye reads a histogram to this, stops. */
const GOOD_TO = 0.5;
/** The left end of one that is not off the edge by this is as good as black: it tells nothing, part of the width. */
const BLACK_AT = 0.03;

/** By how much the light of each side lies off the plan, by where the camera's histogram ends, stops to the next half. */
export function shiftByHistogram(
  ends: HistogramEnds,
  planned: PlannedHistogram,
): { sky: number; land: number } {
  const toneAt = (place: number) => toneAtPlace(place, JPEG_HIGHLIGHT_ROOM);
  const right = ends.right === 'off' ? JPEG_HIGHLIGHT_ROOM + OFF_STOPS : toneAt(ends.right);
  const left = ends.left === 'off' ? toneAt(BLACK_AT) - OFF_STOPS : toneAt(ends.left);
  const half = (stops: number) => Math.round(stops / GOOD_TO) * GOOD_TO || 0;
  const sky = half(right - toneAt(planned.right));
  // both ends black tell of no difference
  const isBlack = ends.left !== 'off' && ends.left <= BLACK_AT && planned.left <= BLACK_AT;
  return { sky, land: isBlack ? sky : half(left - toneAt(planned.left)) };
}
