import { seededIds } from '@/testing/ids';
import { testStand } from '@/testing/fixtures';
import { deriveStand } from '../answer/derive';
import { prepareStand } from '../answer/prepare';
import { solveStand } from '../answer/solve';
import { admitBag } from '../documents/gate';
import { isSheet, sampleBag } from './bag';
import { bagFromAnswers, labelsIn, newcomerBag } from './newcomer';
import { putFitted } from './on-lens';

const answers = { holds: 'sheets', slots: 2, labels: ['0.6 hard', '0.9 SE', 'ND64', 'CPL'] } as const;

describe('the bag that a newcomer has', () => {
  it('is marked as assumed, and does the job: a grad, an ND and a polariser together', () => {
    const bag = newcomerBag();
    expect(bag.assumed).toBe(true);
    const on = putFitted(putFitted(testStand(), 'polariser', true), 'nd-6', true);
    expect(prepareStand(on, bag).freeSlots).toBe(1);
    const plan = deriveStand(on, bag, solveStand(on, bag)).plan!;
    expect(plan.filterIds).toHaveLength(1);
  });

  it('is made by three answers, as its own from then on', () => {
    const bag = bagFromAnswers(answers, newcomerBag(), seededIds());
    expect(bag).not.toHaveProperty('assumed');
    expect(bag.slots).toBe(2);
    expect(bag.filters.map((f) => [f.name, f.kind, f.sits])).toEqual([
      ['0.6 hard', 'graduated', undefined],
      ['0.9 SE', 'graduated', undefined],
      ['ND64', 'neutral', undefined],
      ['CPL', 'polariser', 'behind'],
    ]);
    expect(admitBag(null, bag)).toBeNull();
  });

  it('of round glass alone has nothing in slots', () => {
    const bag = bagFromAnswers(
      { holds: 'round', slots: 0, labels: ['82 mm ND1000', 'ND2-400', 'CPL+ND8'] },
      newcomerBag(),
      seededIds(),
    );
    expect(bag.filters.map((f) => f.sits)).toEqual(['thread', 'thread', 'thread']);
    const [nd] = bag.filters;
    expect(prepareStand(putFitted(testStand(), nd!.id, true), bag).freeSlots).toBe(1);
    expect(bag.filters.some(isSheet)).toBe(false);
  });

  it('leaves out what is not understood, and keeps lenses and cameras', () => {
    const before = { ...sampleBag(), lenses: [{ id: 'l1', shortestMm: 24, longestMm: 70 }] };
    const bag = bagFromAnswers({ ...answers, labels: ['soft', '0.6 hard'] }, before, seededIds());
    expect(bag.filters).toHaveLength(1);
    expect(bag.lenses).toEqual(before.lenses);
  });

  it('takes labels one after another, with a decimal comma left alone', () => {
    expect(labelsIn('0,6 hard, 0.9 soft; ND64\nCPL,')).toEqual(['0,6 hard', '0.9 soft', 'ND64', 'CPL']);
  });
});
