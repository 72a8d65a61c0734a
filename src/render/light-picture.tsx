import { useEffect, useRef } from 'react';
import { lightOfFigures, type LightFigures, middleStops } from '@/model';
import { srgbFromLinear } from '@/core/units';
import { THEME_TINTS } from './frame-painter';

/** Stops from the middle light of a picture to black and to white, as it is shown in little. */
const SHOWN_STOPS = { down: 5, up: 2.2 };

export interface LightPictureProps {
  light: LightFigures;
  theme: 'noon' | 'dusk';
  width: number;
  height: number;
}

/** A picture in little, drawn from the figures of its light alone: nothing has to be fetched for it. */
export function LightPicture({ light, theme, width, height }: LightPictureProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const told = lightOfFigures(light);
    const { columns, rows, luminance } = told;
    const middle = middleStops(told);
    const { down, up } = SHOWN_STOPS;
    const image = context.createImageData(columns, rows);
    luminance.forEach((y, i) => {
      const part = Math.min(1, Math.max(0, (Math.log2(y) - middle + down) / (down + up)));
      for (let k = 0; k < 3; k++)
        image.data[4 * i + k] = 255 * srgbFromLinear(part ** 2 * (THEME_TINTS[theme][k] as number));
      image.data[4 * i + 3] = 255;
    });
    context.putImageData(image, 0, 0);
  }, [light, theme]);
  return (
    <canvas ref={canvas} width={light.columns} height={light.rows} style={{ width, height }} aria-hidden />
  );
}
