import { type Glass } from './derive';
import { type Prepared } from './prepare';

/** What the photographer should know beside the plan; the sentences are in `words`. */
export type Warning =
  | { readonly code: 'pupil-estimated'; readonly giveOrTakeMm: number }
  | { readonly code: 'seat-at-bound' }
  | { readonly code: 'beam-wider-than-sheet' }
  | { readonly code: 'edge-may-show' }
  | { readonly code: 'exposure-capped' }
  | { readonly code: 'reading-without-place'; readonly readingIds: readonly string[] }
  | { readonly code: 'no-free-slot' }
  | { readonly code: 'pairs-not-searched' }
  | { readonly code: 'features-black'; readonly readingIds: readonly string[] }
  | { readonly code: 'readings-clip'; readonly readingIds: readonly string[] };

/** Everything to warn of about a stand as seen through some glass. */
export function warningsOf(prepared: Prepared, glass: Glass): Warning[] {
  const { outcome, seat } = glass;
  const { readings } = prepared.input.field;
  const warnings: Warning[] = [];
  if (seat && prepared.input.lens.pupilEstimated)
    warnings.push({ code: 'pupil-estimated', giveOrTakeMm: outcome.seam?.giveOrTakeMm ?? 0 });
  for (const code of glass.warnings) warnings.push({ code });
  if (outcome.exposure?.capped) warnings.push({ code: 'exposure-capped' });
  const rough = readings.filter((r) => r.rough).map((r) => r.id);
  if (rough.length) warnings.push({ code: 'reading-without-place', readingIds: rough });
  if (prepared.freeSlots === 0) warnings.push({ code: 'no-free-slot' });
  if (prepared.freeSlots > 1 && prepared.input.sheets.length > 1)
    warnings.push({ code: 'pairs-not-searched' });
  const isFeature = new Set(readings.filter((r) => r.role === 'feature').map((r) => r.id));
  const black = outcome.readings
    .filter((r) => isFeature.has(r.id) && r.toneThroughStops < -prepared.input.window.shadowRoom)
    .map((r) => r.id);
  if (black.length) warnings.push({ code: 'features-black', readingIds: black });
  const clipped = outcome.clips.filter((id) => !black.includes(id));
  if (clipped.length) warnings.push({ code: 'readings-clip', readingIds: clipped });
  return warnings;
}
