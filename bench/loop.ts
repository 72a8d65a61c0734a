import { newStand, sampleBag } from '@/model';
import { drawnStand, drawnWrong, isThere, loopTrial } from '@/testing/loop-trials';
import { type Figure, figure } from './measure';

const CASES = 200;
const ROUNDS = 3;
const LIKE = newStand({ id: 'st-loop', name: 'Quill Rim', createdAt: '2026-05-01T05:00:00Z' });

/** Scenes shot wrongly and corrected by what an eye says of them: how many come to the best in three rounds, and in how many. */
export function* loopFigures(): Generator<Figure> {
  const trials = Array.from({ length: CASES }, (_, i) =>
    loopTrial(drawnStand(i + 1, LIKE), sampleBag(), drawnWrong(i + 1), ROUNDS),
  );
  const there = trials.filter((came) => isThere(came.at(-1)!));
  yield figure('loop-there', `of ${CASES}`, [there.length]);
  yield figure(
    'loop-rounds',
    `of ${ROUNDS}`,
    there.map((came) => came.length - 1),
  );
}
