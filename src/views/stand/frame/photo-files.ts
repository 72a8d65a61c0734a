import { PICTURE_TYPES } from '@/model';

/** What may be chosen as a picture: cameras' raw files have many endings, so that no list of types holds them all. */
export const PICTURE_FILES = [...PICTURE_TYPES, 'image/*', '.hdr', '.exr', '.dng', '.raw'].join(',');
