import { type Seat } from '@/core/optics';
import { choiceOf, choose, isWithin, sameChoice } from '@/model';
import { type OpenStand, useDerived, useOpenStand } from '../session';

/** Steps that the seat is set to, mm and degrees. */
const OFFSET_STEP = 0.5;
const TURN_STEP = 0.25;

/** Changes the seat of the glass in use, which makes it the photographer's own choice. */
export function setSeat({ answer, edit }: OpenStand, change: Partial<Seat>): void {
  const { inUse } = answer.getState().derived;
  if (!inUse?.seat) return;
  const next = { ...inUse.seat, ...change };
  const offsetMm = Math.round(next.offsetMm / OFFSET_STEP) * OFFSET_STEP;
  const turnDeg = Math.round(next.turnDeg / TURN_STEP) * TURN_STEP;
  if (!isWithin('offsetMm', offsetMm) || !isWithin('turnDeg', turnDeg)) return;
  const choice = choiceOf({ ...inUse, seat: { offsetMm, turnDeg } });
  edit((s) => (sameChoice(s.choice, choice) ? s : choose(s, choice)));
}

/** Slides the second sheet of a pair by itself, mm further out than the seat has it; the first stays. */
export function setApart({ answer, edit }: OpenStand, mm: number): void {
  const { inUse } = answer.getState().derived;
  const apartMm = Math.round(mm / OFFSET_STEP) * OFFSET_STEP;
  if (!inUse?.seat || !isWithin('apartMm', apartMm)) return;
  const choice = choiceOf({ ...inUse, seat: inUse.seat, apartMm });
  edit((s) => (sameChoice(s.choice, choice) ? s : choose(s, choice)));
}

/** Half a turn further, from -180 to 180 degrees. */
const flipped = (turnDeg: number): number => (turnDeg > 0 ? turnDeg - 180 : turnDeg + 180);

/** The seat of the glass in use, and the ways to change it. */
export function useSeat() {
  const open = useOpenStand();
  const seat = useDerived((d) => d.inUse?.seat ?? null);
  const set = (change: Partial<Seat>) => setSeat(open, change);
  return {
    seat,
    set,
    slide: (steps: number) => seat && set({ offsetMm: seat.offsetMm + steps * OFFSET_STEP }),
    turn: (steps: number) => seat && set({ turnDeg: seat.turnDeg + steps * TURN_STEP }),
    /** The other end up; the line stays where it is. */
    flip: () => seat && set({ offsetMm: -seat.offsetMm, turnDeg: flipped(seat.turnDeg) }),
    begin: () => open.kept.beginGesture(),
    end: () => open.kept.endGesture(),
  };
}
