import { BAG_TEXT } from '@/words';
import { scaleLinear } from 'd3-scale';
import { useRef } from 'react';
import { line } from 'd3-shape';
import { densityAt } from '@/core/glass';
import { profileOf, type SheetFilter } from '@/model';
import { useSize } from '@/ui/use-size';

interface ProfileChartProps {
  /** The sheet as it is sold, and as it was measured. */
  readonly sold: SheetFilter;
  readonly measured: SheetFilter;
}

const HEIGHT = 190;
const WIDEST = 560;
const EDGE = { left: 34, right: 10, top: 12, bottom: 32 };
/** Millimetres beyond the measured transition that are shown, at least. */
const BEYOND_MM = 12;

/** What a sheet takes along its length: as measured over as sold. */
export function ProfileChart({ sold, measured }: ProfileChartProps) {
  const box = useRef<HTMLElement>(null);
  const wide = Math.min(WIDEST, useSize(box).width);
  const { measuredSamples: _, ...asSold } = sold;
  const samples = measured.measuredSamples ?? [];
  const reach = Math.max(BEYOND_MM, ...samples.map((s) => Math.abs(s.mm)));
  const places = Array.from({ length: 201 }, (__, i) => -reach + (2 * reach * i) / 200);
  const curves = [asSold as SheetFilter, measured].map((sheet) => {
    const profile = profileOf(sheet);
    return places.map((mm) => ({ mm, stops: densityAt(profile, mm) }));
  });
  const most = Math.max(1, ...curves.flat().map((p) => p.stops));
  const x = scaleLinear()
    .domain([-reach, reach])
    .range([EDGE.left, wide - EDGE.right]);
  const y = scaleLinear()
    .domain([0, most])
    .nice()
    .range([HEIGHT - EDGE.bottom, EDGE.top]);
  const path = line<{ mm: number; stops: number }>()
    .x((p) => x(p.mm))
    .y((p) => y(p.stops));
  const [nominal, own] = curves.map((curve) => path(curve) ?? '');
  return (
    <figure ref={box}>
      <svg
        width={wide}
        height={HEIGHT}
        role="img"
        aria-label={BAG_TEXT.stopsAlongSheetMeasured}
        fontSize={12}
      >
        {y.ticks(4).map((stops) => (
          <g key={stops}>
            <path d={`M${EDGE.left} ${y(stops)}H${wide - EDGE.right}`} stroke="var(--rule)" />
            <text
              x={EDGE.left - 6}
              y={y(stops)}
              textAnchor="end"
              dominantBaseline="central"
              fill="var(--quiet)"
            >
              {stops}
            </text>
          </g>
        ))}
        {x.ticks(wide / 80).map((mm) => (
          <text key={mm} x={x(mm)} y={HEIGHT - EDGE.bottom + 14} textAnchor="middle" fill="var(--quiet)">
            {mm < 0 ? `−${-mm}` : mm}
          </text>
        ))}
        <text x={wide - EDGE.right} y={HEIGHT - 3} textAnchor="end" fill="var(--quiet)">
          {BAG_TEXT.mmSeamTowardsDark}
        </text>
        <text x={0} y={9} fill="var(--quiet)">
          stops
        </text>
        <path d={nominal} fill="none" stroke="var(--quiet)" strokeWidth={1.5} strokeDasharray="5 4" />
        <path d={own} fill="none" stroke="var(--ink)" strokeWidth={2.2} />
      </svg>
      <figcaption className="text-sm text-quiet">{BAG_TEXT.drawnOutMeasuredDashed}</figcaption>
    </figure>
  );
}
