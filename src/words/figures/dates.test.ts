import { agoText, clockText, momentText } from '@/words';

/** A moment of the machine's own clock, whatever its zone. */
const at = (hour: number, minute: number): number => new Date(2026, 9, 14, hour, minute).getTime();

describe('moments in words', () => {
  it('are written day first, on a clock of 24 hours, from text and from milliseconds alike', () => {
    expect(clockText(at(5, 41))).toBe('05:41');
    expect(clockText(at(0, 3))).toBe('00:03');
    expect(momentText(at(17, 5))).toBe('14 Oct 2026, 17:05');
    expect(momentText(new Date(at(17, 5)).toISOString())).toBe('14 Oct 2026, 17:05');
  });

  it.each([
    [0, 'just now'],
    [29, 'just now'],
    [60, '1 minute ago'],
    [59 * 60, '59 minutes ago'],
    [3600, '1 hour ago'],
    [30 * 3600, 'yesterday'],
    [3 * 86_400, '3 days ago'],
    [40 * 86_400, 'last month'],
    [800 * 86_400, '2 years ago'],
  ])('%p s ago is %p', (seconds, text) => {
    expect(agoText(at(12, 0) - 1000 * seconds, at(12, 0))).toBe(text);
  });

  it('of a clock that was set back are just now', () => {
    expect(agoText(at(12, 5), at(12, 0))).toBe('just now');
  });
});
