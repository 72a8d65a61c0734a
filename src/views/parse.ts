import {
  type ExactSeconds,
  exactAperture,
  exactIso,
  nominalOf,
  nearestShutterMark,
  shutterFromTyping,
} from '@/core/units';
import { isWithin, type Quantity } from '@/model';
import { type Parsed } from '@/ui/field';
import { NOT_A_NUMBER, NOT_A_TIME, rangeText, timeText } from '@/words';

/** A number as it is typed: a comma or a point, a true or a typed minus, nothing else. */
export function typedNumber(text: string): number | null {
  const plain = text.trim().replace(',', '.').replace('−', '-');
  return /^[-+]?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
}

/** Understands a number of some quantity, or says what is allowed. */
export function parseQuantity(quantity: Quantity): (text: string) => Parsed<number> {
  return (text) => {
    const value = typedNumber(text);
    if (value === null) return { ok: false, error: NOT_A_NUMBER };
    return isWithin(quantity, value) ? { ok: true, value } : { ok: false, error: rangeText(quantity) };
  };
}

/** A part of the frame as a percentage, with or without its sign. */
export function parsePercent(text: string): Parsed<number> {
  const value = typedNumber(text.replace('%', ''));
  if (value === null) return { ok: false, error: NOT_A_NUMBER };
  return isWithin('placed', value / 100)
    ? { ok: true, value: value / 100 }
    : { ok: false, error: 'Between 0 and 100 %.' };
}

/** A part of the frame as the figure of its percentage, to a tenth. */
export const percentFigure = (part: number): string => String(Math.round(part * 1000) / 10);

/** An f-number, with or without its "f/". */
export function parseAperture(text: string): Parsed<number> {
  const read = parseQuantity('aperture')(text.replace(/^\s*f\s*\/?/i, ''));
  return read.ok ? { ...read, understood: exactly(read.value, exactAperture(read.value), 'f/') } : read;
}

export function parseIso(text: string): Parsed<number> {
  const read = parseQuantity('iso')(text.replace(/^\s*iso\s*/i, ''));
  return read.ok ? { ...read, understood: exactly(read.value, exactIso(read.value), 'ISO ') } : read;
}

/** What a mark stands for, where that differs from its name enough to wonder. */
function exactly(nominal: number, exact: number, before: string): string {
  return Math.abs(exact / nominal - 1) < 0.005 ? '' : `${before}${nominal}, exactly ${exact.toFixed(2)}`;
}

export interface TypedShutter {
  readonly seconds: ExactSeconds;
  /** As the stand file keeps it: the mark's name, or exact seconds. */
  readonly kept: string | number;
}

/** A shutter time as photographers type it; what was understood is shown as it is typed. */
export function parseShutter(text: string): Parsed<TypedShutter> {
  const read = shutterFromTyping(text);
  if (!read.ok) return { ok: false, error: read.reason === 'not-a-time' ? NOT_A_TIME : rangeText('seconds') };
  const { seconds } = read;
  const near = nearestShutterMark(seconds);
  const isMark = near !== null && Math.abs(near.errorStops) < 1e-9;
  return {
    ok: true,
    value: { seconds, kept: isMark ? near.mark.name : seconds },
    understood: isMark
      ? markText(near.mark.name, seconds)
      : `${timeText(seconds)}${near && near.errorStops !== 0 ? `, taken as typed (${seconds.toPrecision(3)} s)` : ''}`,
  };
}

function markText(name: string, seconds: number): string {
  const rough = Math.abs(seconds / nominalOf(name) - 1) > 0.005;
  const exact = seconds < 0.3 ? `1/${Math.round(1 / seconds)}` : seconds.toFixed(1);
  return rough && exact !== name ? `${name} s, exactly ${exact} s` : `${name} s`;
}
