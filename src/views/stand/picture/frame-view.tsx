import { useEffect, useMemo, useRef } from 'react';
import { skylineAt } from '@/core/field';
import { isUpsideDown, tableDimmingAt } from '@/core/optics';
import { frameOf, type Glass } from '@/model';
import { MarginNote, paintClips, paintFrame, paintPhoto, photoPlate, SeamLine, SheetScale } from '@/render';
import { useTheme } from '@/ui/theme';
import { useSize } from '@/ui/use-size';
import { placeText, sideNames, stopsFigure } from '@/words';
import { ReadingMarks } from './reading-marks';
import { ShapeOutlines } from './shape-outlines';
import { SkylineHandles } from './skyline-handles';
import { useStand } from '../stand-context';
import { useBarePress } from './use-bare-press';
import { useFrameDrag } from './use-frame-drag';
import { usePictureDrop } from './use-picture-drop';
import { type Picture, usePicture } from './use-picture';

/** Width of the scale beside the frame, px. */
const SCALE_WIDTH = 76;

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
              <Scale glass={glass} picture={picture} height={height} />
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

function PictureBox({ width, height, glass, picture, overrun }: PictureProps) {
  const { step, bare } = useStand();
  const drag = useFrameDrag(width, height);
  const press = useBarePress();
  return (
    <div className="relative shrink-0" style={{ width, height }}>
      <PaintedFrame width={width} height={height} picture={picture} />
      <svg
        width={width}
        height={height}
        className="absolute inset-0 touch-pinch-zoom overflow-visible select-none [-webkit-touch-callout:none]"
        style={{ cursor: step === 'seat' ? 'ns-resize' : step === 'balance' ? 'default' : 'crosshair' }}
        role="group"
        aria-label="Frame"
      >
        <rect width={width} height={height} fill="transparent" {...(step === 'balance' ? press : drag())} />
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
        {!bare && glass && step !== 'frame' && <Notes width={width} height={height} glass={glass} />}
        <UnreadNotes width={width} height={height} />
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

function PaintedFrame({
  width,
  height,
  picture,
}: {
  width: number;
  height: number;
  picture: Picture | null;
}) {
  const { stand, derived, photo, isMonochrome, marksClips } = useStand();
  const theme = useTheme((t) => t.theme);
  const canvas = useRef<HTMLCanvasElement>(null);
  const ratio = Math.min(2, window.devicePixelRatio || 1);
  const [columns, rows] = [Math.round(width * ratio), Math.round(height * ratio)];
  const { bitmap } = photo;
  const plate = useMemo(() => bitmap && photoPlate(bitmap, columns, rows), [bitmap, columns, rows]);
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

/** A skyline that was found, over the one that holds: dotted, since it is not used yet. */
function ProposedSkyline({ width, height }: { width: number; height: number }) {
  const { pictureIn } = useStand();
  const points = pictureIn.proposal?.points.map(({ u, v }) => `${u * width},${v * height}`).join(' ');
  if (!points) return null;
  return (
    <g pointerEvents="none" fill="none" strokeLinecap="round">
      <polyline points={points} stroke="var(--note-casing)" strokeWidth={5} strokeDasharray="0.1 9" />
      <polyline points={points} stroke="var(--note)" strokeWidth={3} strokeDasharray="0.1 9" />
    </g>
  );
}

/** Sky and land that no reading lights yet: their tone is assumed, and says so. */
function UnreadNotes({ width, height }: { width: number; height: number }) {
  const { stand } = useStand();
  const at = skylineAt(stand.skyline)(0.5);
  const read = new Set(stand.readings.map((r) => r.role));
  const notes = [
    { text: `${sideNames(stand).sky} not read yet`, v: at / 2, show: !read.has('sky') },
    { text: 'land not read yet', v: (1 + at) / 2, show: !read.has('land') && !read.has('water') },
  ];
  return notes
    .filter((n) => n.show && n.v > 0.04 && n.v < 0.97)
    .map((n) => (
      <MarginNote key={n.text} x={width / 2} y={n.v * height} anchor="middle">
        {n.text}
      </MarginNote>
    ));
}

/** What the glass takes off the place where it does the most harm, noted where it applies and clear of the readings. */
function Notes({ width, height, glass }: { width: number; height: number; glass: Glass }) {
  const { derived } = useStand();
  const worst = glass.figures?.spillWorst;
  if (!worst || worst.stops < 0.5) return null;
  const x = worst.u * width;
  const y = worst.v * height;
  const note = `${stopsFigure(worst.stops)} stops off ${placeText(worst)}`;
  const taken = (derived.prepared?.input.field.readings ?? []).map(({ place }) => ({
    left: place.u * width - (place.u > 0.88 ? 60 : 14),
    right: place.u * width + (place.u > 0.88 ? 14 : 60),
    y: place.v * height,
  }));
  const textWidth = note.length * 7.4;
  const at = clearPlace({ x, y }, textWidth, { width, height }, taken);
  const leader = `M${x} ${y}L${Math.min(at.x + textWidth, Math.max(at.x - 3, x))} ${y < at.y ? at.y - 13 : at.y + 4}`;
  return (
    <g pointerEvents="none">
      <path d={leader} stroke="var(--note-casing)" strokeWidth={3} />
      <path d={leader} stroke="var(--note)" strokeWidth={1.2} />
      <circle cx={x} cy={y} r={4} fill="var(--note)" stroke="var(--note-casing)" strokeWidth={1.5} />
      <MarginNote x={at.x} y={at.y}>
        {note}
      </MarginNote>
    </g>
  );
}

/** Where a note beside a spot covers no reading and stays in the picture: the nearest of a few places round it. */
function clearPlace(
  spot: { x: number; y: number },
  textWidth: number,
  frame: { width: number; height: number },
  taken: readonly { left: number; right: number; y: number }[],
): { x: number; y: number } {
  const inside = (x: number) => Math.max(6, Math.min(x, frame.width - textWidth - 6));
  const places = [24, -24, 52, -52, 84, -84, 120, -120].flatMap((dy) =>
    [16, -textWidth - 10, -textWidth / 2].map((dx) => ({ x: inside(spot.x + dx), y: spot.y + dy })),
  );
  const isClear = (p: { x: number; y: number }) =>
    p.y > 18 &&
    p.y < frame.height - 8 &&
    taken.every((t) => t.right < p.x - 4 || t.left > p.x + textWidth + 4 || Math.abs(t.y - (p.y - 5)) > 20);
  return places.find(isClear) ?? { x: inside(spot.x + 16), y: spot.y + 24 };
}

function Scale({ glass, picture, height }: { glass: Glass; picture: Picture; height: number }) {
  const { derived } = useStand();
  const { prepared } = derived;
  const { seat, outcome, sticksOutMm } = glass;
  if (!prepared || !seat || !outcome.seam || !picture.glass) return null;
  const { at } = outcome.seam;
  const { tables } = picture.glass;
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
        dimmingAt={(y) => tableDimmingAt(tables.square, y)}
        halfDimmingMm={outcome.seam.halfDimmingMm}
        sticksOutMm={sticksOutMm}
        seamV={'left' in at ? at.right : -1}
        label={label}
      />
    </div>
  );
}
