import { type MeasuredStrength } from '@/model';
import { stopsFigure } from '../figures/figures';

/** How what was measured stands to what a filter goes by. */
export function againstText(stops: number, saysStops: number): string {
  const off = stops - saysStops;
  return Math.abs(off) < 0.05
    ? 'as it says'
    : `${stopsFigure(Math.abs(off))} ${off > 0 ? 'more' : 'less'} than the ${stopsFigure(saysStops)} that it goes by`;
}

/** What a filter was measured to take, how far the rounds lie apart, and how that stands to its label. */
export function measuredStrengthText(
  { stops, spreadStops, count }: MeasuredStrength,
  saysStops: number,
): string {
  const rounds =
    spreadStops === null
      ? 'one round: a second tells how sure it is'
      : `${count} rounds, ${stopsFigure(spreadStops)} apart`;
  return `It takes ${stopsFigure(stops)} stops, ${againstText(stops, saysStops)} (${rounds}).`;
}
