import { type Steps } from '@/core/numerics';
import { isUpsideDown, type SeamAt } from '@/core/optics';
import {
  type Bag,
  codingOf,
  type Derived,
  deriveStand,
  frameOf,
  isSheet,
  type Pixels,
  prepareStand,
  seenStand,
  seenThrough,
  type SheetFilter,
  solveSteps,
  type Stand,
  type StoredPhoto,
} from '@/model';
import { littlePixels } from '@/render/pixels/little';
import { photoPlate } from '@/render/pixels/plate';
import { slipOf } from '@/words/plan/slip';
import { slipLine } from '@/words/plan/stand-line';

export interface StandToGlanceAt {
  readonly stand: Stand;
  readonly bag: Bag;
  /** Null where the stand has no picture, or it is not here. */
  readonly photo: StoredPhoto | null;
}

/** What a list shows of a stand. */
export interface Glance {
  /** Its slip in one line. */
  readonly line: string;
  /** The sheets in use, the one nearest the lens first; none where none is seated. */
  readonly sheets: readonly SheetFilter[];
  readonly isUpsideDown: boolean;
  /** Where the seam lies; null without any. */
  readonly seam: SeamAt | null;
  /** The stand in little as an image's address, with the frame's proportions; null where its light cannot be told. */
  readonly picture: string | null;
}

/** What draws in a worker. */
export interface Drawing {
  /** A picture's pixels at a size. */
  readonly pixelsOf: (photo: StoredPhoto, size: { columns: number; rows: number }) => Promise<Pixels>;
  /** The address of an image of these pixels. */
  readonly imageOf: (pixels: Pixels) => Promise<string>;
}

/** Pixels along the long side of a picture in little: as shown, on a screen of two to one. */
const LITTLE = 180;

/** Solves a stand and derives what follows. */
export function* derivedSteps(stand: Stand, bag: Bag): Steps<Derived> {
  const ready = prepareStand(stand, bag);
  const solution = yield* solveSteps(stand, bag, { ready });
  return deriveStand(stand, bag, solution, ready);
}

const lineOf = (stand: Stand, bag: Bag, derived: Derived): string =>
  slipLine(slipOf({ stand, bag, derived, search: 'idle', oldestMinutes: null }));

/** A stand's slip in one line, as the list says it. */
export function* glanceLine(kept: Stand, bag: Bag): Steps<string> {
  const stand = seenStand(kept, bag);
  return lineOf(stand, bag, yield* derivedSteps(stand, bag));
}

/** Works out what a list shows of a stand; yields about how much is done. */
export async function* glanceAt(
  { stand: kept, bag, photo }: StandToGlanceAt,
  drawing: Drawing,
): AsyncGenerator<number, Glance> {
  const stand = seenStand(kept, bag);
  const derived = yield* derivedSteps(stand, bag);
  const { inUse: glass } = derived;
  const said = {
    line: lineOf(stand, bag, derived),
    sheets: glass?.seat ? glass.filters.filter(isSheet) : [],
    isUpsideDown: !!glass?.seat && isUpsideDown(glass.seat.turnDeg),
    seam: glass?.outcome.seam?.at ?? null,
  };
  yield 0.9;
  return { ...said, picture: await pictureOf({ stand, derived, photo, side: LITTLE }, drawing) };
}

interface ToPicture {
  readonly stand: Stand;
  readonly derived: Derived;
  readonly photo: StoredPhoto | null;
  /** Pixels along its longer side. */
  readonly side: number;
}

/** The address of an image of a stand as it would be recorded; null where its light cannot be told. */
export async function pictureOf(
  { stand, derived: { prepared, inUse }, photo, side }: ToPicture,
  { pixelsOf, imageOf }: Drawing,
): Promise<string | null> {
  if (!prepared) return null;
  const { picture, camera } = stand;
  const { widthMm, heightMm } = frameOf(camera);
  const scale = side / Math.max(widthMm, heightMm);
  const size = { columns: Math.round(widthMm * scale), rows: Math.round(heightMm * scale) };
  // what cannot be decoded is as good as not there
  const pixels = picture && photo && (await pixelsOf(photo, size).catch(() => null));
  const plate = pixels && { picture, plate: photoPlate(pixels, codingOf(picture)) };
  return imageOf(littlePixels({ prepared, through: inUse && seenThrough(inUse), photo: plate ?? null }));
}
