import { fireEvent, render, screen, within } from '@testing-library/react';
import { useCommandState } from '@/ui/commands';
import { HELP_WORDS, type HelpWord } from '@/words';
import Help from '../workspace/help';
import { Term } from './term';

const WORDS = Object.keys(HELP_WORDS) as HelpWord[];

/** Whether this is a device that is pointed at with fingers. */
function pointedAt(coarse: boolean) {
  window.matchMedia = ((query: string) => ({
    matches: query.includes('coarse') && coarse,
    addEventListener: () => {},
    removeEventListener: () => {},
  })) as never;
}

beforeAll(() => {
  const main = document.createElement('main');
  main.id = 'main';
  document.body.append(main);
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
});
beforeEach(() => pointedAt(false));

describe('the words of our own (fault 49)', () => {
  it.each(WORDS)('%s says what it means where it stands, with a drawing', async (of) => {
    render(<Term of={of}>{HELP_WORDS[of].word}</Term>);
    fireEvent.click(screen.getByRole('button', { name: HELP_WORDS[of].word }));
    const told = await screen.findByRole('dialog', { name: HELP_WORDS[of].word });
    expect(told).toHaveTextContent(HELP_WORDS[of].text);
    expect(told.querySelector('svg')!.children.length).toBeGreaterThan(0);
    fireEvent.click(within(told).getByRole('button', { name: 'All words' }));
    expect(useCommandState.getState().open).toBe('help');
  });

  it('are all in Help, each with its drawing', () => {
    render(<Help />);
    const help = screen.getByRole('region', { name: 'Words and hands' });
    for (const of of WORDS) expect(help).toHaveTextContent(HELP_WORDS[of].text);
    expect(help.querySelectorAll('svg')).toHaveLength(WORDS.length);
  });

  it('come with the keys at a desk, and with what fingers do on a phone', () => {
    const { unmount } = render(<Help />);
    expect(screen.getByRole('button', { name: 'The keys' })).toBeInTheDocument();
    unmount();
    pointedAt(true);
    render(<Help />);
    expect(screen.queryByRole('button', { name: 'The keys' })).toBeNull();
    expect(screen.getByText('Press and hold the picture')).toBeInTheDocument();
  });
});
