import { useMemo, useState } from 'react';
import {
  type Balance,
  type Candidate,
  GRAD_SCHOOLS,
  type GradSchool,
  isAsGood,
  sameSet,
} from '@/core/balance';
import { isUpsideDown } from '@/core/optics';
import {
  choose,
  GAPS,
  glassOf,
  isSheet,
  newFilters,
  sameChoice,
  type Stand,
  warningsOf,
  withNewFilters,
  withWorkspaceBag,
} from '@/model';
import { GlassSwatch } from '@/render';
import { Button } from '@/ui/button';
import { Segmented } from '@/ui/segmented';
import { Stepper } from '@/ui/stepper';
import {
  faultText,
  fitFigure,
  glassName,
  levelText,
  reasonsText,
  stopsFigure,
  stopsText,
  warningText,
} from '@/words';
import { useBag, useWorkspace } from '../shell/workspace-context';
import { useStand } from './stand-context';
import { useBarePress } from './use-bare-press';

const LOOKS: Record<GradSchool, { readonly name: string; readonly does: string }> = {
  even: { name: 'Even', does: 'Sky and land meet at the same tone.' },
  natural: { name: 'Natural', does: 'The sky stays a little brighter, as the eye sees it.' },
  heavy: { name: 'Heavy', does: 'The sky comes out darker than the land.' },
};

/** Step of the gap, stops. */
const GAP_STEP = 0.1;
/** Sets that are shown before the rest are asked for. */
const SHOWN = 5;

/** Step 3: the look, what is kept, and the sheets of the bag in order. */
export function BalanceStep() {
  const { stand, edit, derived, search } = useStand();
  const { school } = stand.look;
  const { balance, fault } = derived;
  return (
    <div className="space-y-4">
      <Segmented<string>
        label="Look"
        value={school}
        options={GRAD_SCHOOLS.map((s) => ({ value: s, text: LOOKS[s].name }))}
        onValue={(s) => edit((st) => withSchool(st, s as GradSchool))}
      />
      <Kept />
      {fault && <p className="text-fault">{faultText(fault)}</p>}
      {search === 'failed' && (
        <p className="text-fault">The search stopped before it was done. Change anything to try again.</p>
      )}
      <OwnBag />
      {balance ? (
        <>
          <Ranking balance={balance} dim={derived.stale} />
          <HoldBare />
          <Warnings />
        </>
      ) : (
        search === 'working' && <p className="text-quiet">Working out every sheet of your bag…</p>
      )}
    </div>
  );
}

function withSchool(stand: Stand, school: GradSchool): Stand {
  const { gapStops: _, ...rest } = stand.look;
  return { ...stand, look: { ...rest, school } };
}

/** How much of the span is kept, and what that leaves to take away. */
function Kept() {
  const { stand, edit, derived } = useStand();
  const { school } = stand.look;
  const gaps = GAPS[school];
  if (!gaps) return null;
  const gap = stand.look.gapStops ?? gaps.usual;
  const [low, high] = gaps.range;
  const heavy = gap < 0;
  const set = (value: number) => {
    const gapStops = Math.round(Math.min(high, Math.max(low, value)) * 10) / 10;
    edit((s) => ({ ...s, look: { ...s.look, gapStops } }));
  };
  const need = derived.balance?.neededStops;
  const brighter = derived.balance?.brighter ?? 'sky';
  return (
    <div className="space-y-2">
      <p className="text-quiet">{LOOKS[school as GradSchool]?.does}</p>
      {low !== high && (
        <Stepper
          label={heavy ? `Make the ${brighter} darker by` : `Keep the ${brighter} brighter by`}
          less={heavy ? 'Less dark' : 'Keep less'}
          more={heavy ? 'More dark' : 'Keep more'}
          canLess={heavy ? gap < high : gap > low}
          canMore={heavy ? gap > low : gap < high}
          onStep={(way) => set(gap + (heavy ? -way : way) * GAP_STEP)}
        >
          {stopsFigure(Math.abs(gap))} <span className="text-sm font-normal text-quiet">stops</span>
        </Stepper>
      )}
      {need !== undefined && (
        <p>
          <strong className="text-base">{stopsText(need)}</strong> to take away
          {derived.spanStops !== null && ` of a span of ${stopsFigure(Math.abs(derived.spanStops))}`}.
        </p>
      )}
    </div>
  );
}

/** What the stand brought in the way of glass, and what can be done about it. */
function OwnBag() {
  const { document, ownBag } = useStand();
  const { workspace } = useWorkspace();
  const bag = useBag();
  if (!ownBag) return null;
  const value = document.state.getState().value;
  const fresh = newFilters(value, bag).length;
  return (
    <div className="space-y-2 rounded-md border border-edge p-3">
      <p>
        This stand came with a bag of its own, and is worked out with it. With yours, a choice of glass that
        you do not own is given up; undo brings it back.
      </p>
      <div className="flex flex-wrap gap-2">
        {fresh > 0 && (
          <Button onClick={() => workspace.bag.edit((b) => withNewFilters(value, b))}>
            Add its {fresh} {fresh === 1 ? 'sheet' : 'sheets'} to my bag
          </Button>
        )}
        <Button onClick={() => document.edit((d) => withWorkspaceBag(d, bag))}>Use my bag</Button>
      </div>
    </div>
  );
}

function Ranking({ balance, dim }: { balance: Balance; dim: boolean }) {
  const { derived } = useStand();
  const [all, setAll] = useState(false);
  const inUse = derived.inUse;
  const isInUse = (c: Candidate) => !!inUse && sameSet(c.set, inUse.filterIds);
  const chosenAt = balance.best.findIndex(isInUse);
  const shown = all ? balance.best : balance.best.filter((_, i) => i < SHOWN || i === chosenAt);
  const hidden = balance.best.length - shown.length;
  const asGood = balance.ranking.filter((r) => isAsGood(r, balance.ranking)).length;
  return (
    <div className={dim ? 'opacity-60' : ''} aria-busy={dim}>
      <ol aria-label="Sheets of the bag, best first" className="relative border-t border-rule">
        {shown.map((candidate, i) => (
          <Row
            key={candidate.set.map((s) => s.id).join() || 'none'}
            candidate={candidate}
            balance={balance}
            current={isInUse(candidate)}
            joined={asGood > 1 && i < asGood}
            lastJoined={asGood > 1 && i === asGood - 1}
          />
        ))}
      </ol>
      {hidden > 0 && (
        <Button kind="quiet" className="mt-1 w-full" onClick={() => setAll(true)}>
          {hidden} more
        </Button>
      )}
    </div>
  );
}

interface RowProps {
  candidate: Candidate;
  balance: Balance;
  current: boolean;
  /** One of the sets between which it is a matter of taste. */
  joined: boolean;
  lastJoined: boolean;
}

function Row({ candidate, balance, current, joined, lastJoined }: RowProps) {
  const { stand, bag, derived, edit } = useStand();
  const { prepared } = derived;
  const glass = useMemo(
    () => prepared && glassOf(stand, bag, prepared, candidate),
    [stand, bag, prepared, candidate],
  );
  if (!glass) return null;
  const sheet = glass.filters.find(isSheet);
  const { seat } = candidate;
  const level = levelText(candidate, balance.brighter);
  const reasons = reasonsText(candidate, balance, glass.outcome.seam?.at ?? null);
  const take = () => {
    const choice = { filterIds: glass.filterIds, offsetMm: seat?.offsetMm ?? 0, turnDeg: seat?.turnDeg ?? 0 };
    edit((s) => (sameChoice(s.choice, choice) ? s : choose(s, choice)));
  };
  return (
    <li className="relative border-b border-rule">
      {joined && <span aria-hidden className="absolute -left-2.5 inset-y-0 w-1.5 border-l border-ink" />}
      <button
        type="button"
        aria-pressed={current}
        onClick={take}
        className={`flex w-full gap-3 px-2 py-2.5 text-left hover:bg-chosen ${current ? 'bg-chosen' : ''}`}
      >
        {sheet ? (
          <GlassSwatch filter={sheet} upsideDown={!!seat && isUpsideDown(seat.turnDeg)} />
        ) : (
          <span aria-hidden className="h-[50px] w-[34px] shrink-0 border border-dashed border-edge" />
        )}
        <span className="min-w-0 flex-1">
          <span className="flex flex-wrap items-baseline justify-between gap-x-3">
            <span className="font-semibold">{glassName(glass.filters)}</span>
            <span className="font-semibold whitespace-nowrap">shows {fitFigure(candidate.unevenStops)}</span>
          </span>
          {level && <span className="block text-sm text-quiet">{level}</span>}
          <span className="block text-sm text-quiet">{reasons.slice(0, current ? 2 : 1).join(' ')}</span>
        </span>
      </button>
      {lastJoined && <p className="px-2 pb-1.5 text-sm text-quiet">as good as each other, down to here</p>}
    </li>
  );
}

function HoldBare() {
  const { bare, setBare, derived, edit, stand } = useStand();
  const press = useBarePress();
  return (
    <div className="flex flex-wrap gap-2">
      <Button
        className="flex-1 touch-none"
        aria-pressed={bare}
        {...press}
        onKeyDown={(e) => {
          if (e.key === ' ' || e.key === 'Enter') setBare(true);
        }}
        onKeyUp={() => setBare(false)}
        onBlur={() => setBare(false)}
      >
        Hold to see it without (B)
      </Button>
      {derived.chosen && (
        <Button onClick={() => edit((s) => choose(s, undefined))} disabled={!stand.choice}>
          Back to the computed glass
        </Button>
      )}
    </div>
  );
}

function Warnings() {
  const { derived } = useStand();
  const { prepared, inUse } = derived;
  if (!prepared || !inUse) return null;
  const warnings = warningsOf(prepared, inUse);
  if (!warnings.length) return null;
  return (
    <ul aria-label="Warnings" className="space-y-1.5 text-sm">
      {warnings.map((w) => (
        <li key={w.code} className="border-l-2 border-fault pl-2.5">
          {warningText(w)}
        </li>
      ))}
    </ul>
  );
}
