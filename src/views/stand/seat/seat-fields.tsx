import { isUpsideDown, turnFromUpright } from '@/core/optics';
import { type Glass, offsetForSticksOutMm, type SheetFilter } from '@/model';
import { type Parsed, ParsedField } from '@/ui/field';
import { Stepper } from '@/ui/stepper';
import { degreesFigure, mmFigure, NOT_A_NUMBER, SEAT_TEXT } from '@/words';
import { typedNumber } from '../../shared/parse';
import { useStandBag } from '../session';
import { useSeat } from './use-seat';

/** The seat in figures: what stands above the rail, and the turn, by steps and by typing. */
export function SeatFields({ sheet, glass }: { sheet: SheetFilter; glass: Glass }) {
  const bag = useStandBag();
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
    <div className="grid gap-4 desk:grid-cols-2">
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
        less={SEAT_TEXT.anticlockwiseQuarterDegree}
        more={SEAT_TEXT.clockwiseQuarterDegree}
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
