import { type BadLabel, type GlassKind, kindNamed, type ReadLabel } from '@/core/glass';
import { type Filter, isSheet } from '@/model';
import { notationsOf, wholeOrTenth } from '../figures/figures';
import { densityText, GLASS_WORDS, transitionText } from './kinds';

/** The same behind a field in stops: "density 0.9, factor ND8". */
export function otherNotationsText(stops: number): string {
  const [density, factor] = notationsOf(stops);
  return density ? `density ${density}, factor ${factor}` : 'plain glass';
}

/** What a filter is beside its name: strength in all notations, transition, size; with what is only assumed. */
export function filterDetail(filter: Filter): string {
  const { sheetWidthMm: width, sheetLengthMm: length } = filter;
  const size =
    width !== undefined && length !== undefined
      ? `${wholeOrTenth(width)} × ${wholeOrTenth(length)} mm`
      : isSheet(filter)
        ? 'size not given'
        : null;
  return [densityText(filter), transitionText(filter), isMeasured(filter) && 'measured', size]
    .filter(Boolean)
    .join('; ');
}

const lossAssumedText = (kind: GlassKind): string =>
  `loss of ${kindNamed(kind).printed?.usualStops ?? 0} stops assumed`;

/** What was understood of a label, and what of it was assumed; or why it was not, and what would help. */
export function labelText(read: ReadLabel, filter: Filter | null): string {
  if (!read.ok) return refusedText(read);
  if (!filter) return '';
  const assumed = [
    read.transitionAssumed && 'the transition taken as medium',
    read.notationAssumed && `taken as ${read.notationAssumed}`,
    read.label.stops === null && lossAssumedText(read.label.kind),
  ].filter(Boolean);
  const unread = read.unread.length
    ? ` Not understood, and kept as a remark: ${read.unread.join(', ')}.`
    : '';
  return `${GLASS_WORDS[read.label.kind].title}; ${filterDetail(filter)}${assumed.length ? `; ${assumed.join(', ')}` : ''}.${unread}`;
}

function refusedText({ reason, at, readings }: BadLabel): string {
  switch (reason) {
    case 'empty':
      return 'Type what is printed on the rim: 0.9 soft, ND8 hard grad, ND1000, 10 stop, 3 stops reverse, ND2-400.';
    case 'no-strength':
      return 'How strong is it? Say 3 stops, 0.9 or ND8.';
    case 'two-strengths':
      return `“${at}” is another strength: one is enough.`;
    case 'ambiguous':
      return `${at} can be two things. Is it ${readings.join(' or ')}?`;
    case 'out-of-range':
      return `“${at}” is more than any glass: up to 20 stops.`;
    case 'negative':
      return `“${at}” is less than nothing: no glass adds light.`;
  }
}

/** Whether a filter goes by what was measured of it, and not by its label. */
const isMeasured = (filter: Filter): boolean =>
  filter.measuredStops !== undefined || (isSheet(filter) && filter.measuredSamples !== undefined);
