import { useEffect, useRef } from 'react';
import { frameOf, type Glass } from '@/model';
import { MarginNote, paintFrame, SeamLine, SheetScale } from '@/render';
import { useTheme } from '@/ui/theme';
import { useSize } from '@/ui/use-size';
import { isUpsideDown, placeText, stopsFigure } from '@/words';
import { ReadingMarks } from './reading-marks';
import { SkylineHandles } from './skyline-handles';
import { useStand } from './stand-context';
import { useFrameDrag } from './use-frame-drag';
import { usePicture } from './use-picture';

/** Width of the scale beside the frame, px. */
const SCALE_WIDTH = 76;

/** The frame: the light field through the glass, and over it skyline, readings and the seam. */
export function FrameView() {
  const { stand, derived, bare } = useStand();
  const box = useRef<HTMLDivElement>(null);
  const available = useSize(box);
  const { widthMm, heightMm } = frameOf(stand.camera);
  const glass = bare ? null : derived.inUse;
  const scaleWidth = available.width > 600 ? SCALE_WIDTH : 0;
  const width = Math.max(
    0,
    Math.min(available.width - scaleWidth, ((available.height - 22) * widthMm) / heightMm),
  );
  const height = (width * heightMm) / widthMm;
  return (
    <div ref={box} className="relative min-h-0 max-md:h-[34dvh] md:flex-1">
      {width > 0 && (
        <div className="absolute inset-x-0 top-0 flex justify-center pt-[22px] max-md:pt-0 md:justify-start">
          <Picture width={width} height={height} glass={glass} overrun={scaleWidth ? 12 : 0} />
          {scaleWidth > 0 && glass?.seat && <Scale glass={glass} height={height} />}
        </div>
      )}
    </div>
  );
}

interface PictureProps {
  width: number;
  height: number;
  glass: Glass | null;
  overrun: number;
}

function Picture({ width, height, glass, overrun }: PictureProps) {
  const { step, bare } = useStand();
  const drag = useFrameDrag(width, height);
  return (
    <div className="relative shrink-0" style={{ width, height }}>
      <PaintedFrame width={width} height={height} glass={glass} />
      <svg
        width={width}
        height={height}
        className="absolute inset-0 touch-none overflow-visible"
        style={{ cursor: step === 'seat' ? 'ns-resize' : step === 'balance' ? 'default' : 'crosshair' }}
        role="group"
        aria-label="Frame"
        {...drag}
      >
        <rect width={width} height={height} fill="transparent" />
        <SkylineHandles width={width} height={height} />
        {glass?.outcome.seam && (
          <SeamLine at={glass.outcome.seam.at} width={width} height={height} overrun={overrun} />
        )}
        {!bare && glass && step !== 'frame' && <Notes width={width} height={height} glass={glass} />}
        <ReadingMarks width={width} height={height} />
        {bare && (
          <MarginNote x={12} y={22}>
            without the grad
          </MarginNote>
        )}
      </svg>
    </div>
  );
}

function PaintedFrame({ width, height, glass }: { width: number; height: number; glass: Glass | null }) {
  const { stand, derived } = useStand();
  const theme = useTheme((t) => t.theme);
  const canvas = useRef<HTMLCanvasElement>(null);
  const picture = usePicture(glass);
  const ratio = Math.min(2, window.devicePixelRatio || 1);
  useEffect(() => {
    if (canvas.current && picture) paintFrame(canvas.current, { ...picture, theme });
  }, [picture, theme, width, height, ratio]);
  return (
    <canvas
      ref={canvas}
      width={Math.round(width * ratio)}
      height={Math.round(height * ratio)}
      className="absolute inset-0 size-full bg-rule"
      role="img"
      aria-label={`The frame as it would be recorded${derived.inUse?.seat ? ' through the grad' : ''}: ${stand.name}`}
    />
  );
}

/** What the glass takes off the place where it does the most harm, noted where it applies. */
function Notes({ width, height, glass }: { width: number; height: number; glass: Glass }) {
  const worst = glass.figures?.spillWorst;
  if (!worst || worst.stops < 0.5) return null;
  const x = worst.u * width;
  const y = worst.v * height;
  const note = `${stopsFigure(worst.stops)} stops off ${placeText(worst)}`;
  const toLeft = x > width - note.length * 7.5 - 24;
  return (
    <g pointerEvents="none">
      <path d={`M${x} ${y}m-4 0h8m-4 -4v8`} stroke="oklch(0.2 0.02 200)" strokeWidth={4} />
      <path d={`M${x} ${y}m-4 0h8m-4 -4v8`} stroke="oklch(0.97 0.01 100)" strokeWidth={1.6} />
      <MarginNote x={toLeft ? x - 10 : x + 10} y={y + 18} anchor={toLeft ? 'end' : 'start'}>
        {note}
      </MarginNote>
    </g>
  );
}

function Scale({ glass, height }: { glass: Glass; height: number }) {
  const { derived } = useStand();
  const picture = usePicture(glass);
  const { prepared } = derived;
  const { seat, outcome, sticksOutMm } = glass;
  if (!prepared || !seat || !outcome.seam || !picture?.glass) return null;
  const { at } = outcome.seam;
  const label =
    sticksOutMm === null ? 'mm from axis' : `mm ${isUpsideDown(seat.turnDeg) ? 'below' : 'above'} rail`;
  return (
    <div className="relative ml-2.5">
      <div className="absolute -top-[20px] right-0 text-[13px] whitespace-nowrap text-quiet">{label}</div>
      <SheetScale
        height={height}
        width={SCALE_WIDTH - 12}
        frame={prepared.input.frame}
        lens={prepared.input.lens}
        seat={seat}
        dimmingAt={picture.glass.dimmingAt}
        halfDimmingMm={outcome.seam.halfDimmingMm}
        sticksOutMm={sticksOutMm}
        seamV={'left' in at ? at.right : -1}
        label={label}
      />
    </div>
  );
}
