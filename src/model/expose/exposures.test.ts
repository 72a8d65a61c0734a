import { choose, fitFor, MAX_EXPOSURES, nextStand, withRecordsOf } from '@/model';
import { withExposures } from '@/model/expose';
import { testStand } from '@/testing/fixtures';

const made = (openedMs: number) => ({ openedMs, plannedSeconds: 10, seconds: 10.004 });
const document = (stand = testStand()) => ({ stand, bag: null, used: [], minor: 0 });

describe('exposures that were made', () => {
  it('are kept with the stand, the newest of very many', () => {
    const one = withExposures(testStand(), [made(0)]);
    expect(one.exposures).toEqual([
      { openedAt: '1970-01-01T00:00:00.000Z', plannedSeconds: 10, seconds: 10 },
    ]);
    const many = withExposures(
      one,
      Array.from({ length: MAX_EXPOSURES }, (_, i) => made(1000 * (i + 1))),
    );
    expect(many.exposures).toHaveLength(MAX_EXPOSURES);
    expect(many.exposures![0]!.openedAt).toBe('1970-01-01T00:00:01.000Z');
  });

  it('stay where the rest of the stand goes back, as a tapped wave does (fault 85)', () => {
    const now = document(withExposures(testStand({ name: 'now' }), [made(0)]));
    const back = withRecordsOf(document(testStand({ name: 'before' })), now);
    expect(back.stand).toMatchObject({ name: 'before', exposures: [{ plannedSeconds: 10 }] });
    expect(withRecordsOf(now, document()).stand).not.toHaveProperty('exposures');
    // so does the wave that was tapped along with
    const tapped = document(testStand({ waveSeconds: 7.5 }));
    expect(withRecordsOf(document(testStand()), tapped).stand.waveSeconds).toBe(7.5);
  });

  it('and the list at the tripod do not go on to the next framing, nor does the mark of a moment to come', () => {
    const choice = { filterIds: ['hard-2'], offsetMm: 0, turnDeg: 0 };
    const stand = fitFor(
      withExposures(testStand({ tripodUpTo: 'nd', coming: { sky: 'clear' } }), [made(0)]),
      choice,
      '2026-05-01T18:42:00Z',
    );
    expect(stand.coming).toEqual({ sky: 'clear', fitFor: '2026-05-01T18:42:00Z' });
    const next = nextStand(stand, { id: 'b', name: 'next', createdAt: '2026-05-01T06:00:00Z' });
    expect(next).not.toHaveProperty('exposures');
    expect(next).not.toHaveProperty('tripodUpTo');
    expect(next.coming).toEqual({ sky: 'clear' });
    // other glass is for the light as it is
    expect(choose(stand, { ...choice, offsetMm: 2 }).coming).toEqual({ sky: 'clear' });
    expect(choose(stand, undefined).coming).toEqual({ sky: 'clear' });
  });
});
