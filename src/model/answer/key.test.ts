import fc from 'fast-check';
import { anyStand } from '@/testing/fixtures';
import { sampleBag } from '../bag/bag';
import { solutionKey, UNDECIDING } from './key';
import { prepareStand } from './prepare';
import { type Stand } from '../stand/stand';

const bag = sampleBag();

/** All that the search is given. */
function posedAs(stand: Stand): string {
  const { input, fitted, lacks } = prepareStand(stand, bag);
  return JSON.stringify([input, fitted, lacks]);
}

describe('what an answer depends on', () => {
  it('is not what the key leaves out: the search is given the same, whatever stands there', () => {
    expect(UNDECIDING).toEqual(expect.arrayContaining(['name', 'createdAt', 'choice', 'archived']));
    fc.assert(
      fc.property(anyStand, anyStand, fc.constantFrom(...UNDECIDING), (stand, other, part) => {
        const swapped: Stand = { ...stand, [part]: other[part] };
        expect(solutionKey(swapped, bag)).toBe(solutionKey(stand, bag));
        expect(posedAs(swapped)).toBe(posedAs(stand));
      }),
      { numRuns: 25 },
    );
  });

  it('is the rest: another value there is another key wherever the search is given another problem', () => {
    const parts = ['camera', 'lens', 'exposure', 'skyline', 'shapes', 'readings', 'look', 'crop'] as const;
    fc.assert(
      fc.property(anyStand, anyStand, fc.constantFrom(...parts), (stand, other, part) => {
        const swapped: Stand = { ...stand, [part]: other[part] };
        if (posedAs(swapped) !== posedAs(stand))
          expect(solutionKey(swapped, bag)).not.toBe(solutionKey(stand, bag));
      }),
      { numRuns: 25 },
    );
  });
});
