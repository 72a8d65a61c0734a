import { useState } from 'react';
import { isUpsideDown } from '@/core/optics';
import { choiceOf, choose, type Glass, sameChoice, type SheetFilter } from '@/model';
import { mmFigure, turnText } from '@/words';
import { useEdit, useStand } from '../session';
import { SeatCurve } from './seat-curve';
import { SeatFields } from './seat-fields';
import { useSeat } from './use-seat';

const BIG = 'min-h-16 rounded-md border border-edge bg-panel px-3 font-semibold active:bg-chosen';

/** The seat in the thumb's reach: lower and higher, the turn, and that it is set. */
export function SeatThumb({ sheet, glass }: { sheet: SheetFilter; glass: Glass }) {
  const stand = useStand();
  const edit = useEdit();
  const { seat, slide, turn, flip } = useSeat();
  const [fields, setFields] = useState(false);
  const [turning, setTurning] = useState(false);
  if (!seat) return null;
  const upsideDown = isUpsideDown(seat.turnDeg);
  const out = glass.sticksOutMm;
  const choice = choiceOf({ ...glass, seat });
  const isSet = sameChoice(stand.choice, choice);
  const where = out === null ? 'mm from the axis' : `mm ${upsideDown ? 'below' : 'above'} the rail`;
  const [less, more] = turning
    ? ['anticlockwise', 'clockwise']
    : upsideDown
      ? ['higher', 'lower']
      : ['lower', 'higher'];
  const step = turning ? turn : slide;
  return (
    <div className="space-y-2 pt-1">
      <div className="grid grid-cols-[1fr_1.3fr_1fr] items-center gap-2">
        <button type="button" className={BIG} onClick={() => step(-1)}>
          {less}
        </button>
        <button
          type="button"
          className="min-h-16 text-center"
          aria-expanded={fields}
          aria-label={`${mmFigure(out ?? seat.offsetMm)} ${where}, ${turnText(seat.turnDeg)}: type it`}
          onClick={() => setFields(!fields)}
        >
          <span className="text-3xl font-semibold">
            {turning ? turnText(seat.turnDeg).replace('upside down, ', '') : mmFigure(out ?? seat.offsetMm)}
          </span>
          {!turning && <span className="block text-sm text-quiet">{where}</span>}
        </button>
        <button type="button" className={BIG} onClick={() => step(1)}>
          {more}
        </button>
      </div>
      {fields ? <SeatFields sheet={sheet} glass={glass} /> : <SeatCurve glass={glass} />}
      <div className="grid grid-cols-[1fr_auto_1fr] gap-2">
        <button type="button" className={BIG} aria-pressed={turning} onClick={() => setTurning(!turning)}>
          {turnText(seat.turnDeg)}
          <span className="block text-sm font-normal text-quiet">
            {turning ? 'back to its height' : 'turn the holder'}
          </span>
        </button>
        <button type="button" className={BIG} onClick={flip}>
          Flip
        </button>
        <SetButton isSet={isSet} onSet={() => edit((s) => choose(s, choice))} />
      </div>
    </div>
  );
}

/** Says that the glass has been set as it is told here. */
function SetButton({ isSet, onSet }: { isSet: boolean; onSet: () => void }) {
  return (
    <button
      type="button"
      disabled={isSet}
      className="min-h-16 rounded-md border border-action bg-action px-3 text-lg font-semibold text-on-action disabled:border-edge disabled:bg-panel disabled:text-ink"
      onClick={onSet}
    >
      {isSet ? 'Set' : 'It is set'}
    </button>
  );
}
