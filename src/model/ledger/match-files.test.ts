import fc from 'fast-check';
import { type LedgerEntry, matchFiles as matchAll, type ShotFile } from '@/model/ledger';
import { type Stand, type Take } from '@/model';
import { testStand } from '@/testing/fixtures';
import { clockOffText, matchedText } from '@/words';

const matchFiles = (
  files: readonly ShotFile[],
  entries: readonly LedgerEntry[],
  aheadMs?: number,
  stands: readonly Stand[] = [],
) => matchAll(files, { entries, stands }, aheadMs);

const START = Date.parse('2026-05-01T05:30:00Z');
const SECONDS = [1 / 8, 1 / 4, 1 / 2, 1, 2, 4];

/** A shot so many seconds on, with one of a few times. */
const entry = (i: number, afterSeconds: number, time: number): LedgerEntry => ({
  standId: `st-${i}`,
  standName: `Orrin ${i}`,
  number: 1,
  take: {
    id: `k${i}`,
    takenAt: new Date(START + 1000 * afterSeconds).toISOString(),
    exposure: { aperture: 11, iso: 100, seconds: SECONDS[time]! },
    filterIds: [],
  },
  focalLengthMm: 24,
  school: 'natural',
  spanStops: null,
  takenStops: 0,
  ndStops: 0,
  seen: [],
  tooBrightStops: null,
  weakerStops: 0,
});

/** The file of a shot by a camera whose clock is ahead. */
const fileOf = (
  { take }: LedgerEntry,
  aheadMs: number,
  exposure: Partial<Take['exposure']> = {},
): ShotFile => {
  const { aperture, iso, seconds } = { ...take.exposure, ...exposure };
  return {
    name: `${take.id}.jpg`,
    tells: {
      takenAt: new Date(Date.parse(take.takenAt) + aheadMs).toISOString(),
      exposure: { aperture, iso, shutter: seconds },
    },
  };
};

const pairsOf = (matches: ReturnType<typeof matchFiles>) =>
  Object.fromEntries(matches.matched.map((m) => [m.file.name, `${m.entry.take.id}.jpg`]));

describe('files find their shots', () => {
  it('whatever the camera’s clock says, in whatever order they come, and none is lost', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 150, max: 900 }), fc.integer({ min: 0, max: 5 })), {
          minLength: 4,
          maxLength: 12,
        }),
        fc.integer({ min: -3 * 3600, max: 3 * 3600 }),
        fc.integer(),
        (gaps, aheadSeconds, seed) => {
          let at = 0;
          const shots = gaps.map(([gap, time], i) => entry(i, (at += gap), time));
          const files = shots
            .map((s, i) => fileOf(s, 1000 * aheadSeconds + 400 * ((i + seed) % 5)))
            .sort((a, b) => (a.name + seed < b.name + seed ? 1 : -1));
          const matches = matchFiles(files, shots);
          expect(matches.matched.length + matches.unmatched.length).toBe(files.length);
          const wrong = matches.matched.filter((m) => m.file.name !== `${m.entry.take.id}.jpg`);
          // a run of shots that is its own shift can be told in two ways; then no more agree than do on the truth
          if (matches.aheadMs !== null && Math.abs(matches.aheadMs - 1000 * aheadSeconds) < 5000)
            expect([wrong.length, matches.unmatched.length]).toEqual([0, 0]);
          else expect(matches.agreeing).toBeGreaterThanOrEqual(1);
          // told how far the clock is off, every file is found
          expect(pairsOf(matchFiles(files, shots, 1000 * aheadSeconds))).toEqual(
            Object.fromEntries(files.map((f) => [f.name, f.name])),
          );
        },
      ),
      { numRuns: 60 },
    );
  });

  it('of an evening of hundreds by the same settings, without looking at each pair of pairs (fault 126)', () => {
    // looked at pair by pair of pairs, these would be 10^10 comparisons
    const shots = Array.from({ length: 320 }, (_, i) => entry(i, 400 * i + ((i * i * 37) % 240), 2));
    const files = shots.map((s) => fileOf(s, 65_000));
    const matches = matchFiles(files, shots);
    expect(matches.matched).toHaveLength(320);
    expect(matches.aheadMs).toBe(65_000);
  });

  it('and say how far the clock is off, and by how many files', () => {
    const shots = [entry(1, 0, 0), entry(2, 300, 2), entry(3, 900, 4)];
    const matches = matchFiles(
      shots.map((s) => fileOf(s, -130_000)),
      shots,
    );
    expect(matches).toMatchObject({ aheadMs: -130_000, agreeing: 3, unmatched: [] });
    expect(clockOffText(matches)).toBe('The camera’s clock is 2 min 10 s behind: 3 files agree.');
    expect(clockOffText({ ...matches, aheadMs: 500, agreeing: 1 })).toBe(
      'The camera’s clock goes right: 1 file says so.',
    );
    expect(clockOffText({ ...matches, aheadMs: null })).toContain('is not known');
    expect(clockOffText(matchFiles([fileOf(shots[0]!, 0)], shots, 60_000))).toBe(
      'The camera’s clock is 1 min ahead: as you say.',
    );
  });

  it('name in what they depart; what is of no shot stays unmatched', () => {
    const shots = [entry(1, 0, 0), entry(2, 300, 2)];
    const other = fileOf(shots[0]!, 6 * 3_600_000);
    const silent: ShotFile = { name: 'silent.jpg', tells: {} };
    const matches = matchFiles(
      [fileOf(shots[0]!, 0), fileOf(shots[1]!, 0, { aperture: 13 }), other, silent],
      shots,
      0,
    );
    expect(matches.unmatched).toEqual([other, silent]);
    expect(matches.matched.map(matchedText)).toEqual([
      'Orrin 1, shot 1',
      'Orrin 2, shot 1: f/13, planned f/11',
    ]);
  });

  it('of no shot, but made while a stand was worked at, stand beside it; by another lens they do not', () => {
    const stand = testStand({ lightAt: '2026-05-01T05:25:00Z' });
    const lone: ShotFile = {
      name: 'lone.jpg',
      tells: { takenAt: '2026-05-01T05:31:00Z', focalLengthMm: 24 },
    };
    const { beside, unmatched } = matchFiles([lone], [], 60_000, [stand]);
    expect(beside).toEqual([{ file: lone, stand, at: '2026-05-01T05:30:00.000Z' }]);
    expect(unmatched).toEqual([]);
    const tele: ShotFile = { ...lone, tells: { ...lone.tells, focalLengthMm: 85 } };
    expect(matchFiles([tele], [], 60_000, [stand]).unmatched).toEqual([tele]);
    expect(matchFiles([lone], [], 3_600_000, [stand]).unmatched).toEqual([lone]);
  });

  it('two of one shot: the nearer is its own', () => {
    const shot = entry(1, 0, 0);
    const [near, far] = [fileOf(shot, 1000), { ...fileOf(shot, 20_000), name: 'later.jpg' }];
    const matches = matchFiles([far, near], [shot], 0);
    expect(matches.matched.map((m) => m.file)).toEqual([near]);
    expect(matches.unmatched).toEqual([far]);
  });
});
