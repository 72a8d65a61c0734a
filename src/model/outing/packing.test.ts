import { type Bag } from '@/model';
import { bagWithNds, testStand } from '@/testing/fixtures';
import { packingOf } from './packing';

describe('what is packed', () => {
  const bag: Bag = {
    ...bagWithNds(),
    cameras: [{ id: 'c1', name: 'full frame', sensorWidthMm: 36, sensorHeightMm: 24 }],
    lenses: [{ id: 'l1', name: '24', shortestMm: 24, longestMm: 24, pupilToFilterMm: 50, threadMm: 72 }],
    holder: { threadsMm: [77, 82] },
    pouch: ['hard-2', 'n6'],
  };
  const stand = testStand({
    lens: { name: '24', focalLengthMm: 24, pupilToFilterMm: 50 },
    choice: { filterIds: ['hard-3'], offsetMm: 0, turnDeg: 0 },
    fitted: [{ filterId: 'n6' }],
  });
  const pack = (change: Partial<Bag> = {}, weights: Record<string, number> = {}) =>
    packingOf(
      { packed: ['lens:l1'] },
      {
        stands: [stand],
        bag: { ...bag, ...change },
        extras: [{ id: 'x1', name: 'Torch' }],
        weights,
        names: { glass: (f) => f.id, lens: (l) => l.name ?? '', holder: (h) => h?.name ?? 'usual holder' },
      },
    );

  it('is what the stands need and what is in the pouch, each once, ticked by its key', () => {
    const { things } = pack();
    expect(things.map((t) => t.key)).toEqual([
      'camera:c1',
      'lens:l1',
      'holder:usual',
      'glass:hard-3',
      'glass:n6',
      'glass:hard-2',
      'extra:x1',
    ]);
    expect(things.find((t) => t.key === 'lens:l1')!.isPacked).toBe(true);
    expect(things.find((t) => t.key === 'glass:n6')!.neededFor).toEqual([stand.name]);
    expect(things.find((t) => t.key === 'glass:hard-2')!.neededFor).toEqual([]);
  });

  it('misses a ring for the thread of that lens, and glass that was left at home', () => {
    expect(pack().missing).toEqual([
      { what: 'ring', name: 'usual holder', threadMm: 72, neededFor: [stand.name] },
      { what: 'not-along', name: 'hard-3', neededFor: [stand.name] },
    ]);
    expect(pack({ holder: { threadsMm: [72] } }).missing.map((m) => m.what)).toEqual(['not-along']);
    expect(pack({ holder: {} }).missing.map((m) => m.what)).toEqual(['not-along']);
    expect(pack({ lenses: [{ id: 'l2', shortestMm: 70, longestMm: 200 }] }).missing[0]).toMatchObject({
      what: 'lens',
      name: '24 mm',
    });
  });

  it('weighs what has a weight, and says how much has none', () => {
    expect(pack({}, { 'lens:l1': 640, 'extra:x1': 90 })).toMatchObject({ grams: 730, withoutWeight: 5 });
  });
});
