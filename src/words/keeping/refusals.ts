import { LIMITS, type Quantity } from '@/model';
import { wholeOrTenth } from '../figures/figures';

/** Units as they stand behind a figure. */
const UNITS: Partial<Record<Quantity, string>> = {
  focalLengthMm: 'mm',
  seconds: 's',
  stops: 'stops',
  lengthMm: 'mm',
  subjectM: 'm',
  offsetMm: 'mm',
  turnDeg: 'degrees',
  toneStops: 'stops',
};

/** Why a typed value of a quantity is refused. */
export function rangeText(quantity: Quantity): string {
  const [low, high] = LIMITS[quantity];
  if (quantity === 'lengthMm') return `Above 0 and up to ${high} mm.`;
  if (quantity === 'seconds') return 'Between a millionth of a second and 11 days.';
  return rangeOfText(low, high, UNITS[quantity]);
}

/** Why a typed value outside a range is refused. */
export function rangeOfText(low: number, high: number, unit?: string): string {
  const figure = (n: number) => (Number.isInteger(n) ? String(n).replace('-', '−') : wholeOrTenth(n));
  return `Between ${figure(low)} and ${figure(high)}${unit ? ` ${unit}` : ''}.`;
}

export const NOT_A_NUMBER = 'A number is needed here.';
export const NOT_METERED =
  'Type what the meter shows: 12.3, EV 12.3 at ISO 400, 4000 lux, 320 cd/m2 or 1/250.';
export const NOT_A_TIME = 'Type a time as 1/250, 250, 0.4s or 30s.';
