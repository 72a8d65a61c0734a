import { LADDER_TEXT } from '@/words';
import { type KeyboardEvent } from 'react';
import { exposedAt, exposureStepped, placed, placingOf } from '@/model';
import { LADDER_ROWS, type LadderExposure, type LadderScale, TAG_HALF, tagX } from '@/render/ladder';
import { useDerived, useEdit, useStand } from '../session';
import { useScaleDrag } from './use-scale-drag';

interface WindowHandleProps {
  exposure: LadderExposure;
  x: LadderScale;
  width: number;
  hold: (on: boolean) => void;
  onType: () => void;
}

/** The window as something to be dragged, stepped by thirds of a stop, or typed: it is the exposure. */
export function WindowHandle({ exposure, x, width, hold, onType }: WindowHandleProps) {
  const stand = useStand();
  const derived = useDerived();
  const edit = useEdit();
  const { evMidGrey, window, shutter } = exposure;
  const enabled = placingOf(stand, derived) !== null;
  const drag = useScaleDrag({
    x,
    ev: evMidGrey,
    enabled,
    onMove: (ev) => edit((s) => exposedAt(s, derived, ev)),
    onTap: onType,
    hold,
  });
  if (!enabled) return null;
  const keys = (event: KeyboardEvent) => {
    const thirds = { ArrowLeft: 1, ArrowDown: 1, ArrowRight: -1, ArrowUp: -1, PageDown: 3, PageUp: -3 }[
      event.key
    ];
    if (thirds) edit((s) => exposureStepped(s, derived, event.shiftKey ? 3 * thirds : thirds));
    else if (event.key === 'Delete' || event.key === 'Backspace' || event.key === 'Home')
      edit((s) => placed(s, 0));
    else if (event.key === 'Enter' || event.key === ' ') onType();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const left = x(evMidGrey - window.shadowRoom);
  const right = x(evMidGrey + window.highlightRoom);
  const [low, high] = x.domain() as [number, number];
  return (
    <g
      {...drag}
      role="slider"
      tabIndex={0}
      aria-label="Exposure"
      aria-valuemin={low}
      aria-valuemax={high}
      aria-valuenow={Math.round(100 * evMidGrey) / 100}
      aria-valuetext={shutter}
      aria-description={LADDER_TEXT.arrowKeysStepThirds}
      className="group cursor-ew-resize touch-none outline-none"
      onKeyDown={keys}
    >
      <rect
        x={left}
        y={LADDER_ROWS.windowTop}
        width={right - left}
        height={LADDER_ROWS.windowBottom - LADDER_ROWS.windowTop}
        fill="transparent"
      />
      <TagGrip x={tagX(x, evMidGrey, width)} />
    </g>
  );
}

/** What is held of the exposure's tag, and that it can be dragged both ways. */
function TagGrip({ x }: { x: number }) {
  const { shutter } = LADDER_ROWS;
  return (
    <>
      <rect x={x - TAG_HALF} y={shutter - 8} width={2 * TAG_HALF} height={34} fill="transparent" />
      <path
        d={`M${x - TAG_HALF - 11} ${shutter + 11.5}l7 -5v10zM${x + TAG_HALF + 11} ${shutter + 11.5}l-7 -5v10z`}
        fill="var(--action)"
      />
      <rect
        x={x - TAG_HALF - 2}
        y={shutter - 2}
        width={2 * TAG_HALF + 4}
        height={27}
        fill="none"
        className="stroke-transparent stroke-2 group-focus-visible:stroke-action"
      />
    </>
  );
}
