import { lazy, Suspense } from 'react';
import { meteredEv, wayOf } from '@/model';
import { Fold } from '@/ui/fold';
import { useCompact } from '@/ui/use-media';
import { assumedText, stopsFigure, stopsText, READ_TEXT } from '@/words';
import { Term } from '../../shared/term';
import { Figure } from '../parts/figure';
import { NewReading } from './new-reading';
import { Next } from './next';
import { Pad } from './pad';
import { PhotoMeterChoice } from './photo-meter-choice';
import { ReadingList } from './reading-list';
import { useDerived, useSession, useStand } from '../session';
import { OtherWays } from '../ways/other-ways';
import { PictureWay } from '../ways/picture-way';
import { SheetWay } from '../ways/sheet-way';
import { TimeWay } from '../ways/time-way';
import { WayChooser } from '../ways/way-chooser';
import { OnLensHead } from './on-lens-head';
import { ReadSummary } from './summary';
import { TableTools } from './table-tools';
import { TestShot } from './test-shot';
import { TimesThrough } from '../parts/times-through';

/** Step 2: what is read, by the way that the photographer goes; an empty stand asks for that first. */
export function ReadStep() {
  const way = useStand(wayOf);
  const hasReadings = useStand((s) => s.readings.length > 0);
  const compact = useCompact();
  if (!way) return <WayChooser />;
  const Way = way === 'meter' ? (compact ? ThumbMeter : DeskMeter) : WAYS[way];
  return (
    <div className="space-y-4 compact:pt-1.5">
      <BenchPart />
      <OnLensHead />
      <Way />
      <Assumed />
      <SunCaution />
      <ReadSummary />
      {(way === 'meter' || hasReadings) && <ReadingList />}
      <OtherWays way={way} />
      <TableTools />
    </div>
  );
}

/** What only the bench needs is loaded when a stand of it is open. */
const BenchHead = lazy(() => import('../bench/bench-head').then((m) => ({ default: m.BenchHead })));

function BenchPart() {
  const isBench = useStand((s) => !!s.bench);
  return (
    isBench && (
      <Suspense fallback={null}>
        <BenchHead />
      </Suspense>
    )
  );
}

const WAYS = { sheet: SheetWay, time: TimeWay, picture: PictureWay };

/** Spot readings at a desk, placed on the frame or without a place. */
function DeskMeter() {
  const { spanStops, reachStops } = useDerived();
  return (
    <div className="space-y-5">
      <p className="flex items-baseline gap-3">
        <span className="text-3xl font-semibold">
          {spanStops === null ? '—' : <Figure of="span">{stopsText(Math.abs(spanStops))}</Figure>}
        </span>
        <span className="text-quiet">
          <Term of="span">span</Term>
          {spanStops === null
            ? READ_TEXT.onceSkyLandRead
            : reachStops !== null && `, reach ${stopsFigure(reachStops)}`}
        </span>
      </p>
      <Next />
      <NewReading />
      <TestShot />
      <TimesThrough />
    </div>
  );
}

/** On a phone the pad comes first; what it cannot say lies below it. */
function ThumbMeter() {
  const isBench = useStand((s) => !!s.bench);
  return (
    <div className="space-y-3">
      {isBench && <PhotoMeterChoice />}
      <Pad />
      {!isBench && <PhotoMeterChoice />}
      <Next />
      <TestShot />
      <TimesThrough />
      <Fold summary={READ_TEXT.evLuxPlacesFigures}>
        <NewReading />
      </Fold>
    </div>
  );
}

/** What a first slip takes for granted, and the way to say it. */
function Assumed() {
  const stand = useStand();
  const setStep = useSession((s) => s.setStep);
  const text = assumedText(stand);
  if (!text) return null;
  return (
    <p className="text-sm text-quiet">
      Assumed: {text}.{' '}
      <button
        type="button"
        className="min-h-11 font-semibold text-action underline underline-offset-4"
        onClick={() => setStep('frame', stand.assumed?.includes('lens') ? 'lens' : stand.assumed?.[0])}
      >
        Set it in Frame
      </button>
    </p>
  );
}

/** Skies this bright have the sun in or near them, EV at ISO 100. */
const NEAR_SUN_EV = 15;

/** Where a reading lies near the sun, what it can do to eyes. */
function SunCaution() {
  const stand = useStand();
  if (!stand.readings.some((r) => r.role === 'sky' && meteredEv(r) >= NEAR_SUN_EV)) return null;
  return (
    <p role="note" className="border-l-2 border-fault pl-2.5 text-sm">
      {READ_TEXT.skyBrightEnoughHold}
    </p>
  );
}
