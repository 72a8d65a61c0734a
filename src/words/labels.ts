import {
  printedStrength,
  profileStops,
  type ReadLabel,
  transitionName,
  assumedTransitionMm,
} from '@/core/glass';
import { type Filter, isSheet } from '@/model';
import { stopsText, wholeOrTenth } from './figures';

/** A strength in the three notations that rims have: "3 stops · 0.9 · ND8". */
const strengthText = (stops: number): string => [stopsText(stops), ...notationsOf(stops)].join(' · ');

/** A strength as density and as factor, as printed. */
const notationsOf = (stops: number): string[] =>
  stops > 0
    ? [printedStrength(stops, 'density').replace('density ', ''), printedStrength(stops, 'factor')]
    : [];

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
  return [densityText(filter), transitionText(filter), size].filter(Boolean).join('; ');
}

function densityText(filter: Filter): string {
  switch (filter.kind) {
    case 'measured':
      return `${strengthText(profileStops(filter))}; measured at ${filter.samples.length} places`;
    case 'polariser':
      return `takes ${stopsText(filter.baseLossStops)} from everything`;
    case 'neutral':
      return `${strengthText(filter.stops)}${filter.body === 'dyed' ? '; dyed: denser towards the corners' : ''}`;
    case 'reverse':
      return `${strengthText(filter.stops)}; reverse, ${stopsText(filter.floorStops)} at its end`;
    case 'band':
      return `${strengthText(filter.stops)}; band of ${wholeOrTenth(filter.bandWidthMm)} mm`;
    case 'graduated':
      return strengthText(filter.stops);
  }
}

function transitionText(filter: Filter): string | null {
  if (!isSheet(filter) || filter.kind === 'measured') return null;
  const { transitionMm, sheetWidthMm } = filter;
  const name = transitionName(transitionMm, sheetWidthMm);
  const assumed = transitionMm === assumedTransitionMm(name, sheetWidthMm) ? ', assumed' : '';
  return `${name}, ${wholeOrTenth(transitionMm)} mm${assumed}`;
}

/** What was understood of a label, and what of it was assumed; or why it was not, and what would help. */
export function labelText(read: ReadLabel, filter: Filter | null): string {
  if (!read.ok) {
    switch (read.reason) {
      case 'empty':
        return 'Type what is printed on the rim: 0.9 soft, ND8 hard grad, ND1000, 10 stop, 3 stops reverse.';
      case 'no-strength':
        return 'How strong is it? Say 3 stops, 0.9 or ND8.';
      case 'two-strengths':
        return `“${read.at}” is a second strength: one is enough.`;
      case 'ambiguous':
        return `Is ${read.at} the stops or the factor? Say ${read.at} stops, or ND${read.at}.`;
      case 'out-of-range':
        return `“${read.at}” is more than any glass: up to 20 stops.`;
    }
  }
  if (!filter) return '';
  const assumed = [
    read.transitionAssumed && 'the transition taken as medium',
    read.notationAssumed && `${read.notationAssumed} understood`,
    read.label.kind === 'polariser' && read.label.stops === null && 'loss of 1.5 stops assumed',
  ].filter(Boolean);
  const unread = read.unread.length ? ` Not understood: ${read.unread.join(', ')}.` : '';
  return `${KIND_NAMES[read.label.kind]}; ${filterDetail(filter)}${assumed.length ? `; ${assumed.join(', ')}` : ''}.${unread}`;
}

const KIND_NAMES = {
  graduated: 'Graduated',
  reverse: 'Reverse',
  band: 'Band',
  neutral: 'ND',
  polariser: 'Polariser',
} as const;
