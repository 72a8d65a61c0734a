import { useMemo } from 'react';
import { type StandPhoto } from '@/model';
import { plateOfImage } from '@/render';
import { littlePixels, type LittleView } from '@/render/pixels/little';
import { PaintedPixels } from '../../shared/painted-pixels';
import { usePhoto } from '../session';
import { DENSEST, useSizeWithin } from './size-within';

interface RecordedPictureProps extends Omit<LittleView, 'photo'> {
  /** The light figures of the picture that fills the frame; absent: the drawn ground. */
  readonly picture: StandPhoto | undefined;
  /** Along the longer side, px. */
  readonly side: number;
  readonly className?: string;
}

/** A stand in little as it is recorded in some light, through some glass. */
export function RecordedPicture(props: RecordedPictureProps) {
  const { picture, prepared, through, brighterStops, side, className = '' } = props;
  const image = usePhoto((p) => p.shown);
  const { width, height } = useSizeWithin(side);
  const pixels = useMemo(() => {
    const size = { width: DENSEST * width, height: DENSEST * height };
    const photo = image && picture ? { picture, plate: plateOfImage(image, size, DENSEST * side) } : null;
    return littlePixels({ prepared, through, photo, brighterStops });
  }, [through, prepared, brighterStops, image, picture, width, height, side]);
  return <PaintedPixels pixels={pixels} width={width} height={height} className={className} />;
}
