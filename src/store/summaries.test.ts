import { sampleBag, solutionKey, solveStand } from '@/model';
import { testStand } from '@/testing/fixtures';
import { type JobResult } from '@/workers';
import { createSummaries } from './summaries';

const bag = sampleBag();
const stand = (iso: number) => testStand({ exposure: { aperture: 11, iso } });
const tick = () => new Promise((r) => setTimeout(r));

function make() {
  const asked: { iso: number; settle: (result: JobResult<'solve'>) => void }[] = [];
  const summaries = createSummaries({
    request: ({ stand: s }) => new Promise((settle) => asked.push({ iso: s.exposure.iso, settle })),
    cancel: () => {},
    dispose: jest.fn(),
  });
  const answer = async (iso: number) => {
    asked.at(-1)!.settle({ type: 'done', output: { key: solutionKey(stand(iso), bag), result: null } });
    await tick();
  };
  return { asked, summaries, answer };
}

describe('the answers of a list', () => {
  it('come one after another, in order, each once', async () => {
    const { asked, summaries, answer } = make();
    const wanted = [100, 200, 100].map((iso) => ({ stand: stand(iso), bag }));
    summaries.want(wanted);
    expect(asked.map((a) => a.iso)).toEqual([100]);
    await answer(100);
    await answer(200);
    expect(asked.map((a) => a.iso)).toEqual([100, 200]);
    summaries.want(wanted);
    expect(asked).toHaveLength(2);
    expect(summaries.state.getState().solutions.has(solutionKey(stand(200), bag))).toBe(true);
  });

  it('drop what is no longer wanted, and go on after a failure', async () => {
    const { asked, summaries, answer } = make();
    summaries.want([100, 200, 400].map((iso) => ({ stand: stand(iso), bag })));
    summaries.want([{ stand: stand(800), bag }]);
    asked[0]!.settle({ type: 'failed', code: 'crashed', message: '' });
    await tick();
    expect(asked.map((a) => a.iso)).toEqual([100, 800]);
    summaries.rest();
    await answer(800);
    expect(asked).toHaveLength(2);
  });

  it('are those that the stand itself would have', () => {
    const { key } = solveStand(stand(100), bag);
    expect(key).toBe(solutionKey(stand(100), bag));
  });
});
