import { useEffect, useRef, useState } from 'react';
import { bagAtLens, bagForStand, type StockAdvice, seenStand } from '@/model';
import { Button } from '@/ui/button';
import { fitFigure, filterKindText, LEDGER_TEXT } from '@/words';
import { useBag, useWorkspace, useWorkspaceState } from '../shared/workspace-context';

/** A sheet that is not owned, and what it would have done over all stands. */
interface Wanted {
  readonly text: string;
  readonly stands: number;
  readonly betterByStops: number;
}

interface Reckoned {
  readonly done: number;
  readonly of: number;
  readonly wanted: readonly Wanted[];
}

/** What to buy next, reckoned from one's own misses: the search with a sheet that is not owned, over all stands that are kept. */
export function ToBuy() {
  const { clients } = useWorkspace();
  const stands = useWorkspaceState((s) => s.stands);
  const bag = useBag();
  const [reckoned, setReckoned] = useState<Reckoned | null>(null);
  const stop = useRef<() => void>(() => undefined);
  useEffect(() => () => stop.current(), []);
  const reckon = async () => {
    const client = clients.study();
    let isOn = true;
    stop.current = () => {
      isOn = false;
      client.dispose();
    };
    const found: StockAdvice[] = [];
    const asked = stands.filter((s) => !s.document.stand.archived);
    for (const [i, { document }] of asked.entries()) {
      const own = bagAtLens(document.stand, bagForStand(document, bag));
      const result = await client.request({ stand: seenStand(document.stand, own), bag: own });
      if (!isOn) return;
      if (result.type === 'done' && result.output.stock) found.push(result.output.stock);
      setReckoned({ done: i + 1, of: asked.length, wanted: together(found) });
    }
    client.dispose();
  };
  const isWorking = reckoned !== null && reckoned.done < reckoned.of;
  return (
    <section aria-labelledby="to-buy" className="space-y-3">
      <h2 id="to-buy" className="text-lg font-semibold">
        What to buy next
      </h2>
      <p className="max-w-xl text-quiet">{LEDGER_TEXT.eachStandSearchedAgain}</p>
      {reckoned && reckoned.done === reckoned.of && !reckoned.wanted.length && (
        <p role="status">{LEDGER_TEXT.nothingNoneStandsWould(reckoned.of)}</p>
      )}
      {reckoned && reckoned.wanted.length > 0 && (
        <ol className="border-t border-rule">
          {reckoned.wanted.slice(0, 5).map(({ text, stands: count, betterByStops }) => (
            <li key={text} className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-2">
              <span className="font-semibold">{text}</span>
              <span className="text-quiet">
                {LEDGER_TEXT.betterStopsEach(count, reckoned.of, fitFigure(betterByStops / count))}
              </span>
            </li>
          ))}
        </ol>
      )}
      {isWorking ? (
        <p role="status" className="text-quiet">
          {reckoned.done} of {reckoned.of} stands…
        </p>
      ) : (
        <Button onClick={() => void reckon()}>{reckoned ? 'Reckon again' : 'Reckon it'}</Button>
      )}
    </section>
  );
}

/** What would have served in how many stands, what would have served most in front. */
function together(found: readonly StockAdvice[]): Wanted[] {
  const by = new Map<string, Wanted>();
  for (const { sheet, betterByStops } of found) {
    const text = filterKindText(sheet);
    const was = by.get(text) ?? { text, stands: 0, betterByStops: 0 };
    by.set(text, { text, stands: was.stands + 1, betterByStops: was.betterByStops + betterByStops });
  }
  return [...by.values()].sort((a, b) => b.betterByStops - a.betterByStops);
}
