import { useEffect, useRef } from 'react';
import { type Pixels } from '@/model';
import { useTheme } from '@/ui/theme';

interface PaintedPixelsProps {
  readonly pixels: Pixels;
  /** Size on the page, px, or as a style has it. */
  readonly width: number | string;
  readonly height: number | string;
  readonly className?: string;
}

/** Pixels as a picture on the page; what it shows is said beside it. */
export function PaintedPixels({ pixels, width, height, className = '' }: PaintedPixelsProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const theme = useTheme((t) => t.theme);
  useEffect(() => {
    const { columns, rows, rgba } = pixels;
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const image = context.createImageData(columns, rows);
    image.data.set(rgba);
    context.putImageData(image, 0, 0);
    // at night dim and warm, as the frame is
    context.globalCompositeOperation = 'multiply';
    context.fillStyle = getComputedStyle(context.canvas).getPropertyValue('--photo-tint') || '#fff';
    context.fillRect(0, 0, columns, rows);
    context.globalCompositeOperation = 'source-over';
  }, [pixels, theme]);
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
