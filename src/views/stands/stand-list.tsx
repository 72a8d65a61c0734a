import { useVirtualizer } from '@tanstack/react-virtual';
import {
  type KeyboardEvent,
  type RefObject,
  useDeferredValue,
  useEffect,
  useMemo,
  useRef,
  useState,
} from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { useStore } from 'zustand';
import { glanceOf, newestFirst, note, type StandSummary } from '@/store';
import { standSearchText, STANDS_TEXT } from '@/words';
import { answersByWords } from '@/ui/word-search';
import { ListTools } from '../shared/list-tools';
import { useListTools } from '../shared/use-list-tools';
import { useBag, useWorkspace } from '../shared/workspace-context';
import { FailedRow } from './broken-stands';
import { ChosenStands } from './chosen-stands';
import { StandRow } from './stand-row';
import { type Choosing, useChoosing } from './use-choosing';

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
  const { glances } = useWorkspace();
  const archived = stands.filter((s) => s.document.stand.archived).length;
  const bag = useBag();
  // what was worked out of a stand is looked through too, while something is being looked for
  const found = useStore(glances.state, (s) => (wanted ? s : null));
  const shown = useMemo(() => {
    const text = (s: StandSummary) =>
      standSearchText(s.document.stand, bag, (found && glanceOf(found, s, bag)?.line) ?? '');
    return stands
      .filter((s) => !!s.document.stand.archived === showsArchive)
      .filter((s) => !wanted || answersByWords(text(s), wanted))
      .sort(BY[order]);
  }, [stands, wanted, order, showsArchive, bag, found]);
  const choosing = useChoosing(shown);
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
      <ChosenStands {...choosing} shown={shown} isArchive={showsArchive} />
      {shown.length ? (
        <Rows
          label={showsArchive ? 'Archived stands' : 'Stands'}
          shown={ready}
          scroller={scroller}
          chosen={choosing.chosen}
          onChoose={choosing.choose}
        />
      ) : (
        <p role="status" className="border-t border-rule pt-4 text-quiet">
          {wanted ? `No stand here answers to “${wanted}”.` : STANDS_TEXT.everyStandArchive}
        </p>
      )}
    </>
  );
}

/** Height of a row before it is measured, px. */
const ROW_PX = 98;
/** Rows made ready beyond those in sight, each way. */
const AHEAD = 4;

interface RowsProps extends Pick<Choosing, 'chosen'> {
  label: string;
  onChoose: Choosing['choose'];
  shown: readonly StandSummary[];
  scroller: Scroller;
}

/** The rows that are in sight, and the room of the others. */
function Rows({ label, shown, scroller, chosen, onChoose }: RowsProps) {
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
      onKeyDown={moveAlong}
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
              chosen={chosen && chosen.has(summary.id)}
              onChoose={onChoose}
            />
          </ErrorBoundary>
        );
      })}
    </ul>
  );
}

/** Arrows move from one stand to the next, as far as rows are made ready. */
function moveAlong(e: KeyboardEvent<HTMLUListElement>): void {
  const way = { ArrowDown: 1, ArrowUp: -1 }[e.key];
  const row = (e.target as HTMLElement).closest<HTMLElement>('li');
  if (!way || !row || !(e.target as HTMLElement).matches('a')) return;
  const next = Number(row.dataset.index) + way;
  const link = e.currentTarget.querySelector<HTMLElement>(`li[data-index="${next}"] a`);
  if (!link) return;
  e.preventDefault();
  link.focus();
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
