import { readLabel } from '@/core/glass';
import { estimatedPupilToFilterMm } from '@/core/optics';
import { testStand } from '@/testing/fixtures';
import { asSaid } from './assumed';
import { type Bag, filtersAtHand, sampleBag } from './bag';
import {
  archiveFilter,
  duplicateFilter,
  filterFromLabel,
  freeName,
  mountedCamera,
  mountedLens,
  putFilter,
  putLens,
  removeFilter,
  removeLens,
  restoreFilter,
  restoreLens,
  sameGlass,
  takeAlong,
} from './edits';
import { lensOf } from '../resolve/lens';
import { prepareStand } from '../answer/prepare';
import { solutionKey } from '../answer/key';

const ids = (bag: Bag) => filtersAtHand(bag).map((f) => f.id);
const bag = sampleBag();
const all = bag.filters.map((f) => f.id);

describe('a bag that is assumed', () => {
  it('stays so while its glass and holder hold the same, in other copies too, and no longer', () => {
    const copied = structuredClone({ ...bag, lenses: [{ id: 'l1', shortestMm: 24, longestMm: 24 }] }) as Bag;
    expect(asSaid(bag, copied).assumed).toBe(true);
    for (const changed of [{ slots: 2 }, { filters: bag.filters.slice(1) }, { holder: {} }])
      expect(asSaid(bag, { ...bag, ...changed }).assumed).toBeUndefined();
  });
});

describe('the pouch', () => {
  it('limits what advice is made from, and everything is along without one', () => {
    expect(ids(bag)).toEqual(all);
    const without = takeAlong(bag, 'hard-2', false);
    expect(ids(without)).toEqual(all.filter((id) => id !== 'hard-2'));
    const ready = prepareStand(testStand(), without);
    expect(ready.input.sheets.map((s) => s.id)).toEqual(ids(without));
    expect(takeAlong(without, 'hard-2', true)).toEqual(bag);
  });

  it('holds a filter that comes into the bag, and not one that is put away', () => {
    const few = takeAlong(bag, 'hard-1', false);
    const more = putFilter(few, { id: 'x', kind: 'neutral', stops: 6 });
    expect(ids(more)).toContain('x');
    expect(ids(archiveFilter(more, 'x', true))).not.toContain('x');
    expect(ids(duplicateFilter(few, 'hard-2', 'g-copy'))).toHaveLength(all.length);
  });

  it('changes what a solution depends on; lenses and cameras of the bag do not', () => {
    const key = solutionKey(testStand(), bag);
    expect(solutionKey(testStand(), takeAlong(bag, 'hard-1', false))).not.toBe(key);
    expect(solutionKey(testStand(), putLens(bag, { id: 'l1', shortestMm: 16, longestMm: 35 }))).toBe(key);
  });
});

describe('things of the bag', () => {
  it('are put away and taken out again without a trace', () => {
    expect(archiveFilter(archiveFilter(bag, 'hard-1', true), 'hard-1', false)).toEqual(bag);
  });

  it('are duplicated beside themselves under an id and a name of their own', () => {
    const twice = duplicateFilter(bag, 'hard-1', 'g-copy');
    expect(twice.filters[1]).toMatchObject({ id: 'g-copy', name: '1 stop, hard (copy)', stops: 1 });
    // a copy of a copy does not pile marks up (fault 12)
    expect(duplicateFilter(twice, 'g-copy', 'g-2').filters[2]).toMatchObject({
      name: '1 stop, hard (copy 2)',
    });
    expect(duplicateFilter(bag, 'nothing', 'g-copy')).toBe(bag);
  });

  it('leave the pouch with the bag, and come back into it', () => {
    const few = takeAlong(bag, 'hard-1', false);
    const without = removeFilter(few, 'hard-2');
    expect(without.pouch).not.toContain('hard-2');
    const [filter, at] = [bag.filters[1]!, 1];
    expect(new Set(restoreFilter(without, filter, at, true).pouch)).toEqual(new Set(few.pouch));
    expect(restoreFilter(without, filter, at, false).pouch).toEqual(without.pouch);
    // brought back twice, it is there once
    expect(restoreFilter(few, filter, at, true)).toBe(few);
  });

  it('go back to where they were', () => {
    const lenses = [16, 24, 70].map((mm) => ({ id: `l${mm}`, shortestMm: mm, longestMm: mm }));
    const full = { ...bag, lenses };
    expect(restoreLens(removeLens(full, 'l24'), lenses[1]!, 1)).toEqual(full);
  });

  it('are mounted on a stand: a lens within its range, a camera as it is held', () => {
    const zoom = {
      id: 'l1',
      name: '16-35',
      shortestMm: 16,
      longestMm: 35,
      widestAperture: 4,
      bulgingFront: true,
    };
    expect(mountedLens(zoom, 50)).toMatchObject({ name: '16-35', focalLengthMm: 35, widestAperture: 4 });
    expect(mountedLens(zoom, 24).focalLengthMm).toBe(24);
    const camera = { id: 'c1', sensorWidthMm: 44, sensorHeightMm: 33, archived: false };
    expect(mountedCamera(camera, 'portrait')).toEqual({
      sensorWidthMm: 44,
      sensorHeightMm: 33,
      orientation: 'portrait',
    });
  });

  it('a front that bulges stands 20 mm further from its filters (physics 3)', () => {
    expect(estimatedPupilToFilterMm(14)).toBe(37);
    expect(estimatedPupilToFilterMm(14, true)).toBe(57);
    const stand = testStand({ lens: { focalLengthMm: 14, bulgingFront: true } });
    expect(lensOf(stand, bag)).toMatchObject({ pupilToFilterMm: 57, pupilEstimated: true });
  });
});

describe('a filter made from its label', () => {
  const made = (text: string, like: Bag = bag) => {
    const read = readLabel(text);
    if (!read.ok) throw new Error(read.reason);
    return filterFromLabel(read, 'g9', like);
  };

  it('has the size of the other sheets, and the transition that goes with its name', () => {
    expect(made('0.9 soft')).toEqual({
      id: 'g9',
      kind: 'graduated',
      stops: 3,
      transitionMm: 45,
      sheetLengthMm: 150,
      sheetWidthMm: 100,
    });
  });

  it('scales its transition with the width that is printed', () => {
    expect(made('0.9 soft 150 x 170 mm')).toMatchObject({
      sheetWidthMm: 150,
      sheetLengthMm: 170,
      transitionMm: 67.5,
    });
  });

  it('is of every kind', () => {
    expect(made('3 stops reverse')).toMatchObject({ kind: 'reverse', floorStops: 1 });
    expect(made('2 stop band')).toMatchObject({ kind: 'band', bandWidthMm: 24 });
    expect(made('ND1000 dyed')).toEqual({ id: 'g9', kind: 'neutral', stops: 10, body: 'dyed' });
    expect(made('polariser')).toEqual({ id: 'g9', kind: 'polariser', baseLossStops: 1.5 });
  });
});

describe('glass that one has already (fault 39)', () => {
  const labelled = (text: string) => {
    const read = readLabel(text);
    if (!read.ok) throw new Error(read.reason);
    return filterFromLabel(read, 'typed', bag);
  };

  it('is known by what it is, whatever it is called', () => {
    expect(sameGlass(bag, labelled('2 stops hard'))?.id).toBe('hard-2');
    expect(sameGlass(bag, labelled('0.6 HE'))?.id).toBe('hard-2');
    expect(sameGlass(bag, labelled('0.6 SE'))?.id).toBe('soft-2');
    expect(sameGlass(bag, labelled('0.75 hard'))).toBeUndefined();
  });

  it('gets a number of its own where its name is there', () => {
    const named: Bag = {
      filters: ['0.9 soft', '0.9 soft (2)'].map((name) => ({ ...labelled('0.9 soft'), id: name, name })),
    };
    expect(freeName('0.9 soft', named)).toBe('0.9 soft (3)');
    expect(freeName('0.6 soft', named)).toBe('0.6 soft');
  });
});
