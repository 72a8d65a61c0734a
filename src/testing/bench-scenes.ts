import { readFileSync } from 'node:fs';
import { type Role, skylineAt } from '@/core/field';
import { LIGHT_CELLS, lightFigures, reduceLinear } from '@/core/photo';
import { airOf, makeScene } from '@/core/scene';
import { readBagFile } from '@/files';
import {
  type Bag,
  bagAtLens,
  deriveStand,
  type Reading,
  solveStand,
  type Stand,
  type Take,
  takeOf,
} from '@/model';
import {
  benchReading,
  benchStand,
  EXERCISE_TABLE,
  type ExerciseId,
  gradeOf,
  type Grade,
  lostIn,
  type Lost,
  sceneOrder,
  type Told,
  toldOf,
  trueShot,
  truthOf,
} from '@/model/bench';
import { SCENE_EXPOSURE, scenePixels, sceneSkyline } from '@/photos/scene-light';
import { valueOf } from './results';

/** The bag that is practised with. */
export const benchBag = (): Bag => valueOf(readBagFile(readFileSync('src/demo/bag.paleseam.json', 'utf8')));

/** The stand that an exercise begins with, its scene made coarse enough for a test. */
export function exerciseStand(exercise: ExerciseId, columns = 120): Stand {
  const { order, focalLengthMm } = EXERCISE_TABLE[exercise];
  const ordered = sceneOrder(order, focalLengthMm, columns);
  const scene = makeScene(ordered);
  const light = lightFigures(reduceLinear(scenePixels(scene), LIGHT_CELLS));
  return benchStand(
    { id: `bench-${exercise}`, name: exercise, createdAt: '2026-05-01T05:00:00Z' },
    {
      order,
      focalLengthMm,
      air: airOf(ordered),
      skyline: sceneSkyline(scene),
      picture: {
        sha256: '0'.repeat(64),
        type: 'image/png',
        coding: 'stops',
        columns: scene.columns,
        rows: scene.rows,
        light,
        exposure: SCENE_EXPOSURE,
      },
    },
    benchBag(),
    exercise,
  );
}

/** Where somebody points the meter: along a line through each part of the frame that lies well within it. */
const LOOKS_ACROSS = [0.1, 0.3, 0.5, 0.7, 0.9];

export interface Practised {
  readonly stand: Stand;
  readonly bag: Bag;
}

/** The stand with readings of the parts of its frame, as its simulated meter shows them. */
export function readWith(
  { stand, bag }: Practised,
  roles: readonly Role[],
  at: Partial<Record<Role, readonly number[]>> = {},
): Stand {
  const truth = truthOf(stand, bag);
  if (!truth) throw new Error('no scene to read');
  const heightAt = skylineAt(stand.skyline);
  const readings = roles.flatMap((role) =>
    LOOKS_ACROSS.flatMap((u) =>
      (at[role] ?? DEPTHS[role]).flatMap((part): Reading[] => {
        const line = heightAt(u);
        const v = role === 'sky' ? line * part : line + (1 - line) * part;
        const reading = benchReading(stand, bag, truth, { role, place: { u, v }, angleDeg: 3 });
        return reading ? [{ ...reading, id: `${role}-${u}-${part}` }] : [];
      }),
    ),
  );
  return { ...stand, readings };
}

/** How far into each part of the frame, from its edge of the frame or from the skyline. */
const DEPTHS: Readonly<Record<Role, readonly number[]>> = {
  sky: [0.15, 0.4, 0.65, 0.9],
  land: [0.15, 0.4, 0.65, 0.9],
  water: [0.1, 0.3, 0.5, 0.7],
  feature: [0.5],
};

/** Shoots a stand of the bench as its slip says, and is told how that was. */
export function shotAndTold({ stand, bag }: Practised): {
  taken: Take;
  told: Told;
  grade: Grade;
  lost: Lost;
} {
  const own = bagAtLens(stand, bag);
  const derived = deriveStand(stand, own, solveStand(stand, own, { workedOut: 5 }));
  const taken = takeOf({ stand, bag: own, derived }, 'k1', '2026-05-01T05:10:00Z');
  const shot = taken && trueShot(stand, own, taken);
  if (!shot) throw new Error('nothing to shoot');
  const solution = solveStand(shot.truth.stand, own, { ready: shot.truth.prepared });
  const told = toldOf(stand, own, { taken, shot, solution });
  return { taken, told, grade: gradeOf(told, stand.bench?.exercise), lost: lostIn(shot, own) };
}
