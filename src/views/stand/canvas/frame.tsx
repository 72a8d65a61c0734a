import { type KeyboardEvent, type RefObject, useRef } from 'react';
import { frameOf } from '@/model';
import { MarginNote, SeamLine } from '@/render';
import { useSize } from '@/ui/use-size';
import { glassName, CANVAS_TEXT } from '@/words';
import { CropMask } from './layers/crop-mask';
import { arrowMove } from './parts/frame-keys';
import { GlassNotes, UnreadNotes } from './layers/frame-notes';
import { type DrawnSize } from './parts/frame-path';
import { FrameScale, SCALE_WIDTH } from './frame-scale';
import { LevelGrid } from './layers/level-grid';
import { NextMark } from './layers/next-mark';
import { PaintedFrame } from './layers/painted-frame';
import { PhotoMeter } from './layers/photo-meter';
import { ProposedSkyline } from './layers/proposed-skyline';
import { ReadingMarks } from './layers/reading-marks';
import { ShapeOutlines } from './layers/shape-outlines';
import { SkylineHandles } from './layers/skyline-handles';
import { useSession, useStand } from '../session';
import { LiveCamera } from './live-camera';
import { ProposalPlate } from './proposal-plate';
import { RemovePoint } from './remove-point';
import { useShownGlass } from './parts/shown-glass';
import { useTool, useToolInHand } from './tools';
import { useFrameZoom } from './zoom/use-frame-zoom';
import { usePhotoDrop } from './use-photo-drop';
import { WholeFrame } from './zoom/whole-frame';
import { panned } from '../session/zoom';

/** An arrow key moves what is looked at by so many times of what it moves a mark. */
const PAN = 20;

/** The frame: the light field through the glass, and over it skyline, readings and the seam. */
export function FrameView() {
  const aspect = useStand((s) => {
    const { widthMm, heightMm } = frameOf(s.camera);
    return widthMm / heightMm;
  });
  const box = useRef<HTMLDivElement>(null);
  const available = useSize(box);
  const scaleWidth = available.width > 600 ? SCALE_WIDTH : 0;
  const width = Math.max(
    0,
    Math.min(available.width - scaleWidth, (available.height - (scaleWidth ? 22 : 0)) * aspect),
  );
  const height = width / aspect;
  const drop = usePhotoDrop();
  return (
    <div {...drop.getRootProps()} className="flex min-h-0 flex-1 flex-col">
      <div ref={box} className="relative min-h-0 flex-1">
        {drop.isDragActive && (
          <p className="absolute inset-2 z-10 flex items-center justify-center rounded-md border-2 border-dashed border-action bg-ground/85 text-xl">
            Drop the picture here
          </p>
        )}
        {width > 0 && (
          <div className="absolute inset-x-0 top-0 flex justify-center pt-[22px] compact:inset-y-0 compact:items-center compact:pt-0 desk:justify-start">
            <LookedAt width={width} height={height} overrun={scaleWidth ? 12 : 0} />
            {scaleWidth > 0 && <FrameScale height={height} />}
          </div>
        )}
      </div>
    </div>
  );
}

interface FrameProps extends DrawnSize {
  /** How far the seam's line runs on beyond the frame, px. */
  readonly overrun: number;
}

/** The frame, or the part of it that is looked at. */
function LookedAt({ width, height, overrun }: FrameProps) {
  const zoom = useSession((s) => s.zoom);
  const box = useRef<HTMLDivElement>(null);
  const isPinching = useFrameZoom(box);
  const isWhole = zoom.times === 1;
  const [wide, high] = [width * zoom.times, height * zoom.times];
  return (
    <div
      ref={box}
      className={`relative shrink-0 touch-none ${isWhole ? '' : 'overflow-hidden'}`}
      style={{ width, height }}
    >
      <div
        className="absolute"
        style={{ width: wide, height: high, left: -zoom.left * wide, top: -zoom.top * high }}
      >
        <PaintedFrame width={wide} height={high} />
        <Drawing width={wide} height={high} overrun={isWhole ? overrun : 0} isPinching={isPinching} />
      </div>
      {!isWhole && <WholeFrame />}
      <RemovePoint />
      <ProposalPlate />
      <ShownNote />
      <LiveCamera />
    </div>
  );
}

/** Says that the frame is shown without the grad, or through another, while it is. */
function ShownNote() {
  const isBare = useSession((s) => s.bare);
  const peek = useSession((s) => s.peek);
  if (!isBare && !peek) return null;
  return (
    <svg className="pointer-events-none absolute inset-0 size-full">
      <MarginNote x={12} y={22}>
        {isBare || !peek ? 'without the grad' : glassName(peek.filters)}
      </MarginNote>
    </svg>
  );
}

/** Everything that lies over the frame, at the size that it is looked at; under it all, the tool in hand. */
function Drawing({ width, height, overrun, isPinching }: FrameProps & { isPinching: RefObject<boolean> }) {
  const isClose = useSession((s) => s.zoom.times > 1);
  const setZoom = useSession((s) => s.setZoom);
  const { tool, bind } = useTool(useToolInHand(), { width, height }, isPinching);
  const box = { width, height };
  return (
    <svg
      width={width}
      height={height}
      className="absolute inset-0 touch-none overflow-visible select-none [-webkit-touch-callout:none]"
      style={{ cursor: tool.cursor }}
      role="group"
      aria-label="Frame"
      {...(isClose && {
        tabIndex: 0,
        'aria-description': CANVAS_TEXT.arrowKeysMove0,
        onKeyDown: (e: KeyboardEvent) => {
          const move = e.target === e.currentTarget && arrowMove(e);
          if (move) setZoom((z) => panned(z, PAN * move.u, PAN * move.v));
        },
      })}
    >
      <rect width={width} height={height} fill="transparent" {...bind()} />
      <PhotoMeter {...box} />
      <CropMask {...box} />
      <LevelGrid {...box} />
      <SkylineHandles {...box} />
      <ProposedSkyline {...box} />
      <ShapeOutlines {...box} />
      <Seam {...box} overrun={overrun} />
      <GlassNotes {...box} />
      <UnreadNotes {...box} />
      <NextMark {...box} />
      <ReadingMarks {...box} />
    </svg>
  );
}

/** The line of half dimming; a pair of sheets may have two. */
function Seam({ width, height, overrun }: FrameProps) {
  const seam = useShownGlass()?.outcome.seam;
  if (!seam) return null;
  return (
    <>
      {seam.farAt && <SeamLine at={seam.farAt} width={width} height={height} />}
      <SeamLine at={seam.at} width={width} height={height} overrun={overrun} />
    </>
  );
}
