import fc from 'fast-check';
import { clockHours, dayBounds, dayOf, hourOf, isZone, momentAt } from './zone';

const HOUR_MS = 3_600_000;
const hoursOf = (day: string, zone: string) => {
  const { fromMs, toMs } = dayBounds(day, zone);
  return (toMs - fromMs) / HOUR_MS;
};

describe('the hours of a place', () => {
  it('are 23 and 25 in the days in which the clocks change, and 24 in others', () => {
    expect(hoursOf('2026-03-29', 'Europe/London')).toBe(23);
    expect(hoursOf('2026-10-25', 'Europe/London')).toBe(25);
    expect(hoursOf('2026-06-21', 'Europe/London')).toBe(24);
  });

  it('go by the clock on the wall on either side of a change', () => {
    const at = (hour: string) => new Date(momentAt('2026-03-29', hour, 'Europe/London')).toISOString();
    expect(at('00:30')).toBe('2026-03-29T00:30:00.000Z');
    expect(at('05:40')).toBe('2026-03-29T04:40:00.000Z');
    // the clocks go from one to two: half past one is left out
    expect(hourOf(momentAt('2026-03-29', '01:30', 'Europe/London'), 'Europe/London')).toBe('02:30');
  });

  it('have another day on the other side of the date line', () => {
    const atMs = Date.parse('2026-06-21T11:30:00Z');
    expect(dayOf(atMs, 'Pacific/Kiritimati')).toBe('2026-06-22');
    expect(dayOf(atMs, 'Pacific/Pago_Pago')).toBe('2026-06-21');
    expect(hourOf(atMs, 'Pacific/Kiritimati')).toBe('01:30');
    expect(new Date(dayBounds('2026-06-22', 'Pacific/Kiritimati').fromMs).toISOString()).toBe(
      '2026-06-21T10:00:00.000Z',
    );
  });

  it('are told in universal time where a zone has no rules here', () => {
    expect(isZone('Nowhere/At_All')).toBe(false);
    expect(hourOf(Date.parse('2026-06-21T11:30:00Z'), 'Nowhere/At_All')).toBe('11:30');
    expect(hoursOf('2026-03-29', 'Nowhere/At_All')).toBe(24);
  });

  it('are marked from midnight to midnight, also in a day of 23 hours', () => {
    const marks = clockHours('2026-03-29', 'Europe/London', 6);
    expect(marks.map((m) => m.hour)).toEqual(['00:00', '06:00', '12:00', '18:00', '24:00']);
    expect((marks[1]!.atMs - marks[0]!.atMs) / HOUR_MS).toBe(5);
  });

  it('an hour that the clock shows comes back as the same hour', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('2020-01-01'), max: new Date('2035-01-01'), noInvalidDate: true }),
        fc.constantFrom('Europe/London', 'Australia/Lord_Howe', 'America/St_Johns', 'Pacific/Apia'),
        (date, zone) => {
          const [day, hour] = [dayOf(date.getTime(), zone), hourOf(date.getTime(), zone)];
          const back = momentAt(day, hour, zone);
          expect(hourOf(back, zone)).toBe(hour);
          expect(dayOf(back, zone)).toBe(day);
          // of an hour that comes twice either is meant
          expect(Math.abs(back - date.getTime())).toBeLessThanOrEqual(HOUR_MS + 60_000);
        },
      ),
    );
  });
});
