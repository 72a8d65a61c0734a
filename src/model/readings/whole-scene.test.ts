import { bagWithNds, testStand } from '@/testing/fixtures';
import { sampleBag } from '../bag/bag';
import { deriveStand } from '../answer/derive';
import { fittedNds, putFitted, withNds } from '../bag/on-lens';
import { fittedStops } from '../answer/prepare';
import { solutionKey } from '../answer/key';
import { timesThrough, withWholeScene, wholeSceneOf } from './whole-scene';

const bag = bagWithNds();
const nds = bag.filters.filter((f) => f.kind === 'neutral');
const SCENE = withWholeScene(testStand({ readings: [], exposure: { aperture: 8, iso: 100 } }), {
  aperture: 8,
  shutter: '1/30',
  iso: 100,
});

describe('the whole scene in one time', () => {
  it('is exposed as it was metered, and longer by the stops on the lens', () => {
    expect(wholeSceneOf(SCENE, bag)).toMatchObject({ bareSeconds: 1 / 32, seconds: 1 / 32 });
    const nd = nds[0]!;
    const behind = wholeSceneOf({ ...SCENE, fitted: [{ filterId: nd.id }] }, bag)!;
    expect(behind.seconds).toBeCloseTo(2 ** nd.stops / 32, 9);
    expect(deriveStand(SCENE, bag, null).wholeScene).toMatchObject({ seconds: 1 / 32 });
  });

  it('adds back what it was read through', () => {
    const nd = nds[0]!;
    const through = withWholeScene(SCENE, { ...SCENE.wholeScene!, throughFilterIds: [nd.id] });
    expect(wholeSceneOf(through, bag)!.bareSeconds).toBeCloseTo(2 ** -nd.stops / 32, 9);
  });

  it('read through polariser and grad at once, is the time behind both', () => {
    const through = withWholeScene(
      { ...SCENE, fitted: [{ filterId: 'p1' }] },
      { ...SCENE.wholeScene!, throughFilterIds: ['p1', sampleBag().filters[0]!.id] },
    );
    expect(wholeSceneOf(through, bag)).toMatchObject({ bareSeconds: 1 / 32, seconds: 1 / 32 });
    expect(wholeSceneOf(withNds(through, bag, ['n6']), bag)!.seconds).toBeCloseTo(2, 9);
  });

  it('serves until a sky is read, and is there again when that goes', () => {
    const [sky, land] = testStand().readings;
    expect(wholeSceneOf({ ...SCENE, readings: [land!] }, bag)).not.toBeNull();
    expect(wholeSceneOf({ ...SCENE, readings: [land!, sky!] }, bag)).toBeNull();
    expect(wholeSceneOf({ ...SCENE, readings: [{ ...sky!, limit: true }] }, bag)).not.toBeNull();
  });

  it('has a time for every ND at hand and every pair that the holder takes', () => {
    expect(timesThrough(1 / 32, { ...bag, slots: 1 })).toHaveLength(nds.length);
    const two = timesThrough(1 / 32, { ...bag, slots: 2 });
    expect(two).toHaveLength(nds.length + (nds.length * (nds.length - 1)) / 2);
    for (const { stops, seconds } of two) expect(seconds).toBeCloseTo(2 ** stops / 32, 9);
    expect(two.map((t) => t.stops)).toEqual(two.map((t) => t.stops).toSorted((a, b) => a - b));
  });

  it('puts NDs on in place of others, and leaves a polariser where it is', () => {
    const before = [{ filterId: 'p1' }];
    const on = withNds({ ...SCENE, fitted: before }, bag, [nds[0]!.id]);
    expect(on.fitted).toHaveLength(before.length + 1);
    expect(fittedNds(withNds(on, bag, []), bag)).toEqual([]);
    expect(withNds(on, bag, []).fitted).toEqual(before);
  });
});

it('a whole scene that a sky has put aside says nothing of the polariser any more, and counts for the answer while it serves (fault 8)', () => {
  const on = putFitted(testStand({ readings: [] }), 'p1', true);
  const scene = withWholeScene(on, { ev100: 8, throughFilterIds: ['p1'] });
  expect(fittedStops(scene, bag)).toBe(0);
  expect(solutionKey(scene, bag)).not.toBe(solutionKey(on, bag));
  const read = { ...scene, readings: testStand().readings };
  expect(fittedStops(read, bag)).toBe(1.5);
  expect(solutionKey(read, bag)).toBe(solutionKey({ ...on, readings: testStand().readings }, bag));
});
