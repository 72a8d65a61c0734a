import { finish } from '@/core/numerics';
import { type Bag, type Filter, type Solution, solveSteps } from '@/model';
import { type Figure, figure, runs, timed } from './measure';
import { STAND } from './search';

/** Sheets of many strengths and transitions, no two alike. */
const bagOf = (count: number): Bag => ({
  slots: 10,
  filters: Array.from({ length: count }, (_, i): Filter => ({
    id: `g${i}`,
    kind: 'graduated',
    stops: 0.5 + (i % 17) * 0.25,
    transitionMm: 4 + ((i * 7) % 53),
    sheetLengthMm: 150,
    sheetWidthMm: 100,
  })),
});

/** Bags of many sheets, whole and up to the single sheets, and how many times a bag of twelve they take. */
export function* manyFigures(): Generator<Figure> {
  const solve = (bag: Bag, tell?: (solution: Solution) => void) =>
    finish(solveSteps(STAND, bag, tell ? { onSingles: tell } : {}));
  const twelve = runs(() => void solve(bagOf(12)), { warm: 2, count: 5 });
  const middle = twelve.toSorted((a, b) => a - b)[2] as number;
  for (const count of [59, 200]) {
    const whole = runs(() => void solve(bagOf(count)), { warm: 1, count: 3 });
    yield figure(`many-${count}`, 'ms', whole);
    yield figure(
      `many-${count}-vs-12`,
      'x',
      whole.map((ms) => ms / middle),
    );
    let singles = 0;
    const begun = performance.now();
    timed(() => void solve(bagOf(count), () => (singles = performance.now() - begun)));
    yield figure(`many-${count}-singles`, 'ms', [singles]);
  }
}
