import { exactShutter, type ExactSeconds } from './camera-scales';
import { plainTyped } from './typed-text';

export type ShutterText =
  | { readonly ok: true; readonly seconds: ExactSeconds }
  | { readonly ok: false; readonly reason: 'not-a-time' | 'out-of-range' };

/** Times that any reading or exposure may have, seconds (formats: ranges). */
export const SHUTTER_RANGE = [1e-6, 1e6] as const;

const NUMBER = String.raw`\d{1,15}(?:\.\d{1,30})?|\.\d{1,30}`;
const FRACTION = new RegExp(`^(${NUMBER}) ?/ ?(${NUMBER})$`);
const DECIMAL = new RegExp(`^(?:${NUMBER})(?:e-?\\d{1,3})?$`, 'i');
const MINUTES = new RegExp(`^(${NUMBER}) ?(?:min|m)(?: ?(${NUMBER}) ?(?:s|sec|")?)?$`);
const SECONDS = new RegExp(`^(${NUMBER}) ?(?:s|sec|")$`);
const MARK = / ?(?:s|sec|")$/;

function ranged(seconds: number): ShutterText {
  if (!Number.isFinite(seconds)) return { ok: false, reason: 'not-a-time' };
  const exact = exactShutter(seconds);
  return exact >= SHUTTER_RANGE[0] && exact <= SHUTTER_RANGE[1]
    ? { ok: true, seconds: exact }
    : { ok: false, reason: 'out-of-range' };
}

function fraction(text: string): ShutterText | null {
  const m = FRACTION.exec(text);
  return m && ranged(Number(m[1]) / Number(m[2]));
}

/** A shutter time as a file writes it: "1/30" and "15" are marks, "2.5s" and "47" are seconds (formats: the stand file). */
export function shutterFromFileText(text: string): ShutterText {
  const bare = plainTyped(text).replace(/ ?s$/, '');
  const asFraction = fraction(bare);
  if (asFraction) return asFraction;
  return DECIMAL.test(bare) ? ranged(Number(bare)) : { ok: false, reason: 'not-a-time' };
}

/**
 * A shutter time as a photographer types it: a bare whole number is a reciprocal ("1000" is 1/1000), seconds carry their
 * mark ("30s", `30"`, "2 min", "2m 8s"), and a decimal ("0.4") can only be seconds.
 */
export function shutterFromTyping(text: string): ShutterText {
  const t = plainTyped(text).toLowerCase().replace(',', '.').replace(/″|''/g, '"');
  const minutes = MINUTES.exec(t);
  if (minutes) return ranged(60 * Number(minutes[1]) + Number(minutes[2] ?? 0));
  const seconds = SECONDS.exec(t);
  if (seconds) return ranged(Number(seconds[1]));
  const asFraction = fraction(t.replace(MARK, ''));
  if (asFraction) return asFraction;
  if (/^\d{1,15}$/.test(t)) return ranged(1 / Number(t));
  return DECIMAL.test(t) ? ranged(Number(t)) : { ok: false, reason: 'not-a-time' };
}
