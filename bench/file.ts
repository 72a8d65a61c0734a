import { LANDSCAPES, type LandscapeName } from '@/core/scene';
import { newStand, sampleBag } from '@/model';
import { fileTrial } from '@/testing/file-trials';
import { type Figure, figure } from './measure';

const SEEDS = [1, 2, 3, 4];
const LIKE = newStand({ id: 'st-file', name: 'Sarrat Dune', createdAt: '2026-05-01T05:00:00Z' });

/** The file of a shot against its plan, in simulated scenes: how far each figure is off, in parts of a stop and mm. */
export function* fileFigures(): Generator<Figure> {
  for (const isRaw of [true, false]) {
    const kind = isRaw ? 'raw' : 'jpeg';
    const trials = (Object.keys(LANDSCAPES) as LandscapeName[]).flatMap((landscape) =>
      SEEDS.flatMap((seed) => fileTrial(landscape, seed, LIKE, sampleBag(), { isRaw }) ?? []),
    );
    const told = trials.flatMap(({ truth, check: { comparison: c } }) => (c ? [{ truth, c }] : []));
    const off = (found: number | undefined, truth: number) =>
      found === undefined ? [] : [Math.abs(found - truth)];
    yield figure(
      `file-${kind}-overall`,
      'stops',
      told.flatMap(({ truth, c }) => off(c.overall.by, truth.overall)),
    );
    yield figure(
      `file-${kind}-sky`,
      'stops',
      told.flatMap(({ truth, c }) => off(c.skyAgainstLand?.by, truth.skyAgainstLand)),
    );
    yield figure(
      `file-${kind}-line`,
      'mm',
      told.flatMap(({ truth, c }) => off(c.line?.offsetMm.by, truth.seat.offsetMm)),
    );
  }
}
