import {
  placed,
  PLACEMENT_MOST,
  type StandLook,
  SUN_SIDES,
  type SunSide,
  sunSideOf,
  traitsOf,
  withGap,
} from '@/model';
import { Segmented } from '@/ui/segmented';
import { Stepper } from '@/ui/stepper';
import { Fold } from '@/ui/fold';
import {
  darkerName,
  daylightText,
  liftText,
  offsetText,
  sideNames,
  stopsFigure,
  stopsText,
  timeText,
  toneText,
} from '@/words';
import { QuantityField } from '../../shared/quantity-field';
import { Figure } from '../figure';
import { useDerived, useEdit, useSession, useStand } from '../session';

/** Steps of the gap, of the placement (a third of a stop) and of what is followed. */
const GAP_STEP = 0.1;
const PLACEMENT_STEP = 1 / 3;
const FOLLOW_STEP = 0.25;

function useLook() {
  const stand = useStand();
  const edit = useEdit();
  const set = (change: Partial<StandLook>) => edit((s) => ({ ...s, look: { ...s.look, ...change } }));
  return { look: stand.look, set };
}

/** How much of the span is kept, and what that leaves to take away. */
export function Kept() {
  const stand = useStand();
  const derived = useDerived();
  const edit = useEdit();
  const { look } = stand;
  const gaps = traitsOf(stand).gap;
  const need = derived.balance?.neededStops;
  const brighter = sideNames(stand)[derived.balance?.brighter ?? 'sky'];
  const gap = look.gapStops ?? gaps?.usual ?? 0;
  const [low, high] = gaps?.range ?? [0, 0];
  const heavy = gap < 0;
  const setGap = (value: number) => edit((s) => withGap(s, value));
  return (
    <div className="space-y-2">
      {low !== high && (
        <Stepper
          label={heavy ? `Make the ${brighter} darker by` : `Keep the ${brighter} brighter by`}
          less={heavy ? 'Less dark' : 'Keep less'}
          more={heavy ? 'More dark' : 'Keep more'}
          canLess={heavy ? gap < high : gap > low}
          canMore={heavy ? gap > low : gap < high}
          onStep={(way) => setGap(gap + (heavy ? -way : way) * GAP_STEP)}
        >
          {stopsFigure(Math.abs(gap))} <span className="text-sm font-normal text-quiet">stops</span>
        </Stepper>
      )}
      {need !== undefined && (
        <p>
          <Figure of="need" className="text-base font-semibold">
            {stopsText(need)}
          </Figure>{' '}
          to take away
          {derived.spanStops !== null && (
            <>
              {' '}
              of a span of <Figure of="span">{stopsFigure(Math.abs(derived.spanStops))}</Figure>
            </>
          )}
          .
        </p>
      )}
    </div>
  );
}

const SUN_NAMES: Record<SunSide, string> = {
  behind: 'Behind me',
  side: 'At the side',
  ahead: 'Ahead',
  hidden: 'Hidden',
};

/** Where the sun stands: said outright, or by directions. */
export function SunDirection() {
  const stand = useStand();
  const { look, set } = useLook();
  const daylight = look.sunAltitudeDeg === undefined ? null : daylightText(look.sunAltitudeDeg);
  return (
    <div className="space-y-3">
      <Segmented<SunSide | ''>
        label="The sun is"
        value={sunSideOf(stand) ?? ''}
        options={SUN_SIDES.map((value) => ({ value, text: SUN_NAMES[value] }))}
        onValue={(sun) => sun && set({ sun })}
      />
      <div className="grid grid-cols-3 gap-2">
        <QuantityField
          label="View towards"
          quantity="azimuthDeg"
          unit="°"
          optional
          value={look.viewAzimuthDeg}
          placeholder="0 = N"
          onValue={(viewAzimuthDeg) => set({ viewAzimuthDeg, sun: undefined })}
        />
        <QuantityField
          label="Sun towards"
          quantity="azimuthDeg"
          unit="°"
          optional
          value={look.sunAzimuthDeg}
          placeholder="0 = N"
          onValue={(sunAzimuthDeg) => set({ sunAzimuthDeg, sun: undefined })}
        />
        <QuantityField
          label="Sun's height"
          quantity="altitudeDeg"
          unit="°"
          optional
          value={look.sunAltitudeDeg}
          placeholder="low"
          onValue={(sunAltitudeDeg) => set({ sunAltitudeDeg })}
        />
      </div>
      {daylight && <p className="text-sm text-quiet">{daylight}</p>}
      <p role="note" className="border-l-2 border-fault pl-2.5 text-sm">
        Find the sun by eye and its shadow, never through an optical finder or a magnified lens.
      </p>
    </div>
  );
}

/** Under Least glass: by how much the darker side is to be lifted afterwards, and what that costs. */
export function Lift() {
  const stand = useStand();
  const derived = useDerived();
  const lift = derived.inUse?.lift;
  if (!lift) return null;
  return (
    <p>
      <Figure of="lift">{liftText(lift, darkerName(stand, derived))}</Figure>
      {lift.stops >= 0.05 && `, ${stopsText(lift.noiseStops)} more noise than exposed there`}.
    </p>
  );
}

/** The exposures of a bracket, darkest picture first. */
export function BracketFrames() {
  const derived = useDerived();
  const stand = useStand();
  const bracketFrame = useSession((s) => s.bracketFrame);
  const showBracketFrame = useSession((s) => s.showBracketFrame);
  const { bracket } = derived;
  if (!bracket?.ok) return null;
  return (
    <section aria-label="Bracket" className="space-y-2">
      <ol className="border-t border-rule" aria-label="Exposures, darkest picture first">
        {bracket.frames.map((frame, i) => (
          <li key={i} className="border-b border-rule">
            <button
              type="button"
              aria-pressed={i === bracketFrame}
              title="Show it in the frame"
              onClick={() => showBracketFrame(i)}
              className={`flex min-h-11 w-full items-baseline gap-3 px-2 py-2 text-left hover:bg-chosen ${i === bracketFrame ? 'bg-chosen' : ''}`}
            >
              <span className="w-5 font-mono text-sm text-quiet">{i + 1}</span>
              <span className="w-28 text-xl font-semibold">{timeText(frame.seconds)}</span>
              <span className="text-sm text-quiet">
                {frame.offsetStops === null ? '' : offsetText(frame.offsetStops)}
              </span>
            </button>
          </li>
        ))}
      </ol>
      <p className="text-sm text-quiet">
        <Figure of="expose">Reach {stopsText(bracket.reachStops)}</Figure>, a frame holds{' '}
        {stopsText(bracket.windowStops)} with its margins. Keep f/{stand.exposure.aperture}, ISO{' '}
        {stand.exposure.iso} and the focus; only the time changes.
      </p>
    </section>
  );
}

/** What is seldom changed: where the land is placed, and how far the sky's own glow is evened out. */
export function Tuning() {
  const edit = useEdit();
  const { look, set } = useLook();
  const traits = traitsOf({ look });
  if (!traits.usesGlass || !traits.readsLight) return null;
  const placement = look.landPlacementStops ?? 0;
  const follow = traits.follow === null ? null : (look.follow ?? traits.follow);
  const third = (value: number) => Math.round(value / PLACEMENT_STEP) * PLACEMENT_STEP;
  return (
    <Fold
      className="border-t border-rule pt-2"
      summary={
        <>
          Placed {toneText(placement)} {follow !== null && `, glow followed by ${Math.round(follow * 100)} %`}
        </>
      }
    >
      <div className="grid gap-4 pt-2 sm:grid-cols-2">
        <Stepper
          label="Darker side placed"
          less="A third darker"
          more="A third brighter"
          canLess={placement > -PLACEMENT_MOST}
          canMore={placement < PLACEMENT_MOST}
          onStep={(way) => edit((s) => placed(s, third(placement + way * PLACEMENT_STEP)))}
        >
          <span className="text-base">{toneText(placement)}</span>
        </Stepper>
        {follow !== null && (
          <Stepper
            label="Follow the sky's own glow"
            less="Follow less"
            more="Follow more"
            canLess={follow > 0}
            canMore={follow < 1}
            onStep={(way) => set({ follow: Math.min(1, Math.max(0, follow + way * FOLLOW_STEP)) })}
          >
            {Math.round(follow * 100)} <span className="text-sm font-normal text-quiet">%</span>
          </Stepper>
        )}
      </div>
    </Fold>
  );
}
