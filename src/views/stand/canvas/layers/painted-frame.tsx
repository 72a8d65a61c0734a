import { useEffect, useMemo, useRef } from 'react';
import { paintClips, paintFrame, paintPhoto, plateOfImage } from '@/render';
import { useTheme } from '@/ui/theme';
import { useDerived, usePhoto, useSession, useStand } from '../../session';
import { type DrawnSize } from '../frame-path';
import { usePicture } from '../use-picture';

/** Pixels of a picture along its longer side that are painted: a drag paints every frame anew. No picture that is kept has more than the closer. */
const WHOLE_SIDE = 900;
const CLOSE_SIDE = 1600;

/** The frame as it would be recorded. */
export function PaintedFrame({ width, height }: DrawnSize) {
  const picture = usePicture();
  const name = useStand((s) => s.name);
  const isThroughGrad = useDerived((d) => !!d.inUse?.seat);
  const image = usePhoto((p) => p.shown);
  const isMonochrome = useSession((s) => s.isMonochrome);
  const marksClips = useSession((s) => s.marksClips);
  const times = useSession((s) => s.zoom.times);
  const theme = useTheme((t) => t.theme);
  const canvas = useRef<HTMLCanvasElement>(null);
  const isClose = times > 1;
  const wholeSide = (Math.max(width, height) / times) * Math.min(2, window.devicePixelRatio || 1);
  // the same at whatever size it is looked at closely, so that nothing is made anew while that changes
  const ratio = (isClose ? Math.max(CLOSE_SIDE, wholeSide) : wholeSide) / Math.max(width, height);
  const [columns, rows] = [Math.round(width * ratio), Math.round(height * ratio)];
  const plate = useMemo(
    () => image && plateOfImage(image, { width: columns, height: rows }, isClose ? CLOSE_SIDE : WHOLE_SIDE),
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
      aria-label={`The frame as it would be recorded${isThroughGrad ? ' through the grad' : ''}: ${name}`}
    />
  );
}
