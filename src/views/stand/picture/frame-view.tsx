import { type KeyboardEvent, useRef } from 'react';
import { frameOf, type Glass } from '@/model';
import { MarginNote, SeamLine } from '@/render';
import { useSize } from '@/ui/use-size';
import { CropMask } from './crop-mask';
import { arrowMove } from './frame-keys';
import { GlassNotes, UnreadNotes } from './frame-notes';
import { FrameScale, SCALE_WIDTH } from './frame-scale';
import { LevelGrid } from './level-grid';
import { NextMark } from './next-mark';
import { PaintedFrame } from './painted-frame';
import { ProposedSkyline } from './proposed-skyline';
import { ReadingMarks } from './reading-marks';
import { ShapeOutlines } from './shape-outlines';
import { SkylineHandles } from './skyline-handles';
import { useStand } from '../stand-context';
import { useBarePress } from './use-bare-press';
import { useFrameDrag } from './use-frame-drag';
import { useFrameZoom } from './use-frame-zoom';
import { usePictureDrop } from './use-picture-drop';
import { PictureMeter } from './picture-meter';
import { type Picture, usePicture } from './use-picture';
import { WholeFrame } from './whole-frame';
import { panned } from './zoom';

/** An arrow key moves what is looked at by so many times of what it moves a mark. */
const PAN = 20;

/** The frame: the light field through the glass, and over it skyline, readings and the seam. */
export function FrameView() {
  const { stand, derived, bare } = useStand();
  const box = useRef<HTMLDivElement>(null);
  const available = useSize(box);
  const { widthMm, heightMm } = frameOf(stand.camera);
  const glass = bare ? null : derived.inUse;
  const picture = usePicture(glass);
  const scaleWidth = available.width > 600 ? SCALE_WIDTH : 0;
  const width = Math.max(
    0,
    Math.min(available.width - scaleWidth, ((available.height - (scaleWidth ? 22 : 0)) * widthMm) / heightMm),
  );
  const height = (width * heightMm) / widthMm;
  const drop = usePictureDrop();
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
            <PictureBox
              width={width}
              height={height}
              glass={glass}
              picture={picture}
              overrun={scaleWidth ? 12 : 0}
            />
            {scaleWidth > 0 && glass?.seat && picture && (
              <FrameScale glass={glass} picture={picture} height={height} />
            )}
          </div>
        )}
      </div>
    </div>
  );
}

interface PictureProps {
  width: number;
  height: number;
  glass: Glass | null;
  picture: Picture | null;
  overrun: number;
}

/** The picture, or the part of it that is looked at. */
function PictureBox({ width, height, overrun, ...shown }: PictureProps) {
  const { zoom, bare } = useStand();
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
        <PictureLayers
          {...shown}
          width={wide}
          height={high}
          overrun={isWhole ? overrun : 0}
          isPinching={isPinching}
        />
      </div>
      {!isWhole && <WholeFrame />}
      {bare && (
        <svg className="pointer-events-none absolute inset-0 size-full">
          <MarginNote x={12} y={22}>
            without the grad
          </MarginNote>
        </svg>
      )}
    </div>
  );
}

/** Everything that lies over one another in the frame, at the size that it is looked at. */
function PictureLayers({
  width,
  height,
  glass,
  picture,
  overrun,
  isPinching,
}: PictureProps & { isPinching: ReturnType<typeof useFrameZoom> }) {
  const { step, bare, zoom, setZoom } = useStand();
  const drag = useFrameDrag(width, height, isPinching);
  const press = useBarePress();
  return (
    <>
      <PaintedFrame width={width} height={height} picture={picture} />
      <svg
        width={width}
        height={height}
        className="absolute inset-0 touch-none overflow-visible select-none [-webkit-touch-callout:none]"
        style={{ cursor: step === 'seat' ? 'ns-resize' : step === 'balance' ? 'default' : 'crosshair' }}
        role="group"
        aria-label="Frame"
        {...(zoom.times > 1 && {
          tabIndex: 0,
          'aria-description': 'Arrow keys move it, 0 shows the whole frame',
          onKeyDown: (e: KeyboardEvent) => {
            const move = e.target === e.currentTarget && arrowMove(e);
            if (move) setZoom((z) => panned(z, PAN * move.u, PAN * move.v));
          },
        })}
      >
        <rect width={width} height={height} fill="transparent" {...(step === 'balance' ? press : drag())} />
        <PictureMeter width={width} height={height} />
        <CropMask width={width} height={height} />
        <LevelGrid width={width} height={height} />
        <SkylineHandles width={width} height={height} />
        <ProposedSkyline width={width} height={height} />
        <ShapeOutlines width={width} height={height} />
        {glass?.outcome.seam && (
          <>
            {glass.outcome.seam.farAt && (
              <SeamLine at={glass.outcome.seam.farAt} width={width} height={height} />
            )}
            <SeamLine at={glass.outcome.seam.at} width={width} height={height} overrun={overrun} />
          </>
        )}
        {!bare && glass && (step === 'balance' || step === 'seat') && (
          <GlassNotes width={width} height={height} glass={glass} />
        )}
        <UnreadNotes width={width} height={height} />
        <NextMark width={width} height={height} />
        <ReadingMarks width={width} height={height} />
      </svg>
    </>
  );
}
