import fc from 'fast-check';
import { anyBag, testStand } from '@/testing/fixtures';
import { seededIds } from '@/testing/ids';
import { ownedBag } from '../bag/assumed';
import { sampleBag } from '../bag/bag';
import { newcomerBag } from '../bag/newcomer';
import { sameContent } from '../records/alike';
import { type StandDocument } from './document';
import { mergeBag, mergeStands } from './merge';
import { isBackupDue } from './reminder';

const document = (id: string, name = id): StandDocument => ({
  stand: testStand({ id, name }),
  bag: null,
  used: [],
  minor: 2,
});

const newId = seededIds();
const names = {
  nameOf: (item: { name?: string | undefined; id: string }) => item.name ?? item.id,
  from: 'from the file',
  newId,
};

describe('bringing a backup in', () => {
  it('adds what is not here, keeps what is alike, and keeps both of what differs', () => {
    const updatedAt = '2026-11-01T06:00:00Z';
    const kept = (...documents: StandDocument[]) => documents.map((d) => ({ updatedAt, document: d }));
    const { added, report } = mergeStands(
      kept(document('a'), document('b', 'ours')),
      kept(document('a'), document('b', 'theirs'), document('c')),
      names,
    );
    expect(report).toEqual({ added: ['c'], kept: ['a'], inConflict: ['theirs'], leftOut: [] });
    expect(added.map((k) => k.document.stand.name)).toEqual(['theirs (from the file)', 'c']);
    expect(added[0]!.document.stand.id).toMatch(/^st-[0-9a-z]{12}$/);
    expect(added[1]).toEqual(kept(document('c'))[0]);
    // the same stand with a bag of its own is not the same
    const own = { ...document('a'), bag: sampleBag() };
    expect(mergeStands(kept(document('a')), kept(own), names).report.inConflict).toEqual(['a']);
  });

  it('into itself changes nothing, whatever the bag', () => {
    fc.assert(
      fc.property(anyBag, (bag) => {
        const merged = mergeBag(bag, bag, names);
        expect(merged.bag).toBe(bag);
        expect(merged.report).toMatchObject({ added: [], inConflict: [] });
      }),
    );
  });

  it('loses nothing of either bag, and alters nothing that is here', () => {
    fc.assert(
      fc.property(anyBag, anyBag, (ours, theirs) => {
        const { bag } = mergeBag(ours, theirs, names);
        expect(bag.filters.slice(0, ours.filters.length)).toEqual(ours.filters);
        expect(new Set(bag.filters.map((f) => f.id)).size).toBe(bag.filters.length);
        for (const { id: _, name: __, ...filter } of theirs.filters)
          expect(bag.filters).toContainEqual(expect.objectContaining(filter));
      }),
    );
  });

  it('keeps the pouch of this bag, with what came along', () => {
    const { bag } = mergeBag(
      { ...ownedBag(sampleBag()), pouch: ['hard-1'] },
      { filters: [{ id: 'x', kind: 'neutral', stops: 6 }] },
      names,
    );
    expect(bag.pouch).toEqual(['hard-1', 'x']);
  });

  it('lets a bag that nobody has spoken for give way to one that is brought, and keeps its own cameras and lenses (fault 121)', () => {
    const lens = { id: 'l1', name: '24-70', shortestMm: 24, longestMm: 70 };
    const brought = {
      slots: 1,
      holder: { sheetWidthMm: 85 },
      pouch: ['x'],
      filters: [{ id: 'x', kind: 'neutral', stops: 6 } as const],
    };
    const { bag, report } = mergeBag({ ...newcomerBag(), lenses: [lens] }, brought, names);
    expect(bag).toEqual({ ...brought, lenses: [lens] });
    expect(report).toMatchObject({ kept: [], inConflict: [], leftOut: [] });
    const untold = mergeBag(newcomerBag(), newcomerBag(), names);
    expect(untold.bag.assumed).toBe(true);
    expect(untold.report.added).toEqual([]);
  });

  it('takes no notice of the order of keys, nor of keys that hold nothing', () => {
    expect(sameContent({ a: 1, b: [{ c: 2, d: 3 }] }, { b: [{ d: 3, c: 2 }], a: 1, e: undefined })).toBe(
      true,
    );
    expect(sameContent({ a: [1, 2] }, { a: [2, 1] })).toBe(false);
  });
});

describe('the reminder of a backup', () => {
  const day = 86_400_000;
  const now = Date.parse('2026-11-25T08:00:00Z');
  const at = (daysAgo: number) => new Date(now - daysAgo * day).toISOString();
  const stand = (createdDaysAgo: number, updatedDaysAgo: number) => {
    const made = document('a');
    return {
      updatedAt: at(updatedDaysAgo),
      document: { ...made, stand: { ...made.stand, createdAt: at(createdDaysAgo) } },
    };
  };

  it('comes when work is older than two weeks and was never backed up', () => {
    expect(isBackupDue({}, [stand(15, 1)], now)).toBe(true);
    expect(isBackupDue({}, [stand(3, 1)], now)).toBe(false);
    expect(isBackupDue({}, [], now)).toBe(false);
  });

  it('comes when the last backup is old and something has changed since', () => {
    expect(isBackupDue({ lastBackupMs: now - 20 * day }, [stand(90, 2)], now)).toBe(true);
    expect(isBackupDue({ lastBackupMs: now - 20 * day }, [stand(90, 30)], now)).toBe(false);
    expect(isBackupDue({ lastBackupMs: now - 2 * day }, [stand(90, 1)], now)).toBe(false);
  });

  it('never comes twice within a week', () => {
    const due = { lastBackupMs: now - 40 * day };
    expect(isBackupDue({ ...due, lastReminderMs: now - 6 * day }, [stand(90, 2)], now)).toBe(false);
    expect(isBackupDue({ ...due, lastReminderMs: now - 8 * day }, [stand(90, 2)], now)).toBe(true);
  });
});
