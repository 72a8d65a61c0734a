import { CANVAS_TEXT } from '@/words';
import { useEffect, useMemo, useRef, useState } from 'react';
import {
  type FramePainter,
  framePainter,
  type FrameView,
  groundPlate,
  paintClips,
  plateOfImage,
} from '@/render';
import { useTheme } from '@/ui/theme';
import { useDerived, usePhoto, useSession, useStand } from '../../session';
import { type DrawnSize } from '../parts/frame-path';
import { usePicture } from '../parts/use-picture';

/** Pixels along the longer side that are painted: a drag paints every frame anew. No picture that is kept has more than the closer. */
const WHOLE_SIDE = 900;
const CLOSE_SIDE = 1600;

/** What light a drawn ground's plate stands for: EV as it is. */
const AS_IT_IS = { offsetEv: 0, contrast: 1 };

/** The frame as it would be recorded, and over it what would not be. */
export function PaintedFrame(size: DrawnSize) {
  const view = useFrameView(size);
  const marksClips = useSession((s) => s.marksClips);
  return (
    <>
      <Recorded view={view} />
      {marksClips && view && <Clips view={view} />}
    </>
  );
}

const CANVAS = 'absolute inset-0 size-full';

function Recorded({ view }: { view: FrameView | null }) {
  const name = useStand((s) => s.name);
  const isThroughGrad = useDerived((d) => !!d.inUse?.seat);
  const canvas = useRef<HTMLCanvasElement>(null);
  const painter = useRef<FramePainter | null>(null);
  // a canvas whose graphics processor was taken away is of no more use: another takes its place
  const [lost, setLost] = useState(0);
  useEffect(() => {
    if (canvas.current) painter.current = framePainter(canvas.current, () => setLost((n) => n + 1));
    return () => painter.current?.dispose();
  }, [lost]);
  useEffect(() => {
    if (view) painter.current?.paint(view);
  }, [view, lost]);
  return (
    <canvas
      key={lost}
      ref={canvas}
      width={view?.plate.columns}
      height={view?.plate.rows}
      className={`${CANVAS} bg-rule`}
      role="img"
      aria-label={CANVAS_TEXT.frameWouldRecorded(isThroughGrad ? ' through the grad' : '', name)}
    />
  );
}

function Clips({ view }: { view: FrameView }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (canvas.current) paintClips(canvas.current, view);
  }, [view]);
  const { columns, rows } = view.plate;
  return <canvas ref={canvas} aria-hidden width={columns} height={rows} className={CANVAS} />;
}

/** The frame ready to be painted at its drawn size; null where it cannot be worked out. */
function useFrameView({ width, height }: DrawnSize): FrameView | null {
  const picture = usePicture();
  const image = usePhoto((p) => p.shown);
  const isMonochrome = useSession((s) => s.isMonochrome);
  const times = useSession((s) => s.zoom.times);
  const theme = useTheme((t) => t.theme);
  const isClose = times > 1;
  const wholeSide = (Math.max(width, height) / times) * Math.min(2, window.devicePixelRatio || 1);
  // the same at whatever size it is looked at closely, so that nothing is made anew while that changes
  const side = image && isClose ? CLOSE_SIDE : Math.min(WHOLE_SIDE, wholeSide);
  const part = side / Math.max(width, height, 1);
  const [columns, rows] = [Math.max(1, Math.round(width * part)), Math.max(1, Math.round(height * part))];
  const photo = useMemo(
    () => image && plateOfImage(image, { width: columns, height: rows }, CLOSE_SIDE),
    [image, columns, rows],
  );
  const tie = picture?.tie ?? null;
  const { layers, skyline, shapes } = picture ?? {};
  const isDrawn = !photo || !tie;
  const ground = useMemo(
    () =>
      isDrawn && layers && skyline && shapes
        ? groundPlate({ layers, skyline, shapes }, { columns, rows })
        : null,
    [isDrawn, layers, skyline, shapes, columns, rows],
  );
  return useMemo(() => {
    if (!picture) return null;
    const shown = { ...picture, theme };
    if (photo && tie) return { picture: shown, plate: photo, tie, isMonochrome };
    return ground && { picture: { ...shown, known: null }, plate: ground, tie: AS_IT_IS, isMonochrome };
  }, [picture, photo, tie, ground, theme, isMonochrome]);
}
