import { CARDS_TEXT } from '@/words';
import { ChevronLeft } from 'lucide-react';
import { useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { layOut } from '@/render/card/lay-out';
import { type PageMarks } from '@/render/card/marks';
import { type PaperName } from '@/core/units';
import { cardSize, onSheets } from '@/render/card/on-sheets';
import { idOfKey, standKey } from '../shared/stand-path';
import { usePreferences, useWorkspace, useWorkspaceState } from '../shared/workspace-context';
import { PaperPages } from './paper-pages';
import { useCardType } from './use-card-type';
import { type Cards, useCards } from './use-cards';

/** Cards of one stand or of several: looked at, printed, and saved. */
export function CardsPage() {
  const { base } = useWorkspace();
  const [search] = useSearchParams();
  const all = useWorkspaceState((s) => s.stands);
  const isLoading = useWorkspaceState((s) => s.phase === 'loading');
  const of = search.getAll('of').join(' ');
  const stands = useMemo(
    () => of.split(' ').flatMap((key) => all.find((s) => s.id === idOfKey(key)) ?? []),
    [of, all],
  );
  const cards = useCards(stands);
  const paper = usePreferences((p) => p.paper);
  const isFour = usePreferences((p) => p.fourToPage);
  const pages = usePages(cards, paper, isFour);
  const [only] = stands;
  const title = stands.length === 1 && only ? only.document.stand.name || 'Card' : `${stands.length} cards`;
  const back = stands.length === 1 && only ? `${base}/stands/${standKey(only.id)}` : `${base}/stands`;
  if (!stands.length)
    return isLoading ? null : (
      <div className="mx-auto max-w-xl space-y-4 px-4 py-8">
        <title>Cards · Pale Seam</title>
        <h1 className="text-2xl font-semibold">{CARDS_TEXT.noStandMakeCard}</h1>
        <p className="text-quiet">{CARDS_TEXT.chooseAmongStandsCard}</p>
        <Link className={LINK} to={`${base}/stands`}>
          To the stands
        </Link>
      </div>
    );
  const missing = cards.filter((card) => card === null).length;
  return (
    <div className="relative h-full overflow-y-auto">
      <title>{`${title} · Pale Seam`}</title>
      <div className="mx-auto max-w-5xl space-y-5 px-4 py-5 desk:px-8">
        <header className="flex items-center gap-1">
          <Link
            to={back}
            aria-label={stands.length === 1 ? 'Back to the stand' : 'All stands'}
            className="-ml-3 inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-chosen"
          >
            <ChevronLeft size={22} aria-hidden />
          </Link>
          <h1 className="min-w-0 truncate text-2xl font-semibold">
            {stands.length === 1 ? `Card of ${title}` : title}
          </h1>
        </header>
        <PaperPages pages={pages} title={title} count={stands.length}>
          {missing > 0 && (
            <p role="alert" className="text-fault">
              {missing === 1 ? 'One card' : `${missing} cards`} {CARDS_TEXT.couldNotWorkedOut}
            </p>
          )}
        </PaperPages>
      </div>
    </div>
  );
}

const LINK = 'inline-flex min-h-11 items-center rounded-md border border-edge px-3.5 hover:bg-chosen';

/** The cards on their paper; null until all of them are worked out and the type is there. */
function usePages(cards: Cards, paper: PaperName, isFour: boolean): readonly PageMarks[] | null {
  const measure = useCardType();
  return useMemo(() => {
    if (!measure || !cards.length || cards.includes(undefined)) return null;
    const size = cardSize(paper, isFour);
    const laid = cards.flatMap((card) => (card ? [layOut(card, size, measure)] : []));
    return laid.length ? onSheets(laid, paper, isFour) : null;
  }, [measure, cards, paper, isFour]);
}
