import { useMemo, useRef } from 'react';
import { fitsAlong, type Glass } from '@/model';
import { useSize } from '@/ui/use-size';
import { darkerName, mmFigure, sideNames, SEAT_TEXT } from '@/words';
import { useDerived, useStand } from '../session';

/** How far either way is shown, mm. */
const REACH_MM = 14;
const HEIGHT = 46;
/** The least and the most that the height stands for, stops of misfit above the best that is shown. */
const LEAST_SHOWN = 0.3;
const MOST_SHOWN = 1;

/** The ground on which it is as good. */
const PLAY = { height: HEIGHT, fill: 'var(--chosen)', stroke: 'var(--rule)' } as const;

/** What the picture loses as the sheet slides: the lower the line, the better; the ground is what is as good. */
export function SeatCurve({ glass }: { glass: Glass }) {
  const stand = useStand();
  const derived = useDerived();
  const box = useRef<HTMLDivElement>(null);
  const { width } = useSize(box);
  const { prepared, plan } = derived;
  const { seat, set, sticksOutMm, figures } = glass;
  // the curve stays while the sheet slides along it: it is centred on the computed seat of the same glass
  const centre = plan?.seat && plan.set === set ? plan.seat.offsetMm : (seat?.offsetMm ?? 0);
  const turnDeg = seat?.turnDeg ?? 0;
  const fits = useMemo(
    () => (prepared && set.length ? fitsAlong(prepared, set, { offsetMm: centre, turnDeg }, REACH_MM) : []),
    [prepared, set, centre, turnDeg],
  );
  if (!seat || fits.length < 2) return null;
  const x = (mm: number) => ((mm - centre + REACH_MM) / (2 * REACH_MM)) * width;
  const play = figures?.playMm;
  const shown = (offsetMm: number) => mmFigure((sticksOutMm ?? seat.offsetMm) + offsetMm - seat.offsetMm);
  const brighter = sideNames(stand)[derived.balance?.brighter ?? 'sky'];
  const good = play && ([shown(seat.offsetMm + play[0]), shown(seat.offsetMm + play[1])] as const);
  const low = play && Math.max(0, x(seat.offsetMm + play[0]));
  const high = play && Math.min(width, x(seat.offsetMm + play[1]));
  return (
    <figure className="text-sm text-quiet">
      <div ref={box} style={{ height: HEIGHT }}>
        {width > 0 && (
          <svg width={width} height={HEIGHT} role="img" aria-label={SEAT_TEXT.howWellSheetServes(good)}>
            {low != null && high != null && <rect {...PLAY} x={low} width={Math.max(2, high - low)} />}
            <path d={curveOf(fits, x)} fill="none" stroke="var(--ink)" strokeWidth={1.6} />
            <path d={`M${x(seat.offsetMm)} 0V${HEIGHT}`} stroke="var(--ink)" strokeWidth={2.5} />
          </svg>
        )}
      </div>
      <figcaption className="flex justify-between gap-3">
        <span>{darkerName(stand, derived)} goes dark</span>
        {good && (
          <span>
            {good[0]} to {good[1]} mm is as good
          </span>
        )}
        <span>{brighter} stays bright</span>
      </figcaption>
    </figure>
  );
}

/** The fits as a line: the lower, the better. */
function curveOf(fits: ReturnType<typeof fitsAlong>, x: (mm: number) => number): string {
  const best = Math.min(...fits.map((f) => f.fitStops));
  const worst = Math.max(...fits.map((f) => f.fitStops)) - best;
  const range = Math.min(MOST_SHOWN, Math.max(LEAST_SHOWN, worst));
  const y = (stops: number) => HEIGHT - 5 - Math.min(1, (stops - best) / range) * (HEIGHT - 10);
  return fits.map((f, i) => `${i ? 'L' : 'M'}${x(f.offsetMm)} ${y(f.fitStops)}`).join('');
}
