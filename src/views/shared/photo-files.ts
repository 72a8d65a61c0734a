import { PHOTO_TYPES } from '@/model';

/** What may be chosen as a picture: cameras' raw files have many endings, so that no list of types holds them all. */
export const PHOTO_FILES = [...PHOTO_TYPES, 'image/*', '.hdr', '.exr', '.dng', '.raw'].join(',');
