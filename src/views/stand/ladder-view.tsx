import { useRef } from 'react';
import { ROLES } from '@/core/field';
import { mean } from '@/core/numerics';
import { type Derived } from '@/model';
import { Ladder, LADDER_HEIGHT, type LadderMark } from '@/render';
import { useSize } from '@/ui/use-size';
import { stopsFigure, stopsText, timeText } from '@/words';
import { useStand } from './stand-context';

/** The ladder of light for the stand as it is. */
export function LadderView() {
  const { derived } = useStand();
  const ref = useRef<HTMLDivElement>(null);
  const { width } = useSize(ref);
  const marks = marksOf(derived);
  const { inUse, prepared, spanStops } = derived;
  const exposure = inUse?.outcome.exposure;
  const gap = inUse?.outcome.residualGapStops ?? null;
  const side = (role: 'sky' | 'land', row: 'bare' | 'through') => {
    const own = marks.filter((m) => !m.limit && m.role === role);
    const stand = own.length || role === 'sky' ? own : marks.filter((m) => !m.limit && m.role === 'water');
    return stand[0] && mean(stand[0][row]);
  };
  const between = (row: 'bare' | 'through') => {
    const sky = side('sky', row);
    const land = side('land', row);
    return sky !== undefined && land !== undefined ? { sky, land } : null;
  };
  return (
    <div ref={ref} className="shrink-0 max-md:hidden" style={{ minHeight: LADDER_HEIGHT }}>
      {width > 0 &&
        (marks.length ? (
          <Ladder
            width={width}
            marks={marks}
            exposure={
              exposure && prepared
                ? {
                    // what covers the whole frame alike shifts the window, not the marks
                    evCamera: exposure.evCamera + prepared.fittedStops,
                    window: prepared.input.window,
                    shutter: timeText(exposure.seconds),
                  }
                : null
            }
            span={between('bare')}
            kept={gap === null ? null : between('through')}
            spanText={spanStops === null ? '' : `span ${stopsText(Math.round(spanStops * 10) / 10)}`}
            keptText={gap === null ? '' : `keeps ${stopsFigure(gap * ((spanStops ?? 0) < 0 ? -1 : 1))}`}
          />
        ) : (
          <p className="flex h-36 items-center text-quiet">
            The ladder of light fills as readings come in: one mark for each role, bare above and through the
            glass below.
          </p>
        ))}
    </div>
  );
}

function marksOf({ inUse, prepared }: Derived): LadderMark[] {
  if (!inUse || !prepared) return [];
  const outcomes = new Map(inUse.outcome.readings.map((r) => [r.id, r]));
  return ROLES.flatMap((role) =>
    [false, true].flatMap((limit) => {
      const own = prepared.input.field.readings.filter((r) => r.role === role && !!r.limit === limit);
      if (!own.length) return [];
      const through = own.map((r) => r.ev100 - (outcomes.get(r.id)?.dimmingStops ?? 0));
      return [{ role, limit, bare: own.map((r) => r.ev100), through }];
    }),
  );
}
