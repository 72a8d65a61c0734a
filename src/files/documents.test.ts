import fc from 'fast-check';
import { type Backup, type Bag, sampleBag, type StandDocument } from '@/model';
import { anyBag, anyStand, testStand } from '@/testing/fixtures';
import { backupFileName, readBackupFile, writeBackupFile } from './backup-file';
import { readBagFile, writeBagFile } from './bag-file';
import { documentKind } from './document';
import { writeStandFile } from './stand-file';

const fullBag: Bag = {
  ...sampleBag(),
  holder: { sheetWidthMm: 100, railAboveAxisMm: 48 },
  lenses: [
    { id: 'l1', name: '16-35', shortestMm: 16, longestMm: 35, widestAperture: 4, pupilToFilterMm: 38 },
    { id: 'l2', name: '14, bulging', shortestMm: 14, longestMm: 14, bulgingFront: true, archived: true },
  ],
  cameras: [{ id: 'c1', name: 'full frame', sensorWidthMm: 36, sensorHeightMm: 24, highlightRoomStops: 3 }],
  pouch: ['hard-2', 'soft-3'],
};

const madeAt = '2026-11-25T06:10:00Z';
/** A document with a change that no type would allow. */
const edited = <T>(text: string, change: (json: T) => void): string => {
  const json = JSON.parse(text) as T;
  change(json);
  return JSON.stringify(json);
};

describe('a bag file', () => {
  it('comes back the same as it was written', () => {
    expect(readBagFile(writeBagFile(fullBag))).toEqual({ ok: true, value: fullBag });
  });

  it.each<[string, (json: { bag: Bag & { lenses: object[] } }) => void, string]>([
    [
      'a lens whose range runs backwards',
      (j) => Object.assign(j.bag.lenses[0]!, { longestMm: 10 }),
      'bag.lenses[0].longestMm',
    ],
    ['two lenses of one id', (j) => Object.assign(j.bag.lenses[1]!, { id: 'l1' }), 'bag.lenses[1].id'],
    ['an unknown key', (j) => Object.assign(j.bag.lenses[0]!, { colour: 'red' }), 'bag.lenses[0].colour'],
    [
      'a filter without its strength',
      (j) => delete (j.bag.filters[0] as { stops?: number }).stops,
      'bag.filters[0].stops',
    ],
  ])('with %s is refused with its path', (_, change, path) => {
    const text = edited(writeBagFile(fullBag), change);
    expect(readBagFile(text)).toMatchObject({ ok: false, error: { path } });
  });
});

describe('a backup', () => {
  const own: StandDocument = { stand: testStand({ id: 'a' }), bag: { filters: [] }, used: [], minor: 2 };
  const backup: Backup = {
    madeAt,
    bag: fullBag,
    stands: [
      { updatedAt: madeAt, document: own },
      {
        updatedAt: madeAt,
        document: {
          ...own,
          bag: null,
          stand: testStand({ id: 'b', archived: true }),
          used: [fullBag.filters[0]!],
        },
      },
    ],
  };

  it('comes back the same as it was written, whatever the stands', () => {
    fc.assert(
      fc.property(anyStand, anyBag, (stand, bag) => {
        const some: Backup = {
          madeAt,
          bag,
          stands: [{ updatedAt: madeAt, document: { stand, bag, used: [], minor: 2 } }],
        };
        expect(readBackupFile(writeBackupFile(some))).toEqual({ ok: true, value: some });
      }),
      { numRuns: 30 },
    );
    expect(readBackupFile(writeBackupFile(backup))).toEqual({ ok: true, value: backup });
  });

  it('is refused with the path of its fault', () => {
    const twice = edited<{ stands: { stand: object }[] }>(writeBackupFile(backup), (json) =>
      Object.assign(json.stands[1]!.stand, { id: 'a' }),
    );
    expect(readBackupFile(twice)).toMatchObject({
      ok: false,
      error: { code: 'duplicate-id', path: 'stands[1].stand.id' },
    });
    const broken = edited<{ stands: { stand: object }[] }>(writeBackupFile(backup), (json) =>
      Object.assign(json.stands[0]!.stand, { name: 7 }),
    );
    expect(readBackupFile(broken)).toMatchObject({ error: { path: 'stands[0].stand.name' } });
    expect(readBackupFile(writeBagFile(fullBag))).toMatchObject({
      error: { code: 'wrong-kind', path: 'kind' },
    });
    expect(readBackupFile('{')).toMatchObject({ error: { code: 'not-json' } });
  });

  it('says its kind before it is read, and has a name by its day', () => {
    expect(documentKind(writeBackupFile(backup))).toBe('backup');
    expect(documentKind(writeStandFile({ ...own, bag: fullBag }))).toBe('stand');
    expect(documentKind('[]')).toBeNull();
    expect(documentKind('nothing')).toBeNull();
    expect(backupFileName(madeAt)).toBe('pale-seam-2026-11-25.backup.paleseam.json');
  });
});
