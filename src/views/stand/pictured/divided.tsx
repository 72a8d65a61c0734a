import { type KeyboardEvent, type PointerEvent, type ReactNode, useRef, useState } from 'react';
import { clamp } from '@/core/numerics';
import { useSize } from '@/ui/use-size';
import { PercentField } from '../../shared/percent-field';

interface DividedProps {
  /** What is told of the line that parts them: "the two shots". */
  readonly what: string;
  /** Each picture at a size along its longer side, px, and what it is. */
  readonly first: Side;
  readonly second: Side;
}

interface Side {
  readonly picture: (side: number) => ReactNode;
  readonly name: string;
}

/** Two pictures one over the other, parted by a line that is dragged over them, stepped by arrow keys, or typed. */
export function Divided({ what, first, second }: DividedProps) {
  const [part, setPart] = useState(0.5);
  const box = useRef<HTMLDivElement>(null);
  const { width } = useSize(box);
  const percent = Math.round(100 * part);
  const drag = (e: PointerEvent<HTMLDivElement>) => {
    if (e.type === 'pointerdown') e.currentTarget.setPointerCapture(e.pointerId);
    else if (!e.currentTarget.hasPointerCapture(e.pointerId)) return;
    const { left, width: wide } = e.currentTarget.getBoundingClientRect();
    setPart(clamp((e.clientX - left) / wide, 0, 1));
  };
  const step = (e: KeyboardEvent) => {
    const by = STEPS[e.key];
    if (by === undefined) return;
    e.preventDefault();
    e.stopPropagation();
    setPart(clamp(part + by * (e.shiftKey ? 5 : 1), 0, 1));
  };
  return (
    <div ref={box} className="space-y-1 pb-2">
      {width > 0 && (
        <div
          className="relative inline-block cursor-ew-resize touch-none overflow-hidden align-top select-none"
          onPointerDown={drag}
          onPointerMove={drag}
        >
          {second.picture(Math.floor(width))}
          <div className="absolute inset-0" style={{ clipPath: `inset(0 ${100 - 100 * part}% 0 0)` }}>
            {first.picture(Math.floor(width))}
          </div>
          <div
            role="slider"
            tabIndex={0}
            aria-label={`Where ${what} part`}
            aria-valuemin={0}
            aria-valuemax={100}
            aria-valuenow={percent}
            aria-valuetext={`${percent} % from the left`}
            className="absolute inset-y-0 -ml-3 w-6 focus-visible:outline-2 focus-visible:-outline-offset-2"
            style={{ left: `${100 * part}%` }}
            onKeyDown={step}
          >
            <span
              aria-hidden
              className="absolute inset-y-0 left-1/2 -ml-[1.5px] w-[3px] border-x border-ink bg-panel"
            />
          </div>
        </div>
      )}
      <div className="grid grid-cols-[1fr_5.5rem_1fr] items-center gap-2 text-sm text-quiet">
        <span>{first.name}</span>
        <PercentField label={`Where ${what} part`} hideLabel value={part} onValue={setPart} />
        <span className="text-right">{second.name}</span>
      </div>
    </div>
  );
}

/** What keys move the line by, in parts of the width. */
const STEPS: Readonly<Record<string, number>> = {
  ArrowLeft: -0.02,
  ArrowRight: 0.02,
  ArrowDown: -0.02,
  ArrowUp: 0.02,
  Home: -1,
  End: 1,
};
