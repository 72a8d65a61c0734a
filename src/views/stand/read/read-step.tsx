import { meteredEv } from '@/model';
import { Fold } from '@/ui/fold';
import { useCompact } from '@/ui/use-media';
import { assumedText, stopsFigure, stopsText } from '@/words';
import { Figure } from '../figure';
import { NewReading } from './new-reading';
import { Next } from './next';
import { Pad } from './pad';
import { PhotoMeterChoice } from './photo-meter-choice';
import { ReadingList } from './reading-list';
import { useDerived, useSession, useStand } from '../session';
import { ReadSummary } from './summary';
import { TableTools } from './table-tools';
import { TestShot } from './test-shot';
import { TimesThrough } from './times-through';

/** Step 2: spot readings, placed on the frame or without a place. */
export function ReadStep() {
  const derived = useDerived();
  const compact = useCompact();
  if (compact) return <ThumbRead />;
  const { spanStops, reachStops } = derived;
  return (
    <div className="space-y-5">
      <p className="flex items-baseline gap-3">
        <span className="text-3xl font-semibold">
          {spanStops === null ? '—' : <Figure of="span">{stopsText(Math.abs(spanStops))}</Figure>}
        </span>
        <span className="text-quiet">
          {spanStops === null
            ? 'span, once sky and land are read'
            : `span${reachStops === null ? '' : `, reach ${stopsFigure(reachStops)}`}`}
        </span>
      </p>
      <Next />
      <NewReading />
      <TestShot />
      <TimesThrough />
      <Assumed />
      <SunCaution />
      <ReadSummary />
      <ReadingList />
      <TableTools />
    </div>
  );
}

/** On a phone the pad comes first; what it cannot say lies below it. */
function ThumbRead() {
  return (
    <div className="space-y-3">
      <Pad />
      <PhotoMeterChoice />
      <Next />
      <TestShot />
      <TimesThrough />
      <Assumed />
      <SunCaution />
      <Fold summary="EV, lux, places by figures, and glass on the lens">
        <NewReading />
      </Fold>
      <ReadSummary />
      <ReadingList />
      <TableTools />
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
        onClick={() => setStep('frame')}
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
      This sky is bright enough to hold the sun. Keep it out of an optical finder and a magnified lens: grads
      and ND are no protection for eyes.
    </p>
  );
}
