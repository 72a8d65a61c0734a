import { useEffect, useMemo, useRef } from 'react';
import { frameOf, type Take, takeThrough } from '@/model';
import { plateOfImage } from '@/render';
import { littlePixels } from '@/render/pixels/little';
import { useAnswer, usePhoto, useStand, useStandBag } from '../session';

/** A shot's own picture in little serves up to this side, px. */
const OWN_SIDE = 120;

/** Pixels of a screen to one of the page, at most. */
const DENSEST = 2;

interface TakePictureProps {
  readonly take: Take;
  /** Along the longer side, px. */
  readonly side: number;
  readonly className?: string;
}

/** A shot in little, as the plan would have it: its glass at its seat, its exposure, the light as it is known. */
export function TakePicture({ take, side, className = '' }: TakePictureProps) {
  const lit = useAnswer((a) => a.lit);
  const prepared = useAnswer((a) => a.ready);
  const bag = useStandBag();
  const image = usePhoto((p) => p.shown);
  const picture = useStand((s) => s.picture);
  const { widthMm, heightMm } = frameOf(lit.camera);
  const scale = side / Math.max(widthMm, heightMm);
  const [width, height] = [Math.round(widthMm * scale), Math.round(heightMm * scale)];
  const canvas = useRef<HTMLCanvasElement>(null);
  const pixels = useMemo(() => {
    const size = { width: DENSEST * width, height: DENSEST * height };
    const plate = image && picture ? { picture, plate: plateOfImage(image, size, DENSEST * side) } : null;
    return littlePixels({ prepared, through: takeThrough(take, lit, bag), photo: plate });
  }, [take, lit, bag, prepared, image, picture, width, height, side]);
  const own = side <= OWN_SIDE ? take.file?.small : undefined;
  useEffect(() => {
    const { columns, rows, rgba } = pixels;
    canvas.current
      ?.getContext('2d')
      ?.putImageData(new ImageData(new Uint8ClampedArray(rgba), columns, rows), 0, 0);
  }, [pixels]);
  // its own picture, where it has one
  if (own)
    return <img src={own} alt="" style={{ width, height }} className={`bg-rule object-cover ${className}`} />;
  return (
    <canvas
      ref={canvas}
      aria-hidden
      width={pixels.columns}
      height={pixels.rows}
      style={{ width, height }}
      className={`bg-rule ${className}`}
    />
  );
}
