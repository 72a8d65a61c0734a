import { type Coding, SCREEN } from '@/core/photo';
import { exactAperture, exactIso } from '@/core/units';
import { type Place } from '@/core/sky';
import { type Camera, momentOf, type PhotoExposure, type Stand, type StandPhoto } from '../stand/stand';

/** The pixels of a picture as they are kept, found by what they are. */
export interface StoredPhoto {
  /** SHA-256 of the bytes, in hexadecimal digits. */
  readonly sha256: string;
  readonly type: string;
  readonly bytes: ArrayBuffer;
}

/** Why a picture is refused. */
export type PhotoFault =
  | 'empty'
  | 'not-a-picture'
  | 'unsupported'
  | 'animated'
  | 'too-many-pixels'
  | 'too-large'
  | 'truncated'
  | 'damaged'
  /** What a camera recorded needs memory that workers share, which a page from elsewhere over plain HTTP has none of. */
  | 'raw-not-here';

/** How a picture's kept copy stands for light. */
export const codingOf = ({ coding, light }: StandPhoto): Coding =>
  coding === 'stops' ? { of: 'stops', topStops: light.topStops } : SCREEN;

/** Fills the frame with a picture. Where a camera's orientation was only assumed, the picture's own is taken. */
export function withPhoto(stand: Stand, picture: StandPhoto): Stand {
  const orientation = orientationOf(picture);
  const { camera } = stand;
  const turns = stand.assumed?.includes('camera') && orientation !== (camera.orientation ?? 'landscape');
  return { ...stand, picture, ...(turns ? { camera: { ...camera, orientation } } : {}) };
}

export function withoutPhoto(stand: Stand): Stand {
  const { picture: _, ...rest } = stand;
  return rest;
}

const orientationOf = ({ columns, rows }: Pick<StandPhoto, 'columns' | 'rows'>) =>
  columns >= rows ? 'landscape' : 'portrait';

/** A difference between what a picture tells and what stands in its stand. */
export type PhotoOffer =
  | { readonly of: 'focalLength'; readonly mm: number }
  | { readonly of: 'aperture'; readonly aperture: number }
  | { readonly of: 'iso'; readonly iso: number }
  | { readonly of: 'orientation'; readonly orientation: NonNullable<Camera['orientation']> }
  | { readonly of: 'time'; readonly takenAt: string }
  | { readonly of: 'place'; readonly place: Place };

/** What a picture tells of how it was taken. */
export interface PhotoTells {
  readonly exposure?: PhotoExposure;
  readonly focalLengthMm?: number;
  /** ISO 8601. */
  readonly takenAt?: string;
  readonly place?: Place;
  /** Some of its light was beyond what a document holds, and was held to it. */
  readonly lightIsHeld?: true;
}

/** Where a picture and its stand differ; nothing of it is taken over by itself. */
export function photoOffers(stand: Stand, tells: PhotoTells): PhotoOffer[] {
  const { lens, exposure, camera, picture } = stand;
  const orientation = picture && orientationOf(picture);
  const own = tells.exposure;
  const offers: (PhotoOffer | false | undefined)[] = [
    tells.focalLengthMm !== undefined &&
      Math.abs(tells.focalLengthMm - lens.focalLengthMm) > 0.05 && {
        of: 'focalLength',
        mm: tells.focalLengthMm,
      },
    own &&
      exactAperture(own.aperture) !== exactAperture(exposure.aperture) && {
        of: 'aperture',
        aperture: own.aperture,
      },
    own && exactIso(own.iso) !== exactIso(exposure.iso) && { of: 'iso', iso: own.iso },
    orientation && orientation !== (camera.orientation ?? 'landscape') && { of: 'orientation', orientation },
    tells.takenAt !== undefined &&
      Math.abs(Date.parse(tells.takenAt) - Date.parse(momentOf(stand))) > 60_000 && {
        of: 'time',
        takenAt: tells.takenAt,
      },
    tells.place && !isSamePlace(tells.place, stand.place) && { of: 'place', place: tells.place },
  ];
  return offers.filter((o): o is PhotoOffer => !!o);
}

/** Places nearer to each other than this are the same, degrees: some ten metres. */
const SAME_PLACE_DEG = 1e-4;

const isSamePlace = (a: Place, b: Place | undefined): boolean =>
  !!b &&
  Math.abs(a.latitudeDeg - b.latitudeDeg) < SAME_PLACE_DEG &&
  Math.abs(a.longitudeDeg - b.longitudeDeg) < SAME_PLACE_DEG;

/** The stand with one thing as the picture tells it. */
export function withOffer(stand: Stand, offer: PhotoOffer): Stand {
  switch (offer.of) {
    case 'focalLength':
      return { ...stand, lens: { ...stand.lens, focalLengthMm: offer.mm } };
    case 'aperture':
      return { ...stand, exposure: { ...stand.exposure, aperture: offer.aperture } };
    case 'iso':
      return { ...stand, exposure: { ...stand.exposure, iso: offer.iso } };
    case 'orientation':
      return { ...stand, camera: { ...stand.camera, orientation: offer.orientation } };
    case 'time':
      return { ...stand, lightAt: offer.takenAt };
    case 'place':
      return { ...stand, place: offer.place };
  }
}
