import { type KeyboardEvent } from 'react';
import { gapOf, traitsOf, withGap } from '@/model';
import { LADDER_ROWS, type LadderScale, type LadderStretch } from '@/render/ladder';
import { sideNames, stopsFigure, LADDER_TEXT } from '@/words';
import { useDerived, useEdit, useStand } from '../session';
import { useScaleDrag } from './use-scale-drag';

interface KeepHandleProps {
  keep: LadderStretch;
  x: LadderScale;
  hold: (on: boolean) => void;
  onType: () => void;
}

/** One press of an arrow key, stops; with Shift five times as much. */
const STEP = 0.1;

/** The end of what is kept, to be dragged, stepped or typed: the gap of the look. */
export function KeepHandle({ keep, x, hold, onType }: KeepHandleProps) {
  const stand = useStand();
  const derived = useDerived();
  const edit = useEdit();
  const gap = gapOf(stand);
  const drag = useScaleDrag({
    x,
    ev: keep.to,
    enabled: gap !== null,
    onMove: (ev) => edit((s) => withGap(s, ev - keep.from)),
    onTap: onType,
    hold,
  });
  if (gap === null) return null;
  const [low, high] = traitsOf(stand).gap?.range ?? [0, 0];
  const keys = (event: KeyboardEvent) => {
    const way = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (way) edit((s) => withGap(s, gap + way * (event.shiftKey ? 5 * STEP : STEP)));
    else if (event.key === 'Home') edit((s) => withGap(s, low));
    else if (event.key === 'End') edit((s) => withGap(s, high));
    else if (event.key === 'Enter' || event.key === ' ') onType();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const brighter = sideNames(stand)[derived.balance?.brighter ?? 'sky'];
  return (
    <g
      {...drag}
      role="slider"
      tabIndex={0}
      aria-label={gap < 0 ? `Make the ${brighter} darker` : `Keep the ${brighter} brighter`}
      aria-valuemin={low}
      aria-valuemax={high}
      aria-valuenow={gap}
      aria-valuetext={`${stopsFigure(Math.abs(gap))} stops`}
      aria-description={LADDER_TEXT.arrowKeysStepTenths}
      className="group cursor-ew-resize touch-none outline-none"
      onKeyDown={keys}
    >
      <KeepGrip x={x(keep.to)} />
    </g>
  );
}

/** What is held of the end of the kept stretch. */
function KeepGrip({ x }: { x: number }) {
  const y = LADDER_ROWS.chain;
  return (
    <>
      <rect x={x - 22} y={y - 17} width={44} height={32} fill="transparent" />
      <rect
        x={x - 4}
        y={y - 9}
        width={8}
        height={18}
        rx={1.5}
        fill="var(--action)"
        stroke="var(--ground)"
        strokeWidth={1.5}
      />
      <rect
        x={x - 9}
        y={y - 13}
        width={18}
        height={26}
        fill="none"
        className="stroke-transparent stroke-2 group-focus-visible:stroke-action"
      />
    </>
  );
}
