import { useId } from 'react';
import { type FrameSize, isUpsideDown, type Lens, type Seat, usedGlassMm } from '@/core/optics';
import { railAboveAxisMm, type SheetFilter, sticksOutMm } from '@/model';
import { DensityGradient } from './density-gradient';
import { drawnLength, halfMm, holderSize, NEAR_MM } from './geometry';

/** Radius of the opening that is drawn, as a part of the sheet's width. */
const OPENING = 0.43;

export interface HolderProps {
  filter: SheetFilter;
  seat: Seat;
  lens: Lens;
  frame: FrameSize;
  slots: number;
  /** px to the millimetre. */
  scale: number;
}

/** The holder as seen from behind the camera, at true scale, with the sheet where it is seated. */
export function Holder({ filter, seat, lens, frame, slots, scale }: HolderProps) {
  const id = useId();
  const upsideDown = isUpsideDown(seat.turnDeg);
  const { width, height, axisX, axisY } = holderSize(scale, upsideDown);
  const { lengthMm, seamMm } = drawnLength(filter);
  const sheetWidth = filter.sheetWidthMm ?? 100;
  const half = sheetWidth / 2;
  const rail = railAboveAxisMm(filter);
  const top = -(seamMm + seat.offsetMm);
  const cut = Math.min(top + lengthMm, NEAR_MM - 5);
  const used = usedGlassMm(lens, frame);
  const out = sticksOutMm(filter, seat.offsetMm);
  return (
    <svg
      width={width}
      height={height}
      viewBox={`${-axisX / scale} ${-axisY / scale} ${width / scale} ${height / scale}`}
      role="img"
      aria-label={`Holder from behind the camera, ${slots} ${slots === 1 ? 'slot' : 'slots'}; your picture uses ${Math.round(used.widthMm)} by ${Math.round(used.heightMm)} mm of the sheet`}
      fill="none"
    >
      <defs>
        <DensityGradient id={`${id}-density`} filter={filter} />
        <clipPath id={`${id}-cut`}>
          <path d={breakOutline(half, top, cut, cut < top + lengthMm)} />
        </clipPath>
      </defs>
      <g transform={`rotate(${seat.turnDeg})`}>
        <g clipPath={`url(#${id}-cut)`}>
          <rect x={-half} y={top} width={sheetWidth} height={lengthMm} fill="var(--glass-clear)" />
          <rect x={-half} y={top} width={sheetWidth} height={lengthMm} fill={`url(#${id}-density)`} />
        </g>
        <path d={breakOutline(half, top, cut, cut < top + lengthMm)} stroke="var(--ink)" strokeWidth={0.7} />
        <circle r={sheetWidth * OPENING} stroke="var(--ink)" strokeWidth={1.1} />
        <circle r={sheetWidth * OPENING * 0.89} stroke="var(--ink)" strokeWidth={0.4} />
        <path
          d={`M${-half - 1.5} ${-rail}V${rail + 8}M${half + 1.5} ${-rail}V${rail + 8}`}
          stroke="var(--ink)"
          strokeWidth={3}
        />
        <path
          d={`M${-half - 7} ${-rail}H${-half}M${half} ${-rail}H${half + 7}`}
          stroke="var(--ink)"
          strokeWidth={1.6}
        />
        <g data-testid="holder-seam">
          <path d={`M${-half} ${-seat.offsetMm}H${half}`} stroke="var(--seam-ink)" strokeWidth={2.8} />
          <path d={`M${-half} ${-seat.offsetMm}H${half}`} stroke="var(--seam)" strokeWidth={1.6} />
        </g>
        {out !== null && out > 3 && (
          <g>
            <path
              d={`M${half + 2} ${top}h9M${half + 2} ${-rail}h9M${half + 8} ${top}V${-rail}`}
              stroke="var(--ink)"
              strokeWidth={0.7}
            />
            <text
              transform={`translate(${half + 10} ${(top - rail) / 2}) rotate(${-seat.turnDeg})`}
              textAnchor={upsideDown ? 'end' : 'start'}
              dominantBaseline="central"
              fontSize={9}
              fontWeight={700}
              fill="var(--ink)"
            >
              {halfMm(out)}
            </text>
          </g>
        )}
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

/** The slots from the side: where the sheet stands between lens and front. */
export function SlotSection({ slots, occupied }: { slots: number; occupied: number }) {
  const gap = 13;
  const width = 40 + slots * gap;
  return (
    <svg
      width={width}
      height={92}
      role="img"
      aria-label={`Side view: the sheet in slot ${occupied} of ${slots}, counted from the lens`}
      fill="none"
    >
      <rect x={5} y={18} width={14} height={40} fill="var(--rule)" stroke="var(--ink)" />
      <text x={12} y={76} textAnchor="middle" fontSize={12} fill="var(--quiet)">
        lens
      </text>
      {Array.from({ length: slots }, (_, i) => {
        const x = 34 + i * gap;
        return (
          <g key={i}>
            <path d={`M${x - 4} 12V64M${x + 4} 12V64`} stroke="var(--ink)" />
            {i + 1 === occupied && <path d={`M${x} 2V62`} stroke="var(--ink)" strokeWidth={3.5} />}
            <text x={x} y={76} textAnchor="middle" fontSize={12} fill="var(--quiet)">
              {i + 1}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
