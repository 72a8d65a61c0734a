import { type Balance } from '@/model';
import { filterOrBracketText, sideNames } from '@/words';
import { useAnswer, useDerived, useStand } from '../session';

/** A fair sentence on whether glass or several frames serve better here, with what moves. */
export function FilterOrBracket({ balance }: { balance: Balance }) {
  const stand = useStand();
  const { plan } = useDerived();
  const frames = useAnswer((a) => a.study?.looks.find((l) => l.frames !== null)?.frames ?? null);
  const text = plan && filterOrBracketText({ stand, plan, balance, frames, names: sideNames(stand) });
  if (!text) return null;
  return (
    <p>
      <span className="font-semibold">Filter or bracket?</span> {text}
    </p>
  );
}
