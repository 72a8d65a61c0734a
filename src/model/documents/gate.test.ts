import { testStand } from '@/testing/fixtures';
import { sampleBag } from '../bag/bag';
import { MAX_STAND_BYTES } from '../terms/limits';
import { type Reading, type Stand } from '../stand/stand';
import { type StandDocument } from './document';
import { admitBag, admitStand } from './gate';

const document = (stand: Stand): StandDocument => ({ stand, bag: null, used: [], minor: 0 });
const before = document(testStand());
const reading = (id: string, change: Partial<Reading> = {}): Reading => ({
  id,
  role: 'land',
  ev100: 9,
  ...change,
});

describe('the gate', () => {
  it('lets a stand through, new or changed', () => {
    expect(admitStand(null, before)).toBeNull();
    expect(admitStand(before, document({ ...before.stand, name: 'Ridge at 6' }))).toBeNull();
    expect(admitBag(null, sampleBag())).toBeNull();
  });

  it.each<[string, (stand: Stand) => Stand, string]>([
    [
      'light that no file holds (fault 7)',
      (s) => ({ ...s, readings: [reading('x', { ev100: -20.3 })] }),
      'readings[0].ev100',
    ],
    ['an id twice', (s) => ({ ...s, readings: [...s.readings, s.readings[0]!] }), 'readings[2].id'],
    [
      'more readings than a stand has',
      (s) => ({ ...s, readings: Array.from({ length: 501 }, (_, i) => reading(`x${i}`)) }),
      'readings',
    ],
    ['a name that is too long', (s) => ({ ...s, name: 'n'.repeat(10_001) }), 'name'],
    ['half a character', (s) => ({ ...s, notes: 'a\ud83d' }), 'notes'],
    ['a lens beyond its range', (s) => ({ ...s, lens: { focalLengthMm: 2001 } }), 'lens.focalLengthMm'],
    ['a gap of another look', (s) => ({ ...s, look: { school: 'least', gapStops: 1 } }), 'look.gapStops'],
    ['a part that is missing', ({ camera: _, ...s }) => s as Stand, 'camera'],
  ])('keeps out %s, and says where', (_, change, path) => {
    expect(admitStand(before, document(change(before.stand)))).toMatchObject({ path });
  });

  it('keeps a value out of the bag that would make every later backup unreadable (fault 74)', () => {
    const bag = sampleBag();
    const [sheet] = bag.filters;
    const long = { ...bag, filters: [{ ...sheet!, sheetLengthMm: 1500 }] };
    expect(admitBag(bag, long as typeof bag)).toMatchObject({ path: 'filters[0].sheetLengthMm' });
    const many = { ...bag, filters: Array.from({ length: 201 }, (_, i) => ({ ...sheet!, id: `x${i}` })) };
    expect(admitBag(bag, many as typeof bag)).toMatchObject({
      path: 'filters',
      message: 'at most 200 entries',
    });
    // what is there already and too much may grow less
    const less = { ...many, filters: many.filters.slice(0, 200) };
    expect(admitBag(many as typeof bag, less as typeof bag)).toBeNull();
  });

  it('keeps a stand to what a file has room for, and lets one that is over it grow less', () => {
    const notes = (count: number) => Array.from({ length: count }, () => 'n'.repeat(10_000));
    const heavy = {
      ...testStand(),
      shapes: Array.from({ length: 100 }, (_, i) => ({
        id: `s${i}`,
        region: 'feature' as const,
        points: Array.from({ length: 500 }, (__, k) => ({ u: k / 700 + 1e-12 * i, v: 1 / (k + i + 3) })),
      })),
      leaveOut: notes(10),
      readings: Array.from({ length: 500 }, (_, i) =>
        reading(`r${i}`, {
          earlier: Array.from({ length: 50 }, (__, k) => ({
            ev100: 1 / (k + 3),
            takenAt: '2026-03-14T05:41:10Z',
          })),
        }),
      ),
    };
    const over = document({ ...heavy, leaveOut: notes(50) });
    const size = JSON.stringify(heavy).length;
    expect(size).toBeGreaterThan(MAX_STAND_BYTES);
    expect(admitStand(before, over)).toMatchObject({ code: 'too-large' });
    expect(admitStand(over, document(heavy))).toBeNull();
  });
});
