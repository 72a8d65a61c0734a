export { photoData, tellsOf } from './exposure-data';
export { type HighRangeType, isKept, photoHeader, RAW_TYPE, type SourceType } from './header';
