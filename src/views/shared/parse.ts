import {
  type ExactSeconds,
  exactAperture,
  exactIso,
  nominalOf,
  nearestShutterMark,
  shutterFromTyping,
} from '@/core/units';
import { apertureInTenths, isWithin, meterFromTyping, type MeterScale, type Quantity } from '@/model';
import { type Parsed } from '@/ui/field';
import { meteredText, NOT_A_NUMBER, NOT_A_TIME, NOT_METERED, rangeText, tenthsText, timeText } from '@/words';

/** A number as it is typed: a comma or a point, a true or a typed minus, nothing else. */
export function typedNumber(text: string): number | null {
  const plain = text.trim().replace(',', '.').replace('−', '-');
  return /^[-+]?(?:\d{1,20}(?:\.\d{0,20})?|\.\d{1,20})$/.test(plain) ? Number(plain) : null;
}

/** Understands a number of some quantity, or says what is allowed. */
export function parseQuantity(quantity: Quantity): (text: string) => Parsed<number> {
  return (text) => {
    const value = typedNumber(text);
    if (value === null) return { ok: false, error: NOT_A_NUMBER };
    return isWithin(quantity, value) ? { ok: true, value } : { ok: false, error: rangeText(quantity) };
  };
}

/** A time of day as it is typed: "5:40", "0540", "5.40"; as a clock has it, HH:mm. */
export function parseClock(text: string): Parsed<string> {
  const read = /^([01]?\d|2[0-3])[:.h]?([0-5]\d)$/.exec(text.trim());
  return read
    ? { ok: true, value: `${read[1]!.padStart(2, '0')}:${read[2]}` }
    : { ok: false, error: 'A time of day, as 18:42.' };
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

/** An f-number, with or without its "f/", or as a hand meter shows it: "8 and 4/10". */
export function parseAperture(text: string): Parsed<number> {
  const tenths = apertureInTenths(text.replace(/^\s*f\s*\/?/i, ''));
  if (tenths) {
    // as many figures as the tenths have
    const value = Number(tenths.exact.toFixed(3));
    return isWithin('aperture', value)
      ? {
          ok: true,
          value,
          understood: tenthsText(tenths),
        }
      : { ok: false, error: rangeText('aperture') };
  }
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
  return { ok: true, ...understoodShutter(read.seconds) };
}

/** A time as it is kept, and as it is said to have been understood. */
function understoodShutter(seconds: ExactSeconds): { value: TypedShutter; understood: string } {
  const near = nearestShutterMark(seconds);
  const isMark = near !== null && Math.abs(near.errorStops) < 1e-9;
  return {
    value: { seconds, kept: isMark ? near.mark.name : seconds },
    understood: isMark
      ? markText(near.mark.name, seconds)
      : `${timeText(seconds)}${near && near.errorStops !== 0 ? `, taken as typed (${seconds.toPrecision(3)} s)` : ''}`,
  };
}

/** What a meter showed: a shutter time, or an EV at ISO 100. */
export type Metered = TypedShutter | { readonly ev100: number };

/** What a meter showed, on its own scale or with a unit; what was understood is shown as it is typed. */
export function parseMetered(scale: MeterScale): (text: string) => Parsed<Metered> {
  return (text) => {
    const read = meterFromTyping(text, scale);
    if (!read.ok)
      return {
        ok: false,
        error:
          read.reason === 'out-of-range'
            ? rangeText(scale === 'shutter' ? 'seconds' : 'ev100')
            : read.reason === 'not-a-time'
              ? NOT_A_TIME
              : NOT_METERED,
      };
    if (read.scale === 'shutter') return { ok: true, ...understoodShutter(read.seconds) };
    const ev100 = Math.round(read.ev100 * 1000) / 1000;
    if (!isWithin('ev100', ev100)) return { ok: false, error: rangeText('ev100') };
    return { ok: true, value: { ev100 }, understood: meteredText(read) };
  };
}

function markText(name: string, seconds: number): string {
  const rough = Math.abs(seconds / nominalOf(name) - 1) > 0.005;
  const exact = seconds < 0.3 ? `1/${Math.round(1 / seconds)}` : seconds.toFixed(1);
  return rough && exact !== name ? `${name} s, exactly ${exact} s` : `${name} s`;
}
