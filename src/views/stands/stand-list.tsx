import { useVirtualizer } from '@tanstack/react-virtual';
import { type RefObject, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { newestFirst, note, type StandSummary } from '@/store';
import { ListTools } from '../shared/list-tools';
import { answersTo, useListTools } from '../shared/use-list-tools';
import { useBag, useWorkspace } from '../workspace/workspace-context';
import { FailedRow } from './broken-stands';
import { StandRow } from './stand-row';

const ORDERS = [
  ['changed', 'last changed first'],
  ['made', 'newest first'],
  ['name', 'by name'],
] as const;
type Order = (typeof ORDERS)[number][0];

const BY: Record<Order, (a: StandSummary, b: StandSummary) => number> = {
  changed: newestFirst,
  made: (a, b) => Date.parse(b.document.stand.createdAt) - Date.parse(a.document.stand.createdAt),
  name: (a, b) => a.document.stand.name.localeCompare(b.document.stand.name, 'en-GB', { numeric: true }),
};

const NONE: readonly StandSummary[] = [];

/** What the list scrolls in. */
type Scroller = RefObject<HTMLElement | null>;

/** The stands, narrowed down and in order. */
export function StandList({ stands, scroller }: { stands: readonly StandSummary[]; scroller: Scroller }) {
  const tools = useListTools<Order>('changed');
  const { wanted, order, showsArchive } = tools;
  const archived = stands.filter((s) => s.document.stand.archived).length;
  const shown = useMemo(() => {
    const text = ({ document: { stand } }: StandSummary) =>
      `${stand.name} ${stand.notes ?? ''} ${stand.lens.focalLengthMm} mm`;
    return stands
      .filter((s) => !!s.document.stand.archived === showsArchive)
      .filter((s) => !wanted || answersTo(text(s), wanted))
      .sort(BY[order]);
  }, [stands, wanted, order, showsArchive]);
  // rows are dear to make: they give way to whatever else the page has to do
  const ready = useDeferredValue(shown, NONE);
  return (
    <>
      <ListTools
        {...tools}
        searchLabel="Search stands"
        orders={ORDERS}
        count={stands.length}
        archivedCount={archived}
      />
      {shown.length ? (
        <Rows label={showsArchive ? 'Archived stands' : 'Stands'} shown={ready} scroller={scroller} />
      ) : (
        <p role="status" className="border-t border-rule pt-4 text-quiet">
          {wanted ? `No stand here answers to “${wanted}”.` : 'Every stand is in the archive.'}
        </p>
      )}
    </>
  );
}

/** Height of a row before it is measured, px. */
const ROW_PX = 98;
/** Rows made ready beyond those in sight, each way. */
const AHEAD = 4;

interface RowsProps {
  label: string;
  shown: readonly StandSummary[];
  scroller: Scroller;
}

/** The rows that are in sight, and the room of the others. */
function Rows({ label, shown, scroller }: RowsProps) {
  const list = useRef<HTMLUListElement>(null);
  const above = useAbove(list, scroller);
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing here is compiled for memory
  const virtualizer = useVirtualizer({
    count: shown.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    getItemKey: (index) => shown[index]!.id,
    overscan: AHEAD,
    scrollMargin: above,
    useFlushSync: false,
  });
  const rows = virtualizer.getVirtualItems();
  const [first, last] = [rows[0], rows.at(-1)];
  useGlances(shown, first?.index ?? 0);
  return (
    <ul
      ref={list}
      aria-label={label}
      className="border-t border-rule"
      style={{
        paddingTop: first ? first.start - above : 0,
        paddingBottom: last ? virtualizer.getTotalSize() - (last.end - above) : 0,
      }}
    >
      {rows.map(({ index }) => {
        const summary = shown[index]!;
        return (
          <ErrorBoundary
            key={summary.id}
            fallback={<FailedRow id={summary.id} name={summary.document.stand.name} />}
            onError={note}
          >
            <StandRow
              summary={summary}
              index={index}
              count={shown.length}
              measure={virtualizer.measureElement}
            />
          </ErrorBoundary>
        );
      })}
    </ul>
  );
}

/** What stands above a list in what it scrolls in, px. */
function useAbove(list: RefObject<HTMLElement | null>, scroller: Scroller): number {
  const [above, setAbove] = useState(0);
  useEffect(() => {
    const [rows, outer] = [list.current, scroller.current];
    if (!rows?.parentElement || !outer) return;
    const look = () =>
      setAbove(rows.getBoundingClientRect().top - outer.getBoundingClientRect().top + outer.scrollTop);
    // what stands above cannot change without the whole
    const observer = new ResizeObserver(look);
    observer.observe(rows.parentElement);
    return () => observer.disconnect();
  }, [list, scroller]);
  return above;
}

/** Has the stands glanced at for as long as they are shown: those in sight first, then those below, then those above. */
function useGlances(shown: readonly StandSummary[], first: number): void {
  const { glances } = useWorkspace();
  const bag = useBag();
  useEffect(() => {
    glances.want([...shown.slice(first), ...shown.slice(0, first)], bag);
    return () => glances.rest();
  }, [glances, shown, first, bag]);
}
