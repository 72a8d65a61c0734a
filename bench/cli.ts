import { spawnSync } from 'node:child_process';
import { type Figure, figure, median, runs } from './measure';

const PLAN = ['cli/run.mjs', 'plan', 'src/demo/tholl-saddle.paleseam.json'];
const COUNT = 9;

const node = (args: readonly string[]) => () => {
  const { status, stderr } = spawnSync(process.execPath, args);
  if (status !== 0) throw new Error(stderr.toString());
};

/** `plan` of one stand file as a whole process, beside one that does nothing, in the same run. */
export function* cliFigures(): Generator<Figure> {
  const empty = runs(node(['-e', '0']), { warm: 1, count: COUNT });
  // the first run makes the bundle anew where a source has changed
  const plan = runs(node(PLAN), { warm: 1, count: COUNT });
  yield figure('cli-empty', 'ms', empty);
  yield figure('cli-plan', 'ms', plan);
  const own = median(empty);
  yield figure(
    'cli-plan-vs-empty',
    'x',
    plan.map((ms) => ms / own),
  );
}
