import { useRef } from 'react';
import { sideReadings } from '@/core/balance';
import { type PlacedReading, ROLES } from '@/core/field';
import { mean } from '@/core/numerics';
import { type Derived, type Glass } from '@/model';
import { Ladder, LADDER_HEIGHT, type LadderExposure, type LadderMark } from '@/render';
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
  const gap = inUse?.outcome.residualGapStops ?? null;
  const means = spanStops !== null && prepared && inUse && sideMeans(prepared.input.field.readings, inUse);
  return (
    <div ref={ref} className="shrink-0" style={{ minHeight: LADDER_HEIGHT }}>
      {width > 0 &&
        (marks.length ? (
          <Ladder
            width={width}
            marks={marks}
            exposures={exposuresOf(derived)}
            span={means ? means.bare : null}
            kept={means && !derived.bracket ? means.through : null}
            spanText={spanStops === null ? '' : `span ${stopsText(spanStops)}`}
            keptText={gap === null ? '' : keptText(gap * ((spanStops ?? 0) < 0 ? -1 : 1))}
            caption={captionText(derived)}
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

/** What is left between the sides, and which way it goes. */
const keptText = (gap: number): string =>
  gap < -0.05 ? `${stopsFigure(-gap)} darker` : `keeps ${stopsFigure(gap)}`;

function captionText({ bracket, inUse }: Derived): string {
  if (bracket?.ok && bracket.frames.length > 1) return 'on the sensor, frame by frame';
  return inUse?.seat ? 'through the glass, on the sensor' : 'on the sensor';
}

/** The exposure, or those of a bracket. */
function exposuresOf({ prepared, inUse, bracket }: Derived): LadderExposure[] {
  if (!prepared) return [];
  const { window } = prepared.input;
  const single = inUse?.outcome.exposure;
  const all = bracket ? (bracket.ok ? bracket.frames : []) : single ? [single] : [];
  return all.map(({ evMidGrey, seconds }) => ({ evMidGrey, window, shutter: timeText(seconds) }));
}

/** Mean EV of the readings that count on either side, bare and through the grad; null without both sides. */
function sideMeans(readings: readonly PlacedReading[], glass: Glass) {
  const sides = { sky: sideReadings('sky', readings), land: sideReadings('land', readings) };
  if (!sides.sky.length || !sides.land.length) return null;
  const dimming = new Map(glass.outcome.readings.map((r) => [r.id, r.dimmingStops]));
  const through = (r: PlacedReading) => r.ev100 - (dimming.get(r.id) ?? 0);
  const meansOf = (ev: (r: PlacedReading) => number) => ({
    sky: mean(sides.sky.map(ev)),
    land: mean(sides.land.map(ev)),
  });
  return { bare: meansOf((r) => r.ev100), through: meansOf(through) };
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
