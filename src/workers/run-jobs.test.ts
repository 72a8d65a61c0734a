import { type Steps } from '@/core/numerics';
import { type Solution } from '@/model';
import { type JobAnswer } from './protocol';
import { runJobs } from './run-jobs';
import { sampleBag } from '@/model';
import { testStand } from '@/testing/fixtures';

const input = { stand: testStand(), bag: sampleBag() };
const output: Solution = { key: 'k', result: null };

/** A worker whose clock the steps move on. */
function harness(steps: (tick: (ms: number) => void) => Steps<Solution>) {
  const answers: JobAnswer<'solve'>[] = [];
  let time = 0;
  let whilePaused = () => {};
  const run = runJobs<'solve'>(() => steps((ms) => (time += ms)), {
    post: (answer) => answers.push(answer),
    now: () => time,
    pause: async () => whilePaused(),
  });
  return {
    answers,
    run,
    onPause: (then: () => void) => (whilePaused = then),
    start: (job: number) => run({ job, type: 'start', kind: 'solve', input }),
  };
}

function* slow(tick: (ms: number) => void): Steps<Solution> {
  for (let i = 0; i < 10; i++) {
    tick(100);
    yield i / 10;
  }
  return output;
}

describe('a worker at its jobs', () => {
  it('tells progress only of work that takes its time, and then the answer', async () => {
    const long = harness(slow);
    await long.start(1);
    const parts = long.answers.flatMap((a) => (a.type === 'progress' ? [a.part] : []));
    expect(parts).toEqual([0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9]);
    expect(long.answers.at(-1)).toEqual({ job: 1, type: 'done', output });
    const short = harness(function* () {
      yield 0.5;
      return output;
    });
    await short.start(2);
    expect(short.answers).toEqual([{ job: 2, type: 'done', output }]);
  });

  it('stops between two steps when it is told to, and takes the next job', async () => {
    const h = harness(slow);
    h.onPause(() => void h.run({ job: 1, type: 'cancel' }));
    await h.start(1);
    expect(h.answers).toEqual([{ job: 1, type: 'failed', code: 'cancelled', message: expect.any(String) }]);
    h.onPause(() => {});
    await h.start(2);
    expect(h.answers.at(-1)).toMatchObject({ job: 2, type: 'done' });
  });

  it('answers for a job that throws', async () => {
    const h = harness(function* () {
      yield 0;
      throw new Error('it broke');
    });
    await h.start(3);
    expect(h.answers).toEqual([{ job: 3, type: 'failed', code: 'crashed', message: 'it broke' }]);
  });
});
