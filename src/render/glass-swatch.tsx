import { useId } from 'react';
import { type SheetFilter } from '@/model';
import { DensityGradient } from './density-gradient';
import { drawnLength } from './geometry';

export interface GlassSwatchProps {
  filter: SheetFilter;
  /** The dark end hangs down. */
  upsideDown?: boolean;
  height?: number;
}

/** A sheet at true proportions, as dark as it is along its length. */
export function GlassSwatch({ filter, upsideDown = false, height = 48 }: GlassSwatchProps) {
  const id = useId();
  const width = (height * (filter.sheetWidthMm ?? 100)) / drawnLength(filter).lengthMm;
  const turned = upsideDown ? `rotate(180 ${width / 2 + 1} ${height / 2 + 1})` : undefined;
  return (
    <svg width={width + 2} height={height + 2} aria-hidden className="shrink-0">
      <defs>
        <DensityGradient id={id} filter={filter} />
      </defs>
      <g transform={turned}>
        <rect x={1} y={1} width={width} height={height} fill="var(--glass-clear)" />
        <rect x={1} y={1} width={width} height={height} fill={`url(#${id})`} stroke="var(--edge)" />
      </g>
    </svg>
  );
}
