import fc from 'fast-check';
import { labelFromStops, NOTATIONS, stopsFromLabel } from '@/core/units';
import { type Label, printedLabel, readLabel } from './labels';
import { TRANSITION_DEFAULTS_MM, type TransitionName } from './kinds/transitions';

describe('strengths as they are printed', () => {
  it.each([
    [0.3, 1],
    [0.6, 2],
    [0.9, 3],
    [1.2, 4],
    [1.8, 6],
    [3.0, 10],
  ])('a density of %p is sold as %p stops', (density, stops) => {
    expect(stopsFromLabel(density, 'density')).toBe(stops);
    expect(labelFromStops(stops, 'density')).toBe(density);
  });

  it.each([
    [2, 1],
    [8, 3],
    [64, 6],
    [1000, 10],
    [100, 20 / 3],
  ])('a factor of %p is sold as %p stops', (factor, stops) => {
    expect(stopsFromLabel(factor, 'factor')).toBe(stops);
    expect(labelFromStops(stops, 'factor')).toBe(factor);
  });

  it('come back the same from every notation, for every third of a stop', () => {
    const thirds = fc.integer({ min: 1, max: 60 }).map((n) => n / 3);
    fc.assert(
      fc.property(thirds, fc.constantFrom(...NOTATIONS), (stops, notation) => {
        expect(stopsFromLabel(labelFromStops(stops, notation), notation)).toBeCloseTo(stops, 2);
      }),
    );
  });
});

const read = (text: string) => {
  const result = readLabel(text);
  if (!result.ok) throw new Error(`${text}: ${result.reason}`);
  return result;
};

describe('a label that no bag could hold, or that is none (fault 133)', () => {
  it.each([
    ['2026-03-14T05:41', false],
    ['0.9 soft 0 x 150', false],
    ['0.9 soft 100 x 99999', false],
    ['ND2-9000000', false],
    ['ND2-400', true],
    ['VND 2-5 stops', true],
  ])('%p: understood %p', (typed, isGood) => {
    const read = readLabel(typed);
    expect(read.ok).toBe(isGood);
    if (typed.startsWith('2026')) expect(read).not.toHaveProperty('rangeStops');
  });
});

describe('a label', () => {
  it.each<[string, Label]>([
    ['0.9 soft', { kind: 'graduated', stops: 3, transition: 'soft' }],
    ['ND8 hard grad', { kind: 'graduated', stops: 3, transition: 'hard' }],
    ['ND1000', { kind: 'neutral', stops: 10, transition: null }],
    ['10 stop', { kind: 'neutral', stops: 10, transition: null }],
    ['3 stops reverse', { kind: 'reverse', stops: 3, transition: null }],
    ['GND 0.6 medium edge', { kind: 'graduated', stops: 2, transition: 'medium' }],
    ['nd 0.9', { kind: 'neutral', stops: 3, transition: null }],
    ['2 Soft', { kind: 'graduated', stops: 2, transition: 'soft' }],
    ['very hard 3-stop grad', { kind: 'graduated', stops: 3, transition: 'very hard' }],
    ['64x', { kind: 'neutral', stops: 6, transition: null }],
    ['2 1/3 stops hard', { kind: 'graduated', stops: 7 / 3, transition: 'hard' }],
    ['1/2 stop soft', { kind: 'graduated', stops: 0.5, transition: 'soft' }],
    ['1,2 soft', { kind: 'graduated', stops: 4, transition: 'soft' }],
    ['0.45 soft', { kind: 'graduated', stops: Math.log2(10 ** 0.45), transition: 'soft' }],
    ['2 stop strip', { kind: 'band', stops: 2, transition: null }],
    ['circular polariser', { kind: 'polariser', stops: null, transition: null }],
    ['polarizer 1.5 stops', { kind: 'polariser', stops: 1.5, transition: null }],
  ])('"%s" is understood', (text, label) => {
    const { label: found } = read(text);
    expect({ ...found, stops: null }).toEqual({ ...label, stops: null });
    if (label.stops === null) expect(found.stops).toBeNull();
    else expect(found.stops).toBeCloseTo(label.stops, 1);
  });

  it('gives its size and body, and names the words that say nothing here', () => {
    expect(read('0.9 soft grad, dyed resin, 150 x 100 mm')).toMatchObject({
      label: { stops: 3 },
      sizeMm: { width: 100, length: 150 },
      body: 'dyed',
      unread: [],
    });
    expect(read('grandfather’s 0.6 hard').unread).toEqual(['grandfather']);
  });

  it('says what was assumed', () => {
    expect(read('0.9 grad')).toMatchObject({ transitionAssumed: true, notationAssumed: 'density' });
    expect(read('ND8 hard')).toMatchObject({ transitionAssumed: false, notationAssumed: null });
  });

  it.each([
    ['', 'empty', ''],
    ['soft grad', 'no-strength', ''],
    ['8 hard', 'ambiguous', '8'],
    ['ND8 0.6 soft', 'two-strengths', '0.6'],
    ['25 stops', 'out-of-range', '25 stops'],
    ['-0.9', 'negative', '-0.9'],
    ['ND -0.9', 'negative', '-0.9'],
    ['0 soft', 'no-strength', '0'],
    ['1.0', 'ambiguous', '1.0'],
    ['2.0 soft', 'ambiguous', '2.0'],
    ['ND10', 'ambiguous', '10'],
    ['ND6 round', 'ambiguous', '6'],
  ])('"%s" is refused: %s', (text, reason, at) => {
    expect(readLabel(text)).toMatchObject({ ok: false, reason, at });
  });

  it('that can be two things is asked about, with both to choose from', () => {
    const readings = (text: string) => {
      const result = readLabel(text);
      return result.ok ? [] : result.readings;
    };
    expect(readings('1.0')).toEqual(['1.0 stop', 'density 1.0']);
    expect(readings('ND10')).toEqual(['10 stops', '10x']);
    expect(readings('8 hard')).toEqual(['8 stops', 'ND8']);
    for (const text of readings('8 hard')) expect(readLabel(`${text} hard`).ok).toBe(true);
  });

  it('that was printed is read back, in every notation', () => {
    const transitions = Object.keys(TRANSITION_DEFAULTS_MM) as TransitionName[];
    const labels = fc
      .record({
        kind: fc.constantFrom<Label['kind']>('graduated', 'reverse', 'band', 'neutral', 'polariser'),
        stops: fc.integer({ min: 1, max: 48 }).map((n) => n / 3),
        transition: fc.constantFrom(...transitions),
      })
      .map((l): Label => (l.kind === 'graduated' ? l : { ...l, transition: null }));
    fc.assert(
      fc.property(labels, fc.constantFrom(...NOTATIONS), (label, notation) => {
        const found = read(printedLabel(label, notation));
        expect(found.label.kind).toBe(label.kind);
        expect(found.label.transition).toBe(label.transition);
        expect(found.label.stops).toBeCloseTo(label.stops as number, 2);
        expect(found.unread).toEqual([]);
      }),
    );
  });

  it('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const result = readLabel(text);
        if (result.ok && result.label.stops !== null) expect(Number.isFinite(result.label.stops)).toBe(true);
      }),
    );
  });
});
