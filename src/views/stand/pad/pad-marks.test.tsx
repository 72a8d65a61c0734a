import { marksFor } from './pad-marks';

const seconds = (name: string) => (name.includes('/') ? 1 / Number(name.slice(2)) : Number(name));

describe('the marks of the pad', () => {
  it('stand thirds apart about the reading that is corrected, and name its own', () => {
    const { marks, chosen } = marksFor({
      roundSeconds: seconds('1/60'),
      targetSeconds: seconds('1/80'),
      thirds: 1,
      shift: 0,
    });
    expect(marks.map((m) => m.name)).toContain('1/60');
    expect(chosen?.name).toBe('1/80');
  });

  it('go along with a reading that was typed far off them: none that is stops away is called as read (fault 86)', () => {
    const { marks, chosen } = marksFor({
      roundSeconds: seconds('1/60'),
      targetSeconds: seconds('1/1000'),
      thirds: 1,
      shift: 0,
    });
    expect(chosen?.name).toBe('1/1000');
    expect(marks.map((m) => m.name)).toContain('1/1000');
  });

  it('name none where they are moved away from it', () => {
    const moved = marksFor({ roundSeconds: 1 / 60, targetSeconds: 1 / 60, thirds: 1, shift: 6 });
    expect(moved.chosen).toBeNull();
    expect(marksFor({ roundSeconds: 1 / 60, targetSeconds: 1 / 60, thirds: 3, shift: 0 }).chosen?.name).toBe(
      '1/60',
    );
  });
});
