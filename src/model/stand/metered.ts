import { ev100 } from '@/core/exposure';
import { exactAperture, exactIso, type ExactSeconds, shutterFromFileText } from '@/core/units';
import { type MeteredLight, type PhotoExposure } from './stand';

/** EV at ISO 100 that the meter showed, through whatever was on the lens. */
export function meteredEv(reading: MeteredLight): number {
  if (reading.ev100 !== undefined) return reading.ev100;
  const { aperture, iso, shutter } = reading;
  if (aperture === undefined || iso === undefined || shutter === undefined)
    throw new Error('a reading has neither an EV nor camera settings');
  return exposureEv({ aperture, iso, shutter });
}

/** EV at ISO 100 of camera settings as they stand in a document. */
export const exposureEv = ({ aperture, iso, shutter }: PhotoExposure): number =>
  ev100({ aperture: exactAperture(aperture), iso: exactIso(iso), seconds: readingSeconds(shutter) });

/** Exact seconds of a shutter time as it stands in a document. */
export function readingSeconds(shutter: string | number): ExactSeconds {
  if (typeof shutter === 'number') return shutter as ExactSeconds;
  const read = shutterFromFileText(shutter);
  if (!read.ok) throw new Error(`shutter ${shutter} is no time`);
  return read.seconds;
}
