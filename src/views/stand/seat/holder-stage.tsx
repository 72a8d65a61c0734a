import { SEAT_TEXT } from '@/words';
import { useDrag } from '@use-gesture/react';
import { useRef } from 'react';
import { acrossSeam, isUpsideDown } from '@/core/optics';
import { railAboveAxisMm, type SheetFilter } from '@/model';
import { Holder, holderSize } from '@/render';
import { useDerived, useStandBag } from '../session';
import { useSeat } from './use-seat';

export interface HolderStageProps {
  sheets: readonly SheetFilter[];
  /** px to the millimetre. */
  scale: number;
}

/** The holder at true scale, in which the sheet is slid and turned by drag and by key. */
export function HolderStage({ sheets, scale }: HolderStageProps) {
  const derived = useDerived();
  const bag = useStandBag();
  const { seat, slide, turn } = useSeat();
  const { box, slideDrag, turnDrag } = useSheetDrags(scale);
  if (!seat || !derived.prepared) return null;
  const { lens, frame } = derived.prepared.input;
  const upsideDown = isUpsideDown(seat.turnDeg);
  const size = holderSize(scale, upsideDown);
  const { left, top, angleDeg } = knobOf(seat.turnDeg, scale);
  return (
    <div
      ref={box}
      tabIndex={0}
      role="group"
      aria-label={SEAT_TEXT.sheetHolderUpDown}
      className="relative shrink-0 cursor-ns-resize touch-pinch-zoom [clip-path:inset(0_-40px_0_0)]"
      style={{ width: size.width, height: size.height }}
      {...slideDrag()}
      onKeyDown={(e) => {
        const steps = e.shiftKey ? 10 : 1;
        const way = upsideDown ? -1 : 1;
        if (e.key === 'ArrowUp') slide(way * steps);
        else if (e.key === 'ArrowDown') slide(-way * steps);
        else if (e.key === 'ArrowRight') turn(steps);
        else if (e.key === 'ArrowLeft') turn(-steps);
        else return;
        e.preventDefault();
      }}
    >
      <Holder
        filters={sheets}
        railMm={railAboveAxisMm(sheets[0] as SheetFilter, bag.holder)}
        seat={seat}
        apartMm={derived.inUse?.apartMm ?? 0}
        lens={lens}
        frame={frame}
        slots={bag.slots ?? 1}
        scale={scale}
      />
      <div
        aria-hidden
        title="Drag to turn the holder"
        className="absolute flex size-11 cursor-grab touch-pinch-zoom items-center justify-center"
        style={{ left, top }}
        {...turnDrag()}
      >
        <span
          className="h-8 w-2.5 rounded-sm border-2 border-ink bg-action"
          style={{ rotate: `${angleDeg}deg` }}
        />
      </div>
    </div>
  );
}

/** How far from the axis the knob stands, mm, and half its side, px. */
const KNOB_REACH_MM = 61;
const KNOB_HALF = 22;

/** Where the knob that turns the holder stands on the stage, px, and how it lies. */
function knobOf(turnDeg: number, scale: number) {
  const upsideDown = isUpsideDown(turnDeg);
  const { axisX, axisY } = holderSize(scale, upsideDown);
  const angleDeg = turnDeg + (upsideDown ? 180 : 0);
  const rad = (angleDeg * Math.PI) / 180;
  const reach = KNOB_REACH_MM * scale;
  return {
    left: axisX + Math.cos(rad) * reach - KNOB_HALF,
    top: axisY + Math.sin(rad) * reach - KNOB_HALF,
    angleDeg,
  };
}

/** Slides by drag on the sheet, and turns by drag round the lens axis. */
function useSheetDrags(scale: number) {
  const { seat, set, begin, end } = useSeat();
  const box = useRef<HTMLDivElement>(null);
  const from = useRef({ offsetMm: 0, turnDeg: 0, angle: 0 });
  const angleAt = (x: number, y: number): number => {
    const { left = 0, top = 0 } = box.current?.getBoundingClientRect() ?? {};
    const size = holderSize(scale, isUpsideDown(seat?.turnDeg ?? 0));
    return (Math.atan2(y - top - size.axisY, x - left - size.axisX) * 180) / Math.PI;
  };
  const slideDrag = useDrag(
    ({ first, last, movement: [mx, my] }) => {
      if (!seat) return;
      if (first) {
        from.current = { ...seat, angle: 0 };
        begin();
      }
      const { sin, cos } = acrossSeam(from.current.turnDeg);
      set({ offsetMm: from.current.offsetMm + (mx * sin - my * cos) / scale });
      if (last) end();
    },
    { pointer: { keys: false } },
  );
  const turnDrag = useDrag(
    ({ first, last, xy: [x, y], event }) => {
      event.stopPropagation();
      if (!seat) return;
      if (first) {
        from.current = { ...seat, angle: angleAt(x, y) };
        begin();
      }
      let moved = angleAt(x, y) - from.current.angle;
      if (moved > 180) moved -= 360;
      if (moved < -180) moved += 360;
      set({ turnDeg: from.current.turnDeg + moved });
      if (last) end();
    },
    { pointer: { keys: false } },
  );
  return { box, slideDrag, turnDrag };
}
