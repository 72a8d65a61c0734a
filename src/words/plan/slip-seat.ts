import { sameSet } from '@/core/balance';
import { isUpsideDown, type SeamAt, type Seat } from '@/core/optics';
import { type Derived, type Glass, seamPath, type Stand, type StandShape } from '@/model';
import { listText, mmFigure, percentText } from '../figures/figures';
import { capital } from '../figures/spots';
import { turnText } from '../figures/turn';
import { type SlipContext } from './slip-context';
import { NOTHING_TO_SEAT, row, type SlipRow } from './slip-row';

/** The seat in units that a ruler reads: what stands above the rail, or below it upside down: "26.5 mm above the rail". */
function railText({ seat, sticksOutMm: out }: Glass): string {
  if (!seat) return NOTHING_TO_SEAT;
  const side = isUpsideDown(seat.turnDeg) ? 'below' : 'above';
  if (out === null) {
    const offset = seat.offsetMm;
    const way =
      offset === 0
        ? 'on the lens axis'
        : `${mmFigure(Math.abs(offset))} mm ${offset > 0 === (side === 'above') ? 'above' : 'below'} the lens axis`;
    return `seam ${way}`;
  }
  return out >= 0
    ? `${mmFigure(out)} mm ${side} the rail`
    : `sheet's end ${mmFigure(-out)} mm inside the rail`;
}

/** Where the line meets the frame's edges: "42 % down", "42 % down left, 44 % right". */
function edgesText(at: SeamAt): string {
  if ('top' in at)
    return `from ${percentText(at.top)} across at the top to ${percentText(at.bottom)} at the foot`;
  const [left, right] = [percentText(at.left), percentText(at.right)];
  return left === right ? `${left} down` : `${left} down left, ${right} right`;
}

/** The line in the frame by what it touches: "along the skyline, 42 % down left, 44 % right". */
export function lineText(stand: Stand, at: SeamAt): string {
  const { runs, offParts, through } = seamPath(stand, at);
  // many of one name are said once
  const names = listText([...new Set(through.map((shape) => `the ${shapeName(shape)}`))]);
  const and = names && `, through ${names}`;
  switch (runs) {
    case 'outside':
      return 'the line lies outside the frame';
    case 'along':
      return `along the skyline${and}, ${edgesText(at)}`;
    case 'across':
      return `across ${names || 'the skyline'}, ${edgesText(at)}`;
    case 'above':
    case 'below':
      return `${offParts < 0.005 ? 'just' : percentText(offParts)} ${runs} the skyline${and}, ${edgesText(at)}`;
  }
}

const shapeName = (shape: StandShape): string => shape.name?.trim() || 'feature';

/** The seat in a few characters: "26.5 mm, level". */
export function seatShortText(glass: Glass): string {
  if (!glass.seat) return 'nothing to seat';
  const figure = mmFigure(glass.sticksOutMm ?? glass.seat.offsetMm);
  return `${figure} mm, ${turnText(glass.turnToSetDeg)}`;
}

/**
 * From where to where a sheet may stand, mm of it out of the holder: "26.5 to 29.5 is as good", or by how much it is off;
 * empty where there is no room to speak of.
 */
export function playText(standsAtMm: number, [low, high]: readonly [number, number]): string {
  const [from, to] = [mmFigure(standsAtMm + low), mmFigure(standsAtMm + high)];
  const off = Math.max(0, low, -high);
  if (off >= 0.25) return `${mmFigure(Math.max(0.5, off))} mm off: ${from} to ${to} serves`;
  return from === to ? '' : `${from} to ${to} is as good`;
}

/** Glass so dense that nothing is seen through it, stops. */
const DENSE_STOPS = 5;

/** The seat of glass: the line in the frame first, or the millimetres where nothing can be seen or they are asked for. */
export function seatRow({ stand, derived, seatBy = 'line' }: SlipContext, glass: Glass): SlipRow {
  const { seat, sticksOutMm: out } = glass;
  if (!seat) return row('Seat', NOTHING_TO_SEAT);
  const rail = railText(glass);
  const line = glass.outcome.seam && lineText(stand, glass.outcome.seam.at);
  const isDark = derived.prepared.fitted.stops >= DENSE_STOPS;
  const leadsWithLine = line !== null && seatBy === 'line' && !isDark;
  const range = rangeText(derived, glass);
  const onRail = range ? `${rail}, ${range}` : rail;
  const second = glass.standOutMm[1];
  const giveOrTake = glass.outcome.seam?.giveOrTakeMm ?? 0;
  const assumed = (stand.assumed ?? []).filter((part) => part !== 'camera');
  const asides = [
    leadsWithLine ? onRail : range,
    !leadsWithLine && line && `the line ${line}`,
    isDark && 'too dark to be seen: set it by the scale, or before the ND goes on',
    otherSeatText(derived, glass),
    out !== null &&
      typeof second === 'number' &&
      mmFigure(second) !== mmFigure(out) &&
      `the second sheet ${mmFigure(Math.abs(second))} mm ${second < 0 ? 'inside' : isUpsideDown(seat.turnDeg) ? 'below' : 'above'} it`,
    giveOrTake >= 0.5 && `give or take ${mmFigure(giveOrTake)} mm, lens estimated`,
    assumed.length > 0 && `${listText(assumed)} assumed`,
  ];
  return row('Seat', capital(leadsWithLine ? line : rail), asides, rail);
}

/** From where to where it is as good, where the seat is the computed one. */
function rangeText(derived: Derived, glass: Glass): string | null {
  const { sticksOutMm: out, figures } = glass;
  if (out === null || !figures?.playMm || otherSeatText(derived, glass)) return null;
  return playText(out, figures.playMm) || null;
}

/** Where the computed seat is, when the photographer has set another. */
function otherSeatText(derived: Derived, glass: Glass): string | null {
  const { seat, sticksOutMm: out } = glass;
  const computed = computedSeat(derived, glass);
  if (!seat || !computed) return null;
  if (computed.offsetMm === seat.offsetMm && computed.turnDeg === seat.turnDeg) return null;
  const figure = mmFigure((out ?? seat.offsetMm) + computed.offsetMm - seat.offsetMm);
  return `computed: ${figure} mm, ${turnText(computed.turnDeg)}`;
}

/** The seat that was computed for the same glass, if it was. */
export function computedSeat({ balance }: Derived, { filterIds }: Glass): Seat | null {
  return balance?.best.find((c) => sameSet(c.set, filterIds))?.seat ?? null;
}
