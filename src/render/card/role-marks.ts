import { type Role } from '@/core/field';
import { INK, type Mark, PAPER, rectangle, type Spot } from './marks';

const ROUND = 24;

/** The shape by which a role is told: sky an open ring, land a filled square, water a triangle, a feature an upright bar. */
function shapeOf(role: Role, [x, y]: Spot, r: number): { readonly spots: Spot[]; readonly isOpen: boolean } {
  switch (role) {
    case 'sky':
      return {
        spots: Array.from({ length: ROUND }, (_, i): Spot => {
          const angle = (2 * Math.PI * i) / ROUND;
          return [x + 0.85 * r * Math.cos(angle), y + 0.85 * r * Math.sin(angle)];
        }),
        isOpen: true,
      };
    case 'land':
      return { spots: rectangle(x - 0.8 * r, y - 0.8 * r, 1.6 * r, 1.6 * r), isOpen: false };
    case 'water':
      return {
        spots: [
          [x - r, y - 0.8 * r],
          [x + r, y - 0.8 * r],
          [x, y + r],
        ],
        isOpen: false,
      };
    case 'feature':
      return { spots: rectangle(x - 0.4 * r, y - r, 0.8 * r, 2 * r), isOpen: false };
  }
}

/** A role's mark round a spot, cased in paper so that it reads on any ground. */
export function roleMarks(role: Role, at: Spot, r: number): Mark[] {
  const { spots, isOpen } = shapeOf(role, at, r);
  const round = [...spots, spots[0]!, spots[1]!];
  const casing: Mark = { kind: 'line', spots: round, width: r * (isOpen ? 0.95 : 0.6), ink: PAPER };
  return isOpen
    ? [casing, { kind: 'line', spots: round, width: 0.45 * r, ink: INK }]
    : [casing, { kind: 'area', spots, ink: INK }];
}
