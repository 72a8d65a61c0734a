import { placed, PLACEMENT_MOST, traitsOf, withGap } from '@/model';
import { Check } from '@/ui/check';
import { Stepper } from '@/ui/stepper';
import { Fold } from '@/ui/fold';
import { darkerName, liftText, sideNames, stopsFigure, stopsText, toneText, BALANCE_TEXT } from '@/words';
import { Term } from '../../shared/term';
import { Figure } from '../parts/figure';
import { useDerived, useEdit, useStand } from '../session';
import { useLook } from './use-look';

/** Steps of the gap, of the placement (a third of a stop) and of what is followed. */
const GAP_STEP = 0.1;
const PLACEMENT_STEP = 1 / 3;
const FOLLOW_STEP = 0.25;

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
      {low !== high && !look.evensTop && (
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
          {look.evensTop ? BALANCE_TEXT.takeOffTop(brighter) : 'to take away'}
          {derived.spanStops !== null && !look.evensTop && (
            <>
              {' '}
              of a <Term of="span">span</Term> of{' '}
              <Figure of="span">{stopsFigure(Math.abs(derived.spanStops))}</Figure>
            </>
          )}
          .
        </p>
      )}
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

/** What is seldom changed: where the land is placed, and how far the sky's own glow is evened out. */
export function Tuning() {
  const edit = useEdit();
  const { look, set } = useLook();
  const { sky } = sideNames(useStand());
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
          {look.evensTop && `The top of the ${sky} alone. `}Placed {toneText(placement)}
          {follow !== null && `, glow followed by ${Math.round(follow * 100)} %`}
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
      {follow !== null && (
        <Check isOn={!!look.evensTop} onChange={(on) => set({ evensTop: on || undefined })}>
          {BALANCE_TEXT.evenOutPartOnly(sky)}
        </Check>
      )}
    </Fold>
  );
}
