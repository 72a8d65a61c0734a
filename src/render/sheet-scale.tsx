import { RENDER_TEXT } from '@/words';
import { type ScaleLinear, scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { acrossSeam, type FrameSize, type Lens, type Seat, sheetScale } from '@/core/optics';
import { halfMm, tickText } from './geometry';

export interface SheetScaleProps {
  /** Height of the picture in px, and width of the scale. */
  height: number;
  width: number;
  frame: FrameSize;
  lens: Lens;
  seat: Seat;
  dimmingAt: (y: number) => number;
  /** From the sheet's mid-line to the line of half dimming, mm. */
  halfDimmingMm: number;
  /** What stands above the rail at this seat, mm; null when the sheet's length is not known. */
  sticksOutMm: number | null;
  /** Where the seam meets the right edge, parts of the height. */
  seamV: number;
  label: string;
}

const CURVE_POINTS = 80;

/**
 * The sheet's millimetres stretched to the picture, with its density curve: the figure at any height is what would stand
 * above the rail if the seam lay there, at the middle of the frame.
 */
export function SheetScale(props: SheetScaleProps) {
  const { height, width, frame, lens, seat, sticksOutMm } = props;
  const { cos } = acrossSeam(seat.turnDeg);
  const way = cos < 0 ? -1 : 1;
  const onSheet = (v: number) => (0.5 - v) * frame.heightMm * cos * sheetScale(lens);
  const base = (sticksOutMm ?? seat.offsetMm) - seat.offsetMm - props.halfDimmingMm;
  const mm = scaleLinear()
    .domain([onSheet(0) + base, onSheet(1) + base])
    .range([0, height]);
  const [top, bottom] = mm.domain() as [number, number];
  const points = Array.from({ length: CURVE_POINTS + 1 }, (_, i) => i / CURVE_POINTS);
  const dimmingAtV = (v: number) => props.dimmingAt(onSheet(v) - seat.offsetMm);
  const most = Math.max(1, ...points.map(dimmingAtV));
  const x = scaleLinear()
    .domain([0, most])
    .range([1, width - 34]);
  const curve = line<number>()
    .x((v) => x(dimmingAtV(v)))
    .y((v) => v * height);
  const shade = area<number>()
    .x0(0)
    .x1((v) => x(dimmingAtV(v)))
    .y((v) => v * height);
  const seamY = props.seamV * height;
  const seated = halfMm(sticksOutMm ?? seat.offsetMm);
  const shown = seamY >= 0 && seamY <= height;
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={`${props.label}: ${seated} at the seam, from ${Math.round(Math.min(top, bottom))} to ${Math.round(Math.max(top, bottom))} over the picture; densest ${most.toFixed(1)} stops`}
      className="overflow-visible"
    >
      <path d={shade(points) ?? ''} fill="var(--ink)" opacity={0.12} />
      <path d={curve(points) ?? ''} fill="none" stroke="var(--ink)" strokeWidth={1.5} />
      <path d={`M0.5 0V${height}`} stroke="var(--ink)" strokeWidth={1} />
      <Ticks mm={mm} height={height} width={width} clearOf={shown ? seamY : null} />
      {shown && <SeamTag y={seamY} width={width} text={tickText(seated)} />}
      {way < 0 && <title>{RENDER_TEXT.belowTheRail}</title>}
    </svg>
  );
}

interface TicksProps {
  /** From mm to px. */
  mm: ScaleLinear<number, number>;
  height: number;
  width: number;
  /** No figure stands so near to this, px; null: nowhere. */
  clearOf: number | null;
}

/** Where a figure would be cut at the ends, and how near it comes to the seam's, px. */
const TICK_INSET = 8;
const TICK_CLEARANCE = 16;

function Ticks({ mm, height, width, clearOf }: TicksProps) {
  const ticks = mm.ticks(Math.max(4, Math.round(height / 12)));
  const labelled = new Set(mm.ticks(Math.max(2, Math.round(height / 70))));
  const hasRoom = (y: number) =>
    y > TICK_INSET &&
    y < height - TICK_INSET &&
    !(clearOf !== null && Math.abs(y - clearOf) < TICK_CLEARANCE);
  return ticks.map((t) => (
    <g key={t}>
      <path d={`M0 ${mm(t)}h${labelled.has(t) ? 9 : 5}`} stroke="var(--ink)" strokeWidth={1} />
      {labelled.has(t) && hasRoom(mm(t)) && (
        <text
          x={width - 4}
          y={mm(t) + 4.5}
          textAnchor="end"
          fontSize={13}
          fill="var(--ink)"
          className="font-mono"
        >
          {tickText(t)}
        </text>
      )}
    </g>
  ));
}

const TAG_WIDTH = 44;

/** The seam across the scale, with its figure. */
function SeamTag({ y, width, text }: { y: number; width: number; text: string }) {
  const line = `M${-(width - TAG_WIDTH)} 0H4`;
  return (
    <g transform={`translate(${width - TAG_WIDTH} ${y})`}>
      <path d={line} stroke="var(--seam-ink)" strokeWidth={4.5} />
      <path d={line} stroke="var(--seam)" strokeWidth={2.5} />
      <rect
        x={0}
        y={-12}
        width={TAG_WIDTH}
        height={24}
        fill="var(--seam)"
        stroke="var(--seam-ink)"
        strokeWidth={1}
      />
      <text
        x={TAG_WIDTH / 2}
        y={5}
        textAnchor="middle"
        fontSize={15}
        fontWeight={700}
        fill="var(--seam-ink)"
        className="font-mono"
      >
        {text}
      </text>
    </g>
  );
}
