/** The four roles by shape and colour: sky an open ring, land a square, water a triangle, feature a bar. */
export type MarkRole = 'sky' | 'land' | 'water' | 'feature';

export interface RoleMarkProps {
  role: MarkRole;
  /** Half the size of the mark, in the units of the drawing. */
  size?: number;
  /** Casing that sets it off a picture. */
  cased?: boolean;
}

/** A role's mark at the origin of an SVG. */
export function RoleMark({ role, size = 7, cased = false }: RoleMarkProps) {
  const casing = cased ? 'var(--panel)' : 'none';
  const colour = `var(--${role})`;
  switch (role) {
    case 'sky':
      return (
        <>
          <circle r={size + 1.5} fill={casing} />
          <circle r={size - 1.5} fill="var(--panel)" stroke={colour} strokeWidth={3} />
        </>
      );
    case 'land':
      return (
        <>
          <rect x={-size - 1} y={-size - 1} width={2 * size + 2} height={2 * size + 2} fill={casing} />
          <rect x={-size + 1} y={-size + 1} width={2 * size - 2} height={2 * size - 2} fill={colour} />
        </>
      );
    case 'water':
      return (
        <path
          d={`M${-size - 1} ${-size + 1}H${size + 1}L0 ${size}Z`}
          fill={colour}
          stroke={casing}
          strokeWidth={2}
          paintOrder="stroke"
        />
      );
    case 'feature':
      return (
        <>
          <rect x={-size / 2 - 2} y={-size - 2} width={size + 4} height={2 * size + 4} fill={casing} />
          <rect x={-size / 2} y={-size} width={size} height={2 * size} fill={colour} />
        </>
      );
  }
}

/** A role's mark beside text. */
export function RoleIcon({ role, size = 16 }: { role: MarkRole; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="-9 -9 18 18" aria-hidden className="shrink-0">
      <RoleMark role={role} />
    </svg>
  );
}
