import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { type ComingHour, type ComingMoment, type ComingTurn } from '@/model/expose';
import { clockText, comingTurnText, EXPOSE_TEXT } from '@/words';
import { LightLegend } from '../../shared/light-legend';

interface HourChartProps {
  hour: ComingHour;
  turns: readonly ComingTurn[];
}

/** A side's light as a band of its range. */
const band = (light: ComingMoment['sky']) =>
  light && [light.ev100 - light.range.darker, light.ev100 + light.range.brighter];

const SMALL = { fontSize: 12, fill: 'var(--quiet)' } as const;

/** Each side's light with its range. */
const CURVES = [
  <Area
    key="skyBand"
    dataKey="skyBand"
    fill="var(--sky)"
    fillOpacity={0.22}
    stroke="none"
    isAnimationActive={false}
  />,
  <Area
    key="landBand"
    dataKey="landBand"
    fill="var(--land)"
    fillOpacity={0.26}
    stroke="none"
    isAnimationActive={false}
  />,
  <Line
    key="sky"
    dataKey="sky"
    stroke="var(--sky)"
    strokeWidth={2.5}
    dot={false}
    isAnimationActive={false}
  />,
  <Line
    key="land"
    dataKey="land"
    stroke="var(--land)"
    strokeWidth={2.5}
    strokeDasharray="7 3"
    dot={false}
    isAnimationActive={false}
  />,
];

/** A moment at which something turns, named above the curves. */
const turnLine = (turn: ComingTurn, i: number) => (
  <ReferenceLine
    key={`${turn.kind} ${turn.atMs}`}
    x={turn.atMs}
    stroke="var(--ink)"
    strokeDasharray="2 3"
    label={{
      value: comingTurnText(turn),
      position: 'insideTopLeft',
      dy: -16 + 15 * (i % 3),
      fontSize: 12,
      fill: 'var(--ink)',
    }}
  />
);

/** The light of sky and land over the hour, each with its range; the same stands in the table below. */
export function HourChart({ hour, turns }: HourChartProps) {
  const data = hour.moments.map((m) => ({
    atMs: m.atMs,
    sky: m.sky?.ev100,
    land: m.land?.ev100,
    skyBand: band(m.sky),
    landBand: band(m.land),
  }));
  const [first, last] = [data[0]?.atMs ?? 0, data.at(-1)?.atMs ?? 0];
  const quarters = Array.from({ length: 5 }, (_, i) => first + (i * (last - first)) / 4);
  return (
    <figure aria-label={EXPOSE_TEXT.lightSkyLandOver} className="space-y-1">
      <ResponsiveContainer width="100%" height={210}>
        <ComposedChart
          data={data}
          margin={{ top: 18, right: 12, bottom: 0, left: -18 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--rule)" vertical={false} />
          <XAxis
            dataKey="atMs"
            type="number"
            domain={[first, last]}
            ticks={quarters}
            tickFormatter={clockText}
            tick={SMALL}
            stroke="var(--ink)"
          />
          <YAxis
            ticks={marksOf(hour)}
            domain={[marksOf(hour)[0] ?? 0, marksOf(hour).at(-1) ?? 1]}
            tick={SMALL}
            stroke="none"
            tickFormatter={whole}
          />
          {CURVES}
          {turns.map(turnLine)}
        </ComposedChart>
      </ResponsiveContainer>
      <figcaption className="flex justify-center gap-5 text-sm text-quiet">
        <LightLegend />
        <span>EV at ISO 100</span>
      </figcaption>
    </figure>
  );
}

const whole = (ev: number): string => ev.toFixed(0);

/** Whole EVs for the scale: each, or each second where there are many. */
function marksOf({ moments }: ComingHour): number[] {
  const ends = moments.flatMap((m) => [...(band(m.sky) ?? []), ...(band(m.land) ?? [])]);
  const [low, high] = [Math.floor(Math.min(...ends)), Math.ceil(Math.max(...ends))];
  const step = high - low > 7 ? 2 : 1;
  return Array.from({ length: Math.floor((high - low) / step) + 1 }, (_, i) => low + step * i);
}
