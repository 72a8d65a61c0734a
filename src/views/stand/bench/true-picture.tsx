import { useMemo } from 'react';
import { type SeenThrough } from '@/model';
import { polariserChange, type Truth } from '@/model/bench';
import { plateOfImage } from '@/render';
import { littlePixels } from '@/render/pixels/little';
import { PaintedPixels } from '../../shared/painted-pixels';
import { DENSEST, useSizeWithin } from '../pictured/size-within';
import { usePhoto, useStand, useStandBag } from '../session';

interface TruePictureProps {
  readonly truth: Truth;
  readonly through: SeenThrough;
  /** Along the longer side, px. */
  readonly side: number;
  readonly className?: string;
}

/** A simulated scene as the camera records it: the light that really is, through glass at its seat and all else that is on. */
export function TruePicture({ truth, through, side, className = '' }: TruePictureProps) {
  const image = usePhoto((p) => p.shown);
  const bench = useStand((s) => s.bench);
  const bag = useStandBag();
  const { width, height } = useSizeWithin(side);
  const pixels = useMemo(() => {
    const { picture } = truth.stand;
    if (!image || !picture) return null;
    const plate = plateOfImage(image, { width: DENSEST * width, height: DENSEST * height }, DENSEST * side);
    return littlePixels({
      prepared: truth.prepared,
      through,
      photo: { picture, plate },
      brighterStops: polariserChange({ ...truth.stand, bench }, bag),
    });
  }, [truth, through, image, bench, bag, width, height, side]);
  return pixels ? (
    <PaintedPixels pixels={pixels} width={width} height={height} className={className} />
  ) : (
    <div style={{ width, height }} className={`bg-rule ${className}`} />
  );
}
