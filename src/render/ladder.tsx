import { scaleLinear } from 'd3-scale';
import { type Role } from '@/core/field';
import { mean } from '@/core/numerics';
import { type SensorWindow } from '@/core/sensor';
import { RoleMark } from '@/ui/role-mark';
import { tickText } from './geometry';

/** One role's readings on the scale of light, EV. */
export interface LadderMark {
  readonly role: Role;
  readonly bare: readonly number[];
  readonly through: readonly number[];
  /** To be held, not balanced: drawn with a lid. */
  readonly limit: boolean;
}

/** EV at mid-grey of an exposure, and what the sensor holds around it. */
export interface LadderExposure {
  readonly evMidGrey: number;
  readonly window: SensorWindow;
  readonly shutter: string;
}

export interface LadderProps {
  width: number;
  marks: readonly LadderMark[];
  /** One, or those of a bracket; none where there is no exposure. */
  exposures: readonly LadderExposure[];
  /** Mean EVs that the span is measured between, bare and through the glass. */
  span: { readonly sky: number; readonly land: number } | null;
  kept: { readonly sky: number; readonly land: number } | null;
  spanText: string;
  keptText: string;
  /** What the lower row is. */
  caption: string;
  className?: string;
}

const ROWS = { span: 14, bare: 36, kept: 66, through: 92, axis: 112, shutter: 124 };
export const LADDER_HEIGHT = 146;
const MARGIN = 14;
/** About how wide a letter of the lower row's caption is, px. */
const CAPTION_PER_LETTER = 5.7;
/** What the scale shows at least where nothing is exposed yet, EV. */
const NO_EXPOSURE_EVS = [5, 15];

/**
 * The ladder of light: a scale from dark to light, each role's mean bare and through the glass (the line leans towards
 * the dark where the grad takes light away), and the sensor's window as a bracket round the exposure.
 */
export function Ladder(props: LadderProps) {
  const { width, marks, exposures, span, kept, spanText, keptText, className } = props;
  const evs = [
    ...marks.flatMap((m) => [...m.bare, ...m.through]),
    ...(exposures.length ? [] : NO_EXPOSURE_EVS),
    ...exposures.flatMap(({ evMidGrey: ev, window }) => [ev - window.shadowRoom, ev + window.highlightRoom]),
  ];
  const x = scaleLinear()
    .domain([Math.floor(Math.min(...evs) - 0.3), Math.ceil(Math.max(...evs) + 0.3)])
    .range([MARGIN, Math.max(MARGIN + 1, width - MARGIN)]);
  const ticks = x.ticks(Math.min(14, Math.round(width / 50))).filter(Number.isInteger);
  const tagX = exposures.map((e) => Math.min(width - 40, Math.max(40, x(e.evMidGrey))));
  return (
    <svg
      width={width}
      height={LADDER_HEIGHT}
      className={className}
      role="img"
      aria-label={describe(marks, spanText, keptText, exposures)}
    >
      <text x={0} y={ROWS.bare + 4} fontSize={12.5} fill="var(--quiet)">
        bare
      </text>
      <path d={`M${34} ${ROWS.bare}H${width - MARGIN}`} stroke="var(--rule)" />
      {exposures.map((exposure, i) => (
        <Window key={i} {...exposure} x={x} inset={3 * i} />
      ))}
      {exposures.length > 0 && <Caption {...props} x={x} />}
      {ticks.map((t, i) => (
        <g key={t} transform={`translate(${x(t)} ${ROWS.axis})`}>
          <path d="M0 -4V0" stroke="var(--quiet)" />
          {tagX.every((tag) => Math.abs(x(t) - tag) > 46) && (
            <text y={13} textAnchor="middle" fontSize={12.5} fill="var(--quiet)" className="font-mono">
              {i === 0 ? `EV ${t}` : tickText(t)}
            </text>
          )}
        </g>
      ))}
      {marks.map((mark) => (
        <MarkLine key={`${mark.role}${mark.limit ? '-limit' : ''}`} mark={mark} x={x} />
      ))}
      {span && <Dimension y={ROWS.span} from={x(span.land)} to={x(span.sky)} text={spanText} />}
      {kept && <Dimension y={ROWS.kept} from={x(kept.land)} to={x(kept.sky)} text={keptText} arrow />}
      {exposures.map((exposure, i) => (
        <g key={i} transform={`translate(${tagX[i]} ${ROWS.shutter})`}>
          <rect x={-40} y={-2} width={80} height={23} fill="var(--ink)" rx={2} />
          <text
            y={14}
            textAnchor="middle"
            fontSize={14}
            fontWeight={700}
            fill="var(--panel)"
            className="font-mono"
          >
            {exposure.shutter}
          </text>
        </g>
      ))}
    </svg>
  );
}

type Scale = (ev: number) => number;

/** What the lower row is, clear of the dimension of what is kept. */
function Caption({ x, exposures, kept, keptText, caption }: LadderProps & { x: Scale }) {
  const left = Math.min(...exposures.map((e) => x(e.evMidGrey - e.window.shadowRoom))) + 10;
  const right = Math.max(...exposures.map((e) => x(e.evMidGrey + e.window.highlightRoom))) - 10;
  const keptFrom = kept ? x(Math.min(kept.sky, kept.land)) - dimensionTextWidth(keptText) - 8 : Infinity;
  const keptTo = kept ? x(Math.max(kept.sky, kept.land)) + 8 : -Infinity;
  const width = caption.length * CAPTION_PER_LETTER;
  const fitsLeft = left + width < keptFrom;
  if (!fitsLeft && right - width < keptTo) return null;
  return (
    <text
      x={fitsLeft ? left : right}
      y={ROWS.through - 19}
      textAnchor={fitsLeft ? 'start' : 'end'}
      fontSize={12.5}
      fill="var(--quiet)"
    >
      {caption}
    </text>
  );
}

/** The sensor's window round an exposure; those of a bracket are drawn one inside the other. */
function Window({ evMidGrey, window, x, inset }: LadderExposure & { x: Scale; inset: number }) {
  const left = x(evMidGrey - window.shadowRoom);
  const right = x(evMidGrey + window.highlightRoom);
  const top = ROWS.through - 15 + inset;
  const bottom = ROWS.axis - 4 - inset;
  return (
    <g>
      <rect x={left} y={top} width={right - left} height={bottom - top} fill="var(--ink)" opacity={0.07} />
      <path
        d={`M${left + 7} ${top}H${left}V${bottom}h7M${right - 7} ${top}H${right}V${bottom}h-7`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2.5}
      />
      <path d={`M${x(evMidGrey)} ${top + 4}V${ROWS.shutter}`} stroke="var(--ink)" strokeWidth={1.5} />
    </g>
  );
}

function MarkLine({ mark, x }: { mark: LadderMark; x: Scale }) {
  const bare = x(mean(mark.bare));
  const through = x(mean(mark.through));
  const colour = `var(--${mark.role})`;
  const bar = (values: readonly number[], y: number) =>
    values.length > 1 && (
      <path
        d={`M${x(Math.min(...values))} ${y}H${x(Math.max(...values))}`}
        stroke={colour}
        strokeWidth={6}
        opacity={0.35}
      />
    );
  return (
    <g>
      {bar(mark.bare, ROWS.bare)}
      {bar(mark.through, ROWS.through)}
      <path d={`M${bare} ${ROWS.bare}L${through} ${ROWS.through}`} stroke={colour} strokeWidth={2} />
      {[
        [bare, ROWS.bare],
        [through, ROWS.through],
      ].map(([cx, cy]) => (
        <g key={cy} transform={`translate(${cx} ${cy})`}>
          <RoleMark role={mark.role} size={6.5} cased />
          {mark.limit && <path d="M-8 -11H8" stroke={colour} strokeWidth={3} />}
        </g>
      ))}
    </g>
  );
}

const dimensionTextWidth = (text: string): number => text.length * 7.2 + 10;

/** A dimension line between two lights, with its figure on it, or beside it where it is too short. */
function Dimension({
  y,
  from,
  to,
  text,
  arrow,
}: {
  y: number;
  from: number;
  to: number;
  text: string;
  arrow?: boolean;
}) {
  const [a, b] = from <= to ? [from, to] : [to, from];
  const textWidth = dimensionTextWidth(text);
  const inside = b - a > textWidth + 16;
  // the lines lean in from the right, so the left is the clearer side
  const beside = a - textWidth - 4 > 0 ? a - textWidth - 4 : b + 8;
  const textX = inside ? (a + b) / 2 : beside + textWidth / 2;
  return (
    <g>
      <path
        d={`M${a} ${y - 5}v10M${b} ${y - 5}v10M${a} ${y}H${b}`}
        stroke="var(--ink)"
        strokeWidth={1.2}
        fill="none"
      />
      {arrow && b - a > 12 && (
        <path d={from <= to ? `M${b} ${y}l-8 -4v8z` : `M${a} ${y}l8 -4v8z`} fill="var(--action)" />
      )}
      <rect x={textX - textWidth / 2} y={y - 9} width={textWidth} height={18} fill="var(--ground)" />
      <text x={textX} y={y + 4.5} textAnchor="middle" fontSize={13.5} fontWeight={700} fill="var(--ink)">
        {text}
      </text>
    </g>
  );
}

function describe(
  marks: readonly LadderMark[],
  spanText: string,
  keptText: string,
  exposures: readonly LadderExposure[],
): string {
  const lights = marks.map(
    (m) => `${m.role} EV ${mean(m.bare).toFixed(1)}, through the glass ${mean(m.through).toFixed(1)}`,
  );
  const times = exposures.map((e) => `mid-grey at ${e.shutter}`);
  return [`Ladder of light`, ...lights, spanText, keptText, ...times].filter(Boolean).join('; ');
}
