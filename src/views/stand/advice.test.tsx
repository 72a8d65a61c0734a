import { act, fireEvent, screen } from '@testing-library/react';
import { ownedBag, newcomerBag } from '@/model';
import { testStand } from '@/testing/fixtures';
import { standOnScreen } from '@/testing/stand-on-screen';
import { type Workspace } from '@/store';

const slip = () => screen.getByRole('region', { name: 'Slip' });
const tap = (name: string) => act(async () => fireEvent.click(screen.getByRole('button', { name })));

describe('a bag that is assumed (fault 28)', () => {
  it('says so on the slip, and is emptied in one tap', async () => {
    const workspace = await standOnScreen(testStand());
    expect(slip()).toHaveTextContent('from an assumed bag: say what is yours');
    await tap('These are not mine');
    expect(workspace.bag.state.getState().value).toEqual({ filters: [] });
    expect(slip()).toHaveTextContent('No grad at hand');
    expect(slip()).not.toHaveTextContent('was ');
    expect(screen.queryByText(/This bag is assumed/)).toBeNull();
    await act(async () => workspace.bag.undo());
    expect(slip()).toHaveTextContent('from an assumed bag');
  });

  it('is so no longer once it is said to be one’s own, or has been changed', async () => {
    const workspace = await standOnScreen(testStand());
    await tap('They are mine');
    expect(slip()).not.toHaveTextContent('assumed bag');
    expect(workspace.bag.state.getState().value).toEqual(ownedBag(newcomerBag()));
    await act(async () => workspace.bag.undo());
    await act(async () => workspace.bag.edit((bag) => ({ ...bag, slots: 3 })));
    expect(slip()).not.toHaveTextContent('assumed bag');
  });
});

describe('the advice, as the stand changes (fault 29)', () => {
  const skyAt = (workspace: Workspace, ev100: number) =>
    act(async () => {
      const [summary] = workspace.state.getState().stands;
      workspace.open(summary!.id)?.edit((d) => ({
        ...d,
        stand: { ...d.stand, readings: [{ ...d.stand.readings[0]!, ev100 }, ...d.stand.readings.slice(1)] },
      }));
    });

  it('says what glass it was before', async () => {
    const workspace = await standOnScreen(testStand());
    expect(slip()).not.toHaveTextContent('was ');
    await skyAt(workspace, 14.5);
    expect(slip()).toHaveTextContent(/3 stops, .*was 2 stops, hard/);
    await skyAt(workspace, 14.6);
    expect(slip()).not.toHaveTextContent('was ');
  });
});
