/** Nodes and weights of Gauss-Legendre quadrature on -1..1. */
export interface GaussRule {
  readonly nodes: Float64Array;
  readonly weights: Float64Array;
}

/**
 * Gauss-Legendre rule of `order` points, by Newton iteration on the Legendre polynomial from Chebyshev starting points
 * (Abramowitz and Stegun 25.4.30). Exact for polynomials up to degree 2 * order - 1.
 */
export function gaussLegendre(order: number): GaussRule {
  const nodes = new Float64Array(order);
  const weights = new Float64Array(order);
  for (let i = 0; i < order; i++) {
    let x = Math.cos((Math.PI * (i + 0.75)) / (order + 0.5));
    let slope = 1;
    for (let step = 0; step < 100; step++) {
      let previous = 1;
      let value = x;
      for (let k = 2; k <= order; k++)
        [previous, value] = [value, ((2 * k - 1) * x * value - (k - 1) * previous) / k];
      slope = (order * (x * value - previous)) / (x * x - 1);
      const move = value / slope;
      x -= move;
      if (Math.abs(move) < 1e-15) break;
    }
    nodes[i] = x;
    weights[i] = 2 / ((1 - x * x) * slope * slope);
  }
  return { nodes, weights };
}
