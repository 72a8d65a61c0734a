import { bisect, gaussLegendre, leastSquaresSlope, mean } from '.';

describe('Gauss-Legendre quadrature', () => {
  it.each([4, 16])('of %p points is exact for polynomials up to degree 2n - 1', (order) => {
    const { nodes, weights } = gaussLegendre(order);
    for (let degree = 0; degree < 2 * order; degree++) {
      const sum = nodes.reduce((total, x, i) => total + (weights[i] as number) * x ** degree, 0);
      expect(sum).toBeCloseTo(degree % 2 ? 0 : 2 / (degree + 1), 10);
    }
  });
});

describe('bisection', () => {
  it('finds the root of a rising and of a falling function', () => {
    expect(bisect((x) => x * x - 2, 0, 2)).toEqual({ found: true, x: expect.closeTo(Math.SQRT2, 8) });
    expect(bisect((x) => 2 - x * x, 0, 2)).toEqual({ found: true, x: expect.closeTo(Math.SQRT2, 8) });
  });

  it('says so where the signs do not differ', () => {
    expect(bisect((x) => x * x + 1, -1, 1)).toEqual({ found: false, reason: 'no-sign-change' });
  });
});

describe('statistics', () => {
  it('fits a line through its own points, and gives no slope where all x coincide', () => {
    const xs = [0, 1, 2, 5];
    expect(
      leastSquaresSlope(
        xs,
        xs.map((x) => 3 - 0.5 * x),
      ),
    ).toBeCloseTo(-0.5, 12);
    expect(leastSquaresSlope([1, 1], [0, 9])).toBe(0);
    expect(mean([1, 2, 6])).toBe(3);
  });
});
