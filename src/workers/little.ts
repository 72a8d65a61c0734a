import { type Steps } from '@/core/numerics';
import { type Seat } from '@/core/optics';
import {
  type Bag,
  codingOf,
  glassAt,
  type Pixels,
  prepareStand,
  type School,
  seenThrough,
  type Stand,
  underLookOf,
  withSchool,
} from '@/model';
import { littlePixels } from '@/render/pixels/little';
import { photoPlate } from '@/render/pixels/plate';

/** A set of glass that a stand is to be seen through, none among them. */
export interface LittleWanted {
  readonly filterIds: readonly string[];
  readonly seat: Seat | null;
  /** How far the second of a pair is slid by itself, mm. */
  readonly apartMm?: number;
  /** The look that it is exposed by; absent: the stand's own. */
  readonly school?: School;
}

export interface LittlesToPaint {
  readonly stand: Stand;
  readonly bag: Bag;
  /** The stand's picture at the size that it is painted in; null: the drawn ground. */
  readonly photo: Pixels | null;
  readonly wanted: readonly LittleWanted[];
}

/** Paints a stand in little through one set of glass after another, in their order; yields about how much is done. */
export function* littleSteps({ stand, bag, photo, wanted }: LittlesToPaint): Steps<Pixels[]> {
  const prepared = prepareStand(stand, bag);
  const { picture } = stand;
  const plate = photo && picture ? { picture, plate: photoPlate(photo, codingOf(picture)) } : null;
  const painted: Pixels[] = [];
  for (const { school, ...glass } of wanted) {
    const looked = school ? withSchool(stand, school) : stand;
    const ready = school ? underLookOf(prepared, looked) : prepared;
    const through = seenThrough(glassAt(looked, bag, ready, glass));
    painted.push(littlePixels({ prepared: ready, through, photo: plate }));
    yield painted.length / wanted.length;
  }
  return painted;
}
