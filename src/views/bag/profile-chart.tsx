import { scaleLinear } from 'd3-scale';
import { Line, LineChart, CartesianGrid, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { densityAt } from '@/core/glass';
import { profileOf, type SheetFilter } from '@/model';
import { BAG_TEXT } from '@/words';

interface ProfileChartProps {
  /** The sheet as it is sold, and as it was measured. */
  readonly sold: SheetFilter;
  readonly measured: SheetFilter;
}

/** Millimetres beyond the measured transition that are shown, at least. */
const BEYOND_MM = 12;
const SMALL = { fontSize: 12, fill: 'var(--quiet)' } as const;

/** A sheet as it is sold and as it was measured, place by place along it. */
function alongSheet({ sold, measured }: ProfileChartProps) {
  const { measuredSamples: _, ...asSold } = sold;
  const samples = measured.measuredSamples ?? [];
  const reach = Math.max(BEYOND_MM, ...samples.map((s) => Math.abs(s.mm)));
  const [nominal, own] = [profileOf(asSold), profileOf(measured)];
  return Array.from({ length: 201 }, (__, i) => {
    const mm = -reach + (2 * reach * i) / 200;
    return { mm, sold: densityAt(nominal, mm), measured: densityAt(own, mm) };
  });
}

/** What a sheet takes along its length: as measured over as sold. */
export function ProfileChart(props: ProfileChartProps) {
  const data = alongSheet(props);
  const reach = data.at(-1)?.mm ?? BEYOND_MM;
  const most = Math.max(1, ...data.flatMap((p) => [p.sold, p.measured]));
  const stops = scaleLinear().domain([0, most]).nice(4);
  return (
    <figure aria-label={BAG_TEXT.stopsAlongSheetMeasured} className="max-w-xl">
      <ResponsiveContainer width="100%" height={190}>
        <LineChart
          data={data}
          margin={{ top: 8, right: 10, bottom: 0, left: -22 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--rule)" vertical={false} />
          <XAxis
            dataKey="mm"
            type="number"
            domain={[-reach, reach]}
            ticks={scaleLinear().domain([-reach, reach]).ticks(7)}
            tickFormatter={mmText}
            tick={SMALL}
            stroke="var(--ink)"
          />
          <YAxis tick={SMALL} stroke="none" ticks={stops.ticks(4)} domain={stops.domain()} />
          <Line
            dataKey="sold"
            stroke="var(--quiet)"
            strokeWidth={1.5}
            strokeDasharray="5 4"
            dot={false}
            isAnimationActive={false}
          />
          <Line
            dataKey="measured"
            stroke="var(--ink)"
            strokeWidth={2.2}
            dot={false}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
      <figcaption className="text-sm text-quiet">
        Stops by {BAG_TEXT.mmSeamTowardsDark}. {BAG_TEXT.drawnOutMeasuredDashed}
      </figcaption>
    </figure>
  );
}

const mmText = (mm: number): string => (mm < 0 ? `−${Math.round(-mm)}` : String(Math.round(mm)));
