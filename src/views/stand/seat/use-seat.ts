import { type Seat } from '@/core/optics';
import { choose, isWithin, sameChoice } from '@/model';
import { useStand } from '../stand-context';

/** Steps that the seat is set to, mm and degrees. */
const OFFSET_STEP = 0.5;
const TURN_STEP = 0.25;

/** The seat of the glass in use, and the ways to change it: any change makes the glass the photographer's own choice. */
export function useSeat() {
  const { derived, edit, document } = useStand();
  const { inUse } = derived;
  const seat = inUse?.seat ?? null;
  const set = (change: Partial<Seat>) => {
    if (!inUse || !seat) return;
    const next = { ...seat, ...change };
    const offsetMm = Math.round(next.offsetMm / OFFSET_STEP) * OFFSET_STEP;
    const turnDeg = Math.round(next.turnDeg / TURN_STEP) * TURN_STEP;
    if (!isWithin('offsetMm', offsetMm) || !isWithin('turnDeg', turnDeg)) return;
    const choice = { filterIds: inUse.filterIds, offsetMm, turnDeg };
    edit((s) => (sameChoice(s.choice, choice) ? s : choose(s, choice)));
  };
  return {
    seat,
    set,
    slide: (steps: number) => seat && set({ offsetMm: seat.offsetMm + steps * OFFSET_STEP }),
    turn: (steps: number) => seat && set({ turnDeg: seat.turnDeg + steps * TURN_STEP }),
    begin: () => document.beginGesture(),
    end: () => document.endGesture(),
  };
}
