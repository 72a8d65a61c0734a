import { useId } from 'react';
import { type SheetFilter } from '@/model';
import { DensityGradient } from './density-gradient';
import { drawnLength } from './geometry';

export interface GlassSwatchProps {
  /** Sheets in one holder, the one nearest the lens first. */
  filters: readonly SheetFilter[];
  /** The dark end hangs down. */
  upsideDown?: boolean;
  height?: number;
}

/** How far a sheet further from the lens is drawn to the side of the one behind it, px. */
const STEP = 7;

/** Sheets at true proportions, as dark as they are along their length; a pair one before the other. */
export function GlassSwatch({ filters, upsideDown = false, height = 48 }: GlassSwatchProps) {
  const id = useId();
  const widths = filters.map((f) => (height * (f.sheetWidthMm ?? 100)) / drawnLength(f).lengthMm);
  const width = Math.max(...widths) + STEP * (filters.length - 1);
  const turned = upsideDown ? `rotate(180 ${width / 2 + 1} ${height / 2 + 1})` : undefined;
  return (
    <svg width={width + 2} height={height + 2} aria-hidden className="shrink-0">
      <defs>
        {filters.map((filter, i) => (
          <DensityGradient key={filter.id} id={`${id}-${i}`} filter={filter} />
        ))}
      </defs>
      <g transform={turned}>
        {filters.map((filter, i) => (
          <g key={filter.id} transform={`translate(${1 + i * STEP} 1)`}>
            <rect width={widths[i]} height={height} fill="var(--glass-clear)" fillOpacity={i ? 0.35 : 1} />
            <rect width={widths[i]} height={height} fill={`url(#${id}-${i})`} stroke="var(--edge)" />
          </g>
        ))}
      </g>
    </svg>
  );
}
