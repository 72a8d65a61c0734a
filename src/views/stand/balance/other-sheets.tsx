import { choose, type Glass, isSheet } from '@/model';
import { GlassSwatch } from '@/render';
import { Fold } from '@/ui/fold';
import { capital, glassName, levelText, sideNames, verdictText, BALANCE_TEXT } from '@/words';
import { useDerived, useEdit, useStand } from '../session';
import { useHeld } from './use-held';
import { useOtherSheets } from './use-other-sheets';

/** Every other sheet that is along: whatever the search says, any can be put on. */
export function OtherSheets({ glasses }: { glasses: readonly Glass[] }) {
  return <Fold summary="Any other sheet">{() => <List glasses={glasses} />}</Fold>;
}

function List({ glasses }: { glasses: readonly Glass[] }) {
  const others = useOtherSheets(glasses);
  if (!others.length) return <p className="pb-3 text-quiet">{BALANCE_TEXT.everySheetAlongStands}</p>;
  return (
    <ul aria-label="Other sheets" className="border-t border-rule">
      {others.map((glass) => (
        <Row key={glass.filterIds.join()} glass={glass} />
      ))}
    </ul>
  );
}

function Row({ glass }: { glass: Glass }) {
  const stand = useStand();
  const edit = useEdit();
  const held = useHeld(glass);
  const { balance } = useDerived();
  const { figures, filterIds, seat } = glass;
  const names = sideNames(stand);
  const verdict = balance && figures ? verdictText(figures, balance, names) : null;
  const level = balance && figures ? levelText(figures, names[balance.brighter]) : null;
  const take = () =>
    edit((s) =>
      choose(s, { filterIds, offsetMm: seat?.offsetMm ?? 0, turnDeg: seat?.turnDeg ?? 0, follows: true }),
    );
  return (
    <li className="border-b border-rule">
      <button
        type="button"
        aria-description="Held, the frame shows it"
        onClick={take}
        {...held}
        className="flex min-h-11 w-full items-center gap-3 px-2 py-1.5 text-left select-none [-webkit-touch-callout:none] hover:bg-chosen"
      >
        <GlassSwatch filters={glass.filters.filter(isSheet)} height={36} />
        <span className="min-w-0">
          <span className="block font-semibold">{glassName(glass.filters)}</span>
          <span className="block text-sm text-quiet">
            {[verdict && capital(verdict), level].filter(Boolean).join('; ')}
          </span>
        </span>
      </button>
    </li>
  );
}
