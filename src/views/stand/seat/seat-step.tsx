import { useDrag } from '@use-gesture/react';
import { useRef } from 'react';
import { acrossSeam, isUpsideDown, turnFromUpright, usedGlassMm } from '@/core/optics';
import {
  choose,
  type Glass,
  isSheet,
  offsetForSticksOutMm,
  railAboveAxisMm,
  sameChoice,
  type SheetFilter,
} from '@/model';
import { Holder, holderSize, SlotSection } from '@/render';
import { Button } from '@/ui/button';
import { ParsedField, type Parsed } from '@/ui/field';
import { Stepper } from '@/ui/stepper';
import { computedSeat, degreesFigure, filterName, mmFigure, NOT_A_NUMBER, turnText } from '@/words';
import { typedNumber } from '../../parse';
import { SeatFigures } from './seat-figures';
import { useStand } from '../stand-context';
import { useSeat } from './use-seat';

/** px to the millimetre of the holder drawing. */
const SCALE = 1.6;

/** Step 4: the holder at true scale, and the figures of the seat as it moves. */
export function SeatStep() {
  const { derived } = useStand();
  const glass = derived.inUse;
  const sheets = glass?.filters.filter(isSheet) ?? [];
  const [sheet] = sheets;
  if (!glass?.seat || !sheet)
    return (
      <p className="text-quiet">
        {derived.plan || derived.chosen
          ? 'No grad is fitted, so there is nothing to seat.'
          : 'There is nothing to seat yet: the glass comes first.'}
      </p>
    );
  return (
    <div className="flex flex-col gap-4">
      <HolderDrawing sheets={sheets} />
      {sheets.length > 1 && <SlotOrder sheets={sheets} glass={glass} />}
      <div className="max-md:order-first">
        <SeatFields sheet={sheet} glass={glass} />
      </div>
      <SeatFigures glass={glass} />
      <BackToComputed />
    </div>
  );
}

function HolderDrawing({ sheets }: { sheets: readonly SheetFilter[] }) {
  const { derived, bag } = useStand();
  const { seat, set, slide, turn, begin, end } = useSeat();
  const box = useRef<HTMLDivElement>(null);
  const from = useRef({ offsetMm: 0, turnDeg: 0, angle: 0 });
  const angleAt = (x: number, y: number): number => {
    const { left = 0, top = 0 } = box.current?.getBoundingClientRect() ?? {};
    const size = holderSize(SCALE, isUpsideDown(seat?.turnDeg ?? 0));
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
      set({ offsetMm: from.current.offsetMm + (mx * sin - my * cos) / SCALE });
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
  if (!seat || !derived.prepared) return null;
  const { lens, frame } = derived.prepared.input;
  const upsideDown = isUpsideDown(seat.turnDeg);
  const size = holderSize(SCALE, upsideDown);
  const rad = ((seat.turnDeg + (upsideDown ? 180 : 0)) * Math.PI) / 180;
  const reach = 61 * SCALE;
  const knob = {
    left: size.axisX + Math.cos(rad) * reach - 22,
    top: size.axisY + Math.sin(rad) * reach - 22,
  };
  const used = usedGlassMm(lens, frame);
  const slots = bag.slots ?? 1;
  // what is on the lens beside the grads takes the slots nearest it
  const first = slots - derived.prepared.freeSlots + 1;
  return (
    <div className="flex items-start gap-3">
      <div
        ref={box}
        tabIndex={0}
        role="group"
        aria-label="Sheet in the holder: up and down arrows slide it by half a millimetre, left and right arrows turn it by a quarter of a degree"
        className="relative shrink-0 cursor-ns-resize touch-none overflow-hidden"
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
          lens={lens}
          frame={frame}
          slots={slots}
          scale={SCALE}
        />
        <div
          aria-hidden
          title="Drag to turn the holder"
          className="absolute flex size-11 cursor-grab touch-none items-center justify-center"
          style={knob}
          {...turnDrag()}
        >
          <span
            className="h-8 w-2.5 rounded-sm border-2 border-ink bg-action"
            style={{ rotate: `${(rad * 180) / Math.PI}deg` }}
          />
        </div>
      </div>
      <div className="min-w-0 space-y-3 text-sm text-quiet">
        <p>From behind the camera.</p>
        <p>
          Your picture uses {Math.round(used.widthMm)} by {Math.round(used.heightMm)} mm of the glass.
        </p>
        <SlotSection slots={slots} occupied={sheets.map((_, i) => Math.min(slots, first + i))} />
      </div>
    </div>
  );
}

/** Which sheet of a pair stands nearest the lens, and the way to change it. */
function SlotOrder({ sheets, glass }: { sheets: readonly SheetFilter[]; glass: Glass }) {
  const { edit } = useStand();
  const { seat, filterIds } = glass;
  if (!seat) return null;
  return (
    <div className="flex flex-wrap items-center gap-3">
      <ol className="min-w-0 flex-1 text-sm" aria-label="Sheets from the lens outwards">
        {sheets.map((sheet, i) => (
          <li key={sheet.id}>
            {i === 0 ? 'Nearest the lens: ' : 'In front of it: '}
            <strong className="font-semibold">{filterName(sheet)}</strong>
          </li>
        ))}
      </ol>
      <Button onClick={() => edit((s) => choose(s, { ...seat, filterIds: [...filterIds].reverse() }))}>
        Change their order
      </Button>
    </div>
  );
}

function SeatFields({ sheet, glass }: { sheet: SheetFilter; glass: Glass }) {
  const { bag } = useStand();
  const { set, slide, turn, seat } = useSeat();
  if (!seat) return null;
  const upsideDown = isUpsideDown(seat.turnDeg);
  const out = glass.sticksOutMm;
  const parseMm = (text: string): Parsed<number> => {
    const value = typedNumber(text);
    if (value === null) return { ok: false, error: NOT_A_NUMBER };
    const offset = out === null ? value : (offsetForSticksOutMm(sheet, value, bag.holder) as number);
    return Math.abs(offset) <= 200
      ? { ok: true, value: offset }
      : { ok: false, error: 'Beyond what a holder reaches.' };
  };
  const upright = turnFromUpright(seat.turnDeg);
  const base = seat.turnDeg - upright;
  const parseTurn = (text: string): Parsed<number> => {
    const value = typedNumber(text);
    if (value === null) return { ok: false, error: NOT_A_NUMBER };
    return Math.abs(value) <= 90
      ? { ok: true, value: base + value }
      : { ok: false, error: 'Between −90 and 90 degrees.' };
  };
  return (
    <div className="grid gap-4 md:grid-cols-2">
      <Stepper
        label={
          out === null ? 'Seam from the axis, mm' : upsideDown ? 'Below the rail, mm' : 'Above the rail, mm'
        }
        less={upsideDown ? 'Higher by half a millimetre' : 'Lower by half a millimetre'}
        more={upsideDown ? 'Lower by half a millimetre' : 'Higher by half a millimetre'}
        onStep={slide}
      >
        <ParsedField
          label={`Millimetres of sheet ${upsideDown ? 'below' : 'above'} the rail`}
          hideLabel
          inputMode="decimal"
          text={mmFigure(out ?? seat.offsetMm)}
          parse={parseMm}
          onValue={(offsetMm) => set({ offsetMm })}
        />
      </Stepper>
      <Stepper
        label={upright === 0 ? 'Turn, °: level' : `Turn, °: ${upright > 0 ? 'clockwise' : 'anticlockwise'}`}
        less="Anticlockwise by a quarter of a degree"
        more="Clockwise by a quarter of a degree"
        onStep={turn}
      >
        <ParsedField
          label="Turn in degrees, clockwise positive"
          hideLabel
          text={degreesFigure(upright)}
          parse={parseTurn}
          onValue={(turnDeg) => set({ turnDeg })}
        />
      </Stepper>
    </div>
  );
}

/** The way back to the seat that was computed for this glass. */
function BackToComputed() {
  const { derived, edit } = useStand();
  const { chosen } = derived;
  const computed = chosen && computedSeat(derived, chosen);
  if (!chosen?.seat || !computed) return null;
  const choice = { filterIds: chosen.filterIds, ...computed };
  const there = sameChoice({ filterIds: chosen.filterIds, ...chosen.seat }, choice);
  return (
    <Button className="w-full" disabled={there} onClick={() => edit((s) => choose(s, choice))}>
      {there ? 'This is the computed seat' : `Back to the computed seat (${turnText(computed.turnDeg)})`}
    </Button>
  );
}
