import { isUpsideDown } from '@/core/optics';
import { type Differences } from '@/model';
import { degreesFigure, exposureText, isoFigure, listText, mmFigure, stopsText } from '../figures/figures';
import { filterName, glassName } from '../glass/glass';
import { type SlipRow } from '../plan/slip-row';
import { slideApartText } from '../plan/stack';

/** What of each row of the slip is otherwise than in the shot before: null where it is as before. */
export type ChangesText = Readonly<Record<SlipRow['label'], string | null>>;

/** What is to be done otherwise than in the shot before, as each row of the slip says it. */
export function changesText(differences: Differences, turnDeg: number): ChangesText {
  return {
    Glass: glassChange(differences),
    Seat: seatChange(differences, turnDeg),
    Expose: timeChange(differences),
  };
}

function glassChange({ sheetsWere, putOn, takenOff }: Differences): string | null {
  const others = [
    sheetsWere && (sheetsWere.length ? `in place of ${glassName(sheetsWere)}` : 'in place of none'),
    putOn.length && `put on ${listText(putOn.map(filterName))}`,
    takenOff.length && `take off ${listText(takenOff.map(filterName))}`,
  ].filter(Boolean);
  return others.length ? others.join('; ') : null;
}

function seatChange(
  { movedMm, apartMm, turnedDeg, sheetsWere }: Differences,
  turnDeg: number,
): string | null {
  if (sheetsWere) return 'seat it anew';
  const isUp = movedMm !== null && movedMm > 0 !== isUpsideDown(turnDeg);
  const moves = [
    movedMm !== null && `${mmFigure(Math.abs(movedMm))} mm ${isUp ? 'higher' : 'lower'}`,
    apartMm !== null && `second sheet ${slideApartText(apartMm)}`,
    turnedDeg !== null &&
      `turned ${degreesFigure(Math.abs(turnedDeg))}° ${turnedDeg > 0 ? 'clockwise' : 'anticlockwise'}`,
  ].filter(Boolean);
  return moves.length ? moves.join(', ') : null;
}

function timeChange({ time, apertureWas, isoWas }: Differences): string | null {
  const changes = [
    time && `was ${exposureText(time.wasSeconds)}: ${timesText(time.stops)}`,
    apertureWas !== null && `was f/${apertureWas}`,
    isoWas !== null && `was ISO ${isoFigure(isoWas)}`,
  ].filter(Boolean);
  return changes.length ? changes.join('; ') : null;
}

/** How much longer or shorter, as people say it: "twice as long", "a third of a stop shorter". */
function timesText(stops: number): string {
  const way = stops > 0 ? 'as long' : 'as short';
  const size = Math.abs(stops);
  if (Math.abs(size - 1) < 0.1) return stops > 0 ? 'twice as long' : 'half as long';
  if (Math.abs(size - 2) < 0.1) return stops > 0 ? 'four times as long' : 'a quarter as long';
  return size < 1
    ? `${stopsText(size)} ${stops > 0 ? 'longer' : 'shorter'}`
    : `${Math.round(10 * 2 ** size) / 10} times ${way}`;
}
