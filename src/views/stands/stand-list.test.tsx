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

  const searchFor = (value: string) =>
    act(async () =>
      fireEvent.change(screen.getByRole('searchbox', { name: 'Search stands' }), { target: { value } }),
    );
  const named = (name: string) => within(list()).getByRole('link', { name: new RegExp(`${name}\\b`) });

  it('finds stands by look, moment, glass and what the slip says (fault 52)', async () => {
    const stands = [
      testStand({ name: 'A', look: { school: 'heavy' } }),
      testStand({ name: 'B', lightAt: '2026-10-14T05:41:00Z' }),
      testStand({ name: 'C', choice: { filterIds: ['soft-2'], offsetMm: 0, turnDeg: 0 } }),
      ...STANDS.slice(0, 4),
    ];
    const { client, answer } = onCommand();
    await standsOnScreen(stands, client);
    await answer({ type: 'done', output: { ...glanced('x'), line: 'three frames serve better here' } });
    for (const [text, name] of [
      ['heavy', 'A'],
      ['14 oct 2026', 'B'],
      ['2 stops, soft', 'C'],
    ] as const) {
      await searchFor(text);
      expect(named(name)).toBeInTheDocument();
      expect(rows()).toHaveLength(1);
    }
    await searchFor('frames serve');
    expect(rows()).toHaveLength(1);
  });

  it('is gone through by the arrow keys', async () => {
    await standsOnScreen(STANDS, onCommand().client);
    named('Terrace 1').focus();
    fireEvent.keyDown(document.activeElement!, { key: 'ArrowDown' });
    expect(document.activeElement).toBe(named('Terrace 2'));
    fireEvent.keyDown(document.activeElement!, { key: 'ArrowUp' });
    fireEvent.keyDown(document.activeElement!, { key: 'ArrowUp' });
    expect(document.activeElement).toBe(named('Terrace 1'));
  });

  it('renames a stand where it stands; Escape leaves its name', async () => {
    await standsOnScreen(STANDS.slice(0, 6), onCommand().client);
    const rename = async (typed: string, key: string) => {
      const menu = within(rows()[0]!).getByRole('button', { name: /^More about/ });
      await act(async () => fireEvent.keyDown(menu, { key: 'Enter' }));
      await act(async () => fireEvent.click(screen.getByRole('menuitem', { name: 'Rename' })));
      const field = await screen.findByRole('textbox', { name: /^Name of/ });
      await act(async () => fireEvent.change(field, { target: { value: typed } }));
      await act(async () => fireEvent.keyDown(field, { key }));
    };
    await rename('Upper terrace', 'Enter');
    expect(named('Upper terrace')).toBeInTheDocument();
    await rename('Nothing', 'Escape');
    expect(named('Upper terrace')).toBeInTheDocument();
    await rename('   ', 'Enter');
    expect(named('Upper terrace')).toBeInTheDocument();
  });

  it('puts several away at once', async () => {
    await standsOnScreen(STANDS.slice(0, 6), onCommand().client);
    await act(async () => fireEvent.click(screen.getByRole('button', { name: 'Choose several' })));
    const boxes = () => screen.getAllByRole('checkbox');
    for (const box of boxes().slice(0, 2)) await act(async () => fireEvent.click(box));
    expect(screen.getByText('2 stands chosen')).toBeInTheDocument();
    await act(async () => fireEvent.click(screen.getByRole('button', { name: 'Archive' })));
    expect(rows()).toHaveLength(4);
    expect(screen.getByRole('button', { name: 'Archive (2)' })).toBeInTheDocument();
    // what is deleted comes back by the undo of it all
    await act(async () => fireEvent.click(screen.getByRole('button', { name: 'Choose several' })));
    await act(async () => fireEvent.click(screen.getByRole('button', { name: 'All' })));
    await act(async () => fireEvent.click(screen.getByRole('button', { name: 'Delete' })));
    expect(screen.queryByText('Terrace 59')).toBeNull();
  });
});
