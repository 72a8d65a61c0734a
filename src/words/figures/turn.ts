import { isUpsideDown, turnFromUpright } from '@/core/optics';
import { degreesFigure } from './figures';

/** How a holder is turned, in words: "level", "turned 8° anticlockwise", "upside down, level". */
export function turnText(turnDeg: number): string {
  const turn = turnFromUpright(turnDeg);
  const way =
    Math.abs(turn) < 0.125
      ? 'level'
      : `turned ${degreesFigure(Math.abs(turn))}° ${turn > 0 ? 'clockwise' : 'anticlockwise'}`;
  return isUpsideDown(turnDeg) ? `upside down, ${way}` : way;
}
