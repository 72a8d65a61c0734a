import { EXERCISES, GRADES } from '@/model/bench';
import { MISTAKES, read, setUp } from '@/testing/bench-exercises';
import { benchBag, shotAndTold } from '@/testing/bench-scenes';
import { type Figure, figure } from './measure';

/** Each exercise done well and done wrong: its grade (0 the best), and by how much more the mistake cost. */
export function* exerciseFigures(): Generator<Figure> {
  const bag = benchBag();
  const total = ({ glass, seat, time }: { glass: number; seat: number; time: number }) => glass + seat + time;
  for (const id of EXERCISES) {
    const [well, badly] = [read(setUp(id)), MISTAKES[id]()].map((stand) => shotAndTold({ stand, bag }));
    if (!well || !badly) continue;
    yield figure(`exercise-${id}-well`, 'grade', [GRADES.indexOf(well.grade)]);
    yield figure(`exercise-${id}-badly`, 'grade', [GRADES.indexOf(badly.grade)]);
    yield figure(`exercise-${id}-cost`, 'stops', [total(badly.told.costs) - total(well.told.costs)]);
  }
}
