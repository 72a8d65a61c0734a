import { type DensitySample, sheetKind } from './kind';

/** Density that was measured: samples in ascending mm, joined linearly, level beyond the first and the last. */
export const MEASURED = sheetKind({
  kind: 'measured',
  fields: { samples: { type: 'samples', column: null } },
  seated: {
    densityAt: ({ samples }, y) => measuredAt(samples, y),
    joints: ({ samples }) => samples.map((s) => s.mm),
    forGlow: false,
  },
  stopsOf: ({ samples }) => Math.max(...samples.map((s) => s.stops)),
  of: ({ samples }) => ({ samples: samples() }),
  hasBody: true,
  faultOf: ({ samples }) => {
    const at = samples.findIndex(({ mm }, i) => i > 0 && mm <= samples[i - 1].mm);
    return at < 0 ? null : { path: ['samples', at, 'mm'], message: 'samples stand in ascending order of mm' };
  },
  printed: null,
});

function measuredAt(samples: readonly DensitySample[], y: number): number {
  const next = samples.findIndex((s) => s.mm >= y);
  const right = samples[next];
  const left = samples[next - 1];
  if (!right) return samples.at(-1)?.stops ?? 0;
  if (!left) return right.stops;
  return left.stops + ((right.stops - left.stops) * (y - left.mm)) / (right.mm - left.mm);
}
