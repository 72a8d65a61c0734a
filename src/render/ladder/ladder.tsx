import { type ReactNode } from 'react';
import { type ToneSpread } from '@/core/field';
import { mean } from '@/core/numerics';
import { tickText } from '../geometry';
import { Dimension } from './dimension';
import { drawnMarks } from './drawn-marks';
import {
  chainOf,
  dimensionTextWidth,
  LADDER_HEIGHT,
  LADDER_ROWS,
  type LadderData,
  type LadderScale,
  TAG_HALF,
  tagX,
} from './layout';
import { MarkLine, Spreads } from './marks';
import { Window, WindowNotes } from './window';

export interface LadderProps {
  data: LadderData;
  /** From EV to px. */
  x: LadderScale;
  width: number;
  className?: string;
  /** What can be pressed and dragged, drawn over it all. */
  children?: ReactNode;
}

/** About how wide a letter of the lower row's caption is, px. */
const CAPTION_PER_LETTER = 5.7;

/**
 * The ladder of light: a scale from dark to light, each role's mean bare and through the glass (the line leans towards
 * the dark where the grad takes light away), the span with what is kept and taken of it, and the sensor's window as a
 * bracket round the exposure.
 */
export function Ladder({ data, x, width, className, children }: LadderProps) {
  const { marks, exposures, span, left, tones } = data;
  const tags = exposures.map((e) => tagX(x, e.evMidGrey, width));
  const chain = chainOf(data, x);
  return (
    <svg
      width={width}
      height={LADDER_HEIGHT}
      className={`touch-pan-y ${className ?? ''}`}
      role="group"
      aria-label={describe(data)}
    >
      {tones && <Tones tones={tones} x={x} />}
      <text x={0} y={LADDER_ROWS.bare + 4} fontSize={12.5} fill="var(--quiet)">
        bare
      </text>
      <path d={`M${34} ${LADDER_ROWS.bare}H${width - 14}`} stroke="var(--rule)" />
      {exposures.map((exposure, i) => (
        <Window key={i} {...exposure} x={x} inset={3 * i} />
      ))}
      <WindowNotes {...data} x={x} />
      {exposures.length > 0 && <Caption data={data} x={x} />}
      <Ticks x={x} width={width} tags={tags} />
      <Spreads marks={marks} x={x} />
      {drawnMarks(marks, x).map((drawn) => (
        <MarkLine key={`${drawn.mark.key} ${drawn.id}`} drawn={drawn} x={x} />
      ))}
      {span && <Dimension {...span} x={x} y={LADDER_ROWS.span} beside="left" />}
      {chain.need && <Dimension {...chain.need} x={x} y={LADDER_ROWS.chain} beside="right" />}
      {chain.keep && <Dimension {...chain.keep} x={x} y={LADDER_ROWS.chain} beside="left" />}
      {left && <Dimension {...left} x={x} y={LADDER_ROWS.left} beside="left" arrow />}
      {exposures.map(({ shutter }, i) => (
        <Tag key={i} x={tags[i] as number} text={shutter} />
      ))}
      {children}
    </svg>
  );
}

interface TicksProps {
  x: LadderScale;
  width: number;
  /** Where the exposures' tags stand, px: no figure comes near them. */
  tags: readonly number[];
}

/** Whole EV along the axis. */
function Ticks({ x, width, tags }: TicksProps) {
  const ticks = x.ticks(Math.min(14, Math.round(width / 50))).filter(Number.isInteger);
  return ticks.map((t, i) => (
    <g key={t} transform={`translate(${x(t)} ${LADDER_ROWS.axis})`} pointerEvents="none">
      <path d="M0 -4V0" stroke="var(--quiet)" />
      {tags.every((tag) => Math.abs(x(t) - tag) > TAG_HALF + 20) && (
        <text
          x={i === 0 ? Math.max(0, 22 - x(t)) : 0}
          y={13}
          textAnchor="middle"
          fontSize={12.5}
          fill="var(--quiet)"
          className="font-mono"
        >
          {i === 0 ? `EV ${t}` : tickText(t)}
        </text>
      )}
    </g>
  ));
}

/** The shutter time of an exposure, under its mid-grey. */
function Tag({ x, text }: { x: number; text: string }) {
  return (
    <g transform={`translate(${x} ${LADDER_ROWS.shutter})`} pointerEvents="none">
      <rect x={-TAG_HALF} y={0} width={2 * TAG_HALF} height={23} fill="var(--ink)" rx={2} />
      <text
        y={16}
        textAnchor="middle"
        fontSize={14}
        fontWeight={700}
        fill="var(--panel)"
        className="font-mono"
      >
        {text}
      </text>
    </g>
  );
}

const TONES_HALF = 9;

/** A picture's own light as a strip behind the bare row, the darker the more of the frame has that light. */
function Tones({ tones: { fromEv, stepEv, parts }, x }: { tones: ToneSpread; x: LadderScale }) {
  const most = Math.max(...parts);
  const [low, high] = x.domain() as [number, number];
  return (
    <g pointerEvents="none" fill="var(--ink)">
      {parts.map((part, i) => {
        const from = Math.max(low, fromEv + i * stepEv);
        const to = Math.min(high, fromEv + (i + 1) * stepEv);
        return part > 0 && to > from ? (
          <rect
            key={i}
            x={x(from)}
            y={LADDER_ROWS.bare - TONES_HALF}
            width={x(to) - x(from)}
            height={2 * TONES_HALF}
            opacity={0.26 * Math.sqrt(part / most)}
          />
        ) : null;
      })}
    </g>
  );
}

/** What the lower row is, clear of the dimension of what the glass leaves. */
function Caption({ x, data: { exposures, left, caption } }: { x: LadderScale; data: LadderData }) {
  const from = Math.min(...exposures.map((e) => x(e.evMidGrey - e.window.shadowRoom))) + 10;
  const to = Math.max(...exposures.map((e) => x(e.evMidGrey + e.window.highlightRoom))) - 10;
  const leftFrom = left ? x(Math.min(left.from, left.to)) - dimensionTextWidth(left.text) - 8 : Infinity;
  const leftTo = left ? x(Math.max(left.from, left.to)) + 8 : -Infinity;
  const width = caption.length * CAPTION_PER_LETTER;
  const fitsLeft = from + width < leftFrom;
  if (!fitsLeft && to - width < leftTo) return null;
  return (
    <text
      x={fitsLeft ? from : to}
      y={LADDER_ROWS.left + 4}
      textAnchor={fitsLeft ? 'start' : 'end'}
      fontSize={12.5}
      fill="var(--quiet)"
      pointerEvents="none"
    >
      {caption}
    </text>
  );
}

function describe({ marks, exposures, span, keep, need, left, out }: LadderData): string {
  const lights = marks.map(({ role, spots, limit }) => {
    const at = (of: 'bare' | 'through') => mean(spots.map((s) => s[of])).toFixed(1);
    return `${role}${limit ? ' to hold' : ''} EV ${at('bare')}, through the glass ${at('through')}`;
  });
  const times = exposures.map((e) => `mid-grey at ${e.shutter}`);
  const texts = [span, keep, need, left].map((stretch) => stretch?.text);
  return ['Ladder of light', ...lights, ...texts, ...times, out.bright, out.dark].filter(Boolean).join('; ');
}
