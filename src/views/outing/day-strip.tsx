import { OUTING_TEXT } from '@/words';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { useId, useRef } from 'react';
import { clockHours, hourOf, type LightMoment, type OutingDay, type SkyEvent, waterOf } from '@/model/outing';
import { useSize } from '@/ui/use-size';
import { EVENT_NAMES } from '@/words/outing';
import { LightLegend } from '../shared/light-legend';
import { useOuting } from './use-outing';

const HEIGHT = 190;
const EDGE = { top: 40, foot: 24, tide: 34 };
/** What is named above the strip: the sun on the upper line, the moon on the lower. */
const LINES = [
  { y: 14, kinds: ['sunrise', 'sunset'] },
  { y: 31, kinds: ['moonrise', 'moonset'] },
] as const;
const isNamed = ({ kind }: SkyEvent): boolean => LINES.some(({ kinds }) => kinds.some((k) => k === kind));

/** The day from midnight to midnight: the light of sky and land with the span between, sun and moon, the tide below. */
export function DayStrip() {
  const { day } = useOuting();
  return day && <Strip day={day} />;
}

function Strip({ day }: { day: OutingDay }) {
  const { outing } = useOuting();
  const box = useRef<HTMLElement>(null);
  const { width } = useSize(box);
  const clip = useId();
  const { fromMs, toMs } = day;
  const x = scaleLinear()
    .domain([fromMs, toMs])
    .range([0, Math.max(1, width)]);
  const moments = (day.framings[0]?.light ?? day.open).moments;
  const evs = moments.flatMap((m) => [m.skyEv, m.landEv]);
  const y = scaleLinear()
    .domain([Math.min(0, ...evs), Math.max(14, ...evs)])
    .range([HEIGHT - EDGE.foot - EDGE.tide - 3, EDGE.top + 3]);
  const sunTurns = day.events.flatMap((e) => (e.kind === 'sunrise' || e.kind === 'sunset' ? [e.atMs] : []));
  const seen = day.framings[0] ? 'of the first framing' : 'towards no direction';
  return (
    <figure ref={box} className="mb-6">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={OUTING_TEXT.lightDayMidnightMidnight(
          seen,
          day.events
            .filter(isNamed)
            .map((e) => `${EVENT_NAMES[e.kind]} ${hourOf(e.atMs, outing.zone)}`)
            .join(', '),
        )}
        fontSize={12}
      >
        <clipPath id={clip}>
          <rect width={width} height={HEIGHT} />
        </clipPath>
        <g clipPath={`url(#${clip})`}>
          <rect y={EDGE.top} width={width} height={HEIGHT - EDGE.top - EDGE.foot} fill="var(--panel)" />
          <Uprights at={sunTurns} x={x} stroke="var(--rule)" strokeWidth={1.5} />
          <LightCurves moments={moments} x={x} y={y} />
          <TideLine day={day} x={x} width={width} />
          <Uprights at={day.worth.map((w) => w.atMs)} x={x} stroke="var(--action)" strokeWidth={3} />
        </g>
        <Names day={day} x={x} width={width} />
      </svg>
      <figcaption className="flex flex-wrap gap-x-5 text-sm text-quiet">
        <LightLegend />
        <span>{OUTING_TEXT.forecastOff15(seen)}</span>
        <span>
          moon {Math.round(100 * day.moon.litPart)} % lit, {day.moon.isWaxing ? 'waxing' : 'waning'}
        </span>
      </figcaption>
    </figure>
  );
}

interface UprightsProps {
  readonly at: readonly number[];
  readonly x: (ms: number) => number;
  readonly stroke: string;
  readonly strokeWidth: number;
}

/** Moments as upright lines across the strip. */
const Uprights = ({ at, x, ...drawn }: UprightsProps) =>
  at.map((ms) => <path key={ms} d={`M${x(ms)} ${EDGE.top}V${HEIGHT - EDGE.foot}`} {...drawn} />);

interface CurveProps {
  readonly moments: readonly LightMoment[];
  readonly x: (ms: number) => number;
  readonly y: (ev: number) => number;
}

/** The light of sky and land, with the span between. */
function LightCurves({ moments, x, y }: CurveProps) {
  const over = (of: (m: LightMoment) => number) =>
    line<LightMoment>()
      .defined((m, i) => i === 0 || m.atMs - (moments[i - 1]?.atMs ?? 0) <= 15 * 60_000)
      .x((m) => x(m.atMs))
      .y((m) => y(of(m)))([...moments]) ?? '';
  const span =
    area<LightMoment>()
      .x((m) => x(m.atMs))
      .y0((m) => y(m.landEv))
      .y1((m) => y(m.skyEv))([...moments]) ?? '';
  return (
    <>
      <path d={span} fill="var(--chosen)" />
      <path d={over((m) => m.skyEv)} fill="none" stroke="var(--sky)" strokeWidth={2.5} />
      <path
        d={over((m) => m.landEv)}
        fill="none"
        stroke="var(--land)"
        strokeWidth={2.5}
        strokeDasharray="7 3"
      />
    </>
  );
}

/** What happens above the strip, and its hours below. */
function Names({ day, x, width }: { day: OutingDay; x: (ms: number) => number; width: number }) {
  const { outing } = useOuting();
  const named = day.events.filter(isNamed);
  const every = width > 700 ? 3 : 6;
  return (
    <>
      {named.map((e) => (
        <text
          key={`${e.kind} ${e.atMs}`}
          x={Math.min(Math.max(x(e.atMs), 42), width - 42)}
          y={LINES.find(({ kinds }) => kinds.some((k) => k === e.kind))?.y}
          textAnchor="middle"
          fill="var(--ink)"
        >
          {EVENT_NAMES[e.kind]} {hourOf(e.atMs, outing.zone)}
        </text>
      ))}
      {clockHours(outing.day, outing.zone, every).map(({ atMs, hour }) => (
        <text
          key={atMs}
          x={Math.min(Math.max(x(atMs), 16), width - 16)}
          y={HEIGHT - 8}
          textAnchor="middle"
          fill="var(--quiet)"
        >
          {hour}
        </text>
      ))}
    </>
  );
}

/** The water between the turns that are known: by half a cosine, and dotted by the rule of twelfths. */
function TideLine({ day, x, width }: { day: OutingDay; x: (ms: number) => number; width: number }) {
  const { outing } = useOuting();
  const water = waterOf(outing, day);
  if (water.length < 2) return null;
  const heights = water.map((t) => t.heightM);
  const y = scaleLinear()
    .domain([Math.min(...heights), Math.max(...heights)])
    .range([HEIGHT - EDGE.foot - 2, HEIGHT - EDGE.foot - EDGE.tide + 4]);
  const path = (of: (t: (typeof water)[number]) => number) =>
    line<(typeof water)[number]>()
      .x((t) => x(t.atMs))
      .y((t) => y(of(t)))(water) ?? '';
  return (
    <>
      <path d={`M0 ${HEIGHT - EDGE.foot - EDGE.tide}H${width}`} stroke="var(--rule)" />
      <path d={path((t) => t.heightM)} fill="none" stroke="var(--water)" strokeWidth={2.5} />
      <path
        d={path((t) => t.twelfthsM)}
        fill="none"
        stroke="var(--water)"
        strokeWidth={1.5}
        strokeDasharray="2 3"
      />
    </>
  );
}
