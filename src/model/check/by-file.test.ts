import { type LandscapeName } from '@/core/scene';
import {
  fileAgainst,
  measuredBy,
  sampleBag,
  type StandPhoto,
  takeOf,
  deriveStand,
  solveStand,
} from '@/model';
import { testStand } from '@/testing/fixtures';
import { type FileTrial, fileTrial } from '@/testing/file-trials';

const LANDSCAPES: readonly LandscapeName[] = ['dunes', 'shore'];

/** Two shots of simulated scenes; the whole set is `npm run bench -- file`. */
const trials = (isRaw: boolean): FileTrial[] =>
  LANDSCAPES.flatMap((landscape) => fileTrial(landscape, 1, testStand(), sampleBag(), { isRaw }) ?? []);

const off = (found: number, truth: number) => Math.abs(found - truth);

describe.each([
  ['a raw file', true, { overall: 0.15, sky: 0.25, mm: 1.5 }],
  ['a camera’s own picture', false, { overall: 0.3, sky: 0.3, mm: 2 }],
])('%s against its plan', (_, isRaw, within) => {
  const all = trials(isRaw);

  it('tells how bright all of it is, how the sky is against the land, and where the line lies', () => {
    expect(all).toHaveLength(LANDSCAPES.length);
    for (const { truth, check } of all) {
      const { overall, skyAgainstLand, line } = check.comparison!;
      expect(off(overall.by, truth.overall)).toBeLessThan(within.overall);
      expect(off(skyAgainstLand!.by, truth.skyAgainstLand)).toBeLessThan(within.sky);
      if (line) expect(off(line.offsetMm.by, truth.seat.offsetMm)).toBeLessThan(within.mm);
    }
    expect(all.filter((t) => t.check.comparison!.line)).not.toEqual([]);
  });

  it('and its doubt covers the truth', () => {
    const told = all.flatMap(({ truth, check: { comparison: c } }) => [
      off(c!.overall.by, truth.overall) <= c!.overall.giveOrTake,
      off(c!.skyAgainstLand!.by, truth.skyAgainstLand) <= c!.skyAgainstLand!.giveOrTake,
      ...(c!.line ? [off(c!.line.offsetMm.by, truth.seat.offsetMm) <= c!.line.offsetMm.giveOrTake] : []),
    ]);
    expect(told).not.toContain(false);
  });
});

describe('what a file cannot show', () => {
  const bag = sampleBag();
  const stand = testStand();
  const derived = deriveStand(stand, bag, solveStand(stand, bag));
  const solved = { stand, bag, prepared: derived.prepared };
  const take = takeOf({ stand, bag, derived }, 't', '2026-05-01T05:30:00Z')!;
  const flat = (step: string, columns = 120, rows = 80): StandPhoto => ({
    sha256: '0'.repeat(64),
    type: 'image/jpeg',
    columns,
    rows,
    light: { columns: 120, rows: 80, topStops: 0, cells: step.repeat(120 * 80) },
  });

  it('is refused by name: another frame, a land that is not measured, a line that nothing foretold', () => {
    expect(fileAgainst(take, flat('c0', 100, 100), solved).refusals).toEqual(['other-frame']);
    expect(fileAgainst(take, flat('ff'), solved).refusals).toEqual(['too-little']);
    const plain = fileAgainst(take, flat('c0'), solved);
    expect(plain.refusals).toEqual(['no-line']);
    expect(plain.comparison!.line).toBeNull();
  });

  it('is told by region: what is blown and what is black', () => {
    expect(fileAgainst(take, flat('ff'), solved).clipped).toEqual([
      { role: 'sky', blown: 1, black: 0 },
      { role: 'land', blown: 1, black: 0 },
    ]);
    expect(fileAgainst(take, flat('00'), solved).clipped[0]).toEqual({ role: 'sky', blown: 0, black: 1 });
  });

  it('has its own settings: those it departs by are named, and counted', () => {
    const { aperture, iso, seconds } = take.exposure;
    const as = (shutter: number): StandPhoto => ({ ...flat('c0'), exposure: { aperture, iso, shutter } });
    expect(fileAgainst(take, as(seconds), solved).departs).toBeNull();
    const longer = fileAgainst(take, as(4 * seconds), solved);
    expect(longer.departs!.seconds).toBeCloseTo(4 * seconds, 9);
    const plain = fileAgainst(take, as(seconds), solved);
    // the same picture in four times the time: two stops less light
    expect(longer.comparison!.overall.by - plain.comparison!.overall.by).toBeCloseTo(-2, 1);
  });

  it('is no evidence where it is less than its doubt', () => {
    const sure = { by: 0.5, giveOrTake: 0.2 };
    const unsure = { by: 0.1, giveOrTake: 0.2 };
    expect(
      measuredBy({
        overall: unsure,
        skyAgainstLand: sure,
        line: { offsetMm: { by: 2.2, giveOrTake: 0.7 }, turnDeg: unsure },
        contrast: 1,
      }),
    ).toEqual({ land: 0, sky: 0.5, offsetMm: 2 });
    expect(measuredBy({ overall: sure, skyAgainstLand: null, line: null, contrast: 1 })).toEqual({
      land: 0.5,
      sky: 0.5,
    });
  });
});
