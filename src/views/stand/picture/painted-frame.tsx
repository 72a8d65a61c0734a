import { useEffect, useMemo, useRef } from 'react';
import { paintClips, paintFrame, paintPhoto, photoPlate } from '@/render';
import { useTheme } from '@/ui/theme';
import { useStand } from '../stand-context';
import { type Picture } from './use-picture';

/** Pixels of a picture along its longer side that are painted: a drag paints every frame anew. No picture that is kept has more than the closer. */
const WHOLE_SIDE = 900;
const CLOSE_SIDE = 1600;

/** The frame as it would be recorded. */
export function PaintedFrame({
  width,
  height,
  picture,
}: {
  width: number;
  height: number;
  picture: Picture | null;
}) {
  const { stand, derived, photo, isMonochrome, marksClips, zoom } = useStand();
  const theme = useTheme((t) => t.theme);
  const canvas = useRef<HTMLCanvasElement>(null);
  const isClose = zoom.times > 1;
  const wholeSide = (Math.max(width, height) / zoom.times) * Math.min(2, window.devicePixelRatio || 1);
  // the same at whatever size it is looked at closely, so that nothing is made anew while that changes
  const ratio = (isClose ? Math.max(CLOSE_SIDE, wholeSide) : wholeSide) / Math.max(width, height);
  const [columns, rows] = [Math.round(width * ratio), Math.round(height * ratio)];
  const { shown: image } = photo;
  const plate = useMemo(
    () => image && photoPlate(image, { width: columns, height: rows }, isClose ? CLOSE_SIDE : WHOLE_SIDE),
    [image, columns, rows, isClose],
  );
  const tie = picture?.tie ?? null;
  useEffect(() => {
    if (!canvas.current || !picture) return;
    const shown = { ...picture, theme };
    const view = plate && tie ? { plate, tie, isMonochrome } : null;
    if (view) paintPhoto(canvas.current, shown, view);
    else paintFrame(canvas.current, shown, isMonochrome);
    if (marksClips) paintClips(canvas.current, shown, view);
  }, [picture, tie, plate, theme, isMonochrome, marksClips, columns, rows]);
  return (
    <canvas
      ref={canvas}
      width={columns}
      height={rows}
      className="absolute inset-0 size-full bg-rule"
      role="img"
      aria-label={`The frame as it would be recorded${derived.inUse?.seat ? ' through the grad' : ''}: ${stand.name}`}
    />
  );
}
