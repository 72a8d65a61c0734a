import { act, fireEvent, screen, within } from '@testing-library/react';
import { type Stand } from '@/model';
import { testStand } from '@/testing/fixtures';
import { standsOnScreen } from '@/testing/stand-on-screen';
import { type Glance, type JobResult } from '@/workers';

const COUNT = 60;
/** The last of them stands on top. */
const STANDS = Array.from({ length: COUNT }, (_, i): Stand => testStand({ name: `Terrace ${COUNT - i}` }));

const glanced = (name: string): Glance => ({
  line: `2 stops for ${name}`,
  sheets: [],
  isUpsideDown: false,
  seam: null,
  picture: null,
});

/** One who glances at a stand when told to. */
function onCommand() {
  const asked: { name: string; settle: (result: JobResult<'glance'>) => void }[] = [];
  const client = {
    request: ({ stand }: { stand: Stand }) =>
      new Promise<JobResult<'glance'>>((settle) => asked.push({ name: stand.name, settle })),
    cancel: () => {},
    dispose: () => {},
  };
  const answer = (result?: JobResult<'glance'>) =>
    act(async () => {
      const { name, settle } = asked.at(-1)!;
      settle(result ?? { type: 'done', output: glanced(name) });
    });
  return { asked, client, answer };
}

const list = () => screen.getByRole('list', { name: 'Stands' });
const rows = () => within(list()).getAllByRole('listitem');

describe('the list of stands (fault 72)', () => {
  it('makes the rows in sight and a few more, and tells of all of them', async () => {
    await standsOnScreen(STANDS, onCommand().client);
    expect(rows().length).toBeLessThan(COUNT / 2);
    expect(rows()[0]).toHaveAttribute('aria-posinset', '1');
    expect(rows()[0]).toHaveAttribute('aria-setsize', String(COUNT));
    expect(within(rows()[0]!).getByText('Terrace 1')).toBeInTheDocument();
  });

  it('fills in what is found of each, from the top, and says what could not be worked out', async () => {
    const { client, answer, asked } = onCommand();
    await standsOnScreen(STANDS, client);
    await answer();
    expect(screen.getByText('2 stops for Terrace 1')).toBeInTheDocument();
    await answer({ type: 'failed', code: 'crashed', message: '' });
    expect(screen.getByText(/could not be worked out/)).toBeInTheDocument();
    expect(asked.map((a) => a.name)).toEqual(['Terrace 1', 'Terrace 2', 'Terrace 3']);
  });

  it('finds a stand far below by its name', async () => {
    await standsOnScreen(STANDS, onCommand().client);
    const search = screen.getByRole('searchbox', { name: 'Search stands' });
    await act(async () => fireEvent.change(search, { target: { value: 'terrace 57' } }));
    expect(rows()).toHaveLength(1);
    expect(within(list()).getByText('Terrace 57')).toBeInTheDocument();
  });
});
