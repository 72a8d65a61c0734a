import { readTurnText, takeTideText, tideHeadingText, tideHourText } from './tide';

const outing = { day: '2026-10-24', zone: 'Europe/London' };
const at = (iso: string) => Date.parse(iso);

describe('a tide in words', () => {
  it('says the day of a turn where it is not the outing’s, over a night that has an hour more', () => {
    expect(tideHourText(at('2026-10-24T09:20:00Z'), outing)).toBe('10:20');
    expect(tideHourText(at('2026-10-25T04:50:00Z'), outing)).toBe('the day after, 04:50');
    expect(tideHourText(at('2026-10-23T21:00:00Z'), outing)).toBe('the day before, 22:00');
    expect(tideHourText(at('2026-10-27T04:50:00Z'), outing)).toBe('Tuesday, 27 October 2026, 04:50');
  });

  it('says what was understood of a line, and what is doubtful in it', () => {
    const turn = { atMs: at('2026-10-25T00:30:00Z'), heightM: -0.2, turn: 'low', doubt: 'twice' } as const;
    expect(readTurnText(turn, outing)).toBe(
      'low water the day after, 01:30: −0.2 m (clocks show this hour twice that night: taken as the first)',
    );
    expect(tideHeadingText({ offsetMinutes: -210, unit: 'ft' })).toBe(
      'hours of UTC−3:30, shown by the clocks there, heights in feet',
    );
  });

  it('says before it takes them what it leaves', () => {
    expect(takeTideText(1, 0, 0)).toBe('Two turns about this day at least are needed');
    expect(takeTideText(12, 15, 1)).toBe(
      'Take these 12 (15 of other days not needed, 1 line not understood)',
    );
  });
});
