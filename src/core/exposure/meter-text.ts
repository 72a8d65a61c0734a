import {
  exactAperture,
  type ExactAperture,
  type ExactSeconds,
  exactIso,
  plainTyped,
  shutterFromTyping,
} from '@/core/units';
import { ev100OfEv, evOfLuminance, incidentEv } from './light-units';

/** What a meter shows: a shutter time, an EV, or light itself. */
export const METER_SCALES = ['shutter', 'ev', 'lux', 'luminance'] as const;
export type MeterScale = (typeof METER_SCALES)[number];

export type MeterText =
  | { readonly ok: true; readonly scale: 'shutter'; readonly seconds: ExactSeconds }
  | {
      readonly ok: true;
      readonly scale: 'ev' | 'lux' | 'luminance';
      readonly ev100: number;
      /** The figure as typed, and for an EV the ISO that it was shown for. */
      readonly value: number;
      readonly iso?: number;
    }
  | { readonly ok: false; readonly reason: 'not-a-time' | 'not-a-number' | 'out-of-range' };

const NUMBER = '([-+−]?\\d{1,12}(?:[.,]\\d{1,12})?|[-+−]?[.,]\\d{1,12})';
const ISO = '(?: ?(?:(?:at|@|,) ?)?iso ?(\\d{1,9}))?';
const EV = [new RegExp(`^ev ?${NUMBER}${ISO}$`), new RegExp(`^${NUMBER} ?ev${ISO}$`)];
const BARE_EV = new RegExp(`^${NUMBER}${ISO}$`);
const LUX = new RegExp(`^${NUMBER} ?(k?) ?(?:lux|lx)$`);
const LUMINANCE = new RegExp(`^${NUMBER} ?(k?) ?(?:cd ?/ ?m(?:2|²|\\^2)|nits?)$`);
const BARE = new RegExp(`^${NUMBER}$`);

const numberOf = (text: string): number => Number(text.replace(',', '.').replace('−', '-'));

/**
 * What a meter showed, as it is typed. A unit says what it is: "EV 12.3", "12.3 ev at iso 400", "4000 lux", "320 cd/m2", `2s`,
 * "1/1000"; a bare number is on the scale that the meter shows.
 */
export function meterFromTyping(text: string, bare: MeterScale): MeterText {
  const t = plainTyped(text).toLowerCase();
  const ev = EV.map((form) => form.exec(t)).find(Boolean) ?? (bare === 'ev' ? BARE_EV.exec(t) : null);
  if (ev) return ofEv(numberOf(ev[1]), ev[2]);
  const lux = LUX.exec(t);
  if (lux) return ofLight('lux', lux);
  const luminance = LUMINANCE.exec(t);
  if (luminance) return ofLight('luminance', luminance);
  if (bare === 'lux' || bare === 'luminance') {
    const number = BARE.exec(t);
    if (number) return ofLight(bare, number);
  }
  const shutter = shutterFromTyping(text);
  if (shutter.ok)
    return bare === 'ev' && BARE.test(t)
      ? { ok: false, reason: 'not-a-number' }
      : { ...shutter, scale: 'shutter' };
  return {
    ok: false,
    reason: shutter.reason === 'not-a-time' && bare !== 'shutter' ? 'not-a-number' : shutter.reason,
  };
}

function ofEv(value: number, isoText: string | undefined): MeterText {
  if (isoText === undefined) return { ok: true, scale: 'ev', ev100: value, value };
  const iso = Number(isoText);
  if (!(iso >= 1)) return { ok: false, reason: 'out-of-range' };
  return { ok: true, scale: 'ev', ev100: ev100OfEv(value, exactIso(iso)), value, iso };
}

function ofLight(scale: 'lux' | 'luminance', [, number, thousands]: RegExpExecArray): MeterText {
  const value = numberOf(number) * (thousands ? 1000 : 1);
  if (!(value > 0)) return { ok: false, reason: 'out-of-range' };
  return { ok: true, scale, ev100: scale === 'lux' ? incidentEv(value) : evOfLuminance(value), value };
}

const TENTHS = /^(\d{1,3}(?:[.,]\d{1,6})?)(?: ?(?:and|\+|_) ?| )(\d(?:[.,]\d{1,6})?) ?(?:\/ ?10|tenths?)?$/;

/**
 * An f-number as a hand meter shows it: "8 and 4/10", "8 4/10", "8 4" is f/8 closed by 0.4 stop (physics 1). Null for a plain
 * one, and for what is none.
 */
export function apertureInTenths(
  text: string,
): { readonly mark: number; readonly tenths: number; readonly exact: ExactAperture } | null {
  const m = TENTHS.exec(plainTyped(text).toLowerCase());
  if (!m) return null;
  const [mark, tenths] = [numberOf(m[1]), numberOf(m[2])];
  if (!(tenths < 10)) return null;
  return { mark, tenths, exact: (exactAperture(mark) * 2 ** (tenths / 20)) as ExactAperture };
}
