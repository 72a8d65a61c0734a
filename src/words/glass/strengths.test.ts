import { type Bag, type Filter } from '@/model';
import { bagAs, filterName, type StrengthsAs } from '..';

const glass: Filter[] = [
  { id: 'h', name: '0.9 hard', kind: 'graduated', stops: 3, transitionMm: 8 },
  { id: 's', kind: 'graduated', stops: 2, transitionMm: 45 },
  { id: 'n', name: 'ND1000', kind: 'neutral', stops: 10 },
  { id: 'own', name: 'the scratched one', kind: 'neutral', stops: 6 },
  { id: 'p', name: 'CPL', kind: 'polariser', baseLossStops: 1.5 },
  { id: 'v', kind: 'variable', stops: 3, leastStops: 2, mostStops: 5 },
];
const bag: Bag = { slots: 2, filters: glass };
const names = (as: StrengthsAs) => bagAs(bag, as).filters.map(filterName);

describe('strengths told in one notation', () => {
  it('are the printed ones where nothing else is said', () => {
    expect(bagAs(bag, 'printed')).toBe(bag);
  });

  it.each([
    ['density' as const, ['0.9 hard', '0.6 soft', '3.0 ND', 'the scratched one (1.8)']],
    ['factor' as const, ['ND8 hard', 'ND4 soft', 'ND1000', 'the scratched one (ND64)']],
    ['stops' as const, ['3 stops, hard', '2 stops, soft', '10 stops, ND', 'the scratched one (6 stops)']],
  ])('as %s lead the names of rims, and stand behind a name of one’s own', (as, expected) => {
    expect(names(as).slice(0, 4)).toEqual(expected);
  });

  it('leave a polariser and a range as they are called', () => {
    expect(names('density').slice(4)).toEqual(['CPL', 'variable ND, 2 to 5 stops']);
  });

  it('are the same bag for the same notation, so that nothing is solved anew', () => {
    expect(bagAs(bag, 'factor')).toBe(bagAs(bag, 'factor'));
  });
});
