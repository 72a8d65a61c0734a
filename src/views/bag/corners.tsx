import { BAG_TEXT } from '@/words';
import { type KeyboardEvent, type PointerEvent, useMemo, useRef } from 'react';
import { type FramePoint } from '@/core/field';
import { clamp } from '@/core/numerics';
import { srgbFromLinear } from '@/core/units';
import { type LightCells, type Pixels, type SheetPhoto } from '@/model';
import { PercentField } from '../shared/percent-field';
import { PaintedPixels } from '../shared/painted-pixels';

const NAMES = ['Dark end, left', 'Dark end, right', 'Clear end, right', 'Clear end, left'] as const;
/** What an arrow key moves a corner by, parts of the picture. */
const STEP = 0.004;

interface CornersProps {
  readonly light: LightCells;
  readonly corners: SheetPhoto['corners'];
  readonly onCorners: (corners: SheetPhoto['corners']) => void;
}

/** The corners of a sheet in its photo: dragged, stepped by arrow keys, or typed. */
export function Corners({ light, corners, onCorners }: CornersProps) {
  const box = useRef<HTMLDivElement>(null);
  const pixels = useMemo(() => shown(light), [light]);
  const set = (i: number, { u, v }: FramePoint) => {
    const next = corners.map((c, k) => (k === i ? { u: clamp(u, 0, 1), v: clamp(v, 0, 1) } : c));
    onCorners(next as unknown as SheetPhoto['corners']);
  };
  const drag = (i: number) => (e: PointerEvent<HTMLButtonElement>) => {
    if (e.type === 'pointerdown') e.currentTarget.setPointerCapture(e.pointerId);
    else if (!e.currentTarget.hasPointerCapture(e.pointerId)) return;
    const { left, top, width, height } = (box.current as HTMLDivElement).getBoundingClientRect();
    set(i, { u: (e.clientX - left) / width, v: (e.clientY - top) / height });
  };
  const step = (i: number) => (e: KeyboardEvent) => {
    const way = WAYS[e.key];
    if (!way) return;
    e.preventDefault();
    const by = STEP * (e.shiftKey ? 10 : 1);
    const { u, v } = corners[i] as FramePoint;
    set(i, { u: u + way[0] * by, v: v + way[1] * by });
  };
  return (
    <div className="grid gap-3 md:grid-cols-[minmax(0,1fr)_15rem]">
      <div
        ref={box}
        className="relative mx-auto w-full max-w-md touch-none select-none"
        style={{ aspectRatio: `${light.columns} / ${light.rows}` }}
      >
        <PaintedPixels pixels={pixels} width="100%" height="100%" className="block" />
        <Outline corners={corners} />
        {corners.map(({ u, v }, i) => (
          <button
            key={NAMES[i]}
            type="button"
            aria-label={BAG_TEXT.dragMoveArrowKeys(NAMES[i] ?? '')}
            className="absolute flex size-11 -translate-1/2 cursor-grab items-center justify-center"
            style={{ left: `${100 * u}%`, top: `${100 * v}%` }}
            onPointerDown={drag(i)}
            onPointerMove={drag(i)}
            onKeyDown={step(i)}
          >
            <span
              className={`flex size-5 items-center justify-center rounded-sm border-2 border-ink text-xs font-semibold ${i < 2 ? 'bg-ink text-panel' : 'bg-panel text-ink'}`}
            >
              {i + 1}
            </span>
          </button>
        ))}
      </div>
      <CornerFields corners={corners} onCorner={set} />
    </div>
  );
}

function Outline({ corners }: Pick<CornersProps, 'corners'>) {
  const points = corners.map(({ u, v }) => `${100 * u},${100 * v}`).join(' ');
  return (
    <svg viewBox="0 0 100 100" preserveAspectRatio="none" className="absolute inset-0 size-full" aria-hidden>
      <polygon
        points={points}
        fill="none"
        stroke="var(--note-casing)"
        strokeWidth={4}
        vectorEffect="non-scaling-stroke"
      />
      <polygon
        points={points}
        fill="none"
        stroke="var(--note)"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}

/** The corners as they are typed, parts of the photo. */
function CornerFields({
  corners,
  onCorner,
}: Pick<CornersProps, 'corners'> & { onCorner: (i: number, corner: FramePoint) => void }) {
  return (
    <ol className="space-y-2">
      {corners.map((corner, i) => (
        <li key={NAMES[i]} className="space-y-1">
          <span className="text-sm text-quiet">
            {i + 1}. {NAMES[i]}: across, down
          </span>
          <span className="grid grid-cols-2 gap-2">
            {(['u', 'v'] as const).map((axis) => (
              <PercentField
                key={axis}
                label={`${NAMES[i]}, ${axis === 'u' ? 'across' : 'down'}`}
                hideLabel
                value={corner[axis]}
                onValue={(value) => onCorner(i, { ...corner, [axis]: value })}
              />
            ))}
          </span>
        </li>
      ))}
    </ol>
  );
}

const WAYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** Linear light as a screen shows it, its brightest white. */
function shown({ columns, rows, rgb }: LightCells): Pixels {
  let most = 1e-9;
  for (let i = 0; i < rgb.length; i++) most = Math.max(most, rgb[i] as number);
  const rgba = new Uint8ClampedArray(4 * columns * rows);
  for (let i = 0; i < columns * rows; i++) {
    for (let k = 0; k < 3; k++) rgba[4 * i + k] = 255 * srgbFromLinear((rgb[3 * i + k] as number) / most);
    rgba[4 * i + 3] = 255;
  }
  return { columns, rows, rgba };
}
