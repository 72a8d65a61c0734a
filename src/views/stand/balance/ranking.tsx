import { useMemo, useState } from 'react';
import { isUpsideDown } from '@/core/optics';
import {
  type Balance,
  type Candidate,
  choose,
  glassOf,
  isAsGood,
  isSheet,
  sameChoice,
  sameSet,
} from '@/model';
import { GlassSwatch } from '@/render';
import { Button } from '@/ui/button';
import { useCompact } from '@/ui/use-media';
import { capital, fitFigure, glassName, levelText, reasonsText, sideNames, verdictText } from '@/words';
import { useDerived, useEdit, useStand, useStandBag } from '../session';

/** Sets that are shown before the rest are asked for. */
const SHOWN = 5;

/** The sets of the bag, best first; those that are as good are joined by a bracket. */
export function Ranking({ balance, dim }: { balance: Balance; dim: boolean }) {
  const derived = useDerived();
  const [all, setAll] = useState(false);
  const inUse = derived.inUse;
  const isInUse = (c: Candidate) => !!inUse && sameSet(c.set, inUse.filterIds);
  const chosenAt = balance.best.findIndex(isInUse);
  const shown = all ? balance.best : balance.best.filter((_, i) => i < SHOWN || i === chosenAt);
  const hidden = balance.best.length - shown.length;
  const asGood = balance.ranking.filter((r) => isAsGood(r, balance)).length;
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
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const edit = useEdit();
  const { prepared } = derived;
  const compact = useCompact();
  const glass = useMemo(
    () => prepared && glassOf(stand, bag, prepared, candidate),
    [stand, bag, prepared, candidate],
  );
  if (!glass) return null;
  const sheets = glass.filters.filter(isSheet);
  const { seat } = candidate;
  const names = sideNames(stand);
  const level = levelText(candidate, names[balance.brighter]);
  const verdict = verdictText(candidate, balance, names);
  const reasons = reasonsText(candidate, balance, glass.outcome, names);
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
        <span className="flex w-[42px] shrink-0 justify-center">
          {sheets.length ? (
            <GlassSwatch filters={sheets} upsideDown={!!seat && isUpsideDown(seat.turnDeg)} />
          ) : (
            <span aria-hidden className="h-[50px] w-[34px] shrink-0 border border-dashed border-edge" />
          )}
        </span>
        <span className="min-w-0 flex-1">
          <span className="flex flex-wrap items-baseline justify-between gap-x-3">
            <span className="font-semibold">{glassName(glass.filters)}</span>
            <span className="text-sm whitespace-nowrap text-quiet">
              {fitFigure(candidate.unevenStops)} uneven
            </span>
          </span>
          {verdict && <span className="block">{capital(verdict)}</span>}
          {level && <span className="block text-sm text-quiet">{level}</span>}
          <span className="block text-sm text-quiet">
            {reasons.slice(0, current && !compact ? 2 : 1).join(' ')}
          </span>
        </span>
      </button>
      {lastJoined && <p className="px-2 pb-1.5 text-sm text-quiet">as good as each other, down to here</p>}
    </li>
  );
}
