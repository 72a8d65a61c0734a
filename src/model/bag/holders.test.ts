import { testStand } from '@/testing/fixtures';
import { mergeBag } from '../documents/merge';
import { prepareStand } from '../answer/prepare';
import { type Bag, sampleBag } from './bag';
import { mountedLens } from './edits';
import { bagAtLens, holderOn, USUAL_HOLDER, withHolderFor } from './holders';

const wide = { id: 'wide', name: 'wide', shortestMm: 14, longestMm: 24, bulgingFront: true };
const usual = { id: 'usual-lens', name: 'standard', shortestMm: 24, longestMm: 70 };
const big = { id: 'h150', name: 'the big one', sheetWidthMm: 150, slots: 2, lensIds: ['wide'] };
const sample = sampleBag();
const bag: Bag = {
  ...sample,
  filters: [
    ...sample.filters,
    { id: 'big-2', kind: 'graduated', stops: 2, transitionMm: 12, sheetWidthMm: 150, sheetLengthMm: 170 },
  ],
  holder: { sheetWidthMm: 100 },
  lenses: [wide, usual],
  holders: [big],
};
const on = (lens: typeof wide | typeof usual, holderId?: string) =>
  testStand({ lens: mountedLens(lens, 24), holderId });

describe('several holders', () => {
  it('go on the lenses that they are for, the usual one on all others', () => {
    expect(holderOn(on(wide), bag)).toBe(big);
    expect(holderOn(on(usual), bag)).toBeNull();
    // known by its lens, whatever its focal length
    expect(holderOn(testStand({ lens: mountedLens(wide, 18) }), bag)).toBe(big);
  });

  it('are taken as it is said at the stand', () => {
    expect(holderOn(on(usual, 'h150'), bag)).toBe(big);
    expect(holderOn(on(wide, USUAL_HOLDER), bag)).toBeNull();
    // one that has left the bag: by the lens again
    expect(holderOn(on(wide, 'gone'), bag)).toBe(big);
    expect(holderOn(on(wide), { ...bag, holders: [{ ...big, archived: true }] })).toBeNull();
  });

  it('take the sheets of their own width, in slots of their own', () => {
    const prepared = (stand: ReturnType<typeof on>) => {
      const { input } = prepareStand(stand, bagAtLens(stand, bag));
      return { sheets: input.sheets.map((s) => s.id), slots: input.slots };
    };
    expect(prepared(on(wide))).toEqual({ sheets: ['big-2'], slots: 2 });
    const small = prepared(on(usual));
    expect(small.slots).toBe(1);
    expect(small.sheets).not.toContain('big-2');
    expect(small.sheets.length).toBeGreaterThan(5);
  });

  it('resolve to the same bag for as long as nothing changes, so that nothing is worked out anew', () => {
    expect(bagAtLens(on(usual), bag)).toBe(bag);
    expect(bagAtLens(on(wide), bag)).toBe(bagAtLens(on(wide), bag));
  });

  it('are for one lens each: another takes it over', () => {
    const second = { id: 'h2', sheetWidthMm: 130, lensIds: [] };
    const both: Bag = { ...bag, holders: [big, second] };
    const moved = withHolderFor(both, 'h2', 'wide', true);
    expect(moved.holders!.map((h) => h.lensIds)).toEqual([[], ['wide']]);
    expect(withHolderFor(moved, 'h2', 'wide', false).holders!.map((h) => h.lensIds)).toEqual([[], []]);
  });

  it('come in with a bag, for the lenses that came with it under the ids that those have here', () => {
    const ours: Bag = { ...sample, lenses: [{ ...usual, id: 'wide' }] };
    let n = 0;
    const merged = mergeBag(ours, bag, {
      nameOf: (item) => item.name ?? item.id,
      from: 'from the file',
      newId: (letter) => `${letter}${++n}`,
    });
    const [holder] = merged.bag.holders!;
    const lens = merged.bag.lenses!.find((l) => l.bulgingFront)!;
    expect(lens.id).not.toBe('wide');
    expect(holder!.lensIds).toEqual([lens.id]);
  });
});
