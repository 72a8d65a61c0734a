import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useEffect, useRef, useState } from 'react';
import { turnFromUpright } from '@/core/optics';
import { type Glass, type SharedTurn, type SharedTurns, sharedTurns } from '@/model';
import { Button } from '@/ui/button';
import { useSize } from '@/ui/use-size';
import { degreesFigure, sharedTurnsText, sharedTurnText, SEAT_TEXT } from '@/words';
import { useDerived, useStand, useStandBag } from '../session';
import { useSeat } from './use-seat';

/** A hand that rests for so long is done, ms: what the turn means to both is worked out then. */
const AT_REST_MS = 400;
const HEIGHT = 96;
const EDGE = { top: 8, bottom: 22, side: 8 };
/** The height stands for this much at least, stops. */
const LEAST_SHOWN = 0.5;

/** A square polariser turns with the grad: what each loses by the holder's turn, and the turn between. */
export function TurnedTogether({ glass }: { glass: Glass }) {
  const turns = useSharedTurns(glass);
  const { set } = useSeat();
  if (!turns || !glass.seat) return null;
  const { turnDeg } = glass.seat;
  const { between } = turns;
  return (
    <section aria-label={SEAT_TEXT.turnGradPolariserShare} className="space-y-2 border-t border-rule pt-3">
      <h3 className="text-sm text-quiet">{SEAT_TEXT.squarePolariserTurnsGrad}</h3>
      <Plot turns={turns} turnDeg={turnDeg} />
      <p role="status">{sharedTurnsText(turns)}</p>
      {between.turnDeg !== turnDeg && (
        <Button onClick={() => set({ turnDeg: between.turnDeg })}>
          Turn it between: {sharedTurnText(between)}
        </Button>
      )}
    </section>
  );
}

/** What they want of the turn, once nothing moves; null where there is no square polariser, or nothing is known of the sun. */
function useSharedTurns({ set, seat }: Glass): SharedTurns | null {
  const stand = useStand();
  const bag = useStandBag();
  const prepared = useDerived((d) => d.prepared);
  const [turns, setTurns] = useState<SharedTurns | null>(null);
  useEffect(() => {
    const timer = setTimeout(
      () => setTurns(prepared && sharedTurns(stand, bag, prepared, { set, seat })),
      AT_REST_MS,
    );
    return () => clearTimeout(timer);
  }, [stand, bag, prepared, set, seat]);
  return turns;
}

/** Both losses over the turn: the lower, the better. */
function Plot({
  turns: { turns, grad, polariser, between },
  turnDeg,
}: {
  turns: SharedTurns;
  turnDeg: number;
}) {
  const box = useRef<HTMLElement>(null);
  const { width } = useSize(box);
  const angle = (turn: SharedTurn) => turnFromUpright(turn.turnDeg);
  const x = scaleLinear()
    .domain([angle(turns[0] as SharedTurn), angle(turns.at(-1) as SharedTurn)])
    .range([EDGE.side, Math.max(EDGE.side + 1, width - EDGE.side)]);
  const most = Math.max(LEAST_SHOWN, ...turns.map((t) => Math.min(2, Math.max(t.misfitStops, t.paleStops))));
  const y = scaleLinear()
    .domain([0, most])
    .range([HEIGHT - EDGE.bottom, EDGE.top])
    .clamp(true);
  const curve = (lossOf: (turn: SharedTurn) => number) =>
    line<SharedTurn>()
      .x((t) => x(angle(t)))
      .y((t) => y(lossOf(t)))([...turns]) ?? '';
  return (
    <figure ref={box} className="text-sm text-quiet">
      <svg width={width} height={HEIGHT} role="img" aria-label={SEAT_TEXT.lineSkyLoseTurn} fontSize={12}>
        <path d={`M${EDGE.side} ${y(0)}H${width - EDGE.side}`} stroke="var(--rule)" />
        {x.ticks(6).map((deg) => (
          <text key={deg} x={x(deg)} y={HEIGHT - 6} textAnchor="middle" fill="var(--quiet)">
            {degreesFigure(deg)}°
          </text>
        ))}
        <path d={`M${x(angle(between))} ${EDGE.top}V${y(0)}`} stroke="var(--action)" strokeWidth={2} />
        <path d={curve((t) => t.misfitStops)} fill="none" stroke="var(--ink)" strokeWidth={2} />
        <path
          d={curve((t) => t.paleStops)}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
          strokeDasharray="6 4"
        />
        {[grad, polariser].map((best, i) => (
          <circle
            key={i}
            cx={x(angle(best))}
            cy={y(0)}
            r={4}
            fill="var(--panel)"
            stroke="var(--ink)"
            strokeWidth={2}
          />
        ))}
        <path d={`M${x(turnFromUpright(turnDeg))} ${EDGE.top}V${y(0)}`} stroke="var(--ink)" strokeWidth={3} />
      </svg>
      <figcaption>{SEAT_TEXT.holdersTurnDrawnOut}</figcaption>
    </figure>
  );
}
