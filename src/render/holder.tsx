import { useId } from 'react';
import { type FrameSize, isUpsideDown, type Lens, type Seat, usedGlassMm } from '@/core/optics';
import { type SheetFilter } from '@/model';
import { DensityGradient } from './density-gradient';
import { drawnLength, halfMm, holderSize, NEAR_MM } from './geometry';

/** Radius of the opening that is drawn, as a part of the sheet's width. */
const OPENING = 0.43;

/** How far a sheet behind another is drawn to its side, mm. */
const ASIDE_MM = 4;

export interface HolderProps {
  /** Sheets at one seat, the one nearest the lens first. */
  filters: readonly SheetFilter[];
  /** Length of the rail above the lens axis, mm. */
  railMm: number;
  seat: Seat;
  /** How far the second sheet is slid by itself, mm. */
  apartMm?: number;
  lens: Lens;
  frame: FrameSize;
  slots: number;
  /** px to the millimetre. */
  scale: number;
}

/** The holder as seen from behind the camera, at true scale, with the sheets where they are seated. */
export function Holder({ filters, railMm, seat, apartMm = 0, lens, frame, slots, scale }: HolderProps) {
  const upsideDown = isUpsideDown(seat.turnDeg);
  const { width, height, axisX, axisY } = holderSize(scale, upsideDown);
  const sheetWidth = Math.max(...filters.map((f) => f.sheetWidthMm ?? 100));
  const half = sheetWidth / 2;
  const used = usedGlassMm(lens, frame);
  const seats = filters.map((_, slot) =>
    slot === 1 ? { ...seat, offsetMm: seat.offsetMm + apartMm } : seat,
  );
  const tops = filters.map((f, slot) => topMm(f, seats[slot] as Seat));
  return (
    <svg
      width={width}
      height={height}
      viewBox={`${-axisX / scale} ${-axisY / scale} ${width / scale} ${height / scale}`}
      role="img"
      aria-label={`Holder from behind the camera, ${slots} ${slots === 1 ? 'slot' : 'slots'}, ${filters.length} ${filters.length === 1 ? 'sheet' : 'sheets'}; your picture uses ${Math.round(used.widthMm)} by ${Math.round(used.heightMm)} mm of the glass`}
      fill="none"
      // what a turned sheet is dimensioned with may stand a little beside the drawing
      overflow="visible"
    >
      <g transform={`rotate(${seat.turnDeg})`}>
        {/* from behind the camera the sheet nearest the lens is in front; the other is drawn a little aside to be seen */}
        {filters
          .map((filter, slot) => (
            <g key={filter.id} transform={`translate(${slot * ASIDE_MM} 0)`}>
              <Sheet filter={filter} seat={seats[slot] as Seat} />
            </g>
          ))
          .reverse()}
        <Frame sheetWidthMm={sheetWidth} railMm={railMm} />
        <g data-testid="holder-seam">
          <path d={`M${-half} ${-seat.offsetMm}H${half}`} stroke="var(--seam-ink)" strokeWidth={2.8} />
          <path d={`M${-half} ${-seat.offsetMm}H${half}`} stroke="var(--seam)" strokeWidth={1.6} />
        </g>
        {[...new Set(tops)]
          .filter((top) => -railMm - top > 3)
          .map((top, i) => (
            <StandsOut
              key={top}
              top={top}
              railMm={railMm}
              x={half + 2 + i * 16}
              turnDeg={seat.turnDeg}
              upsideDown={upsideDown}
            />
          ))}
      </g>
      <rect
        x={-used.widthMm / 2}
        y={-used.heightMm / 2}
        width={used.widthMm}
        height={used.heightMm}
        stroke="var(--ink)"
        strokeWidth={0.8}
        strokeDasharray="2.4 1.8"
      />
    </svg>
  );
}

/** The holder itself: its opening, its rails, and where they end. */
function Frame({ sheetWidthMm, railMm }: { sheetWidthMm: number; railMm: number }) {
  const half = sheetWidthMm / 2;
  const radius = sheetWidthMm * OPENING;
  return (
    <>
      <circle r={radius} stroke="var(--ink)" strokeWidth={1.1} />
      <circle r={radius * 0.89} stroke="var(--ink)" strokeWidth={0.4} />
      <path
        d={`M${-half - 1.5} ${-railMm}V${railMm + 8}M${half + 1.5} ${-railMm}V${railMm + 8}`}
        stroke="var(--ink)"
        strokeWidth={3}
      />
      <path
        d={`M${-half - 7} ${-railMm}H${-half}M${half} ${-railMm}H${half + 7}`}
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
    </>
  );
}

/** Height of a sheet's dark end in the drawing, mm: above the axis is negative. */
const topMm = (filter: SheetFilter, seat: Seat): number => -(drawnLength(filter).seamMm + seat.offsetMm);

/** One sheet, broken off where the drawing ends. */
function Sheet({ filter, seat }: { filter: SheetFilter; seat: Seat }) {
  const id = useId();
  const { lengthMm } = drawnLength(filter);
  const width = filter.sheetWidthMm ?? 100;
  const half = width / 2;
  const top = topMm(filter, seat);
  const cut = Math.min(top + lengthMm, NEAR_MM - 5);
  const outline = breakOutline(half, top, cut, cut < top + lengthMm);
  return (
    <g data-testid="holder-sheet">
      <defs>
        <DensityGradient id={`${id}-density`} filter={filter} />
        <clipPath id={`${id}-cut`}>
          <path d={outline} />
        </clipPath>
      </defs>
      <g clipPath={`url(#${id}-cut)`}>
        <rect x={-half} y={top} width={width} height={lengthMm} fill="var(--glass-clear)" fillOpacity={0.6} />
        <rect x={-half} y={top} width={width} height={lengthMm} fill={`url(#${id}-density)`} />
      </g>
      <path d={outline} stroke="var(--ink)" strokeWidth={0.7} />
    </g>
  );
}

interface StandsOutProps {
  top: number;
  railMm: number;
  x: number;
  turnDeg: number;
  upsideDown: boolean;
}

/** How much of a sheet stands above the rail, dimensioned. */
function StandsOut({ top, railMm, x, turnDeg, upsideDown }: StandsOutProps) {
  return (
    <g>
      <path
        d={`M${x} ${top}h9M${x} ${-railMm}h9M${x + 6} ${top}V${-railMm}`}
        stroke="var(--ink)"
        strokeWidth={0.7}
      />
      <text
        transform={`translate(${x + 8} ${(top - railMm) / 2}) rotate(${-turnDeg})`}
        textAnchor={upsideDown ? 'end' : 'start'}
        dominantBaseline="central"
        fontSize={9}
        fontWeight={700}
        fill="var(--ink)"
      >
        {halfMm(-railMm - top)}
      </text>
    </g>
  );
}

/** Outline of a sheet that is broken off at the bottom of the drawing with a jagged line. */
function breakOutline(half: number, top: number, bottom: number, broken: boolean): string {
  if (!broken) return `M${-half} ${top}H${half}V${bottom}H${-half}Z`;
  const teeth = 12;
  const step = (2 * half) / teeth;
  const jag = Array.from(
    { length: teeth },
    (_, i) => `L${half - (i + 1) * step} ${bottom + (i % 2 ? 0 : 3)}`,
  );
  return `M${-half} ${top}H${half}V${bottom}${jag.join('')}Z`;
}
