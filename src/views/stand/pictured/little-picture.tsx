import { type LittleWanted } from '@/workers';
import { PaintedPixels } from '../../shared/painted-pixels';
import { useSizeWithin } from './size-within';
import { LITTLE_SIDE, littleKey, type Littles } from './use-littles';

interface LittlePictureProps {
  readonly littles: Littles;
  readonly of: LittleWanted;
  /** Along the longer side, px. */
  readonly side?: number;
}

/** One of the pictures in little; its place is kept until it is painted. */
export function LittlePicture({ littles, of, side = LITTLE_SIDE }: LittlePictureProps) {
  const { width, height } = useSizeWithin(side);
  const pixels = littles.get(littleKey(of));
  return pixels ? (
    <PaintedPixels pixels={pixels} width={width} height={height} className="block shrink-0" />
  ) : (
    <span aria-hidden className="block shrink-0 bg-rule" style={{ width, height }} />
  );
}
