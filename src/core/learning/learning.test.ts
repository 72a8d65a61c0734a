import fc from 'fast-check';
import { agreedOn, leaningOf } from '.';

const RULE = { least: 4, part: 0.75, worth: 0.3 };

describe('a row of corrections', () => {
  it('leans when enough of it goes one way; its middle is told, not its wildest', () => {
    expect(leaningOf([0.5, 0.5, 0.5, 1, 5], RULE)).toEqual({ by: 0.5, agreeing: 5, of: 5 });
    expect(leaningOf([-1, -1, -0.5, -0.5, 0], RULE)).toEqual({ by: -0.75, agreeing: 4, of: 5 });
  });

  it.each([
    [[], 'nothing'],
    [[0.5, 0.5, 0.5], 'too few'],
    [[1, 1, 1, 1, -1, -1], 'either way'],
    [[0.1, 0.1, 0.1, 0.1], 'not worth a word'],
  ])('%j does not: %s', (values) => {
    expect(leaningOf(values, RULE)).toBeNull();
  });

  it('turned round leans the other way by as much', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -2, max: 2, noNaN: true }), { maxLength: 20 }), (values) => {
        const [there, back] = [
          leaningOf(values, RULE),
          leaningOf(
            values.map((v) => -v),
            RULE,
          ),
        ];
        expect(back?.by ?? 0).toBeCloseTo(-(there?.by ?? 0), 12);
      }),
    );
  });
});

describe('values', () => {
  it('agree within a spread, one that is far off apart', () => {
    expect(agreedOn([6.3, 6.4, 6.5, 9], { least: 3, spread: 0.3 })).toBeCloseTo(6.45, 6);
    expect(agreedOn([6.3, 6.4], { least: 3, spread: 0.3 })).toBeNull();
    expect(agreedOn([5, 6.4, 8], { least: 3, spread: 0.3 })).toBeNull();
  });
});
