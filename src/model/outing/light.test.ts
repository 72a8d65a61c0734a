import { bagWithNds, testStand } from '@/testing/fixtures';
import { type Stand } from '../stand/stand';
import { readBefore } from './light';

describe('what was read before', () => {
  it('is told by shots and by readings that were never shot, the newest first', () => {
    const take = (id: string, takenAt: string, sky: number, land: number) => ({
      id,
      takenAt,
      exposure: { aperture: 11, iso: 100, seconds: 1 },
      filterIds: [],
      light: { sky, land },
    });
    const stand = testStand({
      takes: [take('a', '2026-03-01T18:00:00Z', 13, 10), take('b', '2026-03-08T18:00:00Z', 12, 8)],
    });
    const bag = bagWithNds();
    const spans = (s: Stand) => readBefore(s, bag).map((r) => r.spanStops);
    // the readings of 1 May were never shot; those of an evening on which it was are told by the shot
    expect(spans(stand)).toEqual([3, 4, 3]);
    const shot = { ...stand, lightAt: '2026-03-08T17:00:00Z' };
    expect(spans(shot)).toEqual([4, 3]);
    // what an ND took from one side is added back
    const [sky, land] = stand.readings;
    const through = {
      ...stand,
      takes: [],
      readings: [sky!, { ...land!, ev100: 4, throughFilterIds: ['n6'] }],
    };
    expect(spans(through)).toEqual([3]);
    expect(spans({ ...through, readings: [sky!] })).toEqual([]);
  });
});
