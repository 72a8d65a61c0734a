import { useMemo } from 'react';
import { type SeenThrough } from '@/model';
import { plateOfImage } from '@/render';
import { littlePixels } from '@/render/pixels/little';
import { useAnswer, usePhoto, useStand } from '../session';
import { DENSEST, useSizeWithin } from './size-within';
import { PaintedPixels } from '../../shared/painted-pixels';

interface ThroughPictureProps {
  readonly through: SeenThrough;
  /** Along the longer side, px. */
  readonly side: number;
  readonly className?: string;
}

/** The stand as it would be recorded through some glass, the light as it is known. */
export function ThroughPicture({ through, side, className = '' }: ThroughPictureProps) {
  const prepared = useAnswer((a) => a.ready);
  const image = usePhoto((p) => p.shown);
  const picture = useStand((s) => s.picture);
  const { width, height } = useSizeWithin(side);
  const pixels = useMemo(() => {
    const size = { width: DENSEST * width, height: DENSEST * height };
    const photo = image && picture ? { picture, plate: plateOfImage(image, size, DENSEST * side) } : null;
    return littlePixels({ prepared, through, photo });
  }, [through, prepared, image, picture, width, height, side]);
  return <PaintedPixels pixels={pixels} width={width} height={height} className={className} />;
}
