import { useDeferredValue, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { type LedgerEntry } from '@/model/ledger';
import { Button } from '@/ui/button';
import { answersByWords } from '@/ui/word-search';
import { SearchField } from '@/ui/search-field';
import {
  exposureText,
  momentText,
  seenText,
  stopsFigure,
  takeGlassText,
  takeSettingsText,
  VERDICT_NAMES,
} from '@/words';
import { standKey } from '../shared/stand-path';
import { useBag, useWorkspace } from '../shared/workspace-context';

const ORDERS = {
  time: {
    text: 'When',
    by: (a: LedgerEntry, b: LedgerEntry) => Date.parse(b.take.takenAt) - Date.parse(a.take.takenAt),
  },
  stand: {
    text: 'Stand',
    by: (a: LedgerEntry, b: LedgerEntry) =>
      a.standName.localeCompare(b.standName, 'en-GB', { numeric: true }) || a.number - b.number,
  },
  seconds: {
    text: 'Exposure',
    by: (a: LedgerEntry, b: LedgerEntry) => b.take.exposure.seconds - a.take.exposure.seconds,
  },
  span: { text: 'Span', by: (a: LedgerEntry, b: LedgerEntry) => (b.spanStops ?? -99) - (a.spanStops ?? -99) },
} as const;
type Order = keyof typeof ORDERS;

/** Rows that are shown at once; the rest is asked for. */
const PAGE = 100;

/** Every shot, sorted and narrowed down. */
export function LedgerTable({ entries }: { entries: readonly LedgerEntry[] }) {
  const bag = useBag();
  const [order, setOrder] = useState<Order>('time');
  const [wanted, setWanted] = useState('');
  const [pages, setPages] = useState(1);
  const asked = useDeferredValue(wanted);
  const shown = useMemo(() => {
    const text = (e: LedgerEntry) =>
      [
        e.standName,
        takeGlassText(e.take, bag),
        takeSettingsText(e.take),
        e.take.verdict && VERDICT_NAMES[e.take.verdict],
        e.take.note,
        ...e.seen.map(seenText),
      ].join(' ');
    return entries.filter((e) => !asked || answersByWords(text(e), asked)).toSorted(ORDERS[order].by);
  }, [entries, bag, asked, order]);
  return (
    <section aria-labelledby="shots" className="space-y-3">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 id="shots" className="text-lg font-semibold">
          {entries.length} {entries.length === 1 ? 'shot' : 'shots'}
        </h2>
        <SearchField label="Search shots" value={wanted} onValue={setWanted} />
      </div>
      <div className="overflow-x-auto">
        <table className="w-full min-w-[680px] text-left text-sm">
          <Heads order={order} onOrder={setOrder} />
          <tbody>
            {shown.slice(0, pages * PAGE).map((e) => (
              <Row key={`${e.standId} ${e.take.id}`} entry={e} />
            ))}
          </tbody>
        </table>
      </div>
      {shown.length === 0 && (
        <p role="status" className="text-quiet">
          No shot answers to “{asked}”.
        </p>
      )}
      {shown.length > pages * PAGE && (
        <Button onClick={() => setPages(pages + 1)}>{shown.length - pages * PAGE} more</Button>
      )}
    </section>
  );
}

/** The heads of the columns: by some of them the shots can be sorted. */
function Heads({ order, onOrder }: { order: Order; onOrder: (order: Order) => void }) {
  return (
    <thead>
      <tr className="border-b border-ink">
        {(['time', 'stand', 'seconds', 'span'] as const).map((key) => (
          <th key={key} scope="col" aria-sort={order === key ? 'descending' : 'none'} className="font-normal">
            <button
              type="button"
              className={`min-h-11 pr-3 ${order === key ? 'font-semibold underline underline-offset-4' : 'text-quiet'}`}
              onClick={() => onOrder(key)}
            >
              {ORDERS[key].text}
            </button>
          </th>
        ))}
        <th scope="col" className="pr-3 font-normal text-quiet">
          Glass
        </th>
        <th scope="col" className="font-normal text-quiet">
          What it showed
        </th>
      </tr>
    </thead>
  );
}

function Row({ entry }: { entry: LedgerEntry }) {
  const { base } = useWorkspace();
  const bag = useBag();
  const { take, seen, spanStops } = entry;
  return (
    <tr className="border-b border-rule align-top">
      <td className="py-2 pr-3 whitespace-nowrap">{momentText(take.takenAt)}</td>
      <td className="py-2 pr-3">
        <Link to={`${base}/stands/${standKey(entry.standId)}`} className="underline underline-offset-4">
          {entry.standName || 'without a name'}
        </Link>
        , {entry.number}
      </td>
      <td className="py-2 pr-3 whitespace-nowrap">
        <span className="font-mono">{exposureText(take.exposure.seconds)}</span>
        <span className="block text-quiet">
          f/{take.exposure.aperture}, ISO {take.exposure.iso}
        </span>
      </td>
      <td className="py-2 pr-3 font-mono">{spanStops === null ? '' : stopsFigure(spanStops)}</td>
      <td className="py-2 pr-3">{takeGlassText(take, bag)}</td>
      <td className="py-2">
        {take.verdict && <span className="font-semibold">{VERDICT_NAMES[take.verdict]}. </span>}
        {seen.map(seenText).join('; ')}
        {take.note && <span className="block text-quiet">{take.note}</span>}
      </td>
    </tr>
  );
}
