import { densityFromStops, factorFromStops, stopsFromDensity, stopsFromFactor } from './stops';

/** The three ways in which the strength of a filter is printed on its rim. */
export const NOTATIONS = ['stops', 'density', 'factor'] as const;
export type Notation = (typeof NOTATIONS)[number];

/** Strengths that are sold as whole or third stops lie so near them that the label is taken for its name, stops. */
const NOMINAL_WITHIN = 0.08;

/**
 * Stops that a printed strength stands for (physics 1): 0.9 is 3 and 1000 is 10, since labels are names of whole and third
 * stops; a strength that is near none is taken as it is.
 */
export function stopsFromLabel(value: number, notation: Notation): number {
  const stops =
    notation === 'stops' ? value : notation === 'density' ? stopsFromDensity(value) : stopsFromFactor(value);
  if (notation === 'stops') return stops;
  const third = Math.round(stops * 3) / 3;
  return Math.abs(stops - third) <= NOMINAL_WITHIN ? third : stops;
}

/** Factors that are printed as round decimal numbers, by their stops. */
const DECIMAL_FACTORS = new Map([
  [10, 1000],
  [20 / 3, 100],
  [40 / 3, 10_000],
  [50 / 3, 100_000],
  [20, 1_000_000],
]);

/** What is printed for so many stops: the other direction of `stopsFromLabel`. */
export function labelFromStops(stops: number, notation: Notation): number {
  switch (notation) {
    case 'stops':
      return rounded(stops, 2);
    case 'density':
      return rounded(densityFromStops(stops), stops < 1 ? 2 : 1);
    case 'factor': {
      const decimal = [...DECIMAL_FACTORS].find(([s]) => Math.abs(s - stops) < 0.01)?.[1];
      const factor = factorFromStops(stops);
      return decimal ?? (factor < 10 ? rounded(factor, 1) : Math.round(factor));
    }
  }
}

const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));
