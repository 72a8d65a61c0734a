import { useState } from 'react';
import { type Balance, type Candidate, choose, type Glass, isAsGood, sameChoice, sameSet } from '@/model';
import { Button } from '@/ui/button';
import { useCompact } from '@/ui/use-media';
import {
  capital,
  fitFigure,
  glassName,
  levelText,
  reasonsText,
  sideNames,
  verdictText,
  BALANCE_TEXT,
} from '@/words';
import { type Littles } from '../pictured/use-littles';
import { useDerived, useEdit, useStand } from '../session';
import { GlassPicture } from './glass-picture';
import { NO_NARROWING, type Narrowed, passes } from './narrow';
import { Narrowing } from './narrowing';
import { useHeld } from './use-held';

/** Sets that are shown before the rest are asked for. */
const SHOWN = 5;

interface RankingProps {
  readonly balance: Balance;
  /** Its best sets at their seats. */
  readonly glasses: readonly Glass[];
  readonly littles: Littles;
  readonly dim: boolean;
}

/** The sets of the bag, best first; those that are as good are joined by a bracket. */
export function Ranking({ balance, glasses, littles, dim }: RankingProps) {
  const derived = useDerived();
  const [all, setAll] = useState(false);
  const [narrowed, setNarrowed] = useState<Narrowed>(NO_NARROWING);
  const inUse = derived.inUse;
  const isInUse = (c: Candidate) => !!inUse && sameSet(c.set, inUse.filterIds);
  const rows = balance.best.flatMap((candidate, i) => {
    const glass = glasses[i];
    return glass && passes(narrowed, glass) ? [{ candidate, glass }] : [];
  });
  const shown = rows.filter((r, i) => all || i < SHOWN || isInUse(r.candidate));
  const hidden = rows.length - shown.length;
  const asGood = rows.filter(({ candidate }) =>
    balance.ranking.some(
      (r) =>
        isAsGood(r, balance) &&
        sameSet(
          candidate.set,
          r.set.map((s) => s.id),
        ),
    ),
  ).length;
  return (
    <div className={dim ? 'opacity-60' : ''} aria-busy={dim}>
      <ol aria-label={BALANCE_TEXT.sheetsBagBestFirst} className="relative border-t border-rule">
        {shown.map(({ candidate, glass }, i) => (
          <Row
            key={candidate.set.map((s) => s.id).join() || 'none'}
            candidate={candidate}
            glass={glass}
            littles={littles}
            balance={balance}
            current={isInUse(candidate)}
            joined={asGood > 1 && i < asGood}
            lastJoined={asGood > 1 && i === asGood - 1}
          />
        ))}
      </ol>
      {!rows.length && <p className="py-2 text-quiet">{BALANCE_TEXT.noneBestAnswers}</p>}
      <Narrowing glasses={glasses} value={narrowed} onValue={setNarrowed} />
      {hidden > 0 && (
        <Button kind="quiet" className="mt-1 w-full" onClick={() => setAll(true)}>
          {hidden} more
        </Button>
      )}
    </div>
  );
}

interface RowProps {
  readonly candidate: Candidate;
  readonly glass: Glass;
  readonly littles: Littles;
  readonly balance: Balance;
  readonly current: boolean;
  /** One of the sets between which it is a matter of taste. */
  readonly joined: boolean;
  readonly lastJoined: boolean;
}

function Row({ candidate, glass, littles, balance, current, joined, lastJoined }: RowProps) {
  const stand = useStand();
  const edit = useEdit();
  const compact = useCompact();
  const held = useHeld(glass);
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
        aria-description="Held, the frame shows it"
        onClick={take}
        {...held}
        className={`flex w-full gap-3 px-2 py-2.5 text-left select-none [-webkit-touch-callout:none] hover:bg-chosen ${current ? 'bg-chosen' : ''}`}
      >
        <GlassPicture glass={glass} littles={littles} />
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
      {lastJoined && <p className="px-2 pb-1.5 text-sm text-quiet">{BALANCE_TEXT.goodEachOtherDown}</p>}
    </li>
  );
}
