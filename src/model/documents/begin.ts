import { type Bag } from '../bag/bag';
import { mountedCamera, mountedLens } from '../bag/edits';
import { notFittedFor } from '../stand/choice';
import { partsThat, withoutParts } from '../stand/parts';
import { FIRST_LOOK } from '../terms/looks';
import { type Stand } from '../stand/stand';
import { ASSUMABLES } from '../terms/stand';

export interface NewStand {
  readonly id: string;
  readonly name: string;
  readonly createdAt: string;
  /** The stand whose camera, lens and exposure are taken over. */
  readonly like?: Stand | undefined;
}

/** What a camera is taken for that nobody has said anything of. */
export const FULL_FRAME = { name: 'full frame', sensorWidthMm: 36, sensorHeightMm: 24 } as const;

const USUAL: Pick<Stand, 'camera' | 'lens' | 'exposure'> = {
  camera: { ...FULL_FRAME, orientation: 'landscape', baseIso: 100 },
  lens: { focalLengthMm: 24 },
  exposure: { aperture: 11, iso: 100 },
};

/** A stand with a camera as last used or as usual, a level skyline across the middle and nothing read; all of it assumed. */
export function newStand({ id, name, createdAt, like }: NewStand): Stand {
  const { camera, lens, exposure } = like ?? USUAL;
  const { nearestSubjectM: _, ...glass } = lens;
  return {
    id,
    name,
    createdAt,
    camera,
    lens: glass,
    exposure,
    skyline: [
      { u: 0, v: 0.5 },
      { u: 1, v: 0.5 },
    ],
    readings: [],
    look: { school: FIRST_LOOK },
    assumed: ASSUMABLES,
  };
}

/** A stand as a photographer begins it: with what was used last, else with what the bag has first, else as usual. */
export function standToBegin(
  made: Omit<NewStand, 'like'>,
  { like, bag }: { readonly like?: Stand | undefined; readonly bag: Bag },
): Stand {
  const stand = newStand({ ...made, like });
  if (like) return stand;
  const camera = bag.cameras?.find((c) => !c.archived);
  const lens = bag.lenses?.find((l) => !l.archived);
  return {
    ...stand,
    ...(camera ? { camera: mountedCamera(camera, stand.camera.orientation) } : {}),
    ...(lens ? { lens: mountedLens(lens, stand.lens.focalLengthMm) } : {}),
  };
}

/**
 * The next framing from the same place: camera, light and glass are kept, what belongs to the old frame is not, its picture
 * among it. The skyline stays as a start, as an assumption.
 */
export function nextStand(stand: Stand, { id, name, createdAt }: Omit<NewStand, 'like'>): Stand {
  const kept = withoutParts(
    notFittedFor(stand),
    partsThat((part) => !part.goesOn),
  );
  const assumed = [...new Set([...(stand.assumed ?? []), 'skyline' as const])];
  return { ...kept, id, name, createdAt, assumed };
}
