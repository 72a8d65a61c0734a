import { sameContent } from '@/model';
import { testStand } from '@/testing/fixtures';
import { valueOf } from '@/testing/results';
import { laterText } from '@/words';
import { readBackupFile, writeBackupFile } from './backup-file';
import { readBagFile, writeBagFile } from './bag-file';
import { FORMAT } from './document';
import { readStandFile, writeStandFile } from './stand-file';

const take = {
  id: 'k1',
  takenAt: '2026-05-01T05:30:00Z',
  exposure: { aperture: 11, iso: 100, seconds: 1 },
  filterIds: ['g-late'],
};
/** A stand as a version to come may write it, with a sight, a look and a kind of glass that nobody here has heard of. */
const stand = {
  ...testStand(),
  look: { school: 'arc', gapStops: -9, viewAzimuthDeg: 40 },
  takes: [take],
  seen: [
    { id: 'w1', takeId: 'k1', what: 'soft', of: 'land' },
    { id: 'w2', takeId: 'k1', what: 'ghosts', much: 'many' },
  ],
  choice: { filterIds: ['g-late'], offsetMm: 2, turnDeg: 0 },
};
const bag = {
  slots: 2,
  filters: [
    { id: 'n6', kind: 'neutral', stops: 6 },
    { id: 'g-late', name: 'wedge of Tholl', kind: 'wedge', slope: 0.4 },
  ],
};
const envelope = { format: 'pale-seam', version: 1, minor: 99 };
const textOf = (kind: string, content: object) => JSON.stringify({ ...envelope, kind, ...content });

describe('a file of a later version (fault 137)', () => {
  it('opens with sights, looks and glass that are not known here, says which, and is written again with them', () => {
    const opened = valueOf(readStandFile(textOf('stand', { stand, bag })));
    expect(opened.stand.look).toEqual({ school: 'natural', viewAzimuthDeg: 40 });
    expect(opened.stand.seen?.map((s) => s.what)).toEqual(['soft']);
    expect(opened.bag.filters[1]).toMatchObject({
      id: 'g-late',
      archived: true,
      remarks: 'not understood: wedge',
    });
    expect(laterText([...(opened.stand.later ?? []), ...(opened.bag.later ?? [])])).toBe(
      'A newer Pale Seam has told of this what is not understood here: the look “arc”, in place of which Natural stands, what a shot showed, “ghosts” and glass of the kind “wedge” (wedge of Tholl). It is left out of what is worked out, and kept for when it is written again.',
    );
    const written = JSON.parse(valueOf(writeStandFile(opened))) as {
      minor: number;
      stand: object;
      bag: object;
    };
    expect(written.minor).toBeGreaterThan(FORMAT.minor);
    expect(sameContent(written.stand, { ...stand, seen: [stand.seen[0], stand.seen[1]] })).toBe(true);
    expect(sameContent(written.bag, bag)).toBe(true);
  });

  it('keeps what was decided here since: a look that was chosen, a shot that was taken out', () => {
    const opened = valueOf(readStandFile(textOf('stand', { stand, bag })));
    const changed = { ...opened.stand, look: { school: 'even' as const }, takes: [], seen: [] };
    const written = JSON.parse(valueOf(writeStandFile({ ...opened, stand: changed }))) as {
      stand: { look: object; seen: object[] };
    };
    expect(written.stand.look).toEqual({ school: 'even' });
    expect(written.stand.seen).toEqual([]);
  });

  it('does so as a bag, and in a backup', () => {
    const own = valueOf(readBagFile(textOf('bag', { bag })));
    expect(sameContent((JSON.parse(valueOf(writeBagFile(own))) as { bag: object }).bag, bag)).toBe(true);
    const updatedAt = '2026-05-01T06:00:00Z';
    const entry = { updatedAt, minor: 99, stand, used: [bag.filters[1]] };
    const text = textOf('backup', {
      madeAt: updatedAt,
      bag,
      stands: [entry],
      plans: { outings: [], places: [] },
    });
    const { refused, ...backup } = valueOf(readBackupFile(text));
    expect(refused).toEqual([]);
    const again = valueOf(writeBackupFile(backup));
    expect(again.unreadable).toEqual([]);
    const written = JSON.parse(again.text) as { bag: object; stands: { stand: object; used: object[] }[] };
    expect(sameContent(written.bag, bag)).toBe(true);
    expect(sameContent(written.stands[0]!.stand, stand)).toBe(true);
    expect(sameContent(written.stands[0]!.used, [bag.filters[1]])).toBe(true);
  });

  it('of this version is refused for them, with their place', () => {
    const text = JSON.stringify({ ...envelope, minor: FORMAT.minor, kind: 'stand', stand, bag });
    expect(readStandFile(text)).toMatchObject({ ok: false, error: { path: 'stand.look.school' } });
  });
});
