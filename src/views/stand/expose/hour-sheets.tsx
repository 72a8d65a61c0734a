import { useEffect, useState } from 'react';
import { fitFor, type Solution } from '@/model';
import { type ComingHour, type ComingMoment, standAt } from '@/model/expose';
import { Button } from '@/ui/button';
import { clockText, fitNowText, glassNamed, sheetTurnText, EXPOSE_TEXT } from '@/words';
import { useWorkspace } from '../../shared/workspace-context';
import { useDerived, useEdit, useStand, useStandBag } from '../session';

/** Moments of the hour that are solved for: a quarter of an hour apart, minutes. */
const SOLVED = [15, 30, 45, 60];

interface Ahead {
  readonly moment: ComingMoment;
  readonly solution: Solution;
}

/** What the search would fit at a few moments of the hour; worked out one after another, beside the screen. */
function useSheetsAhead(hour: ComingHour): readonly Ahead[] {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const { clients } = useWorkspace();
  const [ahead, setAhead] = useState<readonly Ahead[]>([]);
  const hasBoth = derived.spanStops !== null;
  useEffect(() => {
    if (!hasBoth) return;
    const client = clients.solve();
    let isOver = false;
    const run = async () => {
      const found: Ahead[] = [];
      for (const moment of hour.moments.filter((m) => SOLVED.includes(m.minutes) && m.spanStops !== null)) {
        const result = await client.request({ stand: standAt(stand, derived, hour, moment), bag });
        if (isOver || result.type !== 'done') return;
        found.push({ moment, solution: result.output });
        setAhead([...found]);
      }
    };
    void run();
    return () => {
      isOver = true;
      client.dispose();
    };
  }, [hour, stand, bag, derived, hasBoth, clients]);
  return hasBoth ? ahead : [];
}

const adviceOf = ({ result }: Solution) => (result?.ok ? result.balance.advice : null);

/** From when on another sheet is right, and a way to fit it now. */
export function HourSheets({ hour }: { hour: ComingHour }) {
  const bag = useStandBag();
  const plan = useDerived((d) => d.plan);
  const edit = useEdit();
  const ahead = useSheetsAhead(hour);
  const now = plan?.filterIds.join(' ') ?? '';
  const turns = ahead.flatMap(({ moment, solution }, i) => {
    const advice = adviceOf(solution);
    const ids = advice?.set.map((s) => s.id) ?? [];
    const before =
      i === 0
        ? now
        : (adviceOf(ahead[i - 1]!.solution)
            ?.set.map((s) => s.id)
            .join(' ') ?? now);
    return advice && ids.join(' ') !== before ? [{ moment, ids, seat: advice.seat }] : [];
  });
  if (!plan) return null;
  if (!turns.length)
    return ahead.length ? (
      <p className="text-sm text-quiet">
        {EXPOSE_TEXT.staysRightLongLooked(glassNamed(bag, plan.filterIds))}
      </p>
    ) : null;
  return (
    <ul aria-label="Sheets of the hour" className="border-t border-rule">
      {turns.map(({ moment, ids, seat }) => {
        const at = new Date(moment.atMs).toISOString();
        return (
          <li key={moment.atMs} className="flex items-center gap-3 border-b border-rule py-1.5">
            <span className="min-w-0 flex-1">{sheetTurnText(moment.atMs, glassNamed(bag, ids))}</span>
            <Button
              onClick={() =>
                edit((s) =>
                  fitFor(
                    s,
                    {
                      filterIds: ids,
                      offsetMm: seat?.offsetMm ?? 0,
                      turnDeg: seat?.turnDeg ?? 0,
                      follows: true,
                    },
                    at,
                  ),
                )
              }
            >
              {fitNowText(clockText(at))}
            </Button>
          </li>
        );
      })}
    </ul>
  );
}
