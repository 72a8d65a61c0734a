import { type apertureInTenths, type MeterScale, type MeterText } from '@/core/exposure';
import { type MeteredLight } from '@/model';
import { markText, stopsFigure, timeText } from '../figures/figures';

/** The scales of meters, as they are called beside one. */
export const METER_SCALE_NAMES: Record<MeterScale, string> = {
  shutter: 'Settings',
  ev: 'EV',
  lux: 'lux',
  luminance: 'cd/m²',
};

/** What an f-number in tenths was understood as. */
export const tenthsText = ({
  mark,
  tenths,
  exact,
}: NonNullable<ReturnType<typeof apertureInTenths>>): string =>
  `f/${mark} closed by ${tenths / 10} stop: f/${exact.toFixed(2)}`;

/** What an EV, or light, was understood as. */
export function meteredText(read: Exclude<Extract<MeterText, { ok: true }>, { scale: 'shutter' }>): string {
  const ev = `EV ${stopsFigure(read.ev100)}`;
  switch (read.scale) {
    case 'ev':
      return read.iso === undefined || read.iso === 100
        ? `${ev} at ISO 100`
        : `EV ${stopsFigure(read.value)} at ISO ${read.iso}: ${ev} at ISO 100`;
    case 'lux':
      return `${read.value} lux on the spot: ${ev}`;
    case 'luminance':
      return `${read.value} cd/m² from the spot: ${ev}`;
  }
}

/** What a meter was set to: "f/5.6, 1/30, ISO 100"; null where an EV was typed. */
export function meterSettingsText({ aperture, shutter, iso, fromPicture }: MeteredLight): string | null {
  if (fromPicture) return 'from the picture';
  if (aperture === undefined || shutter === undefined) return null;
  return `f/${aperture}, ${typeof shutter === 'number' ? timeText(shutter) : markText(shutter)}, ISO ${iso}`;
}
