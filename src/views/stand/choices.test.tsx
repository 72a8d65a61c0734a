import { act, fireEvent, screen, within } from '@testing-library/react';
import { type Bag, mountedLens, newcomerBag, type Stand } from '@/model';
import { prefer } from '@/store';
import { type Workspace } from '@/store';
import { testStand } from '@/testing/fixtures';
import { standOnScreen } from '@/testing/stand-on-screen';

/** What is chosen on a stand's screen beside its readings: the polariser before it is on, the bracket, the holder, how strengths are called. */

const slip = () => screen.getByRole('region', { name: 'Slip' });
const press = (element: HTMLElement) => act(async () => fireEvent.click(element));
const standOf = (workspace: Workspace): Stand => workspace.state.getState().stands[0]!.document.stand;

describe('a polariser that is not on yet', () => {
  it('says what it would do by where the sun is said to stand, and what it costs', async () => {
    const workspace = await standOnScreen(testStand());
    expect(screen.getByText(/Say where the sun stands, and it is told/)).toBeInTheDocument();
    await press(screen.getByRole('radio', { name: 'At the side' }));
    expect(standOf(workspace).look.sun).toBe('side');
    expect(
      screen.getByText(/up to \d\.\d \(hazy\) to 2\.0 \(clear\) darker.*judged after it/),
    ).toBeInTheDocument();
    await press(screen.getByRole('radio', { name: 'Hidden' }));
    expect(screen.getByText(/On this sky it would do next to nothing/)).toBeInTheDocument();
    // a word for the sun takes the place of a direction
    await press(screen.getByRole('checkbox', { name: 'polariser' }));
    expect(screen.getByText(/sky and land are read again: it changes the span/)).toBeInTheDocument();
  });
});

describe('a bracket', () => {
  const wide = testStand({
    look: { school: 'bracket' },
    readings: [
      { ...testStand().readings[0]!, ev100: 15 },
      { ...testStand().readings[1]!, ev100: 9 },
      { ...testStand().readings[1]!, id: 'deep', ev100: 4, limit: true },
    ],
  });
  const frames = () =>
    within(screen.getByRole('list', { name: 'Exposures, darkest picture first' })).getAllByRole('listitem');

  it('goes by a row of the camera’s own, by side, or as few frames as are needed', async () => {
    const workspace = await standOnScreen(wide);
    expect(frames()).toHaveLength(2);
    await press(screen.getByRole('radio', { name: "Camera's row" }));
    expect(frames()).toHaveLength(3);
    await press(screen.getByRole('button', { name: 'More frames' }));
    expect(frames()).toHaveLength(5);
    await press(screen.getByRole('button', { name: 'A third closer' }));
    expect(standOf(workspace).bracket).toEqual({ by: 'row', frames: 5, stepStops: 5 / 3 });
    await press(screen.getByRole('radio', { name: 'Sky, then land' }));
    expect(frames()).toHaveLength(2);
    expect(slip()).toHaveTextContent('one frame for the sky and one for the land');
    await press(screen.getByRole('radio', { name: 'As needed' }));
    expect(standOf(workspace).bracket).toBeUndefined();
  });

  it('keeps the time where the frames are to be alike in blur', async () => {
    const workspace = await standOnScreen(wide);
    await press(screen.getByRole('checkbox', { name: /Alike in blur/ }));
    expect(standOf(workspace).bracket).toEqual({ alike: true });
    expect(slip()).toHaveTextContent(/f\/11, \S+ s each, ISO/);
    await press(screen.getByRole('checkbox', { name: /Alike in blur/ }));
    expect(standOf(workspace).bracket).toBeUndefined();
  });
});

describe('several holders', () => {
  const wide = { id: 'wide', name: 'the wide one', shortestMm: 24, longestMm: 24 };
  const bag: Bag = {
    ...newcomerBag(),
    assumed: undefined,
    holder: { sheetWidthMm: 100 },
    lenses: [wide],
    holders: [{ id: 'big', name: 'big holder', sheetWidthMm: 150, slots: 1, lensIds: ['wide'] }],
    filters: [
      ...newcomerBag().filters,
      {
        id: 'g',
        name: 'wide grad',
        kind: 'graduated',
        stops: 2,
        transitionMm: 12,
        sheetWidthMm: 150,
        sheetLengthMm: 170,
      },
    ],
  };

  it('go by the lens, and by what is said at the stand', async () => {
    const workspace = await standOnScreen(testStand({ lens: mountedLens(wide, 24) }), bag);
    expect(slip()).toHaveTextContent('Wide grad, level');
    expect(slip()).toHaveTextContent('in the big holder');
    await press(screen.getByRole('button', { name: /^1\s*Frame/ }));
    const choice = screen.getByRole('combobox', { name: 'Holder', hidden: true });
    await act(async () => fireEvent.change(choice, { target: { value: 'usual' } }));
    expect(standOf(workspace).holderId).toBe('usual');
    expect(slip()).not.toHaveTextContent('Wide grad');
    expect(slip()).toHaveTextContent('in the usual holder');
    await act(async () => fireEvent.change(choice, { target: { value: '' } }));
    expect(standOf(workspace)).not.toHaveProperty('holderId');
  });
});

describe('strengths', () => {
  it('are called in one notation where that is wished, and nothing of it is kept', async () => {
    const workspace = await standOnScreen(testStand());
    expect(slip()).toHaveTextContent('2 stops, hard');
    await act(async () => prefer({ strengthsAs: 'density' }));
    expect(slip()).toHaveTextContent('0.6 hard');
    const sheets = screen.getByRole('list', { name: 'Sheets of the bag, best first' });
    await press(within(sheets).getByRole('button', { name: /^0\.6 hard/ }));
    expect(workspace.bag.state.getState().value.filters.map((f) => f.name)).toContain('2 stops, hard');
    await act(async () => prefer({ strengthsAs: 'printed' }));
    expect(slip()).toHaveTextContent('2 stops, hard');
  });
});

describe('the top of a sky alone', () => {
  it('is evened out by a tick, and the slip says so', async () => {
    const [sky, land] = testStand().readings;
    const stand = testStand({
      readings: [
        { ...sky!, id: 'top', u: 0.5, v: 0.03, ev100: 14.5 },
        { ...sky!, u: 0.5, v: 0.4, ev100: 12 },
        land!,
      ],
    });
    const workspace = await standOnScreen(stand);
    await press(screen.getByRole('checkbox', { name: /Even out this part/, hidden: true }));
    expect(standOf(workspace).look.evensTop).toBe(true);
    expect(slip()).toHaveTextContent(/evens out the top of the sky, \d\.\d brighter than the rest/);
    expect(screen.getByText(/to take off the top of the sky/)).toBeInTheDocument();
  });
});

describe('what a shot shows', () => {
  it('is told anew from what stands after an undo, not from what had been tapped before (fault 84)', async () => {
    const workspace = await standOnScreen(testStand());
    const seen = () => standOf(workspace).seen ?? [];
    await press(screen.getAllByRole('button', { name: /I have shot it/ })[0]!);
    await press(await screen.findByRole('button', { name: 'Highlights gone' }));
    const card = () => screen.getByRole('region', { name: 'Highlights gone' });
    await press(within(card()).getByRole('button', { name: /part/i }));
    expect(seen()).toMatchObject([{ what: 'blown', much: 'part', of: 'sky' }]);
    await press(within(card()).getByRole('radio', { name: /water/i }));
    expect(seen()).toMatchObject([{ of: 'water' }]);
    await act(async () => workspace.open(standOf(workspace).id)!.undo());
    expect(seen()).toMatchObject([{ of: 'sky' }]);
    await press(within(card()).getByRole('button', { name: /most/i }));
    expect(seen()).toMatchObject([{ what: 'blown', much: 'most', of: 'sky' }]);
  });
});
