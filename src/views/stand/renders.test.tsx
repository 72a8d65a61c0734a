// the watcher must be there before React is
import { rendersDuring } from '@/testing/renders';
import { act, fireEvent, screen } from '@testing-library/react';
import { picturedAs, testStand } from '@/testing/fixtures';
import { standOnScreen } from '@/testing/stand-on-screen';

const during = (run: () => unknown) => rendersDuring(() => act(async () => run()));
const frame = () => screen.getByRole('group', { name: 'Frame' });
const press = (key: string, code = key) => fireEvent.keyDown(document.body, { key, code });
/** The last of the components of each path, each once. */
const named = (paths: readonly string[]) => [...new Set(paths.map((p) => p.slice(p.lastIndexOf('/') + 1)))];

const NOW = Date.parse('2026-05-01T05:00:30Z');
const MINUTE_MS = 60_000;

/** Read at the minutes before now. */
const readBefore = (minutes: number) => {
  const stand = testStand();
  const takenAt = new Date(NOW - minutes * MINUTE_MS).toISOString();
  return { ...stand, readings: stand.readings.map((r) => ({ ...r, takenAt })) };
};

describe('what a change wakes on a stand’s screen', () => {
  it('a wheel notch wakes the frame, and nothing else', async () => {
    await standOnScreen(testStand());
    const woken = await during(() => fireEvent.wheel(frame(), { deltaY: -200, clientX: 300, clientY: 200 }));
    expect(named(woken)).toEqual(expect.arrayContaining(['LookedAt', 'PaintedFrame', 'FrameScale']));
    expect(woken.filter((path) => !path.includes('/FrameView/'))).toEqual([]);
    expect(named(woken)).not.toContain('FrameView');
  });

  it('a hover over the picture that is measured wakes its meter, and nothing else', async () => {
    await standOnScreen(
      testStand({ picture: picturedAs(Array.from({ length: 24 }, (_, i) => 220 - 8 * i)) }),
    );
    await act(async () => press('2', 'Digit2'));
    await act(async () => fireEvent.click(screen.getByRole('radio', { name: 'Picture' })));
    const bare = frame().querySelector('rect') as SVGRectElement;
    const woken = await during(() =>
      fireEvent.pointerMove(bare, { clientX: 120, clientY: 300, pointerType: 'mouse', buttons: 0 }),
    );
    expect(named(woken)).toEqual(['PhotoMeter', 'Aim', 'CircleOutline', 'MarginNote']);
  });

  it('looking at the frame without the grad wakes what the grad is drawn in, and the button that says so', async () => {
    await standOnScreen(testStand());
    const woken = await during(() => press('b', 'KeyB'));
    expect(screen.getByText('without the grad')).toBeInTheDocument();
    expect(named(woken.filter((path) => !path.includes('/FrameView/')))).toEqual(['HoldBare', 'Button']);
    expect(named(woken)).not.toContain('ReadingMarks');
  });

  it('a figure whose working is asked for wakes the figures that could be asked for, and the panel', async () => {
    await standOnScreen(testStand());
    const woken = await during(() =>
      fireEvent.click(screen.getByRole('button', { name: /2 stops, hard, level/ })),
    );
    expect(screen.getByRole('region', { name: 'Working' })).toBeInTheDocument();
    for (const part of ['FrameView', 'LadderView', 'Header', 'Ranking'])
      expect(named(woken)).not.toContain(part);
  });

  describe('as time goes by', () => {
    beforeEach(() => jest.useFakeTimers({ now: NOW, doNotFake: ['queueMicrotask', 'performance'] }));
    afterEach(() => jest.useRealTimers());
    const minute = () => during(() => jest.advanceTimersByTime(MINUTE_MS));

    it('a drag of the sheet is followed by the holder at every move, and by what lies apart now and then', async () => {
      await standOnScreen(testStand());
      await act(async () => press('4', 'Digit4'));
      const sheet = screen.getByRole('group', { name: /^Sheet in the holder/ });
      const at = (clientY: number) => ({ clientX: 60, clientY, pointerId: 1, buttons: 1 });
      const moves = [40, 44, 48, 52, 56];
      await act(async () => fireEvent.pointerDown(sheet, at(36)));
      await act(async () => fireEvent.pointerMove(sheet, at(38)));
      const woken: string[] = [];
      for (const y of moves) woken.push(...(await during(() => fireEvent.pointerMove(sheet, at(y)))));
      const times = (name: string) => woken.filter((path) => path.endsWith(`/${name}`)).length;
      expect(times('HolderStage')).toBe(moves.length);
      expect(times('SeatFigures')).toBe(0);
      expect(named(await during(() => jest.advanceTimersByTime(1000)))).toContain('SeatFigures');
      await act(async () => fireEvent.pointerMove(sheet, at(60)));
      await act(async () => fireEvent.pointerMove(sheet, at(64)));
      expect(named(await during(() => fireEvent.pointerUp(sheet, at(64))))).toContain('SeatFigures');
    });

    it('a minute wakes nothing where nothing tells the time', async () => {
      await standOnScreen(testStand());
      expect(await minute()).toEqual([]);
    });

    it('a minute wakes the line that tells how old the readings are', async () => {
      await standOnScreen(readBefore(2));
      const line = screen.getByRole('button', { name: /span .*2 readings/ });
      expect(line).toHaveTextContent('2 min old');
      expect(named(await minute())).toEqual(['ReadResult']);
      expect(line).toHaveTextContent('3 min old');
    });

    it('a minute wakes the slip once the readings have grown too old', async () => {
      await standOnScreen(readBefore(10));
      const slip = screen.getByRole('region', { name: 'Slip' });
      expect(slip).not.toHaveTextContent('read again');
      expect(named(await minute())).toContain('SlipView');
      expect(slip).toHaveTextContent('readings 11 min old: read again');
    });
  });
});
