import ExifReader from 'exifreader';
import { nearestShutterMark } from '@/core/units';
import { isWithin, type PhotoExposure, type PhotoTells } from '@/model';
import { type SourceType } from './header';

/** A mark stands for a time that is as near to it as this, stops: cameras write either the mark's name or its exact time. */
const NEAR_MARK = 0.12;

/** Reads the exposure data (EXIF) of a picture; what is missing, damaged or makes no sense is left out. */
export function photoData(bytes: Uint8Array, type: SourceType): PhotoTells {
  if (type === 'image/x-exr' || type === 'image/vnd.radiance') return {};
  try {
    const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
    const { exif, gps } = ExifReader.loadView(view, {
      expanded: true,
      computed: true,
      includeTags: { exif: [...EXIF_TAGS], gps: true },
    });
    const tags = Object.fromEntries(EXIF_TAGS.map((name) => [name, exif?.[name]?.computed]));
    return tellsOf({
      ...tags,
      ISO: tags.ISOSpeedRatings,
      latitude: gps?.Latitude,
      longitude: gps?.Longitude,
    });
  } catch {
    return {};
  }
}

const EXIF_TAGS = [
  'FNumber',
  'ExposureTime',
  'ISOSpeedRatings',
  'FocalLength',
  'DateTimeOriginal',
  'OffsetTimeOriginal',
] as const;

/** What tags of exposure data tell, by their names in EXIF. */
export function tellsOf(tags: Record<string, unknown>): PhotoTells {
  const exposure = exposureOf(tags);
  const focal = tags.FocalLength;
  const takenAt = momentOf(tags.DateTimeOriginal, tags.OffsetTimeOriginal);
  const { latitude, longitude } = tags;
  return {
    ...(exposure ? { exposure } : {}),
    ...(isNumber(focal) && isWithin('focalLengthMm', focal) ? { focalLengthMm: focal } : {}),
    ...(takenAt ? { takenAt } : {}),
    ...(isNumber(latitude) && isNumber(longitude) && Math.abs(latitude) <= 90 && Math.abs(longitude) <= 180
      ? { place: { latitudeDeg: latitude, longitudeDeg: longitude } }
      : {}),
  };
}

const isNumber = (x: unknown): x is number => typeof x === 'number' && Number.isFinite(x);

function exposureOf({
  FNumber: aperture,
  ExposureTime: seconds,
  ISO: iso,
}: Record<string, unknown>): PhotoExposure | null {
  if (!isNumber(aperture) || !isNumber(seconds) || !isNumber(iso)) return null;
  if (!isWithin('aperture', aperture) || !isWithin('seconds', seconds) || !isWithin('iso', iso)) return null;
  const near = nearestShutterMark(seconds);
  return { aperture, shutter: near && Math.abs(near.errorStops) < NEAR_MARK ? near.mark.name : seconds, iso };
}

/** A camera's own clock, in the zone it names or else the device's. */
function momentOf(time: unknown, offset: unknown): string | null {
  const parts = typeof time === 'string' ? /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)/.exec(time) : null;
  if (!parts) return null;
  const zone = typeof offset === 'string' && /^[+-]\d\d:\d\d$/.test(offset) ? offset : '';
  const moment = new Date(`${parts[1]}-${parts[2]}-${parts[3]}T${parts[4]}${zone}`);
  return Number.isNaN(moment.getTime()) ? null : moment.toISOString();
}
