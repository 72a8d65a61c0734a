import { type FramePoint } from '@/core/field';
import { type Bag } from '../bag/bag';
import { mountedCamera, mountedLens } from '../bag/edits';
import { newStand } from '../documents/begin';
import { partsThat, withoutParts } from '../stand/parts';
import { type Stand, type StandPhoto } from '../stand/stand';
import { type BenchOrder, EXERCISE_TABLE } from './exercises';
import { type BenchAir, type ExerciseId } from '../terms/bench';

/** A scene that was simulated: its picture, which holds its light, and where its ground meets the sky. */
export interface MadeScene {
  readonly order: BenchOrder;
  readonly focalLengthMm: number;
  readonly air: BenchAir;
  readonly picture: StandPhoto;
  readonly skyline: readonly FramePoint[];
}

/** The direction that a simulated camera looks to, degrees: the sun's bearing counts from it. */
const LOOKS_TO_DEG = 90;

/** A stand at a simulated scene: camera and lens from the bag, the frame set, nothing read. */
export function benchStand(
  made: { readonly id: string; readonly name: string; readonly createdAt: string },
  scene: MadeScene,
  bag: Bag,
  exercise?: ExerciseId,
): Stand {
  const { order, focalLengthMm, air, picture, skyline } = scene;
  const { shapes, leftOn } = exercise ? EXERCISE_TABLE[exercise] : {};
  const { assumed: _, ...usual } = newStand(made);
  const camera = bag.cameras?.find((c) => !c.archived);
  const lens = bag.lenses?.find(
    (l) => !l.archived && (l.shortestMm ?? 0) <= focalLengthMm && focalLengthMm <= (l.longestMm ?? Infinity),
  );
  return {
    ...usual,
    ...(camera ? { camera: mountedCamera(camera, 'landscape') } : {}),
    lens: lens ? mountedLens(lens, focalLengthMm) : { focalLengthMm },
    skyline: [...skyline],
    ...(shapes ? { shapes } : {}),
    picture,
    way: 'meter',
    look: {
      school: 'natural',
      viewAzimuthDeg: LOOKS_TO_DEG,
      sunAzimuthDeg: LOOKS_TO_DEG + order.sunBearingDeg,
      sunAltitudeDeg: order.sunAltitudeDeg,
    },
    bench: { ...order, air, ...(exercise ? { exercise } : {}), ...(leftOn ? { leftOn: [...leftOn] } : {}) },
  };
}

/** The same scene again: nothing read, nothing chosen, nothing told; what was left on the lens is on it again. */
export function benchAgain(
  stand: Stand,
  { id, createdAt }: { readonly id: string; readonly createdAt: string },
): Stand {
  const kept = withoutParts(
    stand,
    partsThat((part) => !part.isOfScene),
  );
  if (!stand.bench) return kept;
  const { told: _, advised: __, leftOn: ___, ...bench } = stand.bench;
  const leftOn = bench.exercise && EXERCISE_TABLE[bench.exercise].leftOn;
  return {
    ...kept,
    id,
    createdAt,
    readings: [],
    bench: { ...bench, ...(leftOn ? { leftOn: [...leftOn] } : {}) },
  };
}
