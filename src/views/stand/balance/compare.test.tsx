import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { standOnScreen } from '@/testing/stand-on-screen';
import { testStand } from '@/testing/fixtures';
import { Divided } from '../pictured/divided';

const press = (element: HTMLElement) => act(async () => fireEvent.click(element));
const sheets = () => screen.getByRole('list', { name: 'Sheets of the bag, best first' });
const unfold = (line: string) =>
  act(async () => {
    const fold = screen.getByText(line).closest('details')!;
    fold.open = true;
    fireEvent(fold, new Event('toggle'));
  });
const row = (name: RegExp) => within(sheets()).getByRole('button', { name });

describe('a row of glass', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  it('that is held shows the frame through it, and nothing is chosen', async () => {
    const workspace = await standOnScreen(testStand());
    const weak = row(/^2 stops, medium/);
    fireEvent.pointerDown(weak);
    await act(async () => jest.advanceTimersByTime(500));
    // over the frame it is said what is looked through
    expect(screen.getByText('2 stops, medium', { selector: 'text' })).toBeInTheDocument();
    fireEvent.pointerUp(weak);
    await press(weak);
    expect(screen.queryByText('2 stops, medium', { selector: 'text' })).toBeNull();
    expect(workspace.state.getState().stands[0]!.document.stand.choice).toBeUndefined();
  });

  it('that is tapped is chosen', async () => {
    const workspace = await standOnScreen(testStand());
    const weak = row(/^2 stops, medium/);
    fireEvent.pointerDown(weak);
    await act(async () => jest.advanceTimersByTime(100));
    fireEvent.pointerUp(weak);
    await press(weak);
    expect(workspace.state.getState().stands[0]!.document.stand.choice?.filterIds).toEqual(['medium-2']);
  });
});

describe('the rows', () => {
  it('are narrowed down to what they have in common, and come back', async () => {
    await standOnScreen(testStand());
    const names = () =>
      within(sheets())
        .queryAllByRole('button')
        .map((b) => b.querySelector('.font-semibold')!.textContent);
    const only = screen.getByRole('group', { name: 'Show only' });
    await press(within(only).getByRole('button', { name: 'Not hard' }));
    expect(names().length).toBeGreaterThan(0);
    expect(names().join()).not.toMatch(/hard/);
    await press(within(only).getByRole('button', { name: 'Hard' }));
    expect(names().every((n) => /hard|no grad/.test(n))).toBe(true);
    await press(within(only).getByRole('button', { name: 'Hard' }));
    expect(names().join()).toMatch(/hard.*medium|medium.*hard/);
  });

  it('are not all: any other sheet that is along can be put on', async () => {
    const workspace = await standOnScreen(testStand());
    await unfold('Any other sheet');
    const others = screen.getByRole('list', { name: 'Other sheets', hidden: true });
    const [first] = within(others).getAllByRole('button', { hidden: true });
    await press(first!);
    const { choice } = workspace.state.getState().stands[0]!.document.stand;
    expect(choice).toMatchObject({ follows: true });
    expect(screen.getByRole('region', { name: 'Slip' })).toHaveTextContent(
      first!.querySelector('.font-semibold')!.textContent,
    );
  });

  it('can be compared, two and two or against none', async () => {
    await standOnScreen(testStand());
    await unfold('Compare two as they would come out');
    const against = screen.getByRole('combobox', { name: 'Against', hidden: true });
    expect(against).toHaveDisplayValue('no grad');
    await act(async () => fireEvent.change(against, { target: { value: 'medium-2' } }));
    expect(against).toHaveDisplayValue('2 stops, medium');
    await press(screen.getByRole('radio', { name: 'One beside the other', hidden: true }));
    const beside = screen.getAllByRole('figure', { hidden: true }).map((f) => f.textContent);
    expect(beside).toEqual(['2 stops, hard', '2 stops, medium']);
  });
});

describe('two pictures with a line between', () => {
  it('are parted where the line is dragged, stepped or typed', () => {
    globalThis.ResizeObserver = class {
      constructor(private readonly tell: ResizeObserverCallback) {}
      observe(target: Element) {
        this.tell(
          [{ target, contentRect: { width: 300, height: 200 } } as unknown as ResizeObserverEntry],
          this,
        );
      }
      unobserve() {}
      disconnect() {}
    };
    const side = (name: string) => ({ name, picture: () => <span>{`picture of ${name}`}</span> });
    render(<Divided what="the two" first={side('one')} second={side('other')} />);
    const line = screen.getByRole('slider', { name: 'Where the two part' });
    expect(line).toHaveAttribute('aria-valuenow', '50');
    fireEvent.keyDown(line, { key: 'ArrowRight' });
    fireEvent.keyDown(line, { key: 'ArrowRight', shiftKey: true });
    expect(line).toHaveAttribute('aria-valuetext', '62 % from the left');
    fireEvent.keyDown(line, { key: 'End' });
    expect(line).toHaveAttribute('aria-valuenow', '100');
    fireEvent.change(screen.getByRole('textbox', { name: 'Where the two part' }), {
      target: { value: '25' },
    });
    expect(line).toHaveAttribute('aria-valuenow', '25');
  });
});
