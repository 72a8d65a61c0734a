import { anyStand, testStand } from '@/testing/fixtures';
import fc from 'fast-check';
import { admitStand } from '../documents/gate';
import { schemas } from '../schema/schema';
import { partsThat, STAND_PARTS, withoutParts, withRecords } from './parts';

const document = (stand = testStand()) => ({ stand, bag: null, used: [], minor: 0 });

describe('the parts of a stand', () => {
  it('are those that its schema has, each once', () =>
    expect(Object.keys(STAND_PARTS).toSorted()).toEqual(
      Object.keys(schemas('strict').stand.shape).toSorted(),
    ));

  it('leave a stand that can be kept, whatever goes on from it', () => {
    fc.assert(
      fc.property(anyStand, (stand) => {
        for (const gone of [partsThat((p) => !p.goesOn), partsThat((p) => !p.isOfScene)])
          expect(admitStand(null, document(withoutParts(stand, gone)))).toBeNull();
      }),
      { numRuns: 40 },
    );
  });

  it('that have happened stay through undo, and a second time changes nothing', () => {
    fc.assert(
      fc.property(anyStand, anyStand, (restored, now) => {
        const kept = withRecords(restored, now);
        for (const part of partsThat((p) => p.record === true)) expect(kept[part]).toBe(now[part]);
        expect(withRecords(kept, now)).toEqual(kept);
        expect(admitStand(null, document(kept))).toBeNull();
      }),
      { numRuns: 40 },
    );
  });
});

describe('a rule between parts', () => {
  const take = {
    id: 'k1',
    takenAt: '2026-05-01T05:30:00Z',
    exposure: { aperture: 11, iso: 100, seconds: 1 },
    filterIds: [],
  };
  const seen = { id: 'w1', takeId: 'k1', what: 'soft' as const };

  it('is tried at every edit, as it is when a file is read (fault 89)', () => {
    const whole = document(testStand({ takes: [take], seen: [seen] }));
    expect(admitStand(null, whole)).toBeNull();
    const orphaned = document(testStand({ takes: [], seen: [seen] }));
    expect(admitStand(whole, { ...orphaned, stand: { ...whole.stand, takes: [] } })).toMatchObject({
      code: 'not-allowed',
      path: 'seen[0].takeId',
    });
  });

  it('holds a stand with a bag of its own to glass that it knows', () => {
    const own = { ...document(), bag: { filters: [] } };
    const choice = { filterIds: ['nowhere'], offsetMm: 0, turnDeg: 0 };
    expect(admitStand(own, { ...own, stand: { ...own.stand, choice } })).toMatchObject({
      code: 'unknown-filter',
      path: 'choice.filterIds[0]',
    });
  });
});
