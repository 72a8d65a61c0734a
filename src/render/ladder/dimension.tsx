import { dimensionTextWidth, fitsInside, type LadderScale, type LadderStretch } from './layout';

interface DimensionProps extends LadderStretch {
  x: LadderScale;
  y: number;
  /** On which side of the line its figure stands where the line is too short for it. */
  beside: 'left' | 'right';
  /** An arrow at its end. */
  arrow?: boolean;
}

/** A dimension line between two lights, with its figure on it, or beside it where it is too short. */
export function Dimension({ x, y, from, to, text, beside, arrow }: DimensionProps) {
  const [a, b] = [x(Math.min(from, to)), x(Math.max(from, to))];
  const width = dimensionTextWidth(text);
  const isInside = fitsInside({ from, to, text }, x);
  const [left, right] = x.range() as [number, number];
  const fits = beside === 'left' ? a - width - 4 > left - 14 : b + width + 4 < right + 14;
  const onLeft = beside === 'left' ? fits : !fits;
  const textX = isInside ? (a + b) / 2 : onLeft ? a - 4 - width / 2 : b + 4 + width / 2;
  return (
    <g pointerEvents="none">
      <path
        d={`M${a} ${y - 5}v10M${b} ${y - 5}v10M${a} ${y}H${b}`}
        stroke="var(--ink)"
        strokeWidth={1.2}
        fill="none"
      />
      {arrow && b - a > 12 && (
        <path d={from <= to ? `M${b} ${y}l-8 -4v8z` : `M${a} ${y}l8 -4v8z`} fill="var(--action)" />
      )}
      {text !== '' && (
        <>
          <rect x={textX - width / 2} y={y - 9} width={width} height={18} fill="var(--ground)" />
          <text x={textX} y={y + 4.5} textAnchor="middle" fontSize={13.5} fontWeight={700} fill="var(--ink)">
            {text}
          </text>
        </>
      )}
    </g>
  );
}
